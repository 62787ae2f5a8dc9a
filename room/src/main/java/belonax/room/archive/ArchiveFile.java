package belonax.room.archive;

import belonax.BadInput;
import belonax.room.drawer.PictureStore;
import belonax.room.machine.ManualFiles;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * An archive as a zip file: {@code belonax.json}, and pictures and manuals as files beside it. Files go through one at a
 * time, so a room with thousands of photographs needs no more memory than one.
 */
final class ArchiveFile {
    static final String DOCUMENT = "belonax.json";
    static final int MAX_DOCUMENT_BYTES = 60 << 20;
    private static final int MAX_ENTRIES = 20_000;
    /** Where pictures and manuals lie, in this order. */
    static final List<String> FOLDERS = List.of(PictureStore.FOLDER, ManualFiles.FOLDER);

    private static final String NAME = "([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})";
    private static final Pattern PICTURE = Pattern.compile(PictureStore.FOLDER + "/" + NAME + "\\.jpg");
    private static final Pattern MANUAL = Pattern.compile(ManualFiles.FOLDER + "/" + NAME + "\\.pdf");

    private ArchiveFile() {}

    /** Writes what is in memory to a stream. */
    interface Document {
        void write(OutputStream out) throws IOException;
    }

    /** Writes a document, and the files that lie in a data folder. */
    static void write(OutputStream out, Document document, Path home) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        zip.putNextEntry(new ZipEntry(DOCUMENT));
        document.write(new FilterOutputStream(zip) {
            @Override
            public void write(byte[] bytes, int from, int count) throws IOException {
                zip.write(bytes, from, count);
            }

            @Override
            public void close() {
                // The zip goes on after the document.
            }
        });
        for (String folder : FOLDERS) {
            for (Path file : files(home.resolve(folder))) {
                String name = folder + "/" + file.getFileName();
                if (PICTURE.matcher(name).matches() || MANUAL.matcher(name).matches()) {
                    zip.putNextEntry(new ZipEntry(name));
                    Files.copy(file, zip);
                }
            }
        }
        zip.finish();
    }

    /**
     * Reads the document of an archive, and unfolds its files, each checked, into a folder.
     *
     * @throws BadInput if it is no zip, was cut short, or holds what Belonax does not write
     */
    static byte[] read(Path file, Path into, PictureStore pictures) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            BadInput.unless(zip.size() <= MAX_ENTRIES, "archive", () -> "That archive holds too many files.");
            ZipEntry document = zip.getEntry(DOCUMENT);
            BadInput.unless(
                    document != null,
                    "archive",
                    () -> "That file is no archive of Belonax. Choose the .zip file that Belonax wrote.");
            for (ZipEntry zipEntry : zip.stream().toList()) {
                unfold(zip, zipEntry, into, pictures);
            }
            return bytes(zip, document, MAX_DOCUMENT_BYTES);
        } catch (ZipException e) {
            throw new BadInput(
                    "archive", "That file was cut short or is damaged. Choose the whole .zip file that Belonax wrote.");
        }
    }

    private static void unfold(ZipFile zip, ZipEntry entry, Path into, PictureStore pictures) throws IOException {
        Matcher picture = PICTURE.matcher(entry.getName());
        Matcher manual = MANUAL.matcher(entry.getName());
        if (picture.matches()) {
            byte[] drawn =
                    pictures.read(bytes(zip, entry, PictureStore.MAX_BYTES)).jpeg();
            write(into.resolve(PictureStore.FOLDER), UUID.fromString(picture.group(1)) + ".jpg", drawn);
        } else if (manual.matches()) {
            byte[] pdf = bytes(zip, entry, ManualFiles.MAX_BYTES);
            write(into.resolve(ManualFiles.FOLDER), ManualFiles.named(pdf) + ".pdf", pdf);
        } else {
            BadInput.unless(
                    entry.getName().equals(DOCUMENT),
                    "archive",
                    () ->
                            "That archive holds a file that Belonax does not write. Choose the .zip as Belonax wrote it.");
        }
    }

    /** Never more than the most is unfolded, whatever the zip says of its size. */
    private static byte[] bytes(ZipFile zip, ZipEntry entry, int most) throws IOException {
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes(most + 1);
            BadInput.unless(
                    bytes.length <= most,
                    "archive",
                    () -> "Something in that archive is larger than Belonax writes it.");
            return bytes;
        }
    }

    static void write(Path folder, String name, byte[] bytes) throws IOException {
        Files.createDirectories(folder);
        Files.write(folder.resolve(name), bytes);
    }

    static List<Path> files(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(Files::isRegularFile).sorted().toList();
        }
    }

    /** Puts unfolded files in the place of those of a data folder, and returns where the older ones lie now. */
    static void swap(Path home, Path unfolded, Path older) throws IOException {
        for (String folder : FOLDERS) {
            move(home.resolve(folder), older.resolve(folder));
            move(unfolded.resolve(folder), home.resolve(folder));
        }
    }

    private static void move(Path from, Path to) throws IOException {
        if (Files.isDirectory(from)) {
            Files.createDirectories(to.getParent());
            Files.move(from, to);
        }
    }
}
