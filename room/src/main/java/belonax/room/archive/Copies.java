package belonax.room.archive;

import belonax.BadInput;
import belonax.room.RoomProperties;
import belonax.room.archive.Copy.Holds;
import belonax.room.archive.Copy.Why;
import belonax.room.archive.WholeRoom.Content;
import belonax.room.usecase.DiskSpace;
import belonax.room.usecase.RoomLock;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.util.FileSystemUtils;

/** Makes copies of the room by itself, each opened once to see that it is whole, and goes back to one. */
@Service
public class Copies {
    private static final Logger LOG = LoggerFactory.getLogger(Copies.class);
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS").withZone(ZoneOffset.UTC);

    private final WholeRoom room;
    private final RoomLock gate;
    private final DiskSpace disk;
    private final Clock clock;
    private final CopyFolder folder;
    private @Nullable String trouble;

    Copies(WholeRoom room, RoomLock gate, DiskSpace disk, Clock clock, RoomProperties properties) {
        this.room = room;
        this.gate = gate;
        this.disk = disk;
        this.clock = clock;
        this.folder = new CopyFolder(properties.home());
    }

    /** Returns the copies, the newest first. */
    public List<Copy> all() {
        return folder.all();
    }

    /** Returns why the last copy could not be made; nothing where it could. */
    public synchronized Optional<String> trouble() {
        return Optional.ofNullable(trouble);
    }

    /** Makes the copy of this day, unless there is one. What goes wrong is told in the settings and tried again. */
    public synchronized void daily() {
        LocalDate today = LocalDate.now(clock);
        boolean isMade = folder.all().stream()
                .filter(copy -> copy.why() == Why.DAILY)
                .anyMatch(copy ->
                        copy.madeAt().atZone(clock.getZone()).toLocalDate().equals(today));
        if (isMade) {
            return;
        }
        try {
            make(Why.DAILY);
            gate.alone(() -> {
                room.tidyPictures();
                return true;
            });
        } catch (RuntimeException e) {
            LOG.warn("The copy of the day could not be made: {}", e.getClass().getName());
            trouble = "Today's copy could not be made. "
                    + (e instanceof BadInput bad
                            ? bad.getMessage()
                            : "Download everything as one file and keep it elsewhere; the log in the data folder tells more.");
        }
    }

    /**
     * Makes a copy of the room as it is at one moment.
     *
     * @throws BadInput if the disk is full
     */
    public synchronized Copy make(Why why) {
        disk.check();
        try {
            folder.tidy();
            Path making = folder.begin();
            Copy copy;
            try {
                copy = written(why, making);
                folder.add(making, copy);
            } finally {
                FileSystemUtils.deleteRecursively(making);
            }
            folder.eventsAtLeast(copy.holds().events());
            trouble = null;
            for (Copy old : Keeping.goes(folder.all(), clock.instant(), clock.getZone())) {
                folder.remove(old);
            }
            return copy;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Puts the room of a copy in the place of what is there.
     *
     * @return the copy of what was there, by which going back is taken back
     * @throws BadInput if there is no such copy, or it is damaged
     */
    public Copy goBack(String name) {
        Copy copy = folder.get(name);
        return instead(Why.BEFORE_GOING_BACK, unfolded -> unfolded(copy, unfolded));
    }

    /** Puts the room of a copy into an empty one, where the database of before did not open. */
    public void goBackToEmpty(String name) {
        Copy copy = folder.get(name);
        put(unfolded -> unfolded(copy, unfolded), () -> copy);
    }

    /** Reads what comes instead, and unfolds its files into a folder. */
    interface Incoming {
        Content read(Path unfolded) throws IOException;
    }

    /** Makes a copy, then puts something else in the place of all there is; what will not do is refused before either. */
    Copy instead(Why why, Incoming incoming) {
        return put(incoming, () -> make(why));
    }

    private <T> T put(Incoming incoming, Supplier<T> before) {
        try {
            Files.createDirectories(folder.home());
            Path unfolded = Files.createTempDirectory(folder.home(), "incoming");
            try {
                Content content = incoming.read(unfolded);
                // Alone from the copy on: what another does in between would be in neither room.
                return gate.alone(() -> {
                    T first = before.get();
                    room.put(content, unfolded);
                    folder.eventsAtLeast(content.room().events().size());
                    return first;
                });
            } finally {
                FileSystemUtils.deleteRecursively(unfolded);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Content unfolded(Copy copy, Path unfolded) throws IOException {
        CopyFolder.link(folder.of(copy), unfolded);
        return CopyFolder.opened(folder.of(copy), copy.holds());
    }

    private Copy written(Why why, Path making) throws IOException {
        Content content = room.now();
        try (OutputStream out = new GZIPOutputStream(
                new BufferedOutputStream(Files.newOutputStream(making.resolve(CopyFolder.DOCUMENT))))) {
            WholeRoom.write(content, out);
        }
        CopyFolder.link(folder.home(), making);
        Holds holds = CopyFolder.holds(content, making);
        CopyFolder.opened(making, holds);
        String name = folder.free(STAMP.format(clock.instant()) + "-"
                + why.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        return new Copy(name, content.madeAt(), why, holds, bytes(making));
    }

    private static long bytes(Path copy) throws IOException {
        long all = Files.size(copy.resolve(CopyFolder.DOCUMENT));
        for (String folder : ArchiveFile.FOLDERS) {
            for (Path file : ArchiveFile.files(copy.resolve(folder))) {
                all += Files.size(file);
            }
        }
        return all;
    }
}
