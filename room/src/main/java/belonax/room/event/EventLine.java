package belonax.room.event;

import belonax.life.Wear;
import belonax.thread.Build;
import belonax.thread.Fibre;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Everything that is kept of an event, as an archive holds it. */
public record EventLine(
        UUID action,
        Instant at,
        EventKind kind,
        @Nullable String machine,
        @Nullable Integer place,
        @Nullable UUID needle,
        @Nullable Double effectiveHours,
        @Nullable Double tex,
        @Nullable Fibre fibre,
        @Nullable Build build,
        @Nullable Double dial,
        @Nullable UUID undoes,
        @Nullable Double minutes,
        @Nullable Wear wear,
        @Nullable String note,
        @Nullable Instant until,
        @Nullable SetupKept setup) {}
