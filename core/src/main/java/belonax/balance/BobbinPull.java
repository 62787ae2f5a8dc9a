package belonax.balance;

import belonax.machine.BobbinKind;

/** How the bobbin's pull is tested, by the kind of case. Source: docs/craft.md, "The bobbin's base line". */
public enum BobbinPull {
    HANGING(
            "Hang the case by its thread and give a small jerk",
            "It slips about 1 cm and stops.",
            "It runs down several cm.",
            "It does not move.",
            "Others let it stand in the palm: it rises with the thread and drops at a shake; it stands and nearly follows; it stays"
                    + " down while the thread runs. A gauge reads 20 to 30 g for all-purpose thread, 18 to 22 g for fine thread. We"
                    + " hang it, because that needs nothing but the case."),
    LIFTING(
            "Stand the case on the table and draw its thread straight up",
            "The pull just begins to lift the case.",
            "The thread runs and the case stays down.",
            "The case comes up at once.",
            "A case with a thin leaf or star behind the bobbin is held back by it, so it is not hung. Has the spring popped out? Put it"
                    + " back in first."),
    SEALED_CASE(
            "This case is sealed: draw the thread and feel for an even, light pull",
            "It runs evenly and lightly.",
            "It runs with no pull at all.",
            "It pulls hard or in jerks.",
            "Some open it all the same. We leave a sealed case alone and change the thread.");

    private final String how;
    private final String right;
    private final String loose;
    private final String tight;
    private final String schools;

    BobbinPull(String how, String right, String loose, String tight, String schools) {
        this.how = how;
        this.right = right;
        this.loose = loose;
        this.tight = tight;
        this.schools = schools;
    }

    /** What the test can show. */
    public enum Pull {
        RIGHT("right"),
        LOOSE("too loose"),
        TIGHT("too tight");

        private final String words;

        Pull(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Returns the test that fits this case. */
    public static BobbinPull of(BobbinKind bobbin, boolean hasBacklashSpring) {
        return bobbin == BobbinKind.SEALED ? SEALED_CASE : hasBacklashSpring ? LIFTING : HANGING;
    }

    public String how() {
        return how;
    }

    /** Returns what is seen at this pull, a whole sentence. */
    public String seen(Pull pull) {
        return switch (pull) {
            case RIGHT -> right;
            case LOOSE -> loose;
            case TIGHT -> tight;
        };
    }

    /** Returns on what sewists differ, with our default. */
    public String schools() {
        return schools;
    }

    /** Returns what to do at this pull, whole sentences. */
    public String toDo(Pull pull) {
        if (pull == Pull.RIGHT) {
            return "Leave it. The bobbin is the base line now; only the top dial is turned from here on.";
        }
        boolean tighter = pull == Pull.LOOSE;
        if (this == SEALED_CASE) {
            return tighter
                    ? "Take a thicker thread in the bobbin, or have it looked at; the case is not adjusted."
                    : "Run a card under the spring, then take a finer thread in the bobbin; the case is not adjusted.";
        }
        return "Case over a dish. The larger screw only, an eighth of a turn "
                + (tighter ? "clockwise" : "anticlockwise")
                + " at most, then test again. Some turn a twelfth, some a quarter; an eighth is felt and easily taken back. If"
                + " unsure, leave it to a technician.";
    }
}
