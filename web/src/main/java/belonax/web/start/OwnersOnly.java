package belonax.web.start;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;
import java.util.stream.Stream;

/** The data folder is its owner's alone: 0700 for folders, 0600 for files, where the file system knows these. */
final class OwnersOnly {
    private static final Set<PosixFilePermission> FOLDER = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");

    /** As deep as a copy's document; the pictures below are the very files of the room, which are closed there. */
    private static final int DEEPEST = 3;

    private OwnersOnly() {}

    /** Closes a folder and all in it to others. What the owner may not change is left as it is; the folder around it closes it too. */
    static void close(Path home) {
        try (Stream<Path> all = Files.walk(home, DEEPEST)) {
            all.forEach(OwnersOnly::closeOne);
        } catch (IOException | UncheckedIOException notAll) {
            // Told by nobody: the folder is usable, and whoever may read it could before.
        }
    }

    private static void closeOne(Path path) {
        try {
            Set<PosixFilePermission> wanted = Files.isDirectory(path) ? FOLDER : FILE;
            if (!Files.isSymbolicLink(path)
                    && !Files.getPosixFilePermissions(path).equals(wanted)) {
                Files.setPosixFilePermissions(path, wanted);
            }
        } catch (IOException | UnsupportedOperationException notHere) {
            // Another kind of file system, or another owner.
        }
    }
}
