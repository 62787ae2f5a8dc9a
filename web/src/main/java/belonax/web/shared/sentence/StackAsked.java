package belonax.web.shared.sentence;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Crossing;
import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.web.shared.form.Parsed;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * What lies under the foot beside the first cloth, as it stands in the address.
 *
 * @param layers of the first cloth; null until it is known which are usual
 * @param before the cloth that stood there when the layers were typed
 * @param also further cloths
 * @param alsoLayers the layers of each
 */
public record StackAsked(
        @Nullable String layers,
        @Nullable String before,
        List<String> also,
        List<String> alsoLayers,
        String crossing,
        String stitching) {
    private static final int MOST = 12;

    public StackAsked {
        also = list(also);
        alsoLayers = list(alsoLayers);
        crossing = Objects.requireNonNullElse(crossing, "");
        stitching = Objects.requireNonNullElse(stitching, "");
    }

    static List<String> list(@Nullable List<String> typed) {
        return typed == null ? List.of() : typed.stream().limit(MOST).toList();
    }

    /** Another cloth that was chosen brings its own usual layers, unless other layers were typed. */
    StackAsked of(String cloth, UnaryOperator<String> usualLayers) {
        boolean asUsual = layers == null
                || before != null && !before.equals(cloth) && layers.strip().equals(usualLayers.apply(before));
        return new StackAsked(
                asUsual ? usualLayers.apply(cloth) : layers, before, also, alsoLayers, crossing, stitching);
    }

    /** Returns the layers of the first cloth as they were typed. */
    String typedLayers() {
        return Objects.requireNonNullElse(layers, "").strip();
    }

    /** Tells whether more is told than the layers of one cloth. */
    public boolean hasMore() {
        return also.stream().anyMatch(text -> !text.isBlank()) || !crossing.isBlank() || !stitching.isBlank();
    }

    /** Returns how many layers of a further cloth were typed. */
    String layersOf(int further) {
        return further < alsoLayers.size() && !alsoLayers.get(further).isBlank() ? alsoLayers.get(further) : "1";
    }

    /** Returns the stack, if the sentence names one that there can be. */
    Optional<Stack> find(ClothAsked first, Stock stock) {
        try {
            return Optional.of(get(first, stock));
        } catch (BadInput notYet) {
            return Optional.empty();
        }
    }

    /**
     * Returns the stack.
     *
     * @throws BadInput naming the part of it that will not do
     */
    Stack get(ClothAsked first, Stock stock) {
        List<Layers> all = new ArrayList<>();
        all.add(new Layers(first.get(stock), Parsed.layers("layers", typedLayers())));
        for (int i = 0; i < also.size(); i++) {
            String id = also.get(i);
            if (!id.isBlank()) {
                Cloth further = stock.findCloth(id)
                        .orElseThrow(() ->
                                new BadInput("also", "No cloth is called “" + id + "”. Choose one from the list."));
                all.add(new Layers(further, Parsed.layers("alsoLayers", layersOf(i))));
            }
        }
        return Stack.of(all);
    }

    /** Returns how many layers the crossing has: by its name, or as a number, as addresses of version 0.1 have it. */
    int crossingLayers(Stack stack) {
        if (crossing.isBlank()) {
            return stack.layers();
        }
        boolean isNumber = crossing.strip().chars().allMatch(Character::isDigit);
        return isNumber
                ? Parsed.layers("crossing", crossing)
                : Parsed.word("crossing", Crossing.class, crossing).layers(stack);
    }

    /**
     * Returns how many layers of stitching are in it already; nothing where none was told.
     *
     * @throws BadInput if it is no whole number
     */
    OptionalInt stitchingLayers() {
        return stitching.isBlank() ? OptionalInt.empty() : OptionalInt.of(Parsed.layers("stitching", stitching));
    }

    void addTo(Address address) {
        address.with("layers", typedLayers());
        for (int i = 0; i < also.size(); i++) {
            if (!also.get(i).isBlank()) {
                address.with("also", also.get(i)).with("alsoLayers", layersOf(i));
            }
        }
        address.with("crossing", crossing).with("stitching", stitching);
    }
}
