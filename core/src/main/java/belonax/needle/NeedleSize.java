package belonax.needle;

import static java.util.stream.Collectors.joining;

import belonax.BadInput;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A standard size, thinnest first. NM is the blade's diameter in hundredths of a millimetre; the trade number is the
 * older number for the same blade. Source: docs/craft.md, "Sizes".
 */
public enum NeedleSize {
    NM_60(60, 8),
    NM_65(65, 9),
    NM_70(70, 10),
    NM_75(75, 11),
    NM_80(80, 12),
    NM_90(90, 14),
    NM_100(100, 16),
    NM_110(110, 18),
    NM_120(120, 19),
    NM_130(130, 21);

    /** All sizes, thinnest first, without the copy that {@code values()} makes. */
    public static final List<NeedleSize> LADDER = List.of(values());

    private final int nm;
    private final int trade;

    NeedleSize(int nm, int trade) {
        this.nm = nm;
        this.trade = trade;
    }

    /**
     * Returns the size with this NM.
     *
     * @throws BadInput if no needle has it; the message lists those that are made
     */
    public static NeedleSize ofNm(int nm) {
        return findNm(nm)
                .orElseThrow(() -> new BadInput("No needle is made in size " + nm + ". Choose one of "
                        + LADDER.stream().map(String::valueOf).collect(joining(", ")) + "."));
    }

    /** Returns the size with this NM, if there is one. */
    public static Optional<NeedleSize> findNm(int nm) {
        return LADDER.stream().filter(size -> size.nm == nm).findFirst();
    }

    /**
     * Reads what {@link #toString} prints, such as {@code 80/12}.
     *
     * @throws BadInput if the two numbers do not name one size
     */
    public static NeedleSize parse(String text) {
        return Stream.of(values())
                .filter(size -> size.toString().equals(text.strip()))
                .findFirst()
                .orElseThrow(
                        () -> new BadInput("“" + text + "” does not name one size. Write both numbers, as in 80/12."));
    }

    public int nm() {
        return nm;
    }

    public int trade() {
        return trade;
    }

    /** Returns the blade's diameter in millimetres. */
    public double bladeMm() {
        return nm / 100.0;
    }

    /** Returns this size's place on the ladder, 0 for the thinnest. */
    public int step() {
        return ordinal();
    }

    /**
     * Returns where a blade stands on the ladder of sizes: 0 at NM 60, 1 at NM 65, and in between by proportion. Beyond
     * the ends the ladder goes on in the width of its last step.
     */
    public static double stepOf(double nm) {
        if (nm <= NM_65.nm) {
            return (nm - NM_60.nm) / 5;
        }
        for (int i = 1; i < LADDER.size() - 1; i++) {
            int lower = LADDER.get(i).nm;
            int upper = LADDER.get(i + 1).nm;
            if (nm <= upper) {
                return i + (nm - lower) / (upper - lower);
            }
        }
        return LADDER.size() - 1 + (nm - NM_130.nm) / 10.0;
    }

    /** Returns both numbers behind their article: a 75/11, an 80/12. */
    public String withArticle() {
        return (this == NM_80 ? "an " : "a ") + this;
    }

    /** Returns both numbers, as packets print them. */
    @Override
    public String toString() {
        return nm + "/" + trade;
    }
}
