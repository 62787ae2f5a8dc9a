package belonax.web.mend;

import belonax.fault.Check;
import belonax.fault.CheckId;
import belonax.machine.Threading;
import belonax.room.needle.MachineNow;
import belonax.rules.RuleTable;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Which part of the machine each step of a check shows, and what is done there: the rows of pictures.txt. */
final class StepPictures {
    private static final RuleTable PICTURES = new RuleTable("pictures.txt", "check | PART ACTION; PART ACTION; ...");
    private static final Map<CheckId, List<Spot>> ALL = read();

    /** How wide a view is in which what is done is drawn at its own size. */
    private static final double OVERLAY_MM = 88;

    private StepPictures() {}

    /** What is done. */
    public enum Action {
        LOOK,
        TURN,
        UP,
        DOWN,
        PULL,
        HOLD,
        NAIL,
        BRUSH,
        CARD,
        OIL,
        OFF,
        READ,
        SWAP,
        SEW
    }

    /**
     * A step with its picture.
     *
     * @param view the part of the machine that is shown, as an SVG view box in millimetres; null for a technician's step
     * @param overlay places what is done at the part, as an SVG transform
     * @param scale the bar that gives the scale
     */
    public record Step(
            String words,
            @Nullable String view,
            String action,
            String overlay,
            @Nullable Scale scale) {}

    /** A bar at the lower left of a view; the words tell its length, and what is particular to this machine there. */
    public record Scale(double xMm, double yMm, double lengthMm, double thickMm, String words) {}

    private record Spot(MachinePart part, Action action) {}

    static List<Step> of(Check check, MachineNow now) {
        List<Spot> spots = ALL.getOrDefault(check.id(), List.of());
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < check.steps().size(); i++) {
            String words = own(check, i, now);
            steps.add(i < spots.size() ? drawn(words, spots.get(i), now) : new Step(words, null, "", "", null));
        }
        return steps;
    }

    /** What its owner wrote down of a machine's own way stands in the place of what holds for most. */
    private static String own(Check check, int step, MachineNow now) {
        String usual = check.steps().get(step);
        Threading threading = now.card().threaded();
        if (check.id() == CheckId.BOBBIN_DIRECTION
                && step == 1
                && threading.bobbinTurns().isPresent()) {
            return "On " + now.machine().name() + " it turns "
                    + threading.bobbinTurns().get().words() + ", seen from its open side.";
        }
        if (check.id() == CheckId.RETHREAD_TOP
                && step == 1
                && !threading.guides().isEmpty()) {
            return "In " + now.machine().name() + "'s order: " + String.join(", ", threading.guides()) + ".";
        }
        return usual;
    }

    private static Step drawn(String words, Spot spot, MachineNow now) {
        MachinePart.Where at = spot.part().on(now.machine().kind().hasLoopers());
        double height = at.widthMm() * MachinePart.HEIGHT_SHARE;
        double left = at.xMm() - at.widthMm() / 2;
        double top = at.yMm() - height / 2;
        double bar = at.widthMm() > 150 ? 100 : 10;
        return new Step(
                words,
                String.format(Locale.ROOT, "%.1f %.1f %.1f %.1f", left, top, at.widthMm(), height),
                spot.action().name(),
                String.format(
                        Locale.ROOT, "translate(%.1f %.1f) scale(%.3f)", at.xMm(), at.yMm(), at.widthMm() / OVERLAY_MM),
                new Scale(
                        left + 0.04 * at.widthMm(),
                        top + height - 0.05 * at.widthMm(),
                        bar,
                        0.012 * at.widthMm(),
                        label(spot, now) + "bar " + Math.round(bar) + " mm"));
    }

    /** The flat of the needle and the turn of the wheel differ from machine to machine. */
    private static String label(Spot spot, MachineNow now) {
        return switch (spot.part()) {
            case NEEDLE ->
                spot.action() == Action.UP
                        ? MachinePicture.flatWords(now.machine().flatSide()) + "; "
                        : "";
            case WHEEL -> now.machine().wheelTurn().words() + "; ";
            default -> "";
        };
    }

    private static Map<CheckId, List<Spot>> read() {
        Map<CheckId, List<Spot>> all = new EnumMap<>(CheckId.class);
        PICTURES.read(StepPictures.class, row -> all.put(row.word(0, CheckId.class), spots(row.text(1))));
        return all;
    }

    private static List<Spot> spots(String text) {
        List<Spot> spots = new ArrayList<>();
        for (String word : text.split(";")) {
            String[] pair = word.strip().split("\\s+");
            spots.add(new Spot(MachinePart.valueOf(pair[0]), Action.valueOf(pair[1])));
        }
        return spots;
    }
}
