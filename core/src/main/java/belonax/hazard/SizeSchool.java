package belonax.hazard;

/**
 * What rules the size? The field disagrees. Some let the thread decide and the cloth correct; others let the cloth decide
 * and bring the thread in for exceptions. We take both windows as they are and look where they meet, because a needle that
 * fails either one shows it in the seam. Source: docs/craft.md, "Size from thread and cloth".
 */
public enum SizeSchool {
    INTERSECT("both together", 1, 1),
    THREAD_FIRST("thread first", 2.2, 0.4),
    CLOTH_FIRST("cloth first", 0.4, 2.2);

    private final String words;
    private final double threadWeight;
    private final double clothWeight;

    SizeSchool(String words, double threadWeight, double clothWeight) {
        this.words = words;
        this.threadWeight = threadWeight;
        this.clothWeight = clothWeight;
    }

    public String words() {
        return words;
    }

    /** Returns how strongly a size outside the thread's window counts, 1 by default. */
    double threadWeight() {
        return threadWeight;
    }

    /** Returns how strongly a size outside the cloth's window counts, 1 by default. */
    double clothWeight() {
        return clothWeight;
    }
}
