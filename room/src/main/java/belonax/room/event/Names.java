package belonax.room.event;

import java.util.Collection;
import java.util.Map;
import java.util.UUID;

/** What things that events name are called in running text. */
public interface Names {
    /** Returns the names of all machines that ever were, by their short names. */
    Map<String, String> machines();

    /** Returns type and size of needles; those that are not known any more are left out. */
    Map<UUID, String> needles(Collection<UUID> ids);
}
