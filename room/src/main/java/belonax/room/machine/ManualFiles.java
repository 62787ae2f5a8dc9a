package belonax.room.machine;

import belonax.BadInput;
import belonax.room.AtomicFile;
import belonax.room.RoomProperties;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Keeps the manuals' PDF files beside the database. A file is named by what is in it and never written over, so a card that
 * is taken back finds its own file again.
 */
@Component
public class ManualFiles {
    /** Where they lie, in the data folder and in an archive. */
    public static final String FOLDER = "manuals";

    public static final int MAX_BYTES = 20 << 20;
    private static final int END_LIES_WITHIN = 2048;

    private final Path folder;

    ManualFiles(RoomProperties properties) {
        this.folder = properties.home().resolve(FOLDER);
    }

    /**
     * Keeps a PDF file.
     *
     * @return the name under which it is found
     * @throws BadInput if it is no PDF, cut short, or larger than 20 MB
     */
    public UUID keep(byte[] pdf) {
        UUID name = named(pdf);
        AtomicFile.write(file(name), pdf);
        return name;
    }

    /** Returns where a file lies, if it is there. */
    public Optional<Path> find(UUID name) {
        return Optional.of(file(name)).filter(Files::exists);
    }

    /**
     * Checks that it is a whole PDF, and returns the name that follows from what is in it.
     *
     * @throws BadInput if it is not
     */
    public static UUID named(byte[] pdf) {
        BadInput.unless(pdf.length <= MAX_BYTES, "file", () -> "That PDF is larger than 20 MB. Keep a link to it.");
        BadInput.unless(
                text(pdf, 0, 5).equals("%PDF-"), "file", () -> "That file is no PDF. Choose the manual as a PDF.");
        BadInput.unless(
                text(pdf, pdf.length - END_LIES_WITHIN, pdf.length).contains("%%EOF"),
                "file",
                () -> "That PDF was cut short: its end is missing. Fetch it again and choose it then.");
        return UUID.nameUUIDFromBytes(pdf);
    }

    private Path file(UUID name) {
        return folder.resolve(name + ".pdf");
    }

    private static String text(byte[] bytes, int from, int to) {
        int first = Math.max(0, from);
        return new String(bytes, first, Math.min(bytes.length, to) - first, StandardCharsets.ISO_8859_1);
    }
}
