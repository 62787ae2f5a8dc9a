package belonax.web.start;

import belonax.room.RoomProperties;
import belonax.room.Words;
import belonax.room.archive.Copy;
import belonax.room.archive.CopyFolder;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;

/** What may be wrong with a data folder, told as what it is, with the way back. */
final class Damage {
    private static final String BEGINS_WITH = "H:2";
    private static final int HEADERS = 8192;

    private Damage() {}

    /**
     * Looks at the database file before it is opened: one that is not there, or holds nothing, would be begun anew.
     *
     * @throws Refusal telling what is wrong and which copy to go back to
     */
    static void check(Path home, String starts) {
        Path database = home.resolve(RoomProperties.DATABASE);
        if (!Files.exists(database)) {
            if (!new CopyFolder(home).all().isEmpty()) {
                throw new Refusal("The database is missing from " + home
                        + ", and copies of it are there, so no empty room is" + " started. " + wayBack(home, starts));
            }
            return;
        }
        if (!hasHeader(database)) {
            throw new Refusal("The database in " + home + " was overwritten or emptied by something else. "
                    + wayBack(home, starts));
        }
    }

    private static boolean hasHeader(Path database) {
        try (InputStream in = Files.newInputStream(database)) {
            return new String(in.readNBytes(HEADERS), StandardCharsets.ISO_8859_1).contains(BEGINS_WITH);
        } catch (IOException e) {
            return false;
        }
    }

    /** Returns the newest copy and the command that goes back to it. */
    static String wayBack(Path home, String starts) {
        List<Copy> copies = new CopyFolder(home).all();
        if (copies.isEmpty()) {
            return "There is no copy of it. If you kept an archive elsewhere, move the file " + RoomProperties.DATABASE
                    + " away, start Belonax and take the archive in.";
        }
        Copy newest = copies.get(0);
        return "The newest copy is of " + words(newest) + ". Go back to it with: " + starts + " --copies="
                + newest.name();
    }

    static String words(Copy copy) {
        return Words.dayAndTime(copy.madeAt(), ZoneId.systemDefault()) + " ("
                + copy.holds().words() + ")";
    }
}
