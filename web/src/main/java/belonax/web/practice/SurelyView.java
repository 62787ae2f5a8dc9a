package belonax.web.practice;

import belonax.balance.Slips;
import belonax.balance.Slips.Mirrored;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What one reads surely: a grid of what it was against what was seen.
 *
 * @param told what the advisor makes of it, whole sentences
 */
public record SurelyView(List<Row> rows, List<Head> heads, int answers, List<String> told) {
    private static final List<Head> HEADS = List.of(
            new Head(Mirrored.CLEAN, "clean", "CLEAN", "CLEAN"),
            new Head(Mirrored.DOTS, "dots", "CLEAN", "DOTS"),
            new Head(Mirrored.LINE, "loops or a line", "CLEAN", "LOOPS"),
            new Head(Mirrored.OTHER_DOTS, "dots, other face", "DOTS", "CLEAN"),
            new Head(Mirrored.OTHER_LINE, "line, other face", "LINE", "CLEAN"),
            new Head(Mirrored.DRAWN_UP, "drawn up", "DRAWN_UP", "CLEAN"),
            new Head(Mirrored.NEST, "a nest", "CLEAN", "NEST"));
    private static final int SHADES = 5;

    /** A reading, with the small strip that stands for it. */
    public record Head(Mirrored what, String words, String top, String below) {}

    /** What was there, and how often each was seen, of a hundred. */
    public record Row(Head head, int answers, List<Cell> cells) {}

    /**
     * One square.
     *
     * @param percent of a hundred; empty where it is nothing
     * @param shade 0 to 5, the more the darker
     */
    public record Cell(String percent, boolean right, int shade, String words) {}

    static SurelyView of(Slips slips) {
        List<Row> rows = new ArrayList<>();
        for (Mirrored row : Slips.ROWS) {
            Head head = head(row);
            rows.add(new Row(
                    head,
                    slips.answers(row),
                    HEADS.stream()
                            .map(otherHead -> cell(slips, head, otherHead))
                            .toList()));
        }
        return new SurelyView(rows, HEADS, slips.answers(), slips.told());
    }

    private static Cell cell(Slips slips, Head row, Head seen) {
        double chance = slips.chance(row.what(), seen.what());
        long percent = Math.round(100 * chance);
        boolean right = row.what() == seen.what();
        return new Cell(
                percent == 0 ? "" : Long.toString(percent),
                right,
                percent == 0
                        ? 0
                        : (int) Math.max(1, Math.min(SHADES, Math.ceil(right ? (chance - 0.5) * 10 : chance * 20))),
                percent + " of 100 times " + row.words() + " was seen as " + seen.words());
    }

    private static Head head(Mirrored what) {
        return Optional.of(HEADS).stream()
                .flatMap(List::stream)
                .filter(head -> head.what() == what)
                .findFirst()
                .orElseThrow();
    }
}
