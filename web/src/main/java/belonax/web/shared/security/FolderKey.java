package belonax.web.shared.security;

import belonax.room.AtomicFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;

/** The key of a data folder: made once, kept in it, never sent. */
final class FolderKey {
    private static final String NAME = "belonax.key";
    private static final int BYTES = 32;

    private final Path file;

    FolderKey(Path home) {
        this.file = home.resolve(NAME);
    }

    /** Returns a key that is kept nowhere. */
    static byte[] fresh() {
        byte[] made = new byte[BYTES];
        new SecureRandom().nextBytes(made);
        return made;
    }

    byte[] bytes() {
        try {
            if (Files.exists(file) && Files.size(file) == BYTES) {
                return Files.readAllBytes(file);
            }
            byte[] made = fresh();
            AtomicFile.write(file, made);
            return made;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
