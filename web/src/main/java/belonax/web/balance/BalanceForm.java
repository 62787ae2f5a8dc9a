package belonax.web.balance;

import belonax.BadInput;
import belonax.balance.Also;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.room.balance.BalanceBook.Reading;
import belonax.room.balance.BalanceRun;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.ClothShelf;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.thread.Build;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import belonax.web.shared.form.Entries;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Between what is said before the first strip and a run. */
final class BalanceForm {
    private static final double LEAST_STACK_MM = 0.05;

    private BalanceForm() {}

    /** Returns the entries as they are usual on this machine, where nothing was typed. */
    static Map<String, String> usual(Map<String, String> typed, MachineNow machine) {
        SewingThread thread = machine.thread().orElse(SewingThread.spunPolyester(25));
        Map<String, String> all = new LinkedHashMap<>();
        all.put("cloth", "quilting-cotton");
        all.put("layers", "2");
        all.put("tex", thread.tex().shown());
        all.put("fibre", thread.fibre().name());
        all.put("build", thread.build().name());
        all.put("bobbinTex", "");
        all.put("width", "0");
        all.putAll(typed);
        return all;
    }

    /**
     * Builds the run.
     *
     * @throws BadInput naming all that will not do
     */
    static BalanceRun run(Entries entries, MachineNow machine, ClothShelf cloths, Units units, LocalDate today) {
        Cloth cloth = cloths.get(entries.text("cloth"));
        int layers = entries.whole("layers", "Count the layers of the strip, interfacing too.");
        double tex = entries.number("tex", "Type the top thread's tex, such as 25.");
        Double bobbinTex = entries.optional("bobbinTex", "Type the bobbin thread's tex, or leave it empty.");
        Double width = entries.optional("width", "Type the stitch width, 0 for straight.");
        Fibre fibre = entries.word("fibre", Fibre.class, Fibre.POLYESTER);
        Touched touched = entries.word("touched", Touched.class, Touched.NOTHING);
        Double found = entries.optional("found", "Type where the dial stands now, or leave it empty.");
        Build build = entries.word("build", Build.class, Build.SPUN);
        return entries.done(() -> {
            Stack stack = Stack.of(cloth, layers);
            ThreadKept top = thread(tex, fibre, build);
            SetupKept sewn = new SetupKept(
                    cloth.id(),
                    stack.words(),
                    stack.layers(),
                    Math.max(LEAST_STACK_MM, stack.thicknessMm()),
                    width == null ? 0 : units.toMm(width),
                    top,
                    bobbinTex == null ? null : thread(bobbinTex, Fibre.POLYESTER, Build.SPUN));
            Optional<MachineNow.Fitted> fitted = machine.fitted();
            BalanceRun run = new BalanceRun(
                    machine.id(),
                    machine.machine().name(),
                    sewn,
                    fitted.map(it -> it.needle().needle().type()).orElse(null),
                    fitted.map(it -> it.needle().needle().size().nm()).orElse(null),
                    List.of(),
                    BalanceRun.State.OPEN,
                    null,
                    null,
                    touched,
                    found,
                    today,
                    null);
            run.setup(machine.machine()); // Refuses what no strip can be sewn with.
            return run;
        });
    }

    /**
     * Reads what was seen on a strip.
     *
     * @throws BadInput naming what is missing
     */
    static Reading reading(Entries entries) {
        TopFace top = entries.optionalWord("top", TopFace.class);
        Underside underside = entries.optionalWord("underside", Underside.class);
        if (top == null && underside != Underside.NEST || underside == null) {
            throw new BadInput("read", "Tap what you see on both faces, top and underside; then it is read.");
        }
        double dial = entries.number("dial", "Read the dial off the machine: a number within its range.");
        return entries.done(() -> new Reading(
                DrawerStore.uuid(entries.text("strip")),
                dial,
                top == null ? TopFace.CLEAN : top,
                underside,
                entries.words("also", Also.class)));
    }

    static double dial(Entries entries) {
        double dial = entries.number("dial", "Read the dial off the machine: a number within its range.");
        return entries.done(() -> dial);
    }

    private static ThreadKept thread(double tex, Fibre fibre, Build build) {
        return ThreadKept.of(new SewingThread(new Tex(tex), fibre, build, OptionalDouble.empty(), Quality.GOOD, false));
    }
}
