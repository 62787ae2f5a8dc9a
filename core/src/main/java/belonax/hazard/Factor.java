package belonax.hazard;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleType;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleBiFunction;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One rule of the craft: when it applies and how far, which hazard it moves and by how much in log-odds, the verdict it
 * limits, and the sentence that says why. All of it in one object, so that none of it can drift from the rest. A rule about
 * points is asked of each carrying cloth by itself: what raises a hazard counts as on the cloth that fares worst, what lowers
 * it by the share of the cloths that gain, and the sentence names the cloth.
 */
public final class Factor {
    /** A rule forbids where it applies by more than half, and warns from half on, so that there is no gap between the two. */
    private static final double LIMITS_BEYOND = 0.5;

    private final Hazard hazard;
    private final Part part;
    private final Verdict limit;
    private final boolean asksTheNeedle;
    private final boolean asksEyeAndSizeAlone;
    private final Predicate<Job> onJob;
    private final ToDoubleFunction<Job> jobDegree;
    private final @Nullable ToDoubleFunction<Carried> clothDegree;
    private final ToDoubleFunction<Carried> clothWeight;
    private final Set<NeedleType> points;
    private final @Nullable Predicate<Needle> kind;
    private final ToDoubleBiFunction<Job, NeedleInUse> weight;
    private final BiFunction<Job, NeedleInUse, String> reason;
    private final Function<Carried, String> clothReason;

    private Factor(
            Builder builder, BiFunction<Job, NeedleInUse, String> reason, Function<Carried, String> clothReason) {
        this.hazard = builder.hazard;
        this.part = builder.part;
        this.limit = builder.limit;
        this.points = builder.points;
        this.asksEyeAndSizeAlone = builder.asksEyeAndSizeAlone;
        this.asksTheNeedle = builder.needle != null || builder.weighsNeedle && !builder.sameForTheKind;
        this.onJob = builder.job;
        this.jobDegree = builder.jobDegree;
        this.clothDegree = builder.clothDegree;
        this.clothWeight = builder.clothWeight;
        this.kind = builder.kind;
        Predicate<NeedleInUse> needle = builder.needle;
        ToDoubleBiFunction<Job, NeedleInUse> by = builder.weight;
        this.weight = needle == null ? by : (job, n) -> needle.test(n) ? by.applyAsDouble(job, n) : 0;
        this.reason = reason;
        this.clothReason = clothReason;
    }

    /** Starts a rule that makes a hazard likelier by a fixed log-odds. */
    static Builder raises(Hazard hazard, double logOdds) {
        return new Builder(hazard, (job, needle) -> logOdds, false, cloth -> logOdds);
    }

    /** Starts a rule that makes a hazard less likely by a fixed log-odds. */
    static Builder lowers(Hazard hazard, double logOdds) {
        return raises(hazard, -logOdds);
    }

    /** Starts a rule whose weight depends on the job: 0 where it does not apply. */
    static Builder moves(Hazard hazard, ToDoubleFunction<Job> logOdds) {
        return new Builder(hazard, (job, needle) -> logOdds.applyAsDouble(job), false, cloth -> 0);
    }

    /** Starts a rule whose weight depends on job and needle: 0 where it does not apply. */
    static Builder moves(Hazard hazard, ToDoubleBiFunction<Job, NeedleInUse> logOdds) {
        return new Builder(hazard, logOdds, true, cloth -> 0);
    }

    /** Starts a rule whose weight depends on the carrying cloth that it is asked of; name that cloth with {@link Builder#onCloth}. */
    static Builder movesOnCloth(Hazard hazard, ToDoubleFunction<Carried> logOdds) {
        return new Builder(hazard, (job, needle) -> 0, false, logOdds);
    }

    public Hazard hazard() {
        return hazard;
    }

    public Part part() {
        return part;
    }

    /** Returns the best verdict that a set-up can have on which this factor fires in full. */
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

    boolean speaksOf(NeedleType point) {
        return points.contains(point);
    }

    /** Tells whether it speaks of needles of this kind: of this system, type and point. */
    boolean speaksOfKindOf(Needle needle) {
        return speaksOf(needle.point()) && (kind == null || kind.test(needle));
    }

    /** Returns it as it applies to a job; empty where it does not. */
    Optional<Firing> on(Job job) {
        if (!onJob.test(job)) {
            return Optional.empty();
        }
        if (clothDegree != null) {
            return onCloths(job, clothDegree, jobDegree.applyAsDouble(job));
        }
        double degree = jobDegree.applyAsDouble(job);
        return degree > 0
                ? Optional.of(new Firing(this, job, degree, Double.NaN, limitAt(degree), null))
                : Optional.empty();
    }

    /** Returns the log-odds before they are taken by how far the rule applies. */
    double weight(Job job, NeedleInUse needle) {
        return weight.applyAsDouble(job, needle);
    }

    /** Returns the sentence that says why, for a set-up on which it fires. */
    String reason(Job job, NeedleInUse needle, @Nullable Carried cloth) {
        if (cloth == null) {
            return reason.apply(job, needle);
        }
        String sentence = clothReason.apply(cloth);
        return job.stack().all().size() == 1 ? sentence : named(cloth, sentence);
    }

    private Optional<Firing> onCloths(Job job, ToDoubleFunction<Carried> degreeOn, double ofJob) {
        double highest = 0;
        double byShare = 0;
        Carried worst = null;
        Verdict limited = Verdict.GOOD;
        for (Carried carried : job.carried()) {
            double degree = ofJob * degreeOn.applyAsDouble(carried);
            double moved = degree > 0 ? degree * clothWeight.applyAsDouble(carried) : 0;
            if (moved == 0) {
                continue;
            }
            limited = limited.or(limitAt(degree));
            byShare += carried.share() * moved;
            if (worst == null || Math.abs(moved) > Math.abs(highest)) {
                highest = moved;
                worst = carried;
            }
        }
        return worst == null
                ? Optional.empty()
                : Optional.of(new Firing(this, job, 1, highest > 0 ? highest : byShare, limited, worst));
    }

    private Verdict limitAt(double degree) {
        boolean counts = limit == Verdict.AVOID ? degree > LIMITS_BEYOND : degree >= LIMITS_BEYOND;
        return counts ? limit : Verdict.GOOD;
    }

    private static String named(Carried cloth, String sentence) {
        String name = cloth.cloth().name();
        boolean beginsAName = sentence.length() > 1 && Character.isUpperCase(sentence.charAt(1));
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1) + ": "
                + (beginsAName ? sentence : Character.toLowerCase(sentence.charAt(0)) + sentence.substring(1));
    }

    /** Gathers the clauses of a rule; {@link #because} ends it. */
    static final class Builder {
        private final Hazard hazard;
        private final ToDoubleBiFunction<Job, NeedleInUse> weight;
        private final boolean weighsNeedle;
        private final ToDoubleFunction<Carried> clothWeight;
        private Part part = Part.NEEDLE_TYPE;
        private Verdict limit = Verdict.GOOD;
        private Predicate<Job> job = otherJob -> true;
        private ToDoubleFunction<Job> jobDegree = job -> 1;
        private @Nullable ToDoubleFunction<Carried> clothDegree;
        private @Nullable Predicate<NeedleInUse> needle;
        private Set<NeedleType> points = EnumSet.allOf(NeedleType.class);
        private @Nullable Predicate<Needle> kind;
        private boolean sameForTheKind;
        private boolean asksEyeAndSizeAlone;

        private Builder(
                Hazard hazard,
                ToDoubleBiFunction<Job, NeedleInUse> weight,
                boolean weighsNeedle,
                ToDoubleFunction<Carried> clothWeight) {
            this.hazard = hazard;
            this.weight = weight;
            this.weighsNeedle = weighsNeedle;
            this.clothWeight = clothWeight;
        }

        Builder when(Predicate<Job> condition) {
            job = condition;
            return this;
        }

        /** Applies as far as this says, 0 to 1. */
        Builder asFarAs(ToDoubleFunction<Job> degree) {
            jobDegree = degree;
            return this;
        }

        /** Is asked of each carrying cloth by itself. */
        Builder onCloth(Predicate<Carried> condition) {
            return onClothAsFarAs(carried -> condition.test(carried) ? 1 : 0);
        }

        /** Is asked of each carrying cloth by itself, and applies as far as this says, 0 to 1. */
        Builder onClothAsFarAs(ToDoubleFunction<Carried> degree) {
            clothDegree = degree;
            return this;
        }

        /** Applies to needles whose point, eye, blade and scarf are like this. */
        Builder withPoint(Predicate<NeedleType> condition) {
            points = NeedleType.ALL.stream()
                    .filter(condition)
                    .collect(Collectors.toCollection(() -> EnumSet.noneOf(NeedleType.class)));
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

        /** Promises that the weight asks for nothing but size, eye, and whether the blade is winged. */
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

        /** The verdict is at best this where the rule applies by more than half. */
        Builder atBest(Verdict value) {
            limit = value;
            return this;
        }

        Factor because(String reason) {
            if (reason.isBlank()) {
                throw new IllegalArgumentException("A factor without a reason is no advice: write its sentence.");
            }
            return new Factor(this, (job, needle) -> reason, cloth -> reason);
        }

        Factor because(BiFunction<Job, NeedleInUse, String> reason) {
            return new Factor(this, reason, cloth -> "");
        }

        Factor because(Function<Job, String> reason) {
            return new Factor(this, (job, needle) -> reason.apply(job), cloth -> "");
        }

        Factor becauseOfCloth(Function<Carried, String> reason) {
            return new Factor(this, (job, needle) -> "", reason);
        }
    }
}
