package belonax.web.shared.api;

import belonax.BadInput;
import belonax.BadInput.Problem;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Function;

/** A body of the JSON interface that came as a file instead, and is read by the same rules. */
public final class JsonFile {
    private static final StrictJson JSON = new StrictJson();

    private JsonFile() {}

    /**
     * Reads it.
     *
     * @param use what is made of it; what that refuses as a body is refused as a file
     * @throws BadInput naming the place in the document and what to write there
     */
    public static <T extends ApiBody, R> R read(byte[] file, Class<T> type, Function<T, R> use) {
        try {
            return use.apply(type.cast(JSON.read(new ByteArrayInputStream(file), JSON.type(type))));
        } catch (ApiRefusal refused) {
            List<Problem> problems = refused.problems();
            throw problems.isEmpty()
                    ? new BadInput("file", String.valueOf(refused.getMessage()))
                    : new BadInput(problems.stream().map(JsonFile::named).toList());
        } catch (BadInput refused) {
            throw new BadInput(refused.problems().stream().map(JsonFile::named).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A page has no entry of this name, so the sentence says where it stands. */
    private static Problem named(Problem problem) {
        return problem.field().isEmpty() || problem.message().contains(problem.field())
                ? new Problem("file", problem.message())
                : new Problem("file", problem.field() + ": " + problem.message());
    }
}
