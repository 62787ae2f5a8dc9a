package belonax.web.match;

import belonax.hazard.SizeWindow;
import belonax.needle.NeedleSize;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Both size windows on one ruler, in pixels of its own drawing. */
public record SizeRuler(
        List<Tick> ticks, Bar cloth, @Nullable Bar thread, Bar both, boolean meet, String words) {
    private static final double LEFT_PX = 112;
    private static final double PX_PER_NM = 5.2;
    private static final double OVERHANG_PX = 7;

    /** One size with both numbers. */
    public record Tick(double x, int nm, int trade, boolean suitsBoth) {
        /** Returns where its numbers stand. */
        public String place() {
            return "translate(" + x + ")";
        }
    }

    /** A window as a bar. */
    public record Bar(double x, double width) {}

    /**
     * Draws the windows.
     *
     * @param threadFits whether any home needle takes the thread at all
     */
    static SizeRuler of(SizeWindow cloth, SizeWindow thread, boolean threadFits) {
        boolean meet = threadFits && cloth.meets(thread);
        SizeWindow both =
                meet ? new SizeWindow(later(cloth.min(), thread.min()), earlier(cloth.max(), thread.max())) : cloth;
        List<Tick> ticks = NeedleSize.LADDER.stream()
                .map(size -> new Tick(x(size), size.nm(), size.trade(), meet && both.contains(size)))
                .toList();
        return new SizeRuler(
                ticks,
                bar(cloth, OVERHANG_PX),
                threadFits ? bar(thread, OVERHANG_PX) : null,
                bar(both, 2 * OVERHANG_PX),
                meet,
                words(cloth, thread, threadFits));
    }

    /** Returns the ruler's line with a notch for every size. */
    public String line() {
        return ticks.stream().map(tick -> "M" + tick.x() + " 54v6").collect(Collectors.joining("", "M104 54H490", ""));
    }

    private static String words(SizeWindow cloth, SizeWindow thread, boolean threadFits) {
        return "cloth asks " + cloth + ", "
                + (threadFits ? "thread fits " + thread : "no ordinary eye takes this thread");
    }

    private static Bar bar(SizeWindow window, double overhang) {
        double from = x(window.min()) - overhang;
        return new Bar(from, x(window.max()) + overhang - from);
    }

    private static double x(NeedleSize size) {
        return LEFT_PX + (size.nm() - NeedleSize.NM_60.nm()) * PX_PER_NM;
    }

    private static NeedleSize later(NeedleSize a, NeedleSize b) {
        return a.compareTo(b) >= 0 ? a : b;
    }

    private static NeedleSize earlier(NeedleSize a, NeedleSize b) {
        return a.compareTo(b) <= 0 ? a : b;
    }
}
