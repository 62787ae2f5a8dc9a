package belonax.web.start;

import belonax.BadInput;
import belonax.room.RoomProperties;
import belonax.room.archive.Copy;
import belonax.room.archive.CopyFolder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Lists the copies, or goes back to one, also where the database does not open. */
public final class CopiesCommand {
    private static final String LIST = "--copies";
    private static final String GO_BACK = LIST + "=";
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);

    private CopiesCommand() {}

    /** Tells whether only the list is asked for. */
    public static boolean isList(String... arguments) {
        return Arrays.asList(arguments).contains(LIST);
    }

    /** Returns the copy that is to be gone back to. */
    public static Optional<String> wanted(String... arguments) {
        return Arrays.stream(arguments)
                .filter(text -> text.startsWith(GO_BACK))
                .map(text -> text.substring(GO_BACK.length()))
                .findFirst();
    }

    /** Returns the copies, a line each, and how to go back to one. */
    public static String list(Path home, String starts) {
        List<Copy> copies = new CopyFolder(home).all();
        if (copies.isEmpty()) {
            return "There are no copies in " + home + " yet. Belonax makes one a day by itself.";
        }
        StringBuilder lines = new StringBuilder("Copies in " + home + ", the newest first:\n");
        copies.forEach(copy -> lines.append("  ")
                .append(copy.name())
                .append("  ")
                .append(Damage.words(copy))
                .append(", ")
                .append(copy.size())
                .append('\n'));
        return lines + "Go back to one with: " + starts + " --copies=NAME";
    }

    /**
     * Opens the copy to see that it is whole, then sets the database aside, so that the copy comes into a new one.
     *
     * @throws Refusal if the copy does not open; then nothing was changed
     */
    public static void setAside(Path home, String name, Clock clock) {
        try {
            new CopyFolder(home).open(name);
            Path database = home.resolve(RoomProperties.DATABASE);
            if (Files.exists(database)) {
                Path aside = home.resolve("set-aside-" + STAMP.format(clock.instant()));
                Files.createDirectories(aside);
                Files.move(database, aside.resolve(RoomProperties.DATABASE));
            }
        } catch (BadInput e) {
            throw new Refusal(String.valueOf(e.getMessage()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
