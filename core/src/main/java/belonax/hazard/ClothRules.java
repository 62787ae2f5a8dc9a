package belonax.hazard;

import static belonax.hazard.Factor.moves;
import static belonax.hazard.Factor.raises;
import static belonax.hazard.Hazard.BREAK;
import static belonax.hazard.Hazard.MARK;
import static belonax.hazard.Hazard.PUCKER;
import static belonax.hazard.Hazard.SHRED;
import static belonax.hazard.Hazard.SKIP;

import belonax.cloth.Trait;
import java.util.List;

/** What the cloth brings with it, whatever the needle. Source: docs/craft.md, "Cloth". */
final class ClothRules {
    private ClothRules() {}

    static final List<Factor> ALL = List.of(
            moves(SKIP, job -> 0.006 * job.stretchPercent())
                    .when(Job::isKnit)
                    .of(Part.CLOTH)
                    .because(job -> "A knit that gives " + Math.round(job.stretchPercent())
                            + " % springs back on the needle as it rises."),
            raises(SKIP, 0.3)
                    .when(job -> job.isKnit() && job.isTight())
                    .of(Part.CLOTH)
                    .because("A dense knit grips the blade."),
            raises(PUCKER, 0.4)
                    .when(job -> job.isWoven() && job.isTight())
                    .of(Part.CLOTH)
                    .because("Close yarns have no room for the thread, so the seam draws up a little."),
            raises(SKIP, 0.3)
                    .when(job -> job.isCoated())
                    .of(Part.CLOTH)
                    .because("A coating closes round the thread and holds the loop back."),
            raises(PUCKER, 0.5)
                    .when(job -> job.stack().has(Trait.STICKY))
                    .of(Part.CLOTH)
                    .because("It drags on the foot, and stitches come short: take a non-stick or roller foot."),
            raises(BREAK, 0.9)
                    .when(job -> job.stack().has(Trait.ABRASIVE))
                    .of(Part.CLOTH)
                    .because("Metal, glue, paper or sequins dull and chip the point."),
            raises(SHRED, 0.6)
                    .when(job -> job.stack().has(Trait.ABRASIVE))
                    .of(Part.CLOTH)
                    .because("What wears the needle cuts the thread too."),
            raises(SKIP, 0.25)
                    .when(job -> job.isLofty() || job.hasPile())
                    .of(Part.CLOTH)
                    .because("Loft and pile move under the foot while the loop forms."),
            raises(MARK, 0.8).when(Job::isDelicate).of(Part.CLOTH).because("It snags easily and shows every hole."),
            raises(MARK, 0.5)
                    .when(Job::keepsHoles)
                    .of(Part.CLOTH)
                    .because("Every hole stays: sew once, in the right place, with a long stitch."),
            raises(PUCKER, 0.9)
                    .when(Job::isSheer)
                    .of(Part.CLOTH)
                    .because("Sheer cloth is drawn up by the lightest pull: short stitch, light foot."),
            moves(BREAK, job -> 0.8 * Math.log(job.resistingGsm() / 600))
                    .when(job -> job.resistingGsm() > 700)
                    .of(Part.CLOTH)
                    .because(job -> Math.round(job.resistingGsm()) + " g/m² under the foot loads every blade."),
            raises(SKIP, 0.4)
                    .when(job -> job.stack().thicknessMm() >= 3.5)
                    .of(Part.CLOTH)
                    .because("A stack this thick lifts the foot, and the cloth rises with the needle."),
            moves(
                            BREAK,
                            job -> 0.9
                                    * Math.log((double) job.crossingLayers()
                                            / job.stack().layers()))
                    .when(job -> job.crossingLayers() > job.stack().layers())
                    .of(Part.CLOTH)
                    .because(job -> "At the crossing " + job.crossingLayers()
                            + " layers deflect the needle: flatten, level the foot, turn by hand."),
            moves(
                            SKIP,
                            job -> 0.7
                                    * Math.log((double) job.crossingLayers()
                                            / job.stack().layers()))
                    .when(job -> job.crossingLayers() > job.stack().layers())
                    .of(Part.CLOTH)
                    .because("On a hump the foot tilts and the first stitches down from it skip."),
            raises(BREAK, 1.5)
                    .when(job -> job.clothWindow().isBeyondHomeNeedles())
                    .of(Part.CLOTH)
                    .because("This asks for more than a 120/19: not a bigger needle, but fewer layers, flattened."),
            raises(PUCKER, 0.5)
                    .when(job ->
                            job.purpose() == Purpose.BUTTONHOLE || job.purpose().isDense())
                    .of(Part.STITCH)
                    .because("Dense stitching draws cloth together: put a stabiliser under it."));
}
