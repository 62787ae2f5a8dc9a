package belonax.thread;

import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is printed on a spool about needles: the owner's own note on that thread, which moves the ranking a little.
 *
 * @param type the kind of needle it names, if it names one
 * @param size the size it names, if it names one
 */
public record NeedleNote(Optional<NeedleType> type, Optional<NeedleSize> size) {
    /** Says nothing. */
    public static final NeedleNote NONE = new NeedleNote(Optional.empty(), Optional.empty());

    public boolean isEmpty() {
        return type.isEmpty() && size.isEmpty();
    }

    /** Tells whether the note speaks for this needle. */
    public boolean names(Needle needle) {
        return !isEmpty()
                && type.map(needleType -> needleType == needle.point()).orElse(true)
                && size.map(needleSize -> needleSize == needle.size()).orElse(true);
    }

    /** Returns it in words, such as {@code embroidery 75/11}; empty when it says nothing. */
    public String words() {
        return Stream.concat(type.map(NeedleType::words).stream(), size.map(String::valueOf).stream())
                .collect(Collectors.joining(" "));
    }
}
