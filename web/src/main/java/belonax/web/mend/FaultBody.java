package belonax.web.mend;

import belonax.BadInput;
import belonax.balance.BobbinPull.Pull;
import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.fault.CheckId;
import belonax.fault.SearchSchool;
import belonax.fault.SetUp;
import belonax.fault.Symptom;
import belonax.fault.Trouble;
import belonax.fault.Trouble.MachineState;
import belonax.fault.When;
import belonax.hazard.HazardModel;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Part;
import belonax.hazard.Purpose;
import belonax.hazard.Reason;
import belonax.life.Sign;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSystem;
import belonax.thread.SewingThread;
import belonax.web.shared.api.ApiBody;
import belonax.web.shared.api.ApiRefusal;
import belonax.web.shared.api.FabricBody;
import belonax.web.shared.api.LayersBody;
import belonax.web.shared.api.NeedleBody;
import belonax.web.shared.api.StackBody;
import belonax.web.shared.api.ThreadBody;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What {@code POST /faults/rank} takes. */
record FaultBody(
        @Nullable List<Symptom> symptoms,
        @Nullable SetupBody setup,
        @Nullable MachineBody machine,
        @Nullable List<When> when,
        @Nullable List<String> ruledOut,
        @Nullable List<String> foundAndCured,
        @Nullable List<Sign> signs,
        @Nullable SearchSchool school)
        implements ApiBody {

    private static final String USUAL_CLOTH = "quilting-cotton";
    private static final double USUAL_TEX = 25;
    private static final double MAX_HOURS = 1000;
    private static final double MAX_DIAL = 20;

    private static final double MAX_MONTHS = 1200;

    /** What was sewn, as far as it is known. */
    record SetupBody(
            @Nullable FabricBody fabric,
            @Nullable ThreadBody thread,
            @Nullable NeedleBody needle,
            @Nullable Double needleHours,
            @Nullable Boolean needleStruck,
            @Nullable Integer layers,
            @Nullable List<LayersBody> stack,
            @Nullable Purpose purpose,
            @Nullable Double stitchWidthMm,
            @Nullable Double provenDial) {

        boolean clothIsKnown() {
            return fabric != null || stack != null;
        }

        /** Without a cloth the usual one is taken. */
        Stack stackOf(ClothCatalogue catalogue) {
            try {
                if (stack != null || fabric != null && layers != null) {
                    return StackBody.stack(fabric, layers, stack, catalogue);
                }
                Cloth usual = catalogue.get(USUAL_CLOTH);
                return fabric != null
                        ? Stack.usual(its(fabric, catalogue))
                        : layers == null ? Stack.usual(usual) : Stack.of(usual, layers);
            } catch (BadInput e) {
                throw e.under("setup");
            }
        }

        private static Cloth its(FabricBody fabric, ClothCatalogue catalogue) {
            try {
                return fabric.cloth(catalogue);
            } catch (BadInput e) {
                throw e.under("fabric");
            }
        }
    }

    /** How the bobbin sits. */
    enum Case {
        REMOVABLE,
        SEALED
    }

    /** What a test of the bobbin's pull gave. */
    enum PullTested {
        RIGHT,
        TIGHT,
        LOOSE,
        UNKNOWN;

        Optional<Pull> found() {
            return this == UNKNOWN ? Optional.empty() : Optional.of(Pull.valueOf(name()));
        }
    }

    /** What is known of the machine. */
    record MachineBody(
            @Nullable MachineKind kind,
            @Nullable Case bobbin,
            @Nullable List<NeedleSystem> systems,
            @Nullable MotorPower power,
            @Nullable Double monthsSinceService,
            @Nullable Boolean neverServiced,
            @Nullable Double hoursSinceCleaning,
            @Nullable Double dial,
            @Nullable PullTested bobbinPull) {

        MachineState state() {
            return new MachineState(
                    Optional.ofNullable(kind),
                    kind != null && kind.hasLoopers()
                            ? Optional.of(BobbinKind.NONE)
                            : Optional.ofNullable(bobbin).map(one -> BobbinKind.valueOf(one.name())),
                    within("machine.monthsSinceService", monthsSinceService, MAX_MONTHS),
                    Boolean.TRUE.equals(neverServiced),
                    within("machine.hoursSinceCleaning", hoursSinceCleaning, MAX_HOURS),
                    offBand(),
                    bobbinPull == null ? Optional.empty() : bobbinPull.found(),
                    Optional.ofNullable(power));
        }

        private OptionalDouble offBand() {
            OptionalDouble at = within("machine.dial", dial, MAX_DIAL);
            return at.isEmpty() ? at : OptionalDouble.of(Trouble.offBand(Dial.numbered(), at.getAsDouble()));
        }
    }

    /**
     * Returns the trouble that is told.
     *
     * @throws BadInput if a value makes no sense
     */
    Trouble trouble(ClothCatalogue catalogue, HazardModel hazards) {
        if (symptoms == null) {
            throw ApiRefusal.missing("symptoms", "Send what is seen, such as SKIPPED_STITCHES.");
        }
        List<Symptom> seen = present("symptoms", symptoms);
        BadInput.unless(!seen.isEmpty(), "symptoms", () -> "Send at least one symptom.");
        Optional<NeedleInUse> needle =
                Optional.ofNullable(setup).map(SetupBody::needle).map(needleBody -> needleBody.needle("setup.needle"));
        Set<Symptom> symptoms = EnumSet.copyOf(seen);
        present("signs", signs).forEach(sign -> symptoms.add(Symptom.of(sign)));
        Optional<Job> job = setup == null ? Optional.empty() : Optional.of(job(setup, catalogue));
        return Trouble.told(symptoms)
                .when(new HashSet<>(present("when", when)))
                .reasons(job.map(otherJob -> reasons(otherJob, hazards, needle)).orElse(List.of()))
                .setUp(setUp(job, needle))
                .needle(
                        hours(needle),
                        needle.map(NeedleInUse::struck).orElse(false)
                                || setup != null && Boolean.TRUE.equals(setup.needleStruck()))
                .threadAgeYears(age())
                .machine(machine == null ? MachineState.UNKNOWN : machine.state())
                .checked(checks("ruledOut", ruledOut), checks("foundAndCured", foundAndCured))
                .build();
    }

    SearchSchool order() {
        return Objects.requireNonNullElse(school, SearchSchool.LIKELIEST_PER_MINUTE);
    }

    private OptionalDouble hours(Optional<NeedleInUse> needle) {
        Double told = setup == null ? null : setup.needleHours();
        if (told != null) {
            return within("setup.needleHours", told, MAX_HOURS);
        }
        boolean inNeedle =
                setup != null && setup.needle() != null && setup.needle().hours() != null;
        return inNeedle && needle.isPresent()
                ? OptionalDouble.of(needle.get().effectiveHours())
                : OptionalDouble.empty();
    }

    private OptionalDouble age() {
        return setup == null || setup.thread() == null
                ? OptionalDouble.empty()
                : setup.thread().thread("setup.thread").ageYears();
    }

    private Job job(SetupBody setup, ClothCatalogue catalogue) {
        SewingThread thread = setup.thread() == null
                ? SewingThread.spunPolyester(USUAL_TEX)
                : setup.thread().thread("setup.thread");
        JobBuilder job = Job.sewing(setup.stackOf(catalogue), thread);
        job.purpose(Objects.requireNonNullElse(setup.purpose(), Purpose.SEAM));
        if (setup.stitchWidthMm() != null) {
            job.stitchWidthMm(setup.stitchWidthMm());
        }
        if (machine != null) {
            if (machine.systems() != null) {
                job.systems(present("machine.systems", machine.systems()));
            }
            job.power(Objects.requireNonNullElse(machine.power(), MotorPower.NORMAL));
        }
        return job.build();
    }

    /** What the hazards say of the set-up; without a needle they say nothing, without a cloth nothing of what suits it. */
    private List<Reason> reasons(Job job, HazardModel hazards, Optional<NeedleInUse> needle) {
        boolean clothKnown = setup != null && setup.clothIsKnown();
        return needle.map(needleInUse -> hazards.predict(job, needleInUse).reasons().stream()
                        .filter(reason -> clothKnown || !OF_THE_CLOTH.contains(reason.part()))
                        .toList())
                .orElse(List.of());
    }

    private SetUp setUp(Optional<Job> job, Optional<NeedleInUse> needle) {
        if (job.isEmpty() || setup == null) {
            return SetUp.UNKNOWN;
        }
        boolean systems = machine != null && machine.systems() != null;
        SetUp its = SetUp.of(
                job.get(),
                needle.map(NeedleInUse::needle),
                new SetUp.Known(setup.clothIsKnown(), setup.thread() != null, systems));
        OptionalDouble proven = within("setup.provenDial", setup.provenDial(), MAX_DIAL);
        if (proven.isEmpty()) {
            return its;
        }
        Double now = machine == null ? null : machine.dial();
        return now == null ? its.withProvenDial() : its.withDial(now, proven.getAsDouble());
    }

    private static final Set<Part> OF_THE_CLOTH =
            EnumSet.of(Part.CLOTH, Part.NEEDLE_TYPE, Part.NEEDLE_SIZE, Part.STITCH);

    private static OptionalDouble within(String field, @Nullable Double value, double most) {
        if (value == null) {
            return OptionalDouble.empty();
        }
        BadInput.unless(value >= 0 && value <= most, field, () -> "Send a number from 0 to " + Math.round(most) + ".");
        return OptionalDouble.of(value);
    }

    private static List<CheckId> checks(String field, @Nullable List<String> names) {
        List<String> all = present(field, names);
        List<CheckId> checks = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            try {
                checks.add(CheckId.named(all.get(i)));
            } catch (BadInput e) {
                throw e.under(field + "[" + i + "]");
            }
        }
        return checks;
    }

    private static <T> List<T> present(String field, @Nullable List<T> entries) {
        List<T> all = Objects.requireNonNullElse(entries, List.<T>of());
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i) == null) {
                throw ApiRefusal.missing(field + "[" + i + "]", "Leave it out, or send a word.");
            }
        }
        return all;
    }
}
