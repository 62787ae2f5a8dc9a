package belonax.hazard;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleType;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleBiFunction;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * One rule of the craft: when it applies, which hazard it moves and by how much in log-odds, the verdict it limits, and
 * the sentence that says why. All of it in one object, so that none of it can drift from the rest.
 */
public final class Factor {
    private final Hazard hazard;
    private final Part part;
    private final Verdict limit;
    private final boolean asksTheNeedle;
    private final boolean asksEyeAndSizeAlone;
    private final Predicate<Job> onJob;
    private final Set<NeedleType> points;
    private final @Nullable Predicate<Needle> kind;
    /** The weight where nothing changes it, otherwise NaN. */
    private final double fixedWeight;

    private final ToDoubleBiFunction<Job, NeedleInUse> weight;
    private final BiFunction<Job, NeedleInUse, String> reason;

    private Factor(Builder it, BiFunction<Job, NeedleInUse, String> reason) {
        this.hazard = it.hazard;
        this.part = it.part;
        this.limit = it.limit;
        this.points = it.points;
        this.asksEyeAndSizeAlone = it.asksEyeAndSizeAlone;
        this.asksTheNeedle = it.needle != null || it.weighsNeedle && !it.sameForTheKind;
        this.onJob = it.job;
        this.kind = it.kind;
        this.fixedWeight = it.needle == null ? it.fixedWeight : Double.NaN;
        Predicate<NeedleInUse> needle = it.needle;
        ToDoubleBiFunction<Job, NeedleInUse> by = it.weight;
        this.weight = needle == null ? by : (job, n) -> needle.test(n) ? by.applyAsDouble(job, n) : 0;
        this.reason = reason;
    }

    /** Starts a rule that makes a hazard likelier by a fixed log-odds. */
    static Builder raises(Hazard hazard, double logOdds) {
        return new Builder(hazard, (job, needle) -> logOdds, false, logOdds);
    }

    /** Starts a rule that makes a hazard less likely by a fixed log-odds. */
    static Builder lowers(Hazard hazard, double logOdds) {
        return new Builder(hazard, (job, needle) -> -logOdds, false, -logOdds);
    }

    /** Starts a rule whose weight depends on the job: 0 where it does not apply. */
    static Builder moves(Hazard hazard, ToDoubleFunction<Job> logOdds) {
        return new Builder(hazard, (job, needle) -> logOdds.applyAsDouble(job), false, Double.NaN);
    }

    /** Starts a rule whose weight depends on job and needle: 0 where it does not apply. */
    static Builder moves(Hazard hazard, ToDoubleBiFunction<Job, NeedleInUse> logOdds) {
        return new Builder(hazard, logOdds, true, Double.NaN);
    }

    public Hazard hazard() {
        return hazard;
    }

    public Part part() {
        return part;
    }

    /** Returns the best verdict that a set-up can have on which this factor fires. */
    public Verdict limit() {
        return limit;
    }

    /** Tells whether size or past of the needle change it; if not, it is worked out once for job and kind of needle. */
    boolean asksTheNeedle() {
        return asksTheNeedle;
    }

    /** Tells whether every needle with the same eye in the same size is alike to it. */
    boolean asksEyeAndSizeAlone() {
        return asksEyeAndSizeAlone;
    }

    boolean mayFireOn(Job job) {
        return onJob.test(job);
    }

    boolean speaksOf(NeedleType point) {
        return points.contains(point);
    }

    /** Tells whether it speaks of needles of this kind: of this system, type and point. */
    boolean speaksOfKindOf(Needle needle) {
        return speaksOf(needle.point()) && (kind == null || kind.test(needle));
    }

    /**
     * Returns the log-odds by which it moves its hazard, for a job that it may fire on and a kind that it speaks of; 0 when
     * it does not fire.
     */
    double weight(Job job, NeedleInUse needle) {
        return isFixed() ? fixedWeight : weight.applyAsDouble(job, needle);
    }

    private boolean isFixed() {
        return !Double.isNaN(fixedWeight);
    }

    /** Returns the sentence that says why, for a set-up on which it fires. */
    String reason(Job job, NeedleInUse needle) {
        return reason.apply(job, needle);
    }

    /** Gathers the clauses of a rule; {@link #because} ends it. */
    static final class Builder {
        private final Hazard hazard;
        private final ToDoubleBiFunction<Job, NeedleInUse> weight;
        private final boolean weighsNeedle;
        private final double fixedWeight;
        private Part part = Part.NEEDLE_TYPE;
        private Verdict limit = Verdict.GOOD;
        private Predicate<Job> job = it -> true;
        private @Nullable Predicate<NeedleInUse> needle;
        private Set<NeedleType> points = EnumSet.allOf(NeedleType.class);
        private @Nullable Predicate<Needle> kind;
        private boolean sameForTheKind;
        private boolean asksEyeAndSizeAlone;

        private Builder(
                Hazard hazard, ToDoubleBiFunction<Job, NeedleInUse> weight, boolean weighsNeedle, double fixedWeight) {
            this.fixedWeight = fixedWeight;
            this.hazard = hazard;
            this.weight = weight;
            this.weighsNeedle = weighsNeedle;
        }

        Builder when(Predicate<Job> condition) {
            job = condition;
            return this;
        }

        /** Applies to needles with one of these points. */
        Builder withPoint(NeedleType first, NeedleType... others) {
            points = EnumSet.of(first, others);
            return this;
        }

        /** Applies to kinds like this; may ask for nothing but system, type and point. */
        Builder withKind(Predicate<Needle> condition) {
            kind = condition;
            return this;
        }

        /** Promises that the weight asks for nothing but system, type and point. */
        Builder sameForTheKind() {
            sameForTheKind = true;
            return this;
        }

        /** Promises that the weight asks for nothing but size, eye, and whether it is a wing needle. */
        Builder byEyeAndSize() {
            asksEyeAndSizeAlone = true;
            return this;
        }

        /** Applies to needles like this one, size and past included. */
        Builder with(Predicate<NeedleInUse> condition) {
            needle = condition;
            return this;
        }

        Builder of(Part value) {
            part = value;
            return this;
        }

        /** The verdict is at best this. */
        Builder atBest(Verdict value) {
            limit = value;
            return this;
        }

        Factor because(String reason) {
            if (reason.isBlank()) {
                throw new IllegalArgumentException("A factor without a reason is no advice: write its sentence.");
            }
            return new Factor(this, (job, needle) -> reason);
        }

        Factor because(BiFunction<Job, NeedleInUse, String> reason) {
            return new Factor(this, reason);
        }

        Factor because(Function<Job, String> reason) {
            return new Factor(this, (job, needle) -> reason.apply(job));
        }
    }
}
