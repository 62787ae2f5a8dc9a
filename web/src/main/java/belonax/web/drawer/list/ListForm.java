package belonax.web.drawer.list;

import belonax.BadInput;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.util.MultiValueMap;
import org.springframework.web.multipart.MultipartFile;

/**
 * A list as it was typed.
 *
 * @param seen the lines that stood on the page with a tick or without one
 * @param ticked those of them that are taken
 * @param picture a photograph of the shelf; empty when none was sent
 */
public record ListForm(What what, String lines, Set<String> seen, Set<String> ticked, Optional<MultipartFile> picture) {
    private static final int MAX_LINES = 100;

    /** What stands on the lines. */
    public enum What {
        PACKETS("packets of needles"),
        SPOOLS("spools of thread");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Reads what was sent; entries are taken as they stand, since a line may hold commas. */
    static ListForm of(MultiValueMap<String, String> sent, Optional<MultipartFile> picture) {
        return new ListForm(
                What.SPOOLS.name().equals(sent.getFirst("what")) ? What.SPOOLS : What.PACKETS,
                Optional.ofNullable(sent.getFirst("lines")).orElse(""),
                Set.copyOf(sent.getOrDefault("seen", List.of())),
                Set.copyOf(sent.getOrDefault("take", List.of())),
                picture.filter(multipartFile -> !multipartFile.isEmpty()));
    }

    /**
     * Returns the lines that say something.
     *
     * @throws BadInput if there are too many to be looked through
     */
    List<String> typed() {
        List<String> typed =
                lines.lines().map(String::strip).filter(text -> !text.isEmpty()).toList();
        BadInput.unless(
                typed.size() <= MAX_LINES,
                "lines",
                () -> "That are " + typed.size() + " lines. Put in the first " + MAX_LINES + ", then the others.");
        return typed;
    }

    /** Tells whether a line is taken: a new one is, until its tick is taken off. */
    boolean takes(String line) {
        return !seen.contains(line) || ticked.contains(line);
    }
}
