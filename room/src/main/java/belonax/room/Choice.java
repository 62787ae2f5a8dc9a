package belonax.room;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** A word of a list. */
public record Choice(String value, String words) {

    /** Returns every word of a closed set. */
    public static <E extends Enum<E>> List<Choice> of(E[] values, Function<E, String> words) {
        return Stream.of(values)
                .map(value -> new Choice(value.name(), words.apply(value)))
                .toList();
    }
}
