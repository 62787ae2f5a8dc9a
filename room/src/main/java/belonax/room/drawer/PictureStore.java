package belonax.room.drawer;

import belonax.BadInput;
import belonax.room.OrAsBefore;
import belonax.room.RoomProperties;
import belonax.room.card.DrawerStore;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Iterator;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.stereotype.Component;

/**
 * Keeps pictures beside the database. An upload is checked for what it really is, measured before it is unfolded, drawn
 * anew in a small size, and only the drawing is stored: nothing that came with the file survives.
 */
@Component
public class PictureStore {
    private static final int LARGEST_SIDE_PX = 8000;
    private static final int SHOWN_SIDE_PX = 640;
    public static final int MAX_BYTES = 8 << 20;
    /** Where they lie, in the data folder and in an archive; each is named by its card. */
    public static final String FOLDER = "pictures";

    private static final Set<String> FORMATS = Set.of("JPEG", "png");

    private static final UUID NO_CARD = new UUID(0, 0);

    private final Path folder;

    PictureStore(RoomProperties properties) {
        this.folder = properties.home().resolve(FOLDER);
    }

    /** A picture drawn anew. */
    public static final class Picture {
        private final byte[] jpeg;

        private Picture(byte[] jpeg) {
            this.jpeg = jpeg;
        }

        public byte[] jpeg() {
            return jpeg.clone();
        }
    }

    /**
     * Reads the bytes of a picture.
     *
     * @throws BadInput if they are no JPEG or PNG, too large, or broken
     */
    public Picture read(byte[] bytes) {
        BadInput.unless(
                bytes.length <= MAX_BYTES, "picture", () -> "That picture is larger than 8 MB. Send a smaller one.");
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw notAPicture();
            }
            ImageReader reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName())) {
                    throw notAPicture();
                }
                reader.setInput(in, true, true);
                return drawnAnew(reader, ExifOrientation.turns(bytes));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            throw e instanceof BadInput bad ? bad : notAPicture();
        }
    }

    /** Stores a picture for a card, over an older one; where the card is refused, the older one is back. */
    public void keep(UUID card, Picture picture) {
        OrAsBefore.write(file(card), picture.jpeg());
    }

    /**
     * Removes pictures that nothing names any more. Those of the last day stay: whoever adds one writes it down before its card.
     *
     * @param named the ids of all that may have a picture, also by taking something back
     * @return how many went
     */
    public int tidy(Set<UUID> named, Instant now) {
        int gone = 0;
        try (Stream<Path> all = Files.isDirectory(folder) ? Files.list(folder) : Stream.empty()) {
            for (Path path : all.toList()) {
                if (!named.contains(card(path)) && isOlderThanADay(path, now)) {
                    Files.deleteIfExists(path);
                    gone++;
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return gone;
    }

    private static boolean isOlderThanADay(Path file, Instant now) throws IOException {
        return Files.getLastModifiedTime(file).toInstant().isBefore(now.minus(Duration.ofDays(1)));
    }

    /** What was left half written belongs to no card. */
    private static UUID card(Path file) {
        String name = file.getFileName().toString();
        return DrawerStore.uuid(name.replace(".jpg", "")).orElse(NO_CARD);
    }

    /** Returns the picture of a card, if there is one. */
    public Optional<Picture> find(UUID card) {
        Path file = file(card);
        try {
            return Files.exists(file) ? Optional.of(new Picture(Files.readAllBytes(file))) : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Path file(UUID card) {
        return folder.resolve(card + ".jpg");
    }

    /** Width and height are read before anything is unfolded, so that a small file cannot fill the memory. */
    private static Picture drawnAnew(ImageReader reader, ExifOrientation upright) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        BadInput.unless(
                width >= 1 && height >= 1 && width <= LARGEST_SIDE_PX && height <= LARGEST_SIDE_PX,
                "picture",
                () -> "That picture measures " + width + " × " + height + ". Send one of at most " + LARGEST_SIDE_PX
                        + " pixels a side.");
        var how = reader.getDefaultReadParam();
        int step = Math.max(1, Math.max(width, height) / (2 * SHOWN_SIDE_PX));
        how.setSourceSubsampling(step, step, 0, 0);
        BufferedImage read = reader.read(0, how);
        double scale = Math.min(1, (double) SHOWN_SIDE_PX / Math.max(read.getWidth(), read.getHeight()));
        int w = Math.max(1, (int) Math.round(read.getWidth() * scale));
        int h = Math.max(1, (int) Math.round(read.getHeight() * scale));
        BufferedImage drawn = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, w, h);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(read, 0, 0, w, h, null);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(upright.drawn(drawn), "jpg", out);
        return new Picture(out.toByteArray());
    }

    private static BadInput notAPicture() {
        return new BadInput("picture", "That file is no picture that can be read. Send a JPEG or PNG, whole.");
    }
}
