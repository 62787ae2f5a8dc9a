package belonax.match;

import belonax.BadInput;
import belonax.hazard.Job;
import belonax.hazard.Purpose;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.thread.Tex;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A question to the matcher.
 *
 * @param twin asks for a needle with several points instead of a single one
 * @param proven set-ups that sewed a clean strip on this very cloth, at most 40
 * @param owned needles that lie in the drawer; one that is on no list of made needles is tried as well
 * @param scraps what scraps of this very cloth showed
 */
public record MatchRequest(
        Job job, Optional<TwinWish> twin, List<Proven> proven, List<Needle> owned, List<Scrap> scraps) {

    /**
     * A set-up that worked on this cloth before. What is told of it has to be like the job: a total weight and a thread within a
     * quarter, the same purpose; what is not told counts for this very job. Source: docs/craft.md, "What worked before".
     *
     * @param type kind of needle
     * @param size its size
     * @param layers how many layers it sewed
     * @param tex the thread that it sewed with, all strands together
     * @param purpose what it sewed
     */
    public record Proven(
            NeedleType type, NeedleSize size, OptionalInt layers, OptionalDouble tex, Optional<Purpose> purpose) {
        private static final double LIKE = 0.25;

        public Proven {
            layers.ifPresent(layer -> BadInput.unless(
                    layer >= 1 && layer <= 32, "layers", () -> "A proven set-up sewed 1 to 32 layers."));
            tex.ifPresent(Tex::new);
        }

        /** Returns a set-up that counts for the very job that is asked about. */
        public Proven(NeedleType type, NeedleSize size) {
            this(type, size, OptionalInt.empty(), OptionalDouble.empty(), Optional.empty());
        }

        boolean isOf(Needle needle) {
            return type == needle.type() && size == needle.size();
        }

        /** Tells whether its success says something about this job. */
        public boolean countsFor(Job job) {
            boolean sameLayers = layers.isEmpty()
                    || isLike(
                            layers.getAsInt(),
                            job.stack().layers() + job.stack().stitchingAlready());
            boolean sameThread =
                    tex.isEmpty() || isLike(tex.getAsDouble(), job.thread().totalTex());
            return sameLayers
                    && sameThread
                    && purpose.map(otherPurpose -> otherPurpose == job.purpose())
                            .orElse(true);
        }

        private static boolean isLike(double before, double now) {
            return Math.abs(before - now) <= LIKE * now + 1e-9;
        }
    }

    /**
     * Wish for a needle with several points.
     *
     * @param spacingMm distance in millimetres, told over all for a triple needle
     * @param needles 2 or 3
     */
    public record TwinWish(double spacingMm, int needles) {
        public TwinWish {
            BadInput.unless(
                    spacingMm > 0 && spacingMm <= 10,
                    "spacingMm",
                    () ->
                            "The needles of a twin stand 1.6 to 6 mm apart. The packet gives the distance before the size.");
            BadInput.unless(
                    needles == 2 || needles == 3,
                    "needles",
                    () -> "Needles are made with two or three points. Say 2 or 3.");
        }

        NeedleType type() {
            return NeedleType.onOneShank(needles);
        }
    }

    public MatchRequest {
        proven = List.copyOf(proven);
        owned = List.copyOf(owned);
        scraps = List.copyOf(scraps);
        BadInput.unless(proven.size() <= 40, "proven", () -> "Name at most 40 proven set-ups.");
    }

    /** Asks with nothing in the drawer. */
    public MatchRequest(Job job, Optional<TwinWish> twin, List<Proven> proven) {
        this(job, twin, proven, List.of(), List.of());
    }

    /** Asks for a single needle, with nothing proven. */
    public static MatchRequest of(Job job) {
        return new MatchRequest(job, Optional.empty(), List.of());
    }

    public MatchRequest withTwin(TwinWish wish) {
        return new MatchRequest(job, Optional.of(wish), proven, owned, scraps);
    }

    /** Returns the same question about a single needle. */
    MatchRequest withOneNeedle() {
        return new MatchRequest(job, Optional.empty(), proven, owned, scraps);
    }

    /** Returns the same question about changed work. */
    MatchRequest withJob(Job changed) {
        return new MatchRequest(changed, twin, proven, owned, scraps);
    }

    public MatchRequest withProven(List<Proven> setups) {
        return new MatchRequest(job, twin, setups, owned, scraps);
    }

    public MatchRequest withOwned(List<Needle> needles) {
        return new MatchRequest(job, twin, proven, needles, scraps);
    }

    public MatchRequest withScraps(List<Scrap> seen) {
        return new MatchRequest(job, twin, proven, owned, seen);
    }

    /** Returns the proven set-ups whose success says something about this job. */
    List<Proven> provenHere() {
        return proven.stream().filter(otherProven -> otherProven.countsFor(job)).toList();
    }

    /** Returns the needle systems that the machine lists, the usual one first. */
    public List<NeedleSystem> systems() {
        return job.systems();
    }
}
