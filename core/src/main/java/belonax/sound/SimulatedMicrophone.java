package belonax.sound;

import java.util.function.DoubleConsumer;
import java.util.random.RandomGenerator;
import uk.me.berndporr.iirj.Butterworth;

/** What a microphone would record in a made-up sewing room: noise in two bands, the hum of a motor, the ring of metal. */
public final class SimulatedMicrophone {
    private static final int ORDER = 2;
    private static final double HUM_HZ = 100;
    private static final double HUM = 0.3;
    private static final double RING_HZ = 3100;
    private static final int SETTLES = 20_000;

    private final SimulatedRoom room;
    private final int sampleRate;
    private final Band body;
    private final Band bright;
    private long sampled;

    /** Noise between two frequencies, of power 1. */
    private static final class Band {
        private final Butterworth filter = new Butterworth();
        private final RandomGenerator chance;
        private final double scale;

        Band(double lowHz, double highHz, int sampleRate, RandomGenerator chance) {
            this.chance = chance;
            filter.bandPass(ORDER, sampleRate, (lowHz + highHz) / 2, highHz - lowHz);
            double power = 0;
            for (int i = 0; i < SETTLES; i++) {
                double sample = filter.filter(chance.nextGaussian());
                power += sample * sample / SETTLES;
            }
            scale = 1 / Math.sqrt(power);
        }

        double next() {
            return scale * filter.filter(chance.nextGaussian());
        }
    }

    /** @param sampleRate samples of one second, 16 000 to 192 000 */
    public SimulatedMicrophone(SimulatedRoom room, int sampleRate, RandomGenerator chance) {
        this.room = room;
        this.sampleRate = sampleRate;
        body = new Band(400, 1800, sampleRate, chance);
        bright = new Band(EnvelopeMeter.BRIGHT_HZ + 500, EnvelopeMeter.HIGHEST_HZ - 800, sampleRate, chance);
    }

    /**
     * Records so many steps of five milliseconds.
     *
     * @param sample is told of each sample, -1 to 1
     */
    public void record(int steps, DoubleConsumer sample) {
        for (int step = 0; step < steps; step++) {
            room.go();
            long end = (long) Math.ceil(room.seconds() * sampleRate - 1e-6);
            while (sampled < end) {
                sample.accept(next((double) sampled++ / sampleRate));
            }
        }
    }

    private double next(double time) {
        double hum = room.rate() > 0 ? HUM * Math.sin(2 * Math.PI * HUM_HZ * time) : 0;
        double ring = Math.sqrt(2 * room.ring()) * Math.sin(2 * Math.PI * RING_HZ * time);
        double noise = Math.sqrt(room.body()) * body.next()
                + Math.sqrt(Math.max(0, room.bright() - room.ring())) * bright.next();
        return Math.max(-1, Math.min(1, SimulatedRoom.LEVEL * (noise + hum + ring)));
    }
}
