package belonax.life;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Stack;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.Purpose;
import belonax.thread.SewingThread;
import java.util.Comparator;
import java.util.stream.Stream;

/**
 * What sewing on a kind of cloth costs a needle, against ordinary cloth. Where several apply the largest does, not their
 * product. Source: docs/craft.md, "Effective hours".
 */
public enum Wear {
    PAPER(1.8, "paper", "Paper dulls a point almost twice as fast as cloth."),
    HIDE(1.6, "hide", "Hide has no yarns to part: the point cuts its way."),
    DENSE_SYNTHETIC(1.5, "dense synthetics", "Dense synthetic cloth heats the blade and dulls the point."),
    DENIM_CANVAS(1.5, "denim and canvas", "Denim and canvas blunt a point half as fast again."),
    WEBBING(1.5, "webbing", "Webbing is woven as close as canvas, and blunts a point half as fast again."),
    METALLIC(1.4, "metallic thread and dense embroidery", "Metal and dense stitching wear eye and point."),
    GLUE(1.4, "glue, coating and sequins", "Glue, coatings and sequins gum and scratch the blade."),
    BATTING(1.1, "batting", "Batting drags a little on the blade."),
    ORDINARY(1.0, "ordinary cloth", "Ordinary cloth: an hour counts as an hour."),
    SOFT_KNIT(0.9, "soft knits", "A soft knit is kind to a point.");

    private final double factor;
    private final String words;
    private final String reason;

    Wear(double factor, String words, String reason) {
        this.factor = factor;
        this.words = words;
        this.reason = reason;
    }

    /** Returns the wear of one kind of work: the hardest that anything in it asks for. */
    public static Wear of(Stack stack, SewingThread thread, Purpose purpose) {
        Stream<Wear> ofCloths = Stream.concat(
                stack.carrying().stream().map(layers -> of(layers.cloth())),
                stack.helping().stream().map(layers -> ofHelper(layers.cloth())));
        Stream<Wear> ofThread =
                thread.isMetallic() || purpose == Purpose.EMBROIDERY ? Stream.of(METALLIC) : Stream.empty();
        return Stream.concat(ofCloths, ofThread)
                .max(Comparator.comparingDouble(Wear::factor))
                .orElse(ORDINARY);
    }

    /** A tape in the seam makes no denim of it. */
    private static Wear ofHelper(Cloth cloth) {
        Wear own = of(cloth);
        return own == DENIM_CANVAS || own == DENSE_SYNTHETIC ? ORDINARY : own;
    }

    private static Wear of(Cloth cloth) {
        boolean tightWoven = cloth.structure() == Structure.WOVEN && cloth.density() == Density.TIGHT;
        if (cloth.structure() == Structure.NONWOVEN && cloth.has(Trait.ABRASIVE)) {
            return PAPER;
        }
        if (cloth.structure() == Structure.HIDE) {
            return HIDE;
        }
        if (cloth.make() == Make.WEBBING) {
            return WEBBING;
        }
        if (tightWoven && cloth.weightGsm() >= 230) {
            return DENIM_CANVAS;
        }
        if (tightWoven && (cloth.weightGsm() < 130 || cloth.has(Trait.COATED))) {
            return DENSE_SYNTHETIC;
        }
        if (cloth.has(Trait.ABRASIVE) || cloth.has(Trait.STICKY) || cloth.has(Trait.COATED)) {
            return GLUE;
        }
        if (cloth.structure() == Structure.NONWOVEN && cloth.has(Trait.LOFTY)) {
            return BATTING;
        }
        return cloth.structure() == Structure.KNIT && cloth.density() != Density.TIGHT ? SOFT_KNIT : ORDINARY;
    }

    /** Returns by how much an hour counts, from 0.9 to 1.8. */
    public double factor() {
        return factor;
    }

    /** Tells whether it leaves lint in the machine. */
    public boolean isLinty() {
        return this == BATTING || this == SOFT_KNIT;
    }

    public String words() {
        return words;
    }

    /** Returns why, a whole sentence. */
    public String reason() {
        return reason;
    }
}
