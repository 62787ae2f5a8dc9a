package belonax.room.event;

import java.util.List;

/** Something that is worked out from events and kept beside them; it is told when an action is taken back. */
public interface Consequence {
    /** Holds what the events were about, so that nothing else changes it until this is done. */
    default void hold(List<StoredEvent> events) {}

    /** Works out anew what is true without these events, which were taken back just now. */
    void takenBack(List<StoredEvent> events);
}
