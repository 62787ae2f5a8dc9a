package belonax.practice;

import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Twin;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;

/** Which needle is this, and can it still sew? Only kinds whose drawings differ are asked about beside each other. */
final class NeedleDrills {
    private static final List<NeedleType> DRAWN =
            NeedleType.ALL.stream().filter(type -> !type.look().isEmpty()).toList();
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
        Optional<Twin> twin = type.isMultiple() ? Optional.of(new Twin(2.5, NeedleType.UNIVERSAL)) : Optional.empty();
        return new Needle(NeedleSystem.H_130_705, type, size, twin);
    }

    private static Drill kind(DrillId id, Needle needle, RandomGenerator random) {
        NeedleType type = needle.type();
        List<NeedleType> likest = DRAWN.stream()
                .filter(needleType -> needleType != type)
                .sorted(Comparator.comparingDouble(needleType -> differs(type, needleType)))
                .toList();
        int from = (DrillId.HARDEST - id.level()) * 3;
        List<NeedleType> others =
                Stream.concat(likest.stream().skip(from), likest.stream()).toList();
        Choices choices =
                Choices.of(type.words(), others.stream().map(NeedleType::words).toList(), random);
        NeedleDrawing drawing = new NeedleDrawing(needle, NeedleState.SOUND, 0);
        return drill(id, type.name(), "Which needle is this?", choices, type.look(), drawing);
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
                + differs(one, other, NeedleType::isWinged)
                + differs(one, other, NeedleType::isMultiple)
                + differs(one, other, NeedleType::hasDeepScarf) / 4;
    }

    private static double differs(NeedleType one, NeedleType other, Predicate<NeedleType> shape) {
        return shape.test(one) == shape.test(other) ? 0 : ANOTHER_SHAPE;
    }
}
