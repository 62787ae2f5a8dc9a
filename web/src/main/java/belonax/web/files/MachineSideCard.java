package belonax.web.files;

import belonax.machine.BobbinKind;
import belonax.machine.Machine;
import belonax.needle.NeedleSystem;
import belonax.room.Words;
import belonax.room.needle.MachineNow;
import belonax.room.settings.Units;
import belonax.web.shared.drawing.QrMark;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** The card that lies beside the machine. */
public record MachineSideCard(String name, String standsAt, String day, List<Line> lines, QrMark mark) {
    /** A fact with its heading. */
    public record Line(String heading, String words) {}

    static MachineSideCard of(MachineNow now, String address, Units units, LocalDate today) {
        Machine machine = now.machine();
        List<Line> lines = new ArrayList<>();
        for (MachineNow.Place place : now.places()) {
            lines.add(new Line(
                    now.places().size() > 1 ? Words.capital(place.name()) : "Needle in it",
                    place.fitted()
                            .map(fitted -> String.format(
                                    Locale.ROOT,
                                    "%s, worn %.1f h",
                                    fitted.needle().needle().words(),
                                    fitted.needle().effectiveHours()))
                            .orElse("none")));
        }
        lines.add(new Line(
                "Takes",
                machine.systems().stream().map(NeedleSystem::label).collect(Collectors.joining(", ")) + ", flat to the "
                        + machine.flatSide().words()));
        now.thread().ifPresent(thread -> lines.add(new Line("Thread", thread.words())));
        now.dial().ifPresent(value -> lines.add(new Line("Last balanced", "dial " + Words.number(value))));
        lines.add(new Line(
                "Plate",
                machine.plate().name()
                        + (machine.plate().slotMm() > 0
                                ? ", slot " + units.mm(machine.plate().slotMm())
                                : ", round hole")));
        lines.add(new Line("Foot", machine.foot().name()));
        if (machine.bobbin() != BobbinKind.NONE) {
            String bobbins = now.card().bobbinClass();
            lines.add(new Line("Bobbin", bobbins.isBlank() ? machine.bobbin().words() : bobbins));
        }
        lines.add(new Line("Wheel", machine.wheelTurn().words()));
        lines.add(new Line("Oil", machine.oiling().words()));
        if (!now.card().manualPlace().isBlank()) {
            lines.add(new Line("Manual", now.card().manualPlace()));
        }
        return new MachineSideCard(
                machine.name(),
                now.standsAt(),
                Words.date(today),
                lines,
                QrMark.of(address + "/drawer/machine/" + now.id()));
    }
}
