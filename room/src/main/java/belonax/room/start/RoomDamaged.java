package belonax.room.start;

/** The database opens and is not what it was: it is left as it is, and the room is not started. */
public final class RoomDamaged extends RuntimeException {
    RoomDamaged(String sentence) {
        super(sentence);
    }
}
