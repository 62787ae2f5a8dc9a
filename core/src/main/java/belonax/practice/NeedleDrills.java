package belonax.practice;

import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;

/** Which needle is this, and can it still sew? Only kinds whose drawings differ are asked about beside each other. */
final class NeedleDrills {
    private static final List<NeedleType> DRAWN = List.of(
            NeedleType.UNIVERSAL,
            NeedleType.JERSEY,
            NeedleType.STRETCH,
            NeedleType.SHARP,
            NeedleType.JEANS,
            NeedleType.EMBROIDERY,
            NeedleType.METALLIC,
            NeedleType.TOPSTITCH,
            NeedleType.LEATHER,
            NeedleType.WING,
            NeedleType.TWIN);
    private static final List<NeedleSize> SIZES =
            List.of(NeedleSize.ofNm(75), NeedleSize.ofNm(80), NeedleSize.ofNm(90));
    private static final double ANOTHER_SHAPE = 10;
    private static final int ASKS_STATE = 3;

    private NeedleDrills() {}

    static Drill make(DrillId id, RandomGenerator random) {
        NeedleType type = DRAWN.get(random.nextInt(DRAWN.size()));
        NeedleSize size = SIZES.get(random.nextInt(SIZES.size()));
        boolean asksState = random.nextInt(ASKS_STATE) == 0;
        Needle needle = needle(type, size);
        return asksState && needle.count() == 1 ? state(id, needle, random) : kind(id, needle, random);
    }

    private static Needle needle(NeedleType type, NeedleSize size) {
        Optional<Twin> twin =
                type == NeedleType.TWIN ? Optional.of(new Twin(2.5, NeedleType.UNIVERSAL)) : Optional.empty();
        return new Needle(NeedleSystem.H_130_705, type, size, twin);
    }

    private static Drill kind(DrillId id, Needle needle, RandomGenerator random) {
        NeedleType type = needle.type();
        List<NeedleType> likest = DRAWN.stream()
                .filter(it -> it != type)
                .sorted(Comparator.comparingDouble(it -> differs(type, it)))
                .toList();
        int from = (DrillId.HARDEST - id.level()) * 3;
        List<NeedleType> others =
                Stream.concat(likest.stream().skip(from), likest.stream()).toList();
        Choices choices =
                Choices.of(type.words(), others.stream().map(NeedleType::words).toList(), random);
        NeedleDrawing drawing = new NeedleDrawing(needle, NeedleState.SOUND, 0);
        return drill(id, type.name(), "Which needle is this?", choices, why(type), drawing);
    }

    private static Drill state(DrillId id, Needle needle, RandomGenerator random) {
        NeedleState state = NeedleState.values()[random.nextInt(NeedleState.values().length)];
        Choices choices = Choices.of(
                state.words(),
                Stream.of(NeedleState.values()).map(NeedleState::words).toList(),
                random);
        double amount = 1 - 0.35 * id.level() - 0.1 * random.nextDouble();
        return drill(
                id,
                state.name(),
                "Can this needle still sew?",
                choices,
                state.why(),
                new NeedleDrawing(needle, state, amount));
    }

    private static Drill drill(
            DrillId id, String topic, String question, Choices choices, String why, NeedleDrawing drawing) {
        return new Drill(
                id,
                new Topic(DrillKind.NEEDLE, topic),
                question,
                choices.words(),
                choices.right(),
                why,
                List.of(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.of(drawing),
                "");
    }

    /** How much two kinds differ to the eye: tip, eye, scarf, and what no other has. */
    private static double differs(NeedleType one, NeedleType other) {
        return Math.abs(one.tipRadiusMm() - other.tipRadiusMm()) / 0.02
                + Math.abs(one.eye().lengthMm() - other.eye().lengthMm()) / 0.3
                + Math.abs(one.eye().widthShare() - other.eye().widthShare()) / 0.04
                + differs(one, other, NeedleType.WING)
                + differs(one, other, NeedleType.TWIN)
                + differs(one, other, NeedleType.STRETCH) / 4;
    }

    private static double differs(NeedleType one, NeedleType other, NeedleType special) {
        return (one == special) == (other == special) ? 0 : ANOTHER_SHAPE;
    }

    private static String why(NeedleType it) {
        return switch (it) {
            case UNIVERSAL ->
                "Its tip is slightly rounded and its eye is the standard one: a universal needle, for ordinary wovens.";
            case JERSEY ->
                "The roundest tip of all with a standard eye: a jersey needle parts a knit's loops instead of piercing them.";
            case STRETCH ->
                "A rounded tip, the eye set higher and the scarf deeper than any other's: a stretch needle, so that the hook catches the loop in elastic knits.";
            case SHARP ->
                "A slim tip with hardly any rounding and a standard eye: a sharp needle, for dense, fine or coated wovens.";
            case JEANS ->
                "A tip between sharp and universal, with a standard eye: a jeans needle, for denim and many layers.";
            case EMBROIDERY ->
                "A wider and slightly longer eye over a soft tip: an embroidery needle spares thread at speed.";
            case METALLIC -> "A long eye over a universal tip: a metallic needle lets foil run without rubbing.";
            case TOPSTITCH ->
                "The longest and widest eye, with a keen tip: a topstitch needle takes thick or doubled thread.";
            case LEATHER ->
                "A plain wedge that cuts instead of a rounding: a leather needle, for hides and nothing else.";
            case WING -> "Two blades stand out beside the eye: a wing needle opens holes in loose linen on purpose.";
            default -> "Two needles stand on one shank: a twin, for two lines at once.";
        };
    }
}
