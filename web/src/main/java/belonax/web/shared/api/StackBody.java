package belonax.web.shared.api;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Reads what lies under the foot: one cloth with its layers, or a stack of several. */
public final class StackBody {
    private StackBody() {}

    /**
     * Returns the stack.
     *
     * @throws BadInput if both or a value that makes no sense is given
     * @throws ApiRefusal if neither is given
     */
    public static Stack stack(
            @Nullable FabricBody fabric,
            @Nullable Integer layers,
            @Nullable List<LayersBody> stack,
            ClothCatalogue catalogue) {
        if (stack != null) {
            BadInput.unless(
                    fabric == null && layers == null,
                    "stack",
                    () -> "Send either a stack, or a fabric with its layers, not both.");
            return several(stack, catalogue);
        }
        if (fabric == null) {
            throw ApiRefusal.missing("fabric", "Send a fabric with its layers, or a stack.");
        }
        Cloth cloth = cloth("fabric", fabric, catalogue);
        return layers == null ? Stack.usual(cloth) : Stack.of(cloth, layers);
    }

    private static Stack several(List<LayersBody> stack, ClothCatalogue catalogue) {
        List<Layers> all = new ArrayList<>();
        for (int i = 0; i < stack.size(); i++) {
            String field = "stack[" + i + "]";
            LayersBody layersBody = stack.get(i);
            if (layersBody == null || layersBody.fabric() == null) {
                throw ApiRefusal.missing(field + ".fabric", "Every entry of a stack names its fabric.");
            }
            Cloth cloth = cloth(field + ".fabric", layersBody.fabric(), catalogue);
            all.add(new Layers(cloth, Objects.requireNonNullElse(layersBody.layers(), 1)));
        }
        return Stack.of(all);
    }

    private static Cloth cloth(String field, FabricBody fabric, ClothCatalogue catalogue) {
        try {
            return fabric.cloth(catalogue);
        } catch (BadInput e) {
            throw e.under(field);
        }
    }
}
