package belonax.room.usecase;

import belonax.BadInput;
import belonax.room.RoomProperties;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.springframework.stereotype.Component;

/**
 * Keeps a reserve on the disk: below it nothing is written any more, so that the database never meets a full disk, reading goes on,
 * and writing by itself once there is room again.
 */
@Component
public class DiskSpace {
    /** What stays free, in bytes: more than one press, its log and the database's own tidying take. */
    public static final long RESERVE_BYTES = 24L << 20;

    private static final double MEBI = 1 << 20;

    private final Path home;

    public DiskSpace(RoomProperties properties) {
        this.home = properties.home();
    }

    /** Returns what is free where the room is kept, in bytes. */
    protected long free() {
        return free(home);
    }

    /** Returns what is free where a folder lies, in bytes. */
    public static long free(Path folder) {
        try {
            return Files.getFileStore(folder).getUsableSpace();
        } catch (IOException e) {
            return Long.MAX_VALUE; // Not known here; whoever writes will see.
        }
    }

    /**
     * Refuses to write where little is left.
     *
     * @throws BadInput telling how much is free and what to do
     */
    public void check() {
        long free = free();
        BadInput.unless(
                free >= RESERVE_BYTES,
                "disk",
                () -> String.format(
                        Locale.ROOT,
                        "The disk is full: %.0f MB are free where Belonax keeps its data. Nothing was written; make room, then press again.",
                        free / MEBI));
    }
}
