package belonax.sound;

import java.util.random.RandomGenerator;

/** Made-up talk: syllables of uneven length in phrases, some of them with a hiss. */
final class SimulatedTalk {
    private final RandomGenerator chance;
    private double toNext;
    private int syllables;
    private double voice;
    private double rise;
    private double hiss;
    private double hissLeft;
    private double fall = 0.1;

    SimulatedTalk(RandomGenerator chance) {
        this.chance = chance;
    }

    /** Goes on; afterwards its powers hold for the step. */
    void next(double seconds) {
        toNext -= seconds;
        if (toNext <= 0) {
            syllable();
        }
        double taken = rise * Math.min(1, seconds / 0.02);
        rise -= taken;
        voice = voice * Math.exp(-seconds / fall) + taken;
        hissLeft -= seconds;
        if (hissLeft <= 0) {
            hiss *= 0.5;
        }
    }

    private void syllable() {
        if (syllables-- <= 0) {
            syllables = 4 + chance.nextInt(16);
            toNext = 0.2 + 1.5 * chance.nextDouble();
            return;
        }
        toNext = Math.max(0.08, 0.19 * Math.exp(0.4 * chance.nextGaussian()));
        fall = 0.05 + 0.08 * chance.nextDouble();
        rise += Math.exp(1.1 * chance.nextGaussian());
        if (chance.nextDouble() < 0.35) {
            hiss = 0.4 * Math.exp(chance.nextGaussian());
            hissLeft = 0.04 + 0.08 * chance.nextDouble();
        }
    }

    double body() {
        return voice;
    }

    double bright() {
        return 0.06 * voice + hiss;
    }
}
