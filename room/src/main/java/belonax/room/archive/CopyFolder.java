package belonax.room.archive;

import belonax.BadInput;
import belonax.room.AtomicFile;
import belonax.room.CraftJson;
import belonax.room.archive.Copy.Holds;
import belonax.room.archive.WholeRoom.Content;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.springframework.util.FileSystemUtils;

/**
 * The folder of the copies in a data folder; it is read without a database, since it is asked for when that does not open. A copy is a
 * folder of its own: its document, what is told of it, and its pictures and manuals, which are the very files of the room as long as
 * these do not change, so that they take their room on the disk once.
 */
public final class CopyFolder {
    static final String FOLDER = "copies";
    static final String DOCUMENT = "belonax.json.gz";
    private static final String TOLD = "copy.json";
    private static final String EVENTS = "events";
    private static final Pattern NAME = Pattern.compile("[0-9]{8}-[0-9]{6}-[0-9]{3}-[a-z-]{1,30}[0-9]{0,4}");

    private final Path home;
    private final Path folder;

    public CopyFolder(Path home) {
        this.home = home;
        this.folder = home.resolve(FOLDER);
    }

    /** Returns the copies that are whole, the newest first. */
    public List<Copy> all() {
        List<Copy> all = new ArrayList<>();
        for (Path path : listed(folder)) {
            told(path).ifPresent(all::add);
        }
        all.sort(Comparator.comparing(Copy::madeAt).thenComparing(Copy::name).reversed());
        return all;
    }

    /**
     * Returns a copy.
     *
     * @throws BadInput if there is none of this name
     */
    public Copy get(String name) {
        return all().stream()
                .filter(copy -> copy.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new BadInput("copy", "There is no such copy any more. Choose another one."));
    }

    /**
     * Opens a copy to see whether it is whole.
     *
     * @throws BadInput if there is no such copy, or it is damaged
     */
    public Copy open(String name) {
        Copy copy = get(name);
        opened(of(copy), copy.holds());
        return copy;
    }

    /** A copy that does not open is none. */
    static Content opened(Path copy, Holds holds) {
        try (InputStream in =
                new GZIPInputStream(new BufferedInputStream(Files.newInputStream(copy.resolve(DOCUMENT))))) {
            Content content = RoomDocument.read(in.readAllBytes());
            BadInput.unless(
                    holds(content, copy).equals(holds),
                    "copy",
                    () -> "That copy lacks something that was in it when it was made. Go back to another one.");
            return content;
        } catch (IOException e) {
            throw new BadInput("copy", "That copy is damaged and does not open. Go back to another one.");
        }
    }

    static Holds holds(Content content, Path files) throws IOException {
        return new Holds(
                (int) content.room().machines().stream()
                        .filter(machineLine -> !machineLine.removed())
                        .count(),
                content.room().needles().size(),
                content.room().events().size(),
                (int) content.drawer().stream()
                        .filter(cardLine -> !cardLine.isRemoved())
                        .count(),
                ArchiveFile.files(files.resolve(ArchiveFile.FOLDERS.get(0))).size(),
                ArchiveFile.files(files.resolve(ArchiveFile.FOLDERS.get(1))).size());
    }

    /** Returns how many events were in the room when the last copy was made or gone back to; nothing before the first. */
    public Optional<Integer> eventsAtLeast() {
        try {
            Path file = folder.resolve(EVENTS);
            return Files.exists(file)
                    ? Optional.of(Integer.valueOf(Files.readString(file).strip()))
                    : Optional.empty();
        } catch (IOException | NumberFormatException e) {
            return Optional.empty();
        }
    }

    void eventsAtLeast(int count) {
        AtomicFile.write(folder.resolve(EVENTS), String.valueOf(count).getBytes(StandardCharsets.US_ASCII));
    }

    /** Puts a folder in place that holds a whole copy. */
    void add(Path made, Copy copy) throws IOException {
        CraftJson.mapper().writeValue(made.resolve(TOLD).toFile(), copy);
        Files.move(made, folder.resolve(copy.name()));
    }

    /** Returns a name that no copy has yet. */
    String free(String name) {
        String free = name;
        for (int i = 2; Files.exists(folder.resolve(free)); i++) {
            free = name + i;
        }
        return free;
    }

    void remove(Copy copy) throws IOException {
        FileSystemUtils.deleteRecursively(folder.resolve(copy.name()));
    }

    /** Makes a folder beside the others that is no copy yet. */
    Path begin() throws IOException {
        Files.createDirectories(folder);
        return Files.createTempDirectory(folder, "making");
    }

    /** Takes away what was begun and never became whole. */
    void tidy() throws IOException {
        for (Path path : listed(folder)) {
            if (String.valueOf(path.getFileName()).startsWith("making")) {
                FileSystemUtils.deleteRecursively(path);
            }
        }
    }

    Path of(Copy copy) {
        return folder.resolve(copy.name());
    }

    /** Brings pictures and manuals from one folder to another. */
    static void link(Path from, Path to) throws IOException {
        for (String folder : ArchiveFile.FOLDERS) {
            Files.createDirectories(to.resolve(folder));
            for (Path file : ArchiveFile.files(from.resolve(folder))) {
                Path there = to.resolve(folder).resolve(String.valueOf(file.getFileName()));
                try {
                    Files.createLink(there, file);
                } catch (UnsupportedOperationException | FileSystemException noLinks) {
                    Files.copy(file, there);
                }
            }
        }
    }

    Path home() {
        return home;
    }

    private static Optional<Copy> told(Path copy) {
        String name = String.valueOf(copy.getFileName());
        Path told = copy.resolve(TOLD);
        if (!NAME.matcher(name).matches() || !Files.exists(told) || !Files.exists(copy.resolve(DOCUMENT))) {
            return Optional.empty();
        }
        try {
            return Optional.of(CraftJson.mapper().readValue(told.toFile(), Copy.class))
                    .filter(otherCopy -> otherCopy.name().equals(name));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static List<Path> listed(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(Files::isDirectory).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
