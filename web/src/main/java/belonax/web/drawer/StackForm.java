package belonax.web.drawer;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.room.drawer.ClothShelf;
import belonax.room.settings.Units;
import belonax.web.shared.form.Entries;
import belonax.web.shared.form.Parsed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The rows of the stack builder as they were typed. */
record StackForm(List<Row> rows) {
    private static final int ROWS = 6;

    /** One cloth with its layers. */
    record Row(int number, String cloth, String layers) {}

    static StackForm of(Entries entries) {
        List<String> cloths = entries.all("cloth");
        List<String> layers = entries.all("layers");
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < ROWS; i++) {
            rows.add(new Row(i + 1, i < cloths.size() ? cloths.get(i) : "", i < layers.size() ? layers.get(i) : "1"));
        }
        return new StackForm(rows);
    }

    /**
     * Returns the stack in section; empty when no cloth is chosen yet.
     *
     * @throws BadInput if a cloth or a number of layers will not do
     */
    Optional<StackSection> section(ClothShelf cloths, Units units) {
        List<Layers> layers = new ArrayList<>();
        for (Row it : rows) {
            if (!it.cloth().isBlank()) {
                layers.add(new Layers(cloth(it.cloth(), cloths), count(it.layers())));
            }
        }
        return layers.isEmpty() ? Optional.empty() : Optional.of(StackSection.of(Stack.of(layers), this, units));
    }

    private static Cloth cloth(String id, ClothShelf cloths) {
        return cloths.get(id);
    }

    private static int count(String typed) {
        return Parsed.layers("layers", typed);
    }
}
