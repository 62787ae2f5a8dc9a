package belonax.web.balance;

import belonax.BadInput;
import belonax.balance.Also;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.machine.Dial;
import belonax.needle.Needle;
import belonax.room.balance.BalanceBook.Reading;
import belonax.room.balance.BalanceRun;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Parsed;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What is said before the first strip, the stitch width in the sewist's own measure. */
record BalanceForm(
        @Nullable String cloth,

        @Ask(value = "Count the layers of the strip, interfacing too.", needed = true) @Nullable
        Integer layers,

        @Ask(value = "Type the top thread's tex, such as 25.", needed = true) @Nullable
        Double tex,

        @Nullable Fibre fibre,
        @Nullable Build build,

        @Ask("Type the bobbin thread's tex, or leave it empty.") @Nullable
        Double bobbinTex,

        @Ask("Type the stitch width, 0 for straight.") @Nullable
        Double width,

        @Nullable Touched touched,

        @Ask("Type where the dial stands now, or leave it empty.") @Nullable
        Double found) {

    private static final String USUAL_CLOTH = "quilting-cotton";
    private static final double LEAST_STACK_MM = 0.05;

    /** Returns it with what is usual on this machine where nothing was typed. */
    BalanceForm usualOn(MachineNow machine) {
        SewingThread thread = machine.thread().orElse(SewingThread.spunPolyester(25));
        return new BalanceForm(
                Objects.requireNonNullElse(cloth, USUAL_CLOTH),
                Objects.requireNonNullElse(layers, 2),
                tex == null ? Parsed.shown(thread.tex().shown()) : tex,
                Objects.requireNonNullElse(fibre, thread.fibre()),
                Objects.requireNonNullElse(build, thread.build()),
                bobbinTex,
                Objects.requireNonNullElse(width, 0.0),
                touched,
                found);
    }

    /**
     * Builds the run.
     *
     * @param named finds a cloth by its id
     * @throws belonax.BadInput naming all that will not do
     */
    BalanceRun run(MachineNow machine, Function<String, Cloth> named, Units units, LocalDate today) {
        Cloth chosen = named.apply(Objects.requireNonNullElse(cloth, ""));
        Stack stack = Stack.of(chosen, Objects.requireNonNull(layers));
        SetupKept sewn = new SetupKept(
                chosen.id(),
                stack.words(),
                stack.layers(),
                Math.max(LEAST_STACK_MM, stack.thicknessMm()),
                width == null ? 0 : units.toMm(width),
                thread(
                        Objects.requireNonNull(tex),
                        Objects.requireNonNullElse(fibre, Fibre.POLYESTER),
                        Objects.requireNonNullElse(build, Build.SPUN)),
                bobbinTex == null ? null : thread(bobbinTex, Fibre.POLYESTER, Build.SPUN));
        Optional<Needle> needle = machine.fitted().map(it -> it.needle().needle());
        BalanceRun run = new BalanceRun(
                machine.id(),
                machine.machine().name(),
                sewn,
                needle.map(Needle::type).orElse(null),
                needle.map(it -> it.size().nm()).orElse(null),
                List.of(),
                BalanceRun.State.OPEN,
                null,
                null,
                Objects.requireNonNullElse(touched, Touched.NOTHING),
                found,
                today,
                null);
        run.setup(machine.machine()); // Refuses what no strip can be sewn with.
        return run;
    }

    /** What was seen on a strip. */
    record Seen(
            @Nullable UUID strip,

            @Ask(value = Dial.READ_IT, needed = true) @Nullable
            Double dial,

            @Nullable TopFace top,
            @Nullable Underside underside,
            @Nullable List<Also> also) {

        /**
         * Reads it.
         *
         * @throws BadInput naming what is missing
         */
        Reading reading() {
            if (top == null && underside != Underside.NEST || underside == null) {
                throw new BadInput("read", "Tap what you see on both faces, top and underside; then it is read.");
            }
            return new Reading(
                    Optional.ofNullable(strip),
                    Objects.requireNonNull(dial),
                    top == null ? TopFace.CLEAN : top,
                    underside,
                    Objects.requireNonNullElse(also, List.of()));
        }
    }

    /** Where the dial stands. */
    record AtDial(
            @Ask(value = Dial.READ_IT, needed = true) @Nullable
            Double dial) {}

    private static ThreadKept thread(double tex, Fibre fibre, Build build) {
        return ThreadKept.of(new SewingThread(new Tex(tex), fibre, build, OptionalDouble.empty(), Quality.GOOD, false));
    }
}
