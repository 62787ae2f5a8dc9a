package belonax.web.drawer;

import belonax.machine.BobbinClass;
import belonax.room.Choice;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The classes of bobbins to choose from; words that are none of them stay beside. */
public final class BobbinChoices {
    private BobbinChoices() {}

    public static List<Choice> classes(@Nullable String now) {
        Stream<Choice> own = Stream.ofNullable(now)
                .filter(text -> !text.isBlank() && BobbinClass.in(text).isEmpty())
                .map(text -> new Choice(text, text));
        return Stream.concat(
                        own,
                        Stream.of(BobbinClass.values())
                                .map(bobbinClass -> new Choice(bobbinClass.words(), bobbinClass.words())))
                .toList();
    }
}
