package belonax.fault;

import belonax.BadInput;
import belonax.balance.BobbinPull.Pull;
import belonax.fault.Glance.Look;
import belonax.hazard.Reason;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A trouble as it is told, with all that is known beside it.
 *
 * @param symptoms what is seen, heard and felt; never empty
 * @param when when and where it happens
 * @param glance what was seen of the parts that were looked at as they were found
 * @param reasons what the set-up's own hazards say; empty when the set-up is not known
 * @param needleHours worked-out wear of the needle; empty when it is not known
 * @param needleStruck whether it hit something
 * @param threadAgeYears empty when it is not known
 * @param delicateDelivery whether its spool wants a way of its own: a thread that must not twist, or that slips
 * @param broken needles that broke on this machine
 * @param setUp what the needle, the cloth and the thread on the table speak for, and rule out
 * @param machine what is known of the machine
 * @param cures how often each check cured something on this machine
 * @param ruledOut checks that found nothing
 * @param cured checks that found something, which was put right, and the trouble is still there
 */
public record Trouble(
        Set<Symptom> symptoms,
        Set<When> when,
        Map<Glance, Look> glance,
        List<Reason> reasons,
        OptionalDouble needleHours,
        boolean needleStruck,
        OptionalDouble threadAgeYears,
        boolean delicateDelivery,
        BrokenHere broken,
        SetUp setUp,
        MachineState machine,
        Map<CheckId, Integer> cures,
        List<CheckId> ruledOut,
        List<CheckId> cured) {

    /**
     * What is known of the machine.
     *
     * @param dialOff how far the dial stands above its usual band, in numbers of a dial from 0 to 9; below it less than 0, inside it 0
     * @param bobbinPull how hard the bobbin pulled when it was tested last; empty when it was not, or was adjusted since
     */
    public record MachineState(
            Optional<MachineKind> kind,
            Optional<BobbinKind> bobbin,
            OptionalDouble monthsSinceService,
            boolean neverServiced,
            OptionalDouble hoursSinceCleaning,
            OptionalDouble dialOff,
            Optional<Pull> bobbinPull,
            Optional<MotorPower> power) {

        /** A machine of which nothing is known. */
        public static final MachineState UNKNOWN = new MachineState(
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                false,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /**
     * Needles that broke on a machine: the plate, the case and the hook are suspect after each, and a piece that was not
     * found may lie inside.
     *
     * @param count how many did, at least 0
     * @param piecesMissing whether a piece of one is still missing
     */
    public record BrokenHere(int count, boolean piecesMissing) {
        public static final BrokenHere NONE = new BrokenHere(0, false);
    }

    public Trouble {
        symptoms = Set.copyOf(symptoms);
        when = Set.copyOf(when);
        glance = Map.copyOf(glance);
        reasons = List.copyOf(reasons);
        cures = Map.copyOf(cures);
        ruledOut = List.copyOf(ruledOut);
        cured = List.copyOf(cured);
        BadInput.unless(
                !symptoms.isEmpty(), "symptoms", () -> "Say what is seen, heard or felt: at least one symptom.");
    }

    /** Returns a trouble of which nothing but its symptoms is known. */
    public static Trouble of(Symptom... symptoms) {
        return told(Set.of(symptoms)).build();
    }

    /** Starts telling a trouble: nothing but its symptoms is known yet. */
    public static TroubleBuilder told(Set<Symptom> symptoms) {
        return new TroubleBuilder(symptoms);
    }

    /** Returns how far a dial stands above its usual band, in numbers of a dial from 0 to 9; below it less than 0, inside it 0. */
    public static double offBand(Dial dial, double at) {
        double number = (dial.max() - dial.min()) / 9;
        return (Math.max(0, at - dial.normalHigh()) - Math.max(0, dial.normalLow() - at)) / number;
    }

    /** Returns the same trouble after these checks: those that found nothing, and those that found what was put right. */
    public Trouble after(List<CheckId> nothingFound, List<CheckId> foundAndCured) {
        return told(symptoms)
                .when(when)
                .glance(glance)
                .reasons(reasons)
                .needle(needleHours, needleStruck)
                .threadAgeYears(threadAgeYears)
                .broken(broken)
                .delicateDelivery(delicateDelivery)
                .setUp(setUp)
                .machine(machine)
                .cures(cures)
                .checked(nothingFound, foundAndCured)
                .build();
    }

    /** Tells whether it is a machine with loopers: known to be one, or showing what only such a one can. */
    boolean hasLoopers() {
        return machine.kind()
                .map(MachineKind::hasLoopers)
                .orElseGet(() -> machine.bobbin()
                                .map(bobbinKind -> bobbinKind == BobbinKind.NONE)
                                .orElse(false)
                        || symptoms.stream().anyMatch(Symptom::isOfLoopers));
    }

    /** Tells whether any of these is seen, heard or felt. */
    boolean shows(Set<Symptom> any) {
        return symptoms.stream().anyMatch(any::contains);
    }

    /** Returns the parts that looked like this at a glance. */
    List<Glance> seen(Look look) {
        return glance.entrySet().stream()
                .filter(entry -> entry.getValue() == look)
                .map(Map.Entry::getKey)
                .toList();
    }
}
