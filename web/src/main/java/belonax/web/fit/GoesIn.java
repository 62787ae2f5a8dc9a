package belonax.web.fit;

import belonax.needle.Needle;
import belonax.web.shared.NeedleWord;
import java.util.Optional;

/**
 * The needle that goes in, as the steps carry it in their addresses.
 *
 * @param word its word as it stands in an address; empty for none
 */
record GoesIn(String word, Optional<Needle> needle) {
    /** Reads a word; one that names no needle names none. */
    static GoesIn of(String word) {
        Optional<Needle> needle = NeedleWord.read(word);
        return new GoesIn(needle.map(NeedleWord::inAddress).orElse(""), needle);
    }

    /** Returns what an address ends with that carries it; nothing where none is named. */
    String carried() {
        return needle.isEmpty() ? "" : "&in=" + word;
    }
}
