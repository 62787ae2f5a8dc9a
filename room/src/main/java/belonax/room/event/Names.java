package belonax.room.event;

import java.util.UUID;

/** What things that events name are called in running text. */
public interface Names {
    /** Returns a machine's name; empty when it is not known any more. */
    String machine(String machineId);

    /** Returns a needle's type and size; "needle" when it is not known any more. */
    String needle(UUID needleId);
}
