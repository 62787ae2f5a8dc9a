package belonax.benchmarks;

import belonax.sound.Alarm;
import belonax.sound.Knock;
import belonax.sound.KnockWatch;
import belonax.sound.Loudness;
import belonax.sound.SimulatedRoom;
import belonax.sound.SimulatedRoom.Setting;
import belonax.sound.SimulatedRoom.Sewing;
import belonax.sound.StitchEar;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;

/**
 * How well stitches are counted, whether anything else in a room is counted, how soon a knock that grows is told, and how often a word is
 * wrong: made-up rooms, told as envelopes, with a fixed seed.
 */
public final class SoundStudy {
    private static final long SEED = 20261128;
    private static final int RUNS = 40;
    private static final int SECONDS = 180;
    private static final int HOUR = 3600 * Loudness.PER_SECOND;
    private static final int KNOCK_RUNS = 100;
    private static final int GROWS_AFTER = 400;

    private SoundStudy() {}

    public static void main(String[] args) {
        stitches();
        others();
        knocks();
        falseWords(args.length > 0 ? Integer.parseInt(args[0]) : 100);
    }

    private static void stitches() {
        System.out.println(
                "| pace, stitches a second | over the room | all together | half of the runs within | nine in ten |");
        System.out.println("|---|---|---|---|---|");
        for (double overNoise : new double[] {10, 5}) {
            seams(2, 3.5, overNoise);
            seams(3.5, 6, overNoise);
            seams(6, 10, overNoise);
            seams(10, 17, overNoise);
        }
    }

    private static void seams(double slowest, double fastest, double overNoise) {
        double made = 0;
        double heard = 0;
        List<Double> off = new ArrayList<>();
        for (int i = 0; i < RUNS; i++) {
            SimulatedRoom room = new SimulatedRoom(
                    Setting.quiet(Sewing.seams(slowest, fastest), overNoise), new SplittableRandom(SEED + i));
            StitchEar ear = new StitchEar(knock -> {});
            listen(room, ear, SECONDS * Loudness.PER_SECOND);
            made += room.stitches();
            heard += ear.heard().stitches();
            off.add(Math.abs(100 * (ear.heard().stitches() / room.stitches() - 1)));
        }
        Collections.sort(off);
        System.out.printf(
                Locale.ROOT,
                "| %.1f to %.1f | %.0f dB | %+.1f %% | %.1f %% | %.1f %% |%n",
                slowest,
                fastest,
                overNoise,
                100 * (heard / made - 1),
                off.get(RUNS / 2),
                off.get(RUNS * 9 / 10));
    }

    private static void listen(SimulatedRoom room, StitchEar ear, int steps) {
        for (int i = 0; i < steps; i++) {
            ear.hear(room.next());
        }
    }

    private static void others() {
        System.out.println("\n| ten hours of | stitches counted |\n|---|---|");
        Setting nobody = Setting.quiet(Sewing.NEVER, 15);
        other("talk as loud as the machine", nobody.withTalk(1));
        other("a radio as loud as the machine", nobody.withMusic(1));
        other("a radio in the background", nobody.withMusic(0.1));
        other("talk over a radio", nobody.withTalk(0.5).withMusic(0.5));
    }

    private static void other(String words, Setting setting) {
        double counted = 0;
        for (int i = 0; i < 10; i++) {
            StitchEar ear = new StitchEar(knock -> {});
            listen(new SimulatedRoom(setting, new SplittableRandom(SEED + i)), ear, HOUR);
            counted += ear.heard().stitches();
        }
        System.out.printf(Locale.ROOT, "| %s | %.0f |%n", words, counted);
    }

    private static void knocks() {
        System.out.println(
                "\n| knock grows by 6 dB, over the room | told within 200 stitches | stitches until then, mean |");
        System.out.println("|---|---|---|");
        for (double overNoise : new double[] {20, 10, 5}) {
            int told = 0;
            double after = 0;
            for (int i = 0; i < KNOCK_RUNS; i++) {
                double at = toldAfter(Setting.quiet(Sewing.seams(4, 13), overNoise), i);
                told += at > 0 && at <= 200 ? 1 : 0;
                after += at / KNOCK_RUNS;
            }
            System.out.printf(Locale.ROOT, "| %.0f dB | %d of %d | %.0f |%n", overNoise, told, KNOCK_RUNS, after);
        }
    }

    private static double toldAfter(Setting setting, int run) {
        KnockWatch watch = KnockWatch.against(fresh(setting, run));
        StitchEar ear = new StitchEar(watch::hear);
        SimulatedRoom room = new SimulatedRoom(setting.knocking(3, 6, GROWS_AFTER), new SplittableRandom(SEED + run));
        while (!watch.hasGrown() && room.stitches() < GROWS_AFTER + 1000) {
            ear.hear(room.next());
        }
        return room.stitches() - GROWS_AFTER;
    }

    private static Knock fresh(Setting setting, int run) {
        KnockWatch watch = KnockWatch.ofFreshNeedle();
        StitchEar ear = new StitchEar(watch::hear);
        SimulatedRoom room = new SimulatedRoom(setting, new SplittableRandom(SEED * 31 + run));
        while (watch.fresh().isEmpty()) {
            ear.hear(room.next());
        }
        return watch.fresh().get();
    }

    /** A needle that stays as it is, by turns with talk and a radio beside it: nothing that is said is true. */
    private static void falseWords(int hours) {
        int knocks = 0;
        int metal = 0;
        int otherSound = 0;
        double stitches = 0;
        for (int i = 0; i < hours; i++) {
            Setting setting = Setting.quiet(Sewing.seams(4, 13), 10)
                    .withTalk(i % 2 == 0 ? 0 : 0.3)
                    .withMusic(i / 2 % 2 == 0 ? 0 : 0.1);
            KnockWatch watch = KnockWatch.against(fresh(setting, i));
            StitchEar ear = new StitchEar(watch::hear);
            SimulatedRoom room = new SimulatedRoom(setting, new SplittableRandom(SEED + i));
            boolean had = false;
            for (int step = 0; step < HOUR; step++) {
                ear.hear(room.next());
                knocks += watch.hasGrown() && !had ? 1 : 0;
                had = watch.hasGrown();
                if (step % Loudness.PER_SECOND == 0 && ear.heard().alarm() != Alarm.NONE) {
                    metal += ear.heard().alarm() == Alarm.METAL ? 1 : 0;
                    otherSound += ear.heard().alarm() == Alarm.OTHER_SOUND ? 1 : 0;
                    ear.lookedAt();
                }
            }
            stitches += room.stitches();
        }
        System.out.printf(
                Locale.ROOT,
                "%nWrong words in %d hours with %.0f stitches: %d of a knock, %d of metal, %d of another sound.%n",
                hours,
                stitches,
                knocks,
                metal,
                otherSound);
    }
}
