package belonax.web.drawer.machine;

import belonax.machine.FootLength;
import belonax.room.Words;
import belonax.room.settings.Units;
import java.util.List;
import java.util.stream.Stream;

/** A foot with the lengths that one wants and what to set for each. */
public record TenStitchesView(String foot, String words, List<Row> rows) {
    /** A length that is wanted, and what to set. */
    public record Row(String wanted, String set) {}

    static TenStitchesView of(FootLength footLength, Units units) {
        return new TenStitchesView(
                Words.capital(footLength.foot()),
                "2.5 on the machine sews " + units.stitch(footLength.sews(2.5))
                        + (footLength.matters() ? "." : ": nothing to set otherwise."),
                Stream.of(2.0, 2.5, 3.0, 3.5, 4.0)
                        .map(wanted -> new Row(units.stitch(wanted), Words.plain(footLength.toSet(wanted))))
                        .toList());
    }
}
