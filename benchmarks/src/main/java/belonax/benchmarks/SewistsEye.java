package belonax.benchmarks;

import belonax.balance.Strip;
import belonax.balance.TopFace;
import belonax.balance.Underside;
import java.util.List;
import java.util.SplittableRandom;

/** A sewist's eye, over the one in ten that everybody misreads. */
enum SewistsEye {
    USUAL("as most do"),
    SWAPS_FACES("one strip in ten with its faces swapped") {
        @Override
        Strip read(Strip sewn, List<Strip> before, SplittableRandom random) {
            return random.nextDouble() < 0.1 ? swapped(sewn) : sewn;
        }
    },
    DOTS_FOR_CLEAN("dots taken for clean one time in three") {
        @Override
        Strip read(Strip sewn, List<Strip> before, SplittableRandom random) {
            boolean dots = sewn.top() == TopFace.DOTS || sewn.underside() == Underside.DOTS;
            return dots && random.nextDouble() < 1.0 / 3 ? Strip.of(sewn.dial(), TopFace.CLEAN, Underside.CLEAN) : sewn;
        }
    },
    TWO_RUNNING("8 % misread two running: dots above taken for loops below") {
        @Override
        Strip read(Strip sewn, List<Strip> before, SplittableRandom random) {
            boolean again =
                    before.size() % 2 == 1 && before.get(before.size() - 1).underside() == Underside.LOOPS;
            boolean misread = before.size() % 2 == 0 ? random.nextDouble() < 0.08 : again;
            return misread && sewn.top() == TopFace.DOTS ? Strip.of(sewn.dial(), TopFace.CLEAN, Underside.LOOPS) : sewn;
        }
    };

    private final String words;

    SewistsEye(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    /** Returns the strip as this eye reads it, after those before. */
    Strip read(Strip sewn, List<Strip> before, SplittableRandom random) {
        return sewn;
    }

    private static Strip swapped(Strip it) {
        TopFace top = switch (it.underside()) {
            case DOTS -> TopFace.DOTS;
            case LOOPS, LINE -> TopFace.LINE;
            default -> TopFace.CLEAN;
        };
        Underside below = switch (it.top()) {
            case DOTS -> Underside.DOTS;
            case LINE, DRAWN_UP -> Underside.LINE;
            case CLEAN -> Underside.CLEAN;
        };
        return Strip.of(it.dial(), top, below);
    }
}
