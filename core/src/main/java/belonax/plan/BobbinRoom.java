package belonax.plan;

import belonax.BadInput;
import belonax.machine.BobbinClass;
import belonax.thread.SewingThread;

/**
 * The room for thread on a bobbin: a ring. Thread fills 0.7 of it. Source: docs/craft.md, "Bobbins".
 *
 * @param diameterMm outer diameter, 5 to 60 mm
 * @param coreMm diameter of the core, above 0 and below the outer one
 * @param widthMm between the sides, 2 to 40 mm
 */
public record BobbinRoom(double diameterMm, double coreMm, double widthMm) {
    private static final double FILLED = 0.7;
    /** The two sides take some of the width over all. */
    private static final double SIDES_MM = 1.6;

    public BobbinRoom {
        BadInput.unless(
                diameterMm >= 5 && diameterMm <= 60, "diameterMm", () -> "A bobbin is 5 to 60 mm across; measure it.");
        BadInput.unless(
                coreMm > 0 && coreMm < diameterMm, "coreMm", () -> "The core is thinner than the bobbin; measure it.");
        BadInput.unless(widthMm >= 2 && widthMm <= 40, "widthMm", () -> "A bobbin is 2 to 40 mm wide; measure it.");
    }

    public static BobbinRoom of(BobbinClass bobbin) {
        return new BobbinRoom(bobbin.diameterMm(), bobbin.coreMm(), bobbin.widthMm() - SIDES_MM);
    }

    /** Returns about how many metres a full bobbin holds, in whole metres. */
    public double aboutMetres(SewingThread thread) {
        return Math.rint(metres(thread));
    }

    /** Returns the metres that a full bobbin holds. */
    public double metres(SewingThread thread) {
        double room = (square(diameterMm) - square(coreMm)) * widthMm;
        return FILLED * room / square(thread.diameterMm()) / 1000;
    }

    private static double square(double value) {
        return value * value;
    }
}
