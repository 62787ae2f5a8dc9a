package belonax.hazard;

import belonax.needle.NeedleSize;

/** A run of standard sizes, both ends included. */
public record SizeWindow(NeedleSize min, NeedleSize max) {

    /** Windows that lie no further apart than this, in steps of the ladder, touch: it is tight, and no conflict. */
    static final double TOUCHING_STEPS = 0.5;

    /**
     * Returns how many steps of the ladder lie between these sizes and those that a thread still sews with; 0 or less where
     * they meet.
     */
    public double stepsFrom(ThreadWindow thread) {
        return Math.max(
                NeedleSize.stepOf(thread.tightestNm()) - max.step(), min.step() - NeedleSize.stepOf(thread.maxNm()));
    }

    public boolean contains(NeedleSize size) {
        return size.compareTo(min) >= 0 && size.compareTo(max) <= 0;
    }

    /** Tells whether the two have a size in common. */
    public boolean meets(SizeWindow other) {
        return min.compareTo(other.max) <= 0 && other.min.compareTo(max) <= 0;
    }

    @Override
    public String toString() {
        return min == max ? min.toString() : min + " to " + max;
    }
}
