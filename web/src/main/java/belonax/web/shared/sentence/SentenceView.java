package belonax.web.shared.sentence;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The set-up sentence as a page shows it: closed, each part leads to its picker; open, all of them stand in one panel.
 *
 * @param path the page that takes it
 * @param query the sentence as a form sends it along
 * @param carried what the paths to other stops carry: the query, or nothing where it is what lies on the table
 * @param pickers what can be picked; null while it is closed
 * @param picked the part that was pressed; null while it is closed
 */
public record SentenceView(
        String path,
        String query,
        String carried,
        SentenceWords words,
        @Nullable Pickers pickers,
        @Nullable Part picked) {

    /** Pages with entries of their own, which another sentence does not touch. */
    private static final Set<String> KEEPS_ENTRIES = Set.of("/balance", "/mend", "/fit/broken");

    /** A part of the sentence. */
    public enum Part {
        CLOTH,
        LAYERS,
        THREAD,
        PURPOSE,
        MACHINE;

        /** Returns the word by which addresses know it. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        static @Nullable Part of(String word) {
            return Stream.of(values())
                    .filter(part -> part.word().equals(word))
                    .findFirst()
                    .orElse(null);
        }
    }

    /**
     * Where pressing a part leads.
     *
     * @param address the page with the picker open
     * @param fragment the sentence alone with the picker open
     */
    public record Link(String address, String fragment) {}

    /** Tells whether the page is worked out anew for another sentence; else what was entered on it stays as it is. */
    public boolean isAnswered() {
        return !KEEPS_ENTRIES.contains(path);
    }

    /** Returns the address of the page with this sentence. */
    public String address() {
        return path + "?" + query;
    }

    /** Returns the address of another page with this sentence. */
    public String to(String page) {
        return page + "?" + query;
    }

    /** Returns where pressing each part leads, in their order. */
    public List<Link> links() {
        return Stream.of(Part.values())
                .map(part -> new Link(
                        path + "?" + query + "&pick=" + part.word(),
                        "/sentence?at=" + path + "&" + query + "&pick=" + part.word()))
                .toList();
    }
}
