package belonax.web.shared.drawing;

import belonax.thread.Colour;

/** Gives a colour in words a colour to draw with. */
public final class ThreadColour {
    private static final String UNKNOWN = "#9AA9A6";

    private ThreadColour() {}

    /** Returns a colour as SVG has it. */
    public static String of(String words) {
        return Colour.in(words).map(Colour::hex).orElse(UNKNOWN);
    }
}
