package belonax.fault;

import belonax.fault.Glance.Look;
import belonax.fault.Trouble.BrokenHere;
import belonax.fault.Trouble.MachineState;
import belonax.hazard.Reason;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/** Gathers what is known of a trouble. */
public final class TroubleBuilder {
    private final Set<Symptom> symptoms;
    private Set<When> when = Set.of();
    private Map<Glance, Look> glance = Map.of();
    private List<Reason> reasons = List.of();
    private OptionalDouble needleHours = OptionalDouble.empty();
    private boolean needleStruck;
    private OptionalDouble threadAgeYears = OptionalDouble.empty();
    private boolean delicateDelivery;
    private BrokenHere broken = BrokenHere.NONE;
    private SetUp setUp = SetUp.UNKNOWN;
    private MachineState machine = MachineState.UNKNOWN;
    private Map<CheckId, Integer> cures = Map.of();
    private List<CheckId> ruledOut = List.of();
    private List<CheckId> cured = List.of();

    TroubleBuilder(Set<Symptom> symptoms) {
        this.symptoms = symptoms;
    }

    public TroubleBuilder when(Set<When> value) {
        when = value;
        return this;
    }

    public TroubleBuilder glance(Map<Glance, Look> value) {
        glance = value;
        return this;
    }

    /** Tells what the set-up's own hazards say. */
    public TroubleBuilder reasons(List<Reason> value) {
        reasons = value;
        return this;
    }

    /** Tells of the needle: its worked-out wear in hours, and whether it hit something. */
    public TroubleBuilder needle(OptionalDouble hours, boolean struck) {
        needleHours = hours;
        needleStruck = struck;
        return this;
    }

    public TroubleBuilder threadAgeYears(OptionalDouble value) {
        threadAgeYears = value;
        return this;
    }

    /** Tells whether the spool wants a way of its own. */
    public TroubleBuilder delicateDelivery(boolean value) {
        delicateDelivery = value;
        return this;
    }

    public TroubleBuilder broken(BrokenHere value) {
        broken = value;
        return this;
    }

    /** Tells what the set-up on the table speaks for, and rules out. */
    public TroubleBuilder setUp(SetUp value) {
        setUp = value;
        return this;
    }

    public TroubleBuilder machine(MachineState value) {
        machine = value;
        return this;
    }

    /** Tells how often each check cured something on this machine. */
    public TroubleBuilder cures(Map<CheckId, Integer> value) {
        cures = value;
        return this;
    }

    /** Tells which checks were made: those that found nothing, and those that found something that was put right. */
    public TroubleBuilder checked(List<CheckId> nothingFound, List<CheckId> foundAndCured) {
        ruledOut = nothingFound;
        cured = foundAndCured;
        return this;
    }

    /**
     * Returns the trouble.
     *
     * @throws belonax.BadInput if it has no symptom
     */
    public Trouble build() {
        return new Trouble(
                symptoms,
                when,
                glance,
                reasons,
                needleHours,
                needleStruck,
                threadAgeYears,
                delicateDelivery,
                broken,
                setUp,
                machine,
                cures,
                ruledOut,
                cured);
    }
}
