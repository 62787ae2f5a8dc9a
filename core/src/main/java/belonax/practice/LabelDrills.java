package belonax.practice;

import belonax.needle.Needle;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import belonax.thread.ThreadLabel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;

/** What does this label say? Labels of packets and of spools, each read by the same reader that the drawer asks. */
final class LabelDrills {
    private static final List<NeedleType> PRINTED = List.of(
            NeedleType.UNIVERSAL,
            NeedleType.JERSEY,
            NeedleType.STRETCH,
            NeedleType.SHARP,
            NeedleType.JEANS,
            NeedleType.QUILTING,
            NeedleType.EMBROIDERY,
            NeedleType.METALLIC,
            NeedleType.TOPSTITCH,
            NeedleType.LEATHER,
            NeedleType.TWIN);
    private static final List<NeedleSize> SIZES =
            Stream.of(70, 75, 80, 90, 100, 110).map(NeedleSize::ofNm).toList();
    private static final List<String> SPOOLS = List.of(
            "No. 100", "No. 120", "No. 60", "No. 30", "tex 40", "tex 80", "Nm 60/3", "Ne 40/2", "150 den", "300 den");
    private static final int ASKS_SPOOL = 3;

    private LabelDrills() {}

    static Drill make(DrillId id, RandomGenerator random) {
        return random.nextInt(ASKS_SPOOL) == 0 ? spool(id, random) : packet(id, random);
    }

    private static Drill packet(DrillId id, RandomGenerator random) {
        NeedleType type = PRINTED.get(random.nextInt(PRINTED.size()));
        NeedleSize size = SIZES.get(random.nextInt(SIZES.size()));
        Needle needle = needle(type, size);
        List<String> others = new ArrayList<>();
        if (id.level() > 0) {
            NeedleSize next = SIZES.get((SIZES.indexOf(size) + 1) % SIZES.size());
            others.add(needle(type, next).words());
        }
        List<NeedleType> kinds = new ArrayList<>(PRINTED);
        Choices.mix(kinds, random);
        kinds.stream()
                .filter(it -> it != type)
                .forEach(it -> others.add(needle(it, size).words()));
        String label = needle.label();
        Needle read = NeedleLabel.read(label).needle().orElseThrow();
        Choices choices = Choices.of(read.words(), others, random);
        return Drill.ofWords(id, type.name(), "What lies in the packet?", label, choices, why(read));
    }

    private static String why(Needle it) {
        String size = it.size().nm() + " is the blade in hundredths of a millimetre, "
                + it.size().trade() + " the same size as a number.";
        return it.twin()
                .map(twin -> "ZWI stands for a twin, the number before the stroke for the " + twin.spacingMm()
                        + " mm between its needles; " + size)
                .orElse("“" + it.type().suffix() + "” stands for the "
                        + it.type().words() + " kind; " + size);
    }

    private static Needle needle(NeedleType type, NeedleSize size) {
        Optional<Twin> twin = type == NeedleType.TWIN ? Optional.of(new Twin(4, NeedleType.STRETCH)) : Optional.empty();
        return new Needle(NeedleSystem.H_130_705, type, size, twin);
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
