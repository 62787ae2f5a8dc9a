package belonax.practice;

import belonax.needle.Needle;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.ThreadLabel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.random.RandomGenerator;

/** What does this label say? Labels of packets and of spools, each read by the same reader that the drawer asks. */
final class LabelDrills {
    private static final List<NeedleType> PRINTED =
            NeedleType.ALL.stream().filter(type -> !type.isRare()).toList();
    private static final NeedleRange RANGE = NeedleRange.standard();
    private static final double TWIN_MM = 4;
    private static final List<String> SPOOLS = List.of(
            "No. 100", "No. 120", "No. 60", "No. 30", "tex 40", "tex 80", "Nm 60/3", "Ne 40/2", "150 den", "300 den");
    private static final int ASKS_SPOOL = 3;

    private LabelDrills() {}

    static Drill make(DrillId id, RandomGenerator random) {
        return random.nextInt(ASKS_SPOOL) == 0 ? spool(id, random) : packet(id, random);
    }

    private static Drill packet(DrillId id, RandomGenerator random) {
        NeedleType type = PRINTED.get(random.nextInt(PRINTED.size()));
        List<Needle> made = made(type);
        Needle needle = made.get(random.nextInt(made.size()));
        List<String> others = new ArrayList<>();
        if (id.level() > 0) {
            others.add(made.get((made.indexOf(needle) + 1) % made.size()).words());
        }
        List<NeedleType> kinds = new ArrayList<>(PRINTED);
        Choices.mix(kinds, random);
        kinds.stream()
                .filter(needleType -> needleType != type)
                .forEach(needleType ->
                        others.add(nearest(needleType, needle.size()).words()));
        String label = needle.label();
        Needle read = NeedleLabel.read(label).needle().orElseThrow();
        Choices choices = Choices.of(read.words(), others, random);
        return Drill.ofWords(id, type.name(), "What lies in the packet?", label, choices, why(read));
    }

    private static String why(Needle needle) {
        String size = needle.size().nm() + " is the blade in hundredths of a millimetre, "
                + needle.size().trade() + " the same size as a number.";
        return needle.twin()
                .map(twin -> "ZWI stands for a twin, the number before the stroke for the " + twin.spacingMm()
                        + " mm between its needles; " + size)
                .orElseGet(() -> letters(needle.type()) + size);
    }

    /** The H is the scarf's letter; what the point is like follows it. */
    private static String letters(NeedleType type) {
        String behindTheH = type.suffix().replaceFirst("^H[\\s-]*", "");
        return behindTheH.isEmpty()
                ? "The H is the letter of the scarf; where no other follows, it is a " + type.words() + " needle. "
                : "“" + behindTheH + "” stands for the " + type.words() + " kind, the H before it for the scarf; ";
    }

    /** Only what is made is asked for, and only what is made is offered beside it. */
    private static List<Needle> made(NeedleType type) {
        return RANGE.of(NeedleSystem.H_130_705).stream()
                .filter(needle -> needle.type() == type)
                .filter(needle -> needle.twin()
                        .map(twin -> twin.spacingMm() == TWIN_MM && twin.point().hasDeepScarf())
                        .orElse(true))
                .toList();
    }

    private static Needle nearest(NeedleType type, NeedleSize size) {
        return made(type).stream()
                .min(Comparator.comparingInt(needle -> Math.abs(needle.size().step() - size.step())))
                .orElseThrow();
    }

    private static Drill spool(DrillId id, RandomGenerator random) {
        String label = SPOOLS.get(random.nextInt(SPOOLS.size()));
        ThreadLabel.Reading read = ThreadLabel.read(label).likeliest();
        List<String> others =
                new ArrayList<>(SPOOLS.stream().map(LabelDrills::thick).toList());
        Choices.mix(others, random);
        Choices choices = Choices.of(thick(label), others, random);
        return Drill.ofWords(id, read.numbering().name(), "How thick is this thread?", label, choices, read.why());
    }

    private static String thick(String label) {
        return "tex " + ThreadLabel.read(label).likeliest().tex().shown();
    }
}
