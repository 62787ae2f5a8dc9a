package belonax.cloth;

import belonax.BadInput;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * The cloths under the foot, the one that the needle meets first standing first. What is worked out from them is worked
 * out once, because the matcher asks often. Source: docs/craft.md, "Stacks".
 */
public final class Stack {
    private static final int MOST_CLOTHS = 12;
    private static final int MOST_LAYERS = 32;

    private final List<Layers> all;
    private final int layers;
    private final double weightGsm;
    private final double thicknessMm;
    private final double resistingGsm;

    private Stack(List<Layers> all) {
        this.all = List.copyOf(all);
        this.layers = all.stream().mapToInt(Layers::count).sum();
        this.weightGsm = sum(Cloth::weightGsm);
        this.thicknessMm = sum(Cloth::thicknessMm);
        this.resistingGsm = sum(it -> it.weightGsm() * resistance(it));
    }

    /** Returns so many layers of one cloth. */
    public static Stack of(Cloth cloth, int layers) {
        return of(List.of(new Layers(cloth, layers)));
    }

    /**
     * Returns a stack of several cloths, from the top.
     *
     * @throws BadInput if there is none, more than 12 cloths, or more than 32 layers in all
     */
    public static Stack of(List<Layers> all) {
        BadInput.unless(
                !all.isEmpty() && all.size() <= MOST_CLOTHS,
                "stack",
                () -> "A stack has 1 to " + MOST_CLOTHS + " cloths. Name the cloth that the needle meets first.");
        int layers = all.stream().mapToInt(Layers::count).sum();
        BadInput.unless(
                layers <= MOST_LAYERS,
                "stack",
                () -> layers + " layers are more than any foot lifts over. Name at most " + MOST_LAYERS + " in all.");
        return new Stack(all);
    }

    /** Returns the same cloths with the first one lying there so many times. */
    public Stack withMainLayers(int count) {
        List<Layers> changed = new ArrayList<>(all);
        changed.set(0, new Layers(main(), count));
        return of(changed);
    }

    public List<Layers> all() {
        return all;
    }

    /** Returns the cloth that the needle meets first. */
    public Cloth main() {
        return all.get(0).cloth();
    }

    /** Returns how many layers there are in all. */
    public int layers() {
        return layers;
    }

    /** Returns the weight in grams per square metre of all layers together. */
    public double weightGsm() {
        return weightGsm;
    }

    /** Returns the thickness in millimetres of all layers together. */
    public double thicknessMm() {
        return thicknessMm;
    }

    /**
     * Returns the weight that counts against the blade, in g/m²: hide counts 0.45 of its weight and film 0.6, because
     * they are thin for it; coated cloth that keeps its holes 0.8.
     */
    public double resistingGsm() {
        return resistingGsm;
    }

    /** Tells whether any cloth of the stack is like this. */
    public boolean any(Predicate<Cloth> like) {
        for (Layers it : all) {
            if (like.test(it.cloth())) {
                return true;
            }
        }
        return false;
    }

    public boolean has(Trait trait) {
        return any(it -> it.has(trait));
    }

    public boolean has(Structure structure) {
        return any(it -> it.structure() == structure);
    }

    /** Returns it in words, such as {@code 2 layers of swim knit}. */
    public String words() {
        return all.stream()
                .map(it -> (it.count() == 1 ? "1 layer of " : it.count() + " layers of ")
                        + it.cloth().name())
                .collect(Collectors.joining(" and "));
    }

    @Override
    public String toString() {
        return words();
    }

    private double sum(ToDoubleFunction<Cloth> of) {
        return all.stream()
                .mapToDouble(it -> of.applyAsDouble(it.cloth()) * it.count())
                .sum();
    }

    private static double resistance(Cloth cloth) {
        return switch (cloth.structure()) {
            case HIDE -> 0.45;
            case FILM -> 0.6;
            default -> cloth.has(Trait.COATED) && cloth.has(Trait.PERMANENT_HOLES) ? 0.8 : 1;
        };
    }
}
