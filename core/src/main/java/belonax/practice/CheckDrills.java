package belonax.practice;

import belonax.Shown;
import belonax.fault.FaultFinder;
import belonax.fault.FaultFinder.Ranked;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.Trouble;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/** What is checked first? The answer is the fault finder's own. */
final class CheckDrills {
    private static final List<Symptom> ASKED = List.of(
            Symptom.SKIPPED_STITCHES,
            Symptom.TOP_THREAD_BREAKS,
            Symptom.THREAD_SHREDS,
            Symptom.NEEDLE_BREAKS,
            Symptom.NEST_BELOW,
            Symptom.LOOPS_BELOW,
            Symptom.UNEVEN_TENSION,
            Symptom.PUCKER,
            Symptom.DOES_NOT_FEED,
            Symptom.BOBBIN_NOT_PICKED_UP,
            Symptom.THUMP,
            Symptom.METAL_NOISE);
    private static final FaultFinder FINDER = FaultFinder.standard();

    private CheckDrills() {}

    static Drill make(DrillId id, RandomGenerator random) {
        Symptom symptom = ASKED.get(random.nextInt(ASKED.size()));
        List<Ranked> ranked = FINDER.rank(Trouble.of(symptom), SearchSchool.LIKELIEST_PER_MINUTE)
                .checks();
        Ranked first = ranked.get(0);
        // Its real rival is always among the four; the farther down the list the others, the plainer the answer.
        int from = Math.min(2 + (DrillId.HARDEST - id.level()) * 3, ranked.size() - (Drill.CHOICES - 2));
        List<Ranked> others = new ArrayList<>(ranked.subList(from, from + Drill.CHOICES - 2));
        others.add(0, ranked.get(1));
        Choices choices =
                Choices.of(title(first), others.stream().map(CheckDrills::title).toList(), random);
        return Drill.ofWords(
                id,
                symptom.name(),
                "Which of these four is checked first?",
                "You notice: " + symptom.words() + ".",
                choices,
                why(first, others.get(0)));
    }

    private static String title(Ranked ranked) {
        return ranked.check().title();
    }

    private static String why(Ranked first, Ranked other) {
        if (first.isForSafety()) {
            return "“" + title(first) + "” comes first: it has to be right before the machine runs again.";
        }
        return "“" + title(first) + "” finds it in " + ofHundred(first) + " of 100 such troubles and takes "
                + minutes(first) + "; “" + title(other) + "” in " + ofHundred(other) + ", and takes " + minutes(other)
                + ".";
    }

    private static long ofHundred(Ranked ranked) {
        return Math.round(100 * ranked.probability());
    }

    private static String minutes(Ranked ranked) {
        double minutes = ranked.check().minutes();
        return minutes < 1 ? "half a minute" : minutes == 1 ? "a minute" : Shown.number(minutes) + " minutes";
    }
}
