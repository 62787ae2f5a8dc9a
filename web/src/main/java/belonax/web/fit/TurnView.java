package belonax.web.fit;

import belonax.machine.FlatSide;
import belonax.machine.NeedleTurn;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** What a needle does that stands turned away from its place: seen from above, with the row of stitches that comes of it. */
public record TurnView(
        int degrees,
        String words,
        String count,
        String hookTurn,
        String needleTurn,
        List<Stitch> row,
        List<Turn> turns) {

    private static final int STITCHES = 16;
    private static final double STITCH_MM = 2.5;

    /** One stitch of the row; one that was missed leaves the thread lying loose. */
    public record Stitch(double xMm, boolean caught) {}

    /** A turn that can be tried. */
    public record Turn(int degrees, String words, boolean isShown) {}

    static TurnView of(FlatSide side, int degrees) {
        NeedleTurn turn = new NeedleTurn(degrees);
        List<Boolean> row = turn.row(STITCHES);
        int right = switch (side) {
            case BACK -> 0;
            case LEFT -> -90;
            case RIGHT -> 90;
        };
        return new TurnView(
                degrees,
                turn.words(),
                row.stream().filter(locks -> locks).count() + " of " + STITCHES + " stitches lock",
                "rotate(" + right + ")",
                "rotate(" + (right + degrees) + ")",
                IntStream.range(0, STITCHES)
                        .mapToObj(i -> new Stitch(i * STITCH_MM, row.get(i)))
                        .toList(),
                turns(degrees));
    }

    private static List<Turn> turns(int shown) {
        List<Turn> turns = new ArrayList<>();
        turns.add(new Turn(0, "right", shown == 0));
        turns.add(new Turn(20, "a little off", shown == 20));
        turns.add(new Turn(45, "an eighth", shown == 45));
        turns.add(new Turn(90, "a quarter", shown == 90));
        turns.add(new Turn(180, "wrong way round", shown == 180));
        return turns;
    }
}
