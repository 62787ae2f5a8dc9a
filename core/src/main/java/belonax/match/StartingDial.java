package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.machine.Dial;
import belonax.machine.DialGuide;
import belonax.machine.MachineKind;
import java.util.Locale;

/**
 * Where to start the top dial: where the guide expects this machine's dial to balance ({@link DialGuide}), and what the purpose
 * asks. A test strip decides. Source: docs/craft.md, "Starting dial".
 *
 * @param lower lower end of where to start
 * @param upper upper end
 * @param note why it differs from the usual place, in one sentence
 */
public record StartingDial(double lower, double upper, String note) {
    private static final double EITHER_SIDE = 0.5;
    private static final double NOTICEABLE = 0.5;
    /** Sheers, silks and linings pucker: a fine thread is no reason to pull more than usual. */
    private static final double FINE_CLOTH = 0;

    static StartingDial of(Job job, int needles) {
        Dial dial = job.dial().orElseGet(Dial::numbered);
        double number = DialGuide.number(dial);
        double usual = DialGuide.usual(dial);
        double moved = moved(job, needles);
        double likely =
                Math.max(dial.min() + number, Math.min(dial.max() - number, dial.nearest(usual + moved * number)));
        return new StartingDial(
                likely - EITHER_SIDE * number,
                likely + EITHER_SIDE * number,
                note(job, needles, (likely - usual) / number));
    }

    /** Returns the middle, where the first strip is sewn. */
    public double likely() {
        return (lower + upper) / 2;
    }

    private static double moved(Job job, int needles) {
        double guide = DialGuide.moved(job.thread(), job.stack().heightMm(), job.stitchWidthMm())
                + DialGuide.ofThread(job.thread());
        double puckersAt = job.drawsUpEasily() ? Math.min(guide, FINE_CLOTH) : guide;
        return puckersAt + ofPurpose(job.purpose()) + ofNeedles(job, needles);
    }

    /** Returns by how many numbers the purpose asks for more or less pull. */
    private static double ofPurpose(Purpose purpose) {
        return switch (purpose) {
            case BASTE -> -1;
            case GATHER -> -1.5;
            case SATIN -> -0.75;
            case BUTTONHOLE, DECORATIVE, EMBROIDERY -> -0.5;
            case SHIRRING, PINTUCKS -> 1;
            default -> 0;
        };
    }

    /** A pintuck is drawn up on purpose, so there the several top threads are no reason to loosen. */
    private static double ofNeedles(Job job, int needles) {
        return needles == 1 || job.purpose() == Purpose.PINTUCKS ? 0 : -0.25 * (needles + 1);
    }

    private static String note(Job job, int needles, double higher) {
        if (job.machineKind().filter(MachineKind::hasLoopers).isPresent()) {
            return "Each needle and each looper has a dial of its own: begin with all of them at their usual place, and turn one at a"
                    + " time.";
        }
        if (job.thread().isMetallic() || job.thread().isMonofilament()) {
            return "Lower than usual: this thread wants a light pull.";
        }
        if (ofPurpose(job.purpose()) != 0) {
            return ofPurposeWords(job.purpose());
        }
        if (job.thread().isFilament()) {
            return "A little lower than usual: smooth filament wants a light pull.";
        }
        if (needles > 1) {
            return String.format(
                    Locale.ROOT,
                    "Lower than usual: %s top threads pull on one bobbin thread.",
                    needles == 2 ? "two" : "three");
        }
        if (higher <= -NOTICEABLE) {
            return "Lower than usual for thick thread or a thick stack; a strip on the same stack decides.";
        }
        if (job.drawsUpEasily()) {
            return "Not above the usual place: fine cloth is drawn up by the lightest pull.";
        }
        return higher >= NOTICEABLE
                ? "Higher than usual, because a fine thread slips through the discs more easily."
                : "The usual place; a strip on the same stack decides.";
    }

    private static String ofPurposeWords(Purpose purpose) {
        return switch (purpose) {
            case BASTE -> "A number lower than usual, so that the basting pulls out.";
            case GATHER -> "One to two numbers lower than usual, so that the bobbin thread draws.";
            case SHIRRING -> "A number higher than usual: the elastic is in the bobbin, and the top has to hold it.";
            case PINTUCKS -> "A number higher than usual: the pull is what raises the tuck.";
            default -> "A little lower than usual, so that no bobbin thread shows on top.";
        };
    }
}
