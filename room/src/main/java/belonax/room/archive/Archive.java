package belonax.room.archive;

import belonax.BadInput;
import belonax.room.RoomProperties;
import belonax.room.archive.WholeRoom.Content;
import belonax.room.drawer.PictureStore;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * One file of everything, which another computer takes in. Taking one in replaces all there is, in one go or not at
 * all; a copy of what was there before is made first.
 */
@Service
public class Archive {
    private final WholeRoom room;
    private final Copies copies;
    private final PictureStore pictures;
    private final Path home;

    Archive(WholeRoom room, Copies copies, PictureStore pictures, RoomProperties properties) {
        this.room = room;
        this.copies = copies;
        this.pictures = pictures;
        this.home = properties.home();
    }

    /** Writes everything, as it is at one moment. */
    public void write(OutputStream out) {
        Content content = room.now();
        try {
            ArchiveFile.write(out, outputStream -> WholeRoom.write(content, outputStream), home);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Replaces everything by what an archive holds.
     *
     * @return the copy of what was there before
     * @throws BadInput if it is no archive, cut short, too large, from a newer Belonax, or holds what makes no sense
     */
    public Copy replace(Path archive) {
        return copies.instead(Copy.Why.BEFORE_ARCHIVE, unfolded -> read(archive, unfolded));
    }

    /**
     * Takes everything out.
     *
     * @return the copy of what was there
     */
    public Copy empty() {
        return copies.instead(Copy.Why.BEFORE_EMPTYING, unfolded -> room.nothing());
    }

    /** Archives were one JSON document before the third version. */
    private Content read(Path archive, Path unfolded) throws IOException {
        if (isZip(archive)) {
            return RoomDocument.read(ArchiveFile.read(archive, unfolded, pictures));
        }
        BadInput.unless(
                Files.size(archive) <= ArchiveFile.MAX_DOCUMENT_BYTES,
                "archive",
                () -> "That file is larger than 60 MB, which no older archive is.");
        Content content = RoomDocument.read(Files.readAllBytes(archive));
        if (content.pictures() != null) {
            for (Map.Entry<UUID, byte[]> picture : content.pictures().entrySet()) {
                byte[] drawn = pictures.read(picture.getValue()).jpeg();
                ArchiveFile.write(unfolded.resolve(PictureStore.FOLDER), picture.getKey() + ".jpg", drawn);
            }
        }
        return content;
    }

    private static boolean isZip(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(2), StandardCharsets.ISO_8859_1).equals("PK");
        }
    }
}
