package belonax.web.drawer.tools;

import belonax.cloth.Cloth;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.room.settings.Units;
import belonax.web.shared.form.Parsed;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The rows of the stack builder as they were typed: cloths, and the layers of each. */
public record StackForm(
        @Nullable List<String> cloth, @Nullable List<String> layers) {
    private static final int ROWS = 6;

    /** One cloth with its layers. */
    public record Row(int number, String cloth, String layers) {}

    /** Returns as many rows as the page has. */
    public List<Row> rows() {
        return IntStream.range(0, ROWS)
                .mapToObj(i -> new Row(i + 1, at(cloth, i, ""), at(layers, i, "1")))
                .toList();
    }

    /**
     * Returns the stack in section; empty when no cloth is chosen yet.
     *
     * @param named finds a cloth by its id
     * @throws belonax.BadInput if a cloth or a number of layers will not do
     */
    Optional<StackSection> section(Function<String, Cloth> named, Units units) {
        List<Layers> all = rows().stream()
                .filter(row -> !row.cloth().isBlank())
                .map(row -> new Layers(named.apply(row.cloth()), Parsed.layers("layers", row.layers())))
                .toList();
        return all.isEmpty() ? Optional.empty() : Optional.of(StackSection.of(Stack.of(all), this, units));
    }

    private static String at(@Nullable List<String> typed, int row, String otherwise) {
        return typed != null && row < typed.size() ? typed.get(row) : otherwise;
    }
}
