package belonax.sound;

import belonax.Median;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Watches whether the knock has grown against this machine's own with a fresh needle on such cloth. It never says that the needle is
 * blunt. Source: docs/craft.md, "Listening".
 */
public final class KnockWatch {
    /** What is said of it. */
    public static final String WORDS = "More knock than with the fresh needle: listen yourself.";

    private static final double GROWN_DB = 3;
    private static final double BACK_DB = 1.5;
    private static final int LATEST = 10;
    private static final int ENOUGH_TO_LEARN = 25;

    private final Deque<Double> latest = new ArrayDeque<>();
    private final Deque<Knock> learning = new ArrayDeque<>();
    private final boolean isFresh;
    private @Nullable Knock fresh;
    private boolean hasGrown;

    private KnockWatch(@Nullable Knock fresh, boolean isFresh) {
        this.fresh = fresh;
        this.isFresh = isFresh;
    }

    /** Watches against what is known. */
    public static KnockWatch against(Knock fresh) {
        return new KnockWatch(fresh, false);
    }

    /** Takes the first 200 stitches for those of a fresh needle. */
    public static KnockWatch ofFreshNeedle() {
        return new KnockWatch(null, true);
    }

    /** Has nothing to compare with, and says nothing. */
    public static KnockWatch blind() {
        return new KnockWatch(null, false);
    }

    /** Hears the knock of eight stitches. */
    public void hear(Knock knock) {
        if (fresh == null) {
            learn(knock);
        } else if (knock.isAsFastAs(fresh)) {
            latest.add(knock.decibels());
            if (latest.size() > LATEST) {
                latest.remove();
            }
            double grown = Median.of(latest) - fresh.decibels();
            hasGrown = latest.size() == LATEST && grown > (hasGrown ? BACK_DB : GROWN_DB);
        }
    }

    private void learn(Knock knock) {
        if (isFresh) {
            learning.add(knock);
            if (learning.size() >= ENOUGH_TO_LEARN) {
                fresh = Knock.middle(learning);
            }
        }
    }

    /** Tells whether it knocks more now than a fresh needle did, by more than it would by chance. */
    public boolean hasGrown() {
        return hasGrown;
    }

    /** Tells whether it takes what it hears for a fresh needle. */
    public boolean isLearning() {
        return isFresh;
    }

    /** Tells whether enough was heard to compare. */
    public boolean isSure() {
        return latest.size() == LATEST;
    }

    /** Returns what it compares with. */
    public Optional<Knock> fresh() {
        return Optional.ofNullable(fresh);
    }
}
