package belonax.hazard;

import belonax.needle.NeedleSize;

/** A run of standard sizes, both ends included. */
public record SizeWindow(NeedleSize min, NeedleSize max) {

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
