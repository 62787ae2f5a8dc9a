package belonax.practice;

/**
 * When a thing that was learnt comes back: the second algorithm of P. A. Woźniak, "Optimization of learning", Poznań 1990.
 * After the first good answer it comes back in a day, after the second in six, after each further one in as many days as
 * before times its ease; ease grows and shrinks with the answers' grades. Source: docs/craft.md, "Practice".
 *
 * @param inARow good answers in a row, at least 0
 * @param days until it comes back, at least 0
 * @param ease at least {@value #MIN_EASE}
 */
public record Repetition(int inARow, int days, double ease) {
    /** Nothing was answered yet. */
    public static final Repetition NEW = new Repetition(0, 0, 2.5);

    private static final double MIN_EASE = 1.3;
    private static final int GOOD = 3;
    private static final int BEST = 5;
    private static final int FIRST_DAYS = 1;
    private static final int SECOND_DAYS = 6;

    /**
     * Returns how it stands after an answer.
     *
     * @param grade 0 for not known at all, 3 for right with trouble, 5 for right at once
     */
    public Repetition after(int grade) {
        if (grade < GOOD) {
            return new Repetition(0, FIRST_DAYS, ease); // It begins anew; its ease stays.
        }
        int missing = BEST - grade;
        double eased = Math.max(MIN_EASE, ease + 0.1 - missing * (0.08 + missing * 0.02));
        int next = switch (inARow) {
            case 0 -> FIRST_DAYS;
            case 1 -> SECOND_DAYS;
            default -> (int) Math.ceil(days * ease);
        };
        return new Repetition(inARow + 1, next, eased);
    }
}
