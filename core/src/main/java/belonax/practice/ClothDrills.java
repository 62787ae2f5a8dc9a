package belonax.practice;

import belonax.Shown;
import belonax.cloth.Stretch;
import belonax.cloth.SwatchWeight;
import belonax.cloth.WeightClass;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;

/** What does the scale say of a cloth, and what the pull? Judged by what measures swatches in the drawer. */
final class ClothDrills {
    private static final double SIDE_CM = 20;
    private static final double[] RESTS_MM = {50, 80, 100, 120};
    /** At most this share of what it gained stays. */
    private static final double GROWN = 0.3;
    /** How far each sort gives: hardly, a little, like a jersey, a great deal. */
    private static final double[][] GIVES = {{2, 6}, {12, 35}, {42, 44}, {50, 95}};

    private ClothDrills() {}

    static Drill make(DrillId id, RandomGenerator random) {
        return random.nextBoolean() ? weighed(id, random) : pulled(id, random);
    }

    private static Drill weighed(DrillId id, RandomGenerator random) {
        WeightClass[] all = WeightClass.values();
        int at = random.nextInt(all.length);
        double from = all[at].fromGsm();
        double to = at + 1 < all.length ? all[at + 1].fromGsm() : 600;
        // The harder, the nearer to a border; never so near that the scale could not tell.
        double margin = 0.35 - 0.12 * id.level() + 0.08 * random.nextDouble();
        double share = random.nextBoolean() ? margin : 1 - margin;
        double gsm = from + Math.max(0.1, share) * (to - from);
        double grams = Math.round(gsm * SIDE_CM * SIDE_CM / 10_000 * 10) / 10.0;
        SwatchWeight read = SwatchWeight.measure(grams, SIDE_CM, SIDE_CM, 0.1);
        Choices choices = Choices.of(
                read.weightClass().words(),
                Stream.concat(neighbours(read.weightClass()), Stream.of(all).map(WeightClass::words))
                        .toList(),
                random);
        return Drill.ofWords(
                id,
                read.weightClass().name(),
                "What class of woven is it?",
                "A swatch of 20 by 20 cm weighs " + Shown.number(grams) + " g.",
                choices,
                "20 by 20 cm is a twenty-fifth of a square metre, so it weighs " + Shown.number(Math.rint(read.gsm()))
                        + " g/m², and that is " + read.weightClass().words() + ".");
    }

    private static Stream<String> neighbours(WeightClass weightClass) {
        return Stream.of(WeightClass.values())
                .filter(other -> Math.abs(other.ordinal() - weightClass.ordinal()) <= 2)
                .map(WeightClass::words);
    }

    private static Drill pulled(DrillId id, RandomGenerator random) {
        int sort = random.nextInt(GIVES.length);
        double gives = GIVES[sort][0] + random.nextDouble() * (GIVES[sort][1] - GIVES[sort][0]);
        double rest = RESTS_MM[random.nextInt(RESTS_MM.length)];
        double stretched = Math.rint(rest * (1 + gives / 100));
        double after = Math.rint(rest + random.nextDouble() * GROWN * (stretched - rest));
        Stretch read = Stretch.measure(rest, stretched, after);
        List<String> others = Stream.of(GIVES)
                .map(values -> says(Stretch.measure(100, 100 + values[0], 100)))
                .toList();
        return Drill.ofWords(
                id,
                "GIVES_" + sort,
                "What does the pull say?",
                "A mark of " + Shown.number(rest) + " mm measures " + Shown.number(stretched) + " mm pulled, and "
                        + Shown.number(after) + " mm when it is let go.",
                Choices.of(says(read), others, random),
                Shown.number(stretched - rest) + " mm more on " + Shown.number(rest) + " mm is "
                        + Shown.number(Math.rint(read.stretchPercent())) + " per cent, and it takes back "
                        + Shown.number(Math.rint(read.recoveryPercent())) + " per cent of that. " + read.advice());
    }

    /** The needle's sentence; what follows is about recovery. */
    private static String says(Stretch read) {
        int end = read.advice().indexOf('.');
        return end < 0 ? read.advice() : read.advice().substring(0, end + 1);
    }
}
