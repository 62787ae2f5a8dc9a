package belonax.room;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/** Writes a file whole or not at all: a reader never finds half of it, also when the power fails. */
public final class AtomicFile {
    private AtomicFile() {}

    /** Writes a file over an older one of its name; its folder is made where there is none. */
    public static void write(Path file, byte[] bytes) {
        Path folder = file.toAbsolutePath().getParent();
        try {
            Files.createDirectories(folder);
            Path half = Files.createTempFile(folder, "new", ".tmp");
            Files.write(half, bytes);
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
