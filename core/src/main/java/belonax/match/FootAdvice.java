package belonax.match;

import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.hazard.Job;
import belonax.hazard.Purpose;

/**
 * The foot to start with. Too much pressure waves knits and puckers thin cloth; too little lets it slip. Source:
 * docs/craft.md, "Stitch and foot".
 *
 * @param kind which foot, in words
 */
public record FootAdvice(Pressure pressure, String kind) {

    /** How hard the foot presses. */
    public enum Pressure {
        LIGHT("light"),
        NORMAL("normal"),
        FIRM("firm");

        private final String words;

        Pressure(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    static FootAdvice of(Job job) {
        return new FootAdvice(pressure(job), kind(job));
    }

    private static Pressure pressure(Job job) {
        boolean light = job.isKnit()
                || job.resistingGsm() < 150
                || job.isDelicate()
                || job.hasPile()
                || job.isLofty()
                || job.purpose() == Purpose.FREE_MOTION;
        if (light) {
            return Pressure.LIGHT;
        }
        return job.wantsStiffBlade() ? Pressure.FIRM : Pressure.NORMAL;
    }

    private static String kind(Job job) {
        if (job.purpose() == Purpose.FREE_MOTION || job.purpose() == Purpose.EMBROIDERY) {
            return "open hopping foot";
        }
        if (job.purpose() == Purpose.BUTTONHOLE) {
            return "buttonhole foot";
        }
        if (job.stack().has(Trait.STICKY) || job.isHide() || job.isFilm()) {
            return "non-stick or roller foot";
        }
        boolean layered = job.isLofty() && job.stack().has(Structure.NONWOVEN)
                || job.hasPile()
                || job.stack().layers() >= 6;
        return layered ? "walking foot" : "standard foot";
    }
}
