package belonax.alone;

import belonax.room.RoomProperties;
import belonax.room.usecase.DiskSpace;

/** A disk that can be filled; empty until it is. */
public final class SmallDisk extends DiskSpace {
    private volatile long free = Long.MAX_VALUE;

    SmallDisk(RoomProperties properties) {
        super(properties);
    }

    /** Leaves so many bytes free. */
    public void leave(long bytes) {
        free = bytes;
    }

    public void empty() {
        leave(Long.MAX_VALUE);
    }

    @Override
    protected long free() {
        return free;
    }
}
