package belonax.web.bench;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.web.shared.drawer.DrawerStore;
import belonax.web.shared.drawer.Swatch;
import belonax.web.shared.form.Choice;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The cloth on the table: chosen from the sewist's own or the catalogue. */
final class OnTheTable {
    private static final String USUAL = "quilting-cotton";

    private final DrawerStore drawer;
    private final ClothCatalogue cloths;
    private final String clothId;
    private final String layers;

    OnTheTable(DrawerStore drawer, ClothCatalogue cloths, String clothId, String layers) {
        this.drawer = drawer;
        this.cloths = cloths;
        this.clothId = clothId.isBlank() ? USUAL : clothId;
        this.layers = layers;
    }

    /** Returns what can be chosen, the sewist's own first. */
    public List<Choice> choices() {
        return Stream.concat(
                        drawer.all(Swatch.class).stream()
                                .map(it ->
                                        new Choice(it.id().toString(), it.card().name() + " (yours)")),
                        cloths.all().stream()
                                .map(it -> new Choice(it.id(), it.name()))
                                .sorted(Comparator.comparing(Choice::words)))
                .toList();
    }

    public String clothId() {
        return clothId;
    }

    public String layers() {
        return layers;
    }

    /**
     * Returns the cloths under the foot.
     *
     * @throws BadInput if cloth or layers will not do
     */
    Stack stack() {
        Cloth cloth = drawer.find(Swatch.class, clothId)
                .map(it -> it.card().cloth(clothId))
                .or(() -> cloths.find(clothId))
                .orElseThrow(() -> new BadInput("cloth", "No cloth is called that. Choose one from the list."));
        try {
            return Stack.of(cloth, Integer.parseInt(layers.strip()));
        } catch (NumberFormatException e) {
            throw new BadInput("layers", "Layers are counted whole: 1 to 32.");
        }
    }
}
