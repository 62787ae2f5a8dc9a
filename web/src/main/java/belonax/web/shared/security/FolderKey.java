package belonax.web.shared.security;

import belonax.room.RoomProperties;
import belonax.room.WholeFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import org.springframework.stereotype.Component;

/** The key of a data folder: made once, kept in it, never sent. */
@Component
class FolderKey {
    private static final String NAME = "belonax.key";
    private static final int BYTES = 32;

    private final Path file;

    FolderKey(RoomProperties properties) {
        this.file = properties.home().resolve(NAME);
    }

    byte[] bytes() {
        try {
            if (Files.exists(file) && Files.size(file) == BYTES) {
                return Files.readAllBytes(file);
            }
            byte[] made = new byte[BYTES];
            new SecureRandom().nextBytes(made);
            WholeFile.write(file, made);
            return made;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
