package belonax.thread;

import java.util.ArrayList;
import java.util.List;

/**
 * How a spool wants to come off. Wrong delivery makes the tension come and go. Source: docs/craft.md, "Delivery".
 *
 * @param way which way the thread is drawn
 * @param advice whole sentences, the way first
 */
public record Delivery(Way way, List<String> advice) {

    /** How the thread lies on its spool. */
    public enum Winding {
        CROSS("crosswise, in a lattice"),
        STACK("in a stack, turn on turn"),
        CONE("on a large spool or cone");

        private final String words;

        Winding(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Which way the thread is drawn. */
    public enum Way {
        OVER_THE_END("over its end"),
        FROM_THE_SIDE("from its side"),
        STRAIGHT_UP("straight up from above");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Over the end a stiff or flat thread takes a twist with every turn, however it is wound. */
    private static final String WITHOUT_A_TWIST =
            "Put it on the upright pin, without a cap, so that the spool turns and the thread comes off its side, far from the first"
                    + " guide: over the end a stiff or flat thread takes a twist with every turn, however it is wound.";

    public Delivery {
        advice = List.copyOf(advice);
    }

    /** Returns how this thread on such a spool wants to come off. */
    public static Delivery of(Winding winding, SewingThread thread) {
        List<String> advice = new ArrayList<>();
        boolean twists = winding != Winding.CONE && (thread.isMetallic() || thread.isMonofilament());
        Way way = twists
                ? Way.FROM_THE_SIDE
                : switch (winding) {
                    case CROSS -> Way.OVER_THE_END;
                    case STACK -> Way.FROM_THE_SIDE;
                    case CONE -> Way.STRAIGHT_UP;
                };
        advice.add(twists ? WITHOUT_A_TWIST : usual(winding));
        if (isSlippery(thread)) {
            advice.add("Give it a net: a slippery thread falls under its own spool and snags there.");
        }
        return new Delivery(way, advice);
    }

    /** Tells whether a thread wants a way of its own, whatever it is wound on: one that must not twist, or that slips. */
    public static boolean isDelicate(SewingThread thread) {
        return isSlippery(thread) || thread.isMetallic();
    }

    private static String usual(Winding winding) {
        return switch (winding) {
            case CROSS ->
                "Lay it on the horizontal pin and let it come off over its end, with a cap no larger than the spool's end.";
            case STACK ->
                "Put it on the upright pin so that the spool turns and the thread comes off its side; no cap there.";
            case CONE ->
                "Stand it on the table and draw the thread straight up through a guide over the spool's centre; from the side"
                        + " a tapered cone pulls hard at its foot and easily at its top. A damping cone belongs under a large"
                        + " spool.";
        };
    }

    private static boolean isSlippery(SewingThread thread) {
        return thread.isMonofilament()
                || thread.build() == Build.FILAMENT
                || thread.fibre() == Fibre.RAYON
                || thread.fibre() == Fibre.SILK;
    }
}
