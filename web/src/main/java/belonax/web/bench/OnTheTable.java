package belonax.web.bench;

import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.room.Choice;
import belonax.room.drawer.ClothShelf;
import belonax.web.shared.form.Parsed;
import java.util.List;

/** The cloth on the table: chosen from the sewist's own or the catalogue. */
final class OnTheTable {
    private static final String USUAL = "quilting-cotton";

    private final ClothShelf cloths;
    private final String clothId;
    private final String layers;

    OnTheTable(ClothShelf cloths, String clothId, String layers) {
        this.cloths = cloths;
        this.clothId = clothId.isBlank() ? USUAL : clothId;
        this.layers = layers;
    }

    /** Returns what can be chosen, the sewist's own first. */
    public List<Choice> choices() {
        return cloths.choices();
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
        Cloth cloth = cloths.get(clothId);
        return Stack.of(cloth, Parsed.layers("layers", layers));
    }
}
