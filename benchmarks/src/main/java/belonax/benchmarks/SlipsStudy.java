package belonax.benchmarks;

import belonax.balance.Advice;
import belonax.balance.DialAdvisor;
import belonax.balance.Reader;
import belonax.balance.Reading;
import belonax.balance.Slips;
import belonax.balance.Strip;
import belonax.balance.TopFace;
import belonax.balance.Underside;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;

/**
 * What a sewist's own table of slips is worth: strips to a balance, and how much of what is kept is truly balanced, with the
 * table that all share and with her own after 20, 60 and 200 answers. Two thousand made-up sewists of each sort.
 */
public final class SlipsStudy {
    private static final int SEWISTS = 2000;
    private static final int MAX_STRIPS = 12;
    private static final int[] ANSWERS = {0, 20, 60, 200};

    private SlipsStudy() {}

    /** A sort of sewists, by how often each slips. */
    private enum Sort {
        SURE("sure: one in fifty off by a step", 0.02, 0, 0),
        USUAL("as most: one in twelve off by a step", 1.0 / 12, 0, 0),
        DOTS_FOR_CLEAN("dots taken for clean one time in three", 0.04, 1.0 / 3, 0),
        CLEAN_FOR_DOTS("clean taken for dots one time in five", 0.04, 0, 0.2);

        private final String words;
        private final double offByOne;
        private final double dotsForClean;
        private final double cleanForDots;

        Sort(String words, double offByOne, double dotsForClean, double cleanForDots) {
            this.words = words;
            this.offByOne = offByOne;
            this.dotsForClean = dotsForClean;
            this.cleanForDots = cleanForDots;
        }

        /** Returns what is seen of a step, by somebody who slips so many times as often as this sort does. */
        int sees(int step, double times, SplittableRandom random) {
            if (Math.abs(step) == 1 && random.nextDouble() < times * dotsForClean) {
                return 0;
            }
            if (step == 0 && random.nextDouble() < times * cleanForDots) {
                return random.nextBoolean() ? 1 : -1;
            }
            if (random.nextDouble() < times * offByOne) {
                return Math.abs(step) == 2 ? step / 2 : step + (random.nextBoolean() ? 1 : -1);
            }
            return step;
        }
    }

    /** How one search ended. */
    private record Outcome(int strips, boolean kept, boolean balanced) {}

    /** Prints the tables of docs/studies.md. */
    public static void main(String[] args) {
        System.out.println("| how strips are read | answers | strips, mean | kept | truly balanced of the kept |");
        System.out.println("|---|---|---|---|---|");
        for (Sort sort : Sort.values()) {
            for (int answers : ANSWERS) {
                report(sort, answers, 1, sort.words);
            }
        }
        for (int answers : ANSWERS) {
            report(Sort.SURE, answers, 4, "sure in drills, at the machine four times as many slips");
        }
        for (int answers : ANSWERS) {
            report(Sort.USUAL, answers, 2, "as most in drills, at the machine twice as many slips");
        }
    }

    private static void report(Sort sort, int answers, double worse, String words) {
        List<Outcome> all = new ArrayList<>();
        for (int i = 0; i < SEWISTS; i++) {
            SplittableRandom random = new SplittableRandom(71 * 31L + i);
            BalanceStudy.Room room = BalanceStudy.Room.of(random);
            Reader reader = practised(sort, answers, new SplittableRandom(17 * 31L + i));
            all.add(searched(room, reader, sort, worse, random));
        }
        List<Outcome> kept = all.stream().filter(Outcome::kept).toList();
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %.2f | %.1f %% | %.1f %% |%n",
                words,
                answers,
                all.stream().mapToInt(Outcome::strips).average().orElse(0),
                100.0 * kept.size() / all.size(),
                100.0 * kept.stream().filter(Outcome::balanced).count() / Math.max(1, kept.size()));
    }

    private static Reader practised(Sort sort, int answers, SplittableRandom random) {
        List<Slips.Read> reads = new ArrayList<>();
        for (int i = 0; i < answers; i++) {
            int truly = random.nextInt(5) - 2;
            reads.add(new Slips.Read(reading(truly), reading(sort.sees(truly, 1, random))));
        }
        return Slips.of(reads.stream()).reader();
    }

    private static Outcome searched(
            BalanceStudy.Room room, Reader reader, Sort sort, double worse, SplittableRandom random) {
        List<Strip> strips = new ArrayList<>();
        while (true) {
            Advice advice =
                    DialAdvisor.opinion(room.setup(), List.of(), strips, reader).advice();
            if (advice.action() != Advice.Action.SEW_STRIP || strips.size() >= MAX_STRIPS) {
                boolean kept = advice.action() == Advice.Action.KEEP;
                return new Outcome(
                        strips.size(),
                        kept,
                        kept && room.isBalanced(advice.dial().orElseThrow()));
            }
            double dial = advice.dial().orElseThrow();
            strips.add(strip(dial, sort.sees(room.shows(dial, random), worse, random)));
        }
    }

    private static Strip strip(double dial, int step) {
        TopFace top = step >= 2 ? TopFace.LINE : step == 1 ? TopFace.DOTS : TopFace.CLEAN;
        Underside below = step <= -2 ? Underside.LOOPS : step == -1 ? Underside.DOTS : Underside.CLEAN;
        return Strip.of(dial, top, below);
    }

    private static Reading reading(int step) {
        return switch (step) {
            case 2 -> Reading.TOP_LINE;
            case 1 -> Reading.TOP_DOTS;
            case -1 -> Reading.DOTS;
            case -2 -> Reading.LOOPS;
            default -> Reading.CLEAN;
        };
    }
}
