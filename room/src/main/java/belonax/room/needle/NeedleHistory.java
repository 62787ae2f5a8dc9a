package belonax.room.needle;

import belonax.life.FitCheck;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.room.event.Event;
import belonax.room.event.StoredEvent;
import java.time.Instant;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What the events of one needle come to, added one after another. */
final class NeedleHistory {
    NeedleState state = NeedleState.UNKNOWN;
    String keptAt = "";
    String missing = "";
    boolean waits;

    @Nullable
    String machineId;

    @Nullable
    Sign lastSign;

    boolean struck;
    boolean failed;
    double effectiveHours;
    double minutes;
    double minutesSinceIn;
    Set<FitCheck> checkedSinceIn = EnumSet.noneOf(FitCheck.class);
    int projects;
    int bigProjects;

    @Nullable
    Instant firstAt;

    @Nullable
    Instant lastAt;

    private final Map<Wear, Double> byWear = new EnumMap<>(Wear.class);

    /** Adds up events in their order. */
    static NeedleHistory through(List<StoredEvent> inOrder) {
        NeedleHistory all = new NeedleHistory();
        inOrder.forEach(all::add);
        return all;
    }

    /** Returns the work that cost it most. */
    @Nullable
    Wear mainWear() {
        return byWear.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
    }

    private void add(StoredEvent stored) {
        machineId = stored.machineId().orElse(machineId);
        firstAt = firstAt == null ? stored.at() : firstAt;
        lastAt = stored.at();
        move(stored.event());
    }

    private void move(Event event) {
        if (event instanceof Event.NeedleIn) {
            state = NeedleState.IN_MACHINE;
            minutesSinceIn = 0;
            checkedSinceIn.clear();
        } else if (event instanceof Event.NeedleOut) {
            state = state == NeedleState.BROKEN ? state : NeedleState.LOOSE;
        } else if (event instanceof Event.Parked parked) {
            state = NeedleState.PARKED;
            keptAt = parked.where();
        } else if (event instanceof Event.Jarred jarred) {
            state = NeedleState.JARRED;
            failed = failed || jarred.failed();
        } else if (event instanceof Event.PutBack) {
            state = NeedleState.PUT_BACK;
        } else if (event instanceof Event.Broke broke) {
            state = NeedleState.BROKEN;
            failed = true;
            missing = broke.missing();
        } else if (event instanceof Event.PiecesFound) {
            missing = "";
            waits = false;
        } else if (event instanceof Event.SilentTurn) {
            waits = true;
        } else {
            wear(event);
        }
    }

    private void wear(Event event) {
        if (event instanceof Event.Sewn sewn) {
            effectiveHours += sewn.effectiveHours();
            minutes += sewn.minutes();
            minutesSinceIn += sewn.minutes();
            byWear.merge(sewn.wear(), sewn.effectiveHours(), Double::sum);
        } else if (event instanceof Event.Struck) {
            struck = true;
        } else if (event instanceof Event.Noticed noticed) {
            lastSign = noticed.sign();
        } else if (event instanceof Event.Explained) {
            lastSign = null;
        } else if (event instanceof Event.FitChecked checked) {
            checkedSinceIn.add(checked.check());
        } else if (event instanceof Event.Project) {
            projects++;
        } else if (event instanceof Event.BigProject) {
            projects++;
            bigProjects++;
        }
    }
}
