package belonax.web.shared.form;

import belonax.BadInput;
import java.io.IOException;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.web.multipart.MultipartFile;

/** Reads a file that was sent with a form. */
public final class Upload {
    private Upload() {}

    /**
     * Reads a picture that was sent; empty when no file was chosen.
     *
     * @throws BadInput if it did not arrive whole, or is no picture that can be read
     */
    public static <T> Optional<T> picture(MultipartFile sent, Function<byte[], T> read) {
        if (sent.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(read.apply(sent.getBytes()));
        } catch (IOException e) {
            throw new BadInput("picture", "That picture did not arrive whole. Send it once more.");
        }
    }
}
