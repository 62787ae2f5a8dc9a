package belonax.web.shared;

import belonax.machine.BobbinKind;
import belonax.machine.Machine;
import belonax.machine.StitchPlate;
import belonax.needle.NeedleInUse;
import belonax.room.Words;
import belonax.room.event.TableWork;
import belonax.room.machine.MachineName;
import belonax.room.needle.MachineNow;
import belonax.room.needle.WorkLog;
import belonax.room.settings.Units;
import belonax.thread.SewingThread;
import belonax.web.shared.drawing.ThreadColour;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What the strip shows: which machine, which needles are in it and how worn, what lies on the table with its thread, the last balance. */
public record MachineBar(
        @Nullable String machineId,
        String machine,
        String standsAt,
        List<NeedleShown> needles,
        String table,
        String thread,
        String colour,
        String dial,
        String plateAndFoot,
        @Nullable String timer,
        boolean timerIsForgotten,
        @Nullable String openCase,
        String missing,
        List<Choice> choices,
        String line) {

    /**
     * One needle place.
     *
     * @param wornPercent for the bar, 0 to 100
     */
    public record NeedleShown(String place, String words, String worn, int wornPercent, boolean isWorn) {
        /** Returns how dull it is drawn, 0 for new to 4 for worn out. */
        public int dull() {
            return isWorn ? 4 : Math.min(4, wornPercent / 25);
        }
    }

    /** A machine that can be put on the table. */
    public record Choice(String id, String name, String standsAt, boolean isChosen) {}

    static MachineBar of(
            Optional<MachineNow> machine,
            List<MachineName> all,
            Units units,
            Optional<WorkLog.Running> running,
            Optional<UUID> openCase) {
        List<Choice> choices = all.stream()
                .map(machineName -> new Choice(
                        machineName.id(),
                        machineName.name(),
                        machineName.standsAt(),
                        machine.map(MachineNow::id).equals(Optional.of(machineName.id()))))
                .toList();
        return machine.map(machineNow -> new MachineBar(
                        machineNow.id(),
                        machineNow.machine().name(),
                        machineNow.standsAt(),
                        machineNow.places().stream()
                                .map(place -> shown(place, machineNow.places().size() > 1))
                                .toList(),
                        Words.capital(machineNow.table().map(TableWork::words).orElse("thread")),
                        threadWords(machineNow),
                        machineNow
                                .table()
                                .map(work -> ThreadColour.of(work.top().colour()))
                                .orElse(""),
                        dial(machineNow),
                        mounted(machineNow.machine(), units),
                        running.map(MachineBar::timer).orElse(null),
                        running.map(WorkLog.Running::isForgotten).orElse(false),
                        openCase.map(UUID::toString).orElse(null),
                        machineNow.missingWords(),
                        choices,
                        line(machineNow)))
                .orElseGet(() -> new MachineBar(
                        null,
                        "No machine yet",
                        "",
                        List.of(),
                        "",
                        "",
                        "",
                        "",
                        "",
                        null,
                        false,
                        null,
                        "",
                        choices,
                        "No machine yet"));
    }

    /** The spool that lies on the table by its colour, unless the machine was threaded with another thread since. */
    private static String threadWords(MachineNow machine) {
        Optional<SewingThread> on = machine.thread();
        return machine.table()
                .map(TableWork::top)
                .filter(top ->
                        on.isEmpty() || on.get().tex().value() == top.thread().tex())
                .map(TableWork.Top::words)
                .orElseGet(() -> on.map(SewingThread::words).orElse("not told yet"));
    }

    /** Machine, sizes and dial on one line, as a phone shows them. */
    private static String line(MachineNow machineNow) {
        String sizes = machineNow.places().stream()
                .map(place -> place.fitted()
                        .map(fitted -> fitted.needle().needle().size().toString())
                        .orElse("no needle"))
                .collect(Collectors.joining(", "));
        String dial = dialNumber(machineNow);
        return machineNow.machine().name() + " · " + sizes + (dial.isEmpty() ? "" : " · dial " + dial);
    }

    private static String timer(WorkLog.Running running) {
        return running.isForgotten()
                ? "timer forgotten?"
                : String.format(Locale.ROOT, "%.0f min", Math.floor(running.minutes()));
    }

    private static String mounted(Machine machine, Units units) {
        StitchPlate plate = machine.plate();
        String width = plate.slotMm() > 0 ? " " + units.mm(plate.slotMm()) : "";
        return plate.name().replace(" plate", "") + width + ", "
                + machine.foot().name().replace(" foot", "");
    }

    /** An overlocker has loopers and no bobbin, so no top dial is balanced against one. */
    private static String dialNumber(MachineNow machine) {
        if (machine.machine().bobbin() == BobbinKind.NONE) {
            return "";
        }
        return machine.dial().isPresent() ? Words.number(machine.dial().getAsDouble()) : "not yet";
    }

    private static String dial(MachineNow machine) {
        String number = dialNumber(machine);
        return number.isEmpty() || machine.dial().isEmpty() ? number : "dial " + number;
    }

    private static NeedleShown shown(MachineNow.Place place, boolean several) {
        String label = several ? Words.capital(place.name()) : "In the machine";
        return place.fitted()
                .map(fitted -> shown(label, fitted.needle()))
                .orElseGet(() -> new NeedleShown(label, "no needle", "", 0, false));
    }

    private static NeedleShown shown(String label, NeedleInUse needle) {
        double share = needle.effectiveHours() / NeedleInUse.WORN_HOURS;
        return new NeedleShown(
                label,
                Words.capital(needle.needle().words()),
                String.format(Locale.ROOT, "worn %.1f of %.0f h", needle.effectiveHours(), NeedleInUse.WORN_HOURS),
                (int) Math.round(100 * Math.min(1, share)),
                share >= 1 || needle.struck());
    }
}
