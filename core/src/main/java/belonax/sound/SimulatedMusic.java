package belonax.sound;

import java.util.random.RandomGenerator;

/** Made-up music as from a radio: a drum kit and notes on the beats of a song, a new one every few minutes. */
final class SimulatedMusic {
    private static final int SIXTEENTHS = 16;

    private final RandomGenerator chance;
    private double songLeft;
    private double sixteenth;
    private double toNext;
    private int at;
    private boolean hatsOnSixteenths;
    private double liveliness;
    private double busy;
    private double drum;
    private double hat;
    private double note;
    private double noteFall = 0.3;

    SimulatedMusic(RandomGenerator chance) {
        this.chance = chance;
    }

    /** Goes on; afterwards its powers hold for the step. */
    void next(double seconds) {
        songLeft -= seconds;
        if (songLeft <= 0) {
            song();
        }
        toNext -= seconds;
        drum *= Math.exp(-seconds / 0.03);
        hat *= Math.exp(-seconds / 0.02);
        note *= Math.exp(-seconds / noteFall);
        if (toNext <= 0) {
            beat();
        }
    }

    private void song() {
        songLeft = 120 + 120 * chance.nextDouble();
        sixteenth = 60 / (70 + 90 * chance.nextDouble()) / 4;
        hatsOnSixteenths = chance.nextDouble() < 0.35;
        liveliness = chance.nextDouble() < 0.5 ? 0 : 0.006;
        busy = 0.2 + 0.5 * chance.nextDouble();
    }

    private void beat() {
        toNext += sixteenth + liveliness * chance.nextGaussian();
        if (at == 0 || at == 8 || at == 10 && chance.nextDouble() < busy) {
            drum += 2 * loudness();
        }
        if (at == 4 || at == 12) {
            drum += 1.4 * loudness();
            hat += 0.7 * loudness();
        }
        if (hatsOnSixteenths || at % 2 == 0) {
            hat += (at % 4 == 2 ? 0.4 : 0.25) * loudness();
        }
        if (chance.nextDouble() < (at % 2 == 0 ? busy : 0.4 * busy)) {
            note += 0.8 * loudness();
            noteFall = 0.1 + 0.3 * chance.nextDouble();
        }
        at = (at + 1) % SIXTEENTHS;
    }

    private double loudness() {
        return Math.exp(0.25 * chance.nextGaussian());
    }

    double body() {
        return drum + note + 0.1;
    }

    double bright() {
        return hat + 0.1 * note + 0.03 * drum;
    }
}
