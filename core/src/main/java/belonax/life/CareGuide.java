package belonax.life;

import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.Oiling;
import java.util.List;
import java.util.Locale;

/** Who may care for a machine in which way, and where sewists differ. Source: docs/craft.md, "Care". */
public final class CareGuide {
    /** Said before everything that opens the machine. */
    public static final String MAINS = "Mains plug out before plate, bobbin case or oil.";

    private static final List<Differing> DIFFERING = List.of(
            new Differing(
                    "Lint",
                    List.of(
                            "Brush it out, or draw it out with a vacuum.",
                            "Blow it out with dry compressed air, on a machine that is stripped for it."),
                    "We brush: blowing drives lint further in, to where only a technician gets at it."),
            new Differing(
                    "Oil",
                    List.of(
                            "Plenty at every moving place, then wipe, and run it in without thread.",
                            "Leave it to the service on every modern machine.",
                            "Sparingly on a mechanical one, where and when the manual says; never on a computer-controlled one."),
                    "We follow the manual: too much oil marks cloth and holds lint, and in a sealed machine it reaches what it"
                            + " should not."),
            new Differing(
                    "Burrs on plate, bobbin case or hook",
                    List.of(
                            "Polish them with fine abrasive, a hair at a time.",
                            "Replace the part; what is polished away does not come back."),
                    "We replace bobbins, cases and plates, and leave the hook to a technician: a hair too much there and it skips"
                            + " for good."),
            new Differing(
                    "How often a service",
                    List.of(
                            "Every 6 to 12 months, whatever the machine.",
                            "Once a year.",
                            "Computer-controlled ones yearly, mechanical ones every one and a half to two years if well kept."),
                    "We go by the machine: yearly for a computer-controlled one, half that in linty work, 21 months for a"
                            + " mechanical one."));

    private CareGuide() {}

    /**
     * Something on which sewists differ.
     *
     * @param schools what they do, each a whole sentence
     * @param ours what we do, and why
     */
    public record Differing(String about, List<String> schools, String ours) {
        public Differing {
            schools = List.copyOf(schools);
        }
    }

    /** Returns on what sewists differ. */
    public static List<Differing> differing() {
        return DIFFERING;
    }

    /** Tells whether the owner may do it at home. */
    public static boolean isForHomeHands(CareKind kind, Machine machine) {
        return switch (kind) {
            case CLEAN -> true;
            case OIL -> machine.oiling() == Oiling.WHERE_THE_MANUAL_SAYS;
            case SERVICE -> false;
        };
    }

    /** Returns who may do it, a whole sentence. */
    public static String who(CareKind kind, Machine machine) {
        return switch (kind) {
            case CLEAN -> "Yours to do: " + MAINS.substring(0, 1).toLowerCase(Locale.ROOT) + MAINS.substring(1);
            case OIL ->
                isForHomeHands(kind, machine)
                        ? "Yours to do where " + machine.name() + "'s manual shows it, and nowhere else."
                        : machine.kind() == MachineKind.COMPUTER_CONTROLLED
                                ? "Not yours: " + machine.name()
                                        + " is computer-controlled, and its oil is the technician's at the service."
                                : "Not yours: " + machine.name() + "'s manual leaves oil to the technician.";
            case SERVICE ->
                "A technician's: timing, check spring, hook, motor and wiring lie behind screws that the manual does not show.";
        };
    }
}
