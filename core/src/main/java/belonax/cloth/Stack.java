package belonax.cloth;

import belonax.BadInput;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * The cloths under the foot, the one that the needle meets first standing first. Some carry the seam, some only help; where
 * nothing carries, the helpers are judged as if they did. What is worked out from them is worked out once, because the
 * matcher asks often. Source: docs/craft.md, "Stacks".
 */
public final class Stack {
    /** Most layers' worth of stitching that can lie in the cloth already. */
    public static final int MAX_STITCHING = 8;

    private static final int MAX_CLOTHS = 12;
    private static final int MAX_LAYERS = 32;
    private static final int USUAL_LAYERS = 2;

    private final List<Layers> all;
    private final List<Layers> carrying;
    private final List<Layers> helping;
    private final int stitchingAlready;
    private final int layers;
    private final double weightGsm;
    private final double thicknessMm;
    private final double resistingGsm;
    private final CountedWeight counted;

    private Stack(List<Layers> all, int stitchingAlready) {
        this.all = List.copyOf(all);
        this.stitchingAlready = stitchingAlready;
        List<Layers> ofTheSeam =
                all.stream().filter(layers -> layers.cloth().carries()).toList();
        this.carrying = ofTheSeam.isEmpty() ? this.all : ofTheSeam;
        this.helping = ofTheSeam.isEmpty()
                ? List.of()
                : all.stream().filter(layers -> !layers.cloth().carries()).toList();
        this.layers = all.stream().mapToInt(Layers::count).sum();
        this.weightGsm = sum(Cloth::weightGsm);
        this.thicknessMm = sum(Cloth::thicknessMm);
        this.resistingGsm =
                sum(Cloth::resistingGsm) + stitchingAlready * heaviest().resistingGsm();
        this.counted = CountedWeight.of(this);
    }

    /** Returns so many layers of one cloth. */
    public static Stack of(Cloth cloth, int layers) {
        return of(List.of(new Layers(cloth, layers)));
    }

    /** Returns a cloth as it is usually sewn: two layers, or the one of a ready batting sandwich, which is a stack by itself. */
    public static Stack usual(Cloth cloth) {
        return of(cloth, usualLayers(cloth));
    }

    /** Returns in how many layers a cloth is usually sewn. */
    public static int usualLayers(Cloth cloth) {
        return cloth.isWholeStack() ? 1 : USUAL_LAYERS;
    }

    /**
     * Returns a stack of several cloths, from the top.
     *
     * @throws BadInput if there is none, more than 12 cloths, or more than 32 layers in all
     */
    public static Stack of(List<Layers> all) {
        BadInput.unless(
                !all.isEmpty() && all.size() <= MAX_CLOTHS,
                "stack",
                () -> "A stack has 1 to " + MAX_CLOTHS + " cloths. Name the cloth that the needle meets first.");
        int layers = all.stream().mapToInt(Layers::count).sum();
        BadInput.unless(
                layers <= MAX_LAYERS,
                "stack",
                () -> layers + " layers are more than any foot lifts over. Name at most " + MAX_LAYERS + " in all.");
        return new Stack(all, 0);
    }

    /** Returns the same cloths with the first one lying there so many times. */
    public Stack withMainLayers(int count) {
        List<Layers> changed = new ArrayList<>(all);
        changed.set(0, new Layers(main(), count));
        return of(changed);
    }

    /**
     * Returns the same cloths with stitching in them already.
     *
     * @param layersWorth as how many more layers of the heaviest cloth it counts, 0 to 8
     * @throws BadInput if it is out of range
     */
    public Stack withStitching(int layersWorth) {
        BadInput.unless(
                layersWorth >= 0 && layersWorth <= MAX_STITCHING,
                "stitchingAlready",
                () -> "Stitching that is in the cloth already counts as 0 to " + MAX_STITCHING
                        + " more layers: a satin column about 2, dense embroidery about 4.");
        return new Stack(all, layersWorth);
    }

    public List<Layers> all() {
        return all;
    }

    /** Returns the cloths that the seam joins; all of them where there are only helpers. */
    public List<Layers> carrying() {
        return carrying;
    }

    /** Returns the cloths that only help. */
    public List<Layers> helping() {
        return helping;
    }

    /** Returns the cloth that stands first. */
    public Cloth main() {
        return all.get(0).cloth();
    }

    /** Returns the carrying cloth that the needle meets first. */
    public Cloth leading() {
        return carrying.get(0).cloth();
    }

    /** Returns the carrying cloth that weighs most. */
    public Cloth heaviest() {
        Cloth heaviest = leading();
        for (Layers layers : carrying) {
            if (layers.cloth().weightGsm() > heaviest.weightGsm()) {
                heaviest = layers.cloth();
            }
        }
        return heaviest;
    }

    /** Returns how many layers' worth of stitching is in the cloth already. */
    public int stitchingAlready() {
        return stitchingAlready;
    }

    /** Returns how many layers there are in all. */
    public int layers() {
        return layers;
    }

    /** Returns how many layers the seam joins, helpers set aside. */
    public int seamLayers() {
        int layersJoined = 0;
        for (Layers layers : carrying) {
            layersJoined += layers.count();
        }
        return layersJoined;
    }

    /** Returns the weight in grams per square metre of all layers together. */
    public double weightGsm() {
        return weightGsm;
    }

    /** Returns the thickness in millimetres of all layers together, not pressed. */
    public double thicknessMm() {
        return thicknessMm;
    }

    /** Returns what the blade feels of all layers in g/m²: loft, hide and film resist less than they weigh. */
    public double resistingGsm() {
        return resistingGsm;
    }

    /** Returns the weight that the needle's size follows. */
    public CountedWeight counted() {
        return counted;
    }

    /** Returns the height under the foot in millimetres, pressed by it. */
    public double heightMm() {
        return sum(cloth -> cloth.pressedMm(false));
    }

    /**
     * Returns the height at a crossing in millimetres, hammered flat.
     *
     * @param layersThere how many layers lie there
     */
    public double heightMm(int layersThere) {
        return atCrossing(cloth -> cloth.pressedMm(true), layersThere);
    }

    /** Returns what the motor has to pierce in the running seam, in g/m². */
    public double piercingGsm() {
        return sum(Cloth::piercingGsm) + stitchingAlready * heaviest().piercingGsm();
    }

    /** Returns what the motor has to pierce at a crossing, in g/m². */
    public double piercingGsm(int layersThere) {
        return atCrossing(Cloth::piercingGsm, layersThere);
    }

    /** Tells whether any cloth of the stack is like this, helpers included. */
    public boolean any(Predicate<Cloth> like) {
        for (Layers layers : all) {
            if (like.test(layers.cloth())) {
                return true;
            }
        }
        return false;
    }

    /** Tells whether any cloth that the seam joins is like this. */
    public boolean carries(Predicate<Cloth> like) {
        for (Layers layers : carrying) {
            if (like.test(layers.cloth())) {
                return true;
            }
        }
        return false;
    }

    /** Tells whether any cloth has it, helpers included. */
    public boolean has(Trait trait) {
        return any(cloth -> cloth.has(trait));
    }

    /** Tells whether something drags on the foot; batting and foam lie inside and never meet it. */
    public boolean dragsOnTheFoot() {
        return any(cloth -> cloth.has(Trait.STICKY) && cloth.make() != Make.BATTING && !cloth.has(Trait.LOFTY));
    }

    /** Returns it in words, such as {@code 2 layers of swim knit}. */
    public String words() {
        return all.stream()
                .map(layers -> (layers.count() == 1 ? "1 layer of " : layers.count() + " layers of ")
                        + layers.cloth().name())
                .collect(Collectors.joining(" and "));
    }

    @Override
    public String toString() {
        return words();
    }

    /** The seam's cloths lie there more often, the helpers once. */
    private double atCrossing(ToDoubleFunction<Cloth> of, int layersThere) {
        double seam = sum(of, carrying);
        return seam * Math.max(1, (double) layersThere / seamLayers()) + sum(of, all) - seam;
    }

    private double sum(ToDoubleFunction<Cloth> of) {
        return sum(of, all);
    }

    private static double sum(ToDoubleFunction<Cloth> of, List<Layers> layers) {
        double sum = 0;
        for (Layers otherLayers : layers) {
            sum += of.applyAsDouble(otherLayers.cloth()) * otherLayers.count();
        }
        return sum;
    }
}
