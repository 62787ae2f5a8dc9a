package belonax.practice;

import belonax.balance.Reading;
import belonax.balance.Strip;
import belonax.balance.StripObservation;
import belonax.balance.TopFace;
import belonax.balance.Underside;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a strip shows, what is done about it, and why. Source: docs/craft.md, "Balance" and "Practice". */
public enum StripLook {
    CLEAN(
            Reading.CLEAN,
            Way.LEAVE,
            "clean on both faces",
            "Neither face shows the other thread: they lock inside the cloth, and that is what balanced means."),
    TOP_DOTS(
            Reading.TOP_DOTS,
            Way.DOWN,
            "bobbin dots on top",
            "The bobbin's blue lies in dots on top, so the upper thread pulls too hard."),
    TOP_LINE(
            Reading.TOP_LINE,
            Way.DOWN,
            "a straight line on top",
            "The orange lies straight on top with blue loops over it, so the upper thread pulls far too hard."),
    DOTS(
            Reading.DOTS,
            Way.UP,
            "orange dots below",
            "The orange lies in dots below, so the upper thread pulls too little, whatever the bobbin is blamed for."),
    LOOPS(
            Reading.LOOPS,
            Way.UP,
            "orange loops below",
            "Orange loops hang below and the blue lies straight, so the upper thread pulls far too little."),
    DRAWN_UP(
            Reading.DRAWN_UP,
            Way.DOWN,
            "drawn up, with clean faces",
            "No face shows the other thread and yet the seam is drawn up: both pull too hard, and the dial goes down first."),
    NEST(
            Reading.NEST,
            Way.ELSEWHERE,
            "a nest below",
            "A nest right from the start tells nothing of the dial: the upper thread is not in its discs, so thread it anew with the foot up."),
    COMES_AND_GOES(
            null,
            Way.ELSEWHERE,
            "it comes and goes",
            "It is too tight here and too loose there, so no setting of the dial helps: thread it anew and look at the spool, the discs and the bobbin."),
    BOTH_DOTTED(
            null,
            Way.LEAVE,
            "fuzzy dots on both faces",
            "Specks of the other thread on both faces come of a fuzzy thread: it is nearly balanced, and the dial stays.");

    private final @Nullable Reading reading;
    private final Way way;
    private final String words;
    private final String why;

    StripLook(@Nullable Reading reading, Way way, String words, String why) {
        this.reading = reading;
        this.way = way;
        this.words = words;
        this.why = why;
    }

    /** Returns how it is counted in a sewist's table; empty where the table has no row for it. */
    public Optional<Reading> reading() {
        return Optional.ofNullable(reading);
    }

    public Way way() {
        return way;
    }

    public String words() {
        return words;
    }

    /** Returns the reason for what is done about it, a whole sentence. */
    public String why() {
        return why;
    }

    /** Returns the strip as a sewist reads it who reads it right. */
    public Strip strip(double dial) {
        return switch (this) {
            case CLEAN -> Strip.of(dial, TopFace.CLEAN, Underside.CLEAN);
            case TOP_DOTS -> Strip.of(dial, TopFace.DOTS, Underside.CLEAN);
            case TOP_LINE -> Strip.of(dial, TopFace.LINE, Underside.CLEAN);
            case DOTS -> Strip.of(dial, TopFace.CLEAN, Underside.DOTS);
            case LOOPS -> Strip.of(dial, TopFace.CLEAN, Underside.LOOPS);
            case DRAWN_UP -> Strip.of(dial, TopFace.DRAWN_UP, Underside.CLEAN);
            case NEST -> Strip.of(dial, TopFace.CLEAN, Underside.NEST);
            case COMES_AND_GOES -> new Strip(dial, TopFace.DOTS, Underside.DOTS, Set.of(StripObservation.ERRATIC));
            case BOTH_DOTTED -> Strip.of(dial, TopFace.DOTS, Underside.DOTS);
        };
    }

    /**
     * Returns what a sewist saw who would do this about it: the right thing where she is right, else what would have called
     * for that answer; empty where the table has no row for this.
     */
    Optional<Reading> seenBy(Way answer) {
        if (reading == null) {
            return Optional.empty();
        }
        boolean isFar = this == TOP_LINE || this == LOOPS;
        return Optional.of(
                answer == way
                        ? reading
                        : switch (answer) {
                            case LEAVE -> Reading.CLEAN;
                            case ELSEWHERE -> Reading.NEST;
                            case UP -> isFar ? Reading.LOOPS : Reading.DOTS;
                            case DOWN -> isFar ? Reading.TOP_LINE : Reading.TOP_DOTS;
                        });
    }
}
