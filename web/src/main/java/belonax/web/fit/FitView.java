package belonax.web.fit;

import belonax.machine.FitStep;
import belonax.machine.FlatSide;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Shank;
import belonax.room.Choice;
import belonax.room.needle.MachineNow;
import belonax.web.shared.drawing.ClampedNeedle;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** One step of a needle change as the page shows it, large. */
public record FitView(
        FitStep step,
        int number,
        int count,
        boolean isEnd,
        String machine,
        int place,
        List<Choice> places,
        TurnView turn,
        @Nullable ClampedNeedle needle,
        String goesIn,
        String carried,
        boolean threadsFromTheRight,
        List<Choice> steps,
        String remembered,
        boolean isNot) {

    private static final Needle USUAL = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);

    static FitView of(MachineNow now, int place, int asked, int turn, GoesIn in, String from, boolean isNot) {
        boolean round = now.machine().systems().get(0).shank() == Shank.ROUND;
        List<FitStep> steps = FitStep.of(
                now.machine(), now.card().hasThreader(), round, now.card().threaded());
        int number = Math.max(1, Math.min(asked, steps.size() + 1));
        boolean end = number > steps.size();
        FitStep step = steps.get(Math.min(number, steps.size()) - 1);
        return new FitView(
                step,
                number,
                steps.size(),
                end,
                now.machine().name(),
                place,
                placesOf(now),
                TurnView.of(now.machine().flatSide(), turn),
                drawn(now, place, step, in)
                        .map(needle -> ClampedNeedle.of(needle, 0))
                        .orElse(null),
                from,
                in.carried(),
                now.machine().flatSide() == FlatSide.LEFT,
                IntStream.range(0, steps.size())
                        .mapToObj(i ->
                                new Choice(String.valueOf(i + 1), steps.get(i).title()))
                        .toList(),
                now.id() + "." + number,
                isNot);
    }

    /** Until the old needle is out, it is drawn; from then on the one that goes in. Where none is in, none is drawn. */
    private static Optional<Needle> drawn(MachineNow now, int place, FitStep step, GoesIn in) {
        Optional<Needle> old = now.fittedIn(place).map(fitted -> fitted.needle().needle());
        boolean isNew = step.scene().compareTo(FitStep.Scene.NEEDLE_OUT) > 0;
        return (isNew ? Optional.of(in.needle().or(() -> old).orElse(USUAL)) : old)
                .map(needle -> needle.type().isMultiple() ? USUAL : needle);
    }

    /** Where a machine holds several needles, which one is changed. */
    private static List<Choice> placesOf(MachineNow now) {
        return now.places().size() < 2
                ? List.of()
                : now.places().stream()
                        .map(place -> new Choice(String.valueOf(place.number()), place.name()))
                        .toList();
    }

    /** Returns the step at which this machine's change was left; the first when none was begun. */
    static int stepLeft(String remembered, MachineNow now) {
        String prefix = now.id() + ".";
        try {
            return remembered.startsWith(prefix) ? Integer.parseInt(remembered.substring(prefix.length())) : 1;
        } catch (NumberFormatException e) {
            return 1;
        }
    }
}
