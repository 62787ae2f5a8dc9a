package belonax.web.fit;

import belonax.machine.FitStep;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.needle.Shank;
import belonax.room.Choice;
import belonax.room.needle.MachineNow;
import belonax.web.shared.drawing.ClampedNeedle;
import java.util.List;

/** One step of a needle change as the page shows it, large. */
record FitView(
        FitStep step,
        int number,
        int count,
        boolean isEnd,
        String machine,
        int place,
        List<Choice> places,
        TurnView turn,
        ClampedNeedle needle,
        String remembered) {

    private static final Needle USUAL = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);

    static FitView of(MachineNow now, int place, int asked, int turn) {
        boolean round = now.machine().systems().get(0).shank() == Shank.ROUND;
        List<FitStep> steps = FitStep.of(now.machine(), now.card().hasThreader(), round);
        int number = Math.max(1, Math.min(asked, steps.size() + 1));
        boolean end = number > steps.size();
        Needle drawn = now.fittedIn(place)
                .map(it -> it.needle().needle())
                .filter(it -> !it.type().isMultiple())
                .orElse(USUAL);
        return new FitView(
                steps.get(Math.min(number, steps.size()) - 1),
                number,
                steps.size(),
                end,
                now.machine().name(),
                place,
                placesOf(now),
                TurnView.of(now.machine().flatSide(), turn),
                ClampedNeedle.of(drawn, 0),
                now.id() + "." + number);
    }

    /** Where a machine holds several needles, which one is changed. */
    private static List<Choice> placesOf(MachineNow now) {
        return now.places().size() < 2
                ? List.of()
                : now.places().stream()
                        .map(it -> new Choice(String.valueOf(it.number()), it.name()))
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
