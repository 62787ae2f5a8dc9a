package belonax.web.drawer.machine;

import belonax.machine.BobbinKind;
import belonax.machine.BobbinMaterial;
import belonax.machine.DialKind;
import belonax.machine.FlatSide;
import belonax.machine.FootKind;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Oiling;
import belonax.machine.Threading.BobbinTurn;
import belonax.machine.WheelTurn;
import belonax.needle.NeedleSystem;
import belonax.room.Choice;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.validation.BindingResult;

/** The rows of plates and feet as the page shows them, and what its selects offer. */
public record MachineRows(List<Row> plates, List<Row> feet) {
    private static final int PLATES = 3;
    private static final int FEET = 8;

    static final Lists LISTS = new Lists(
            Choice.of(MachineKind.values(), MachineKind::words),
            Stream.of(NeedleSystem.values())
                    .map(system -> new Choice(system.name(), system.label()))
                    .toList(),
            Choice.of(FlatSide.values(), FlatSide::words),
            Choice.of(WheelTurn.values(), WheelTurn::words),
            Choice.of(BobbinKind.values(), BobbinKind::words),
            Choice.of(MotorPower.values(), MotorPower::words),
            Choice.of(DialKind.values(), DialKind::words),
            Choice.of(Oiling.values(), Oiling::words),
            Choice.of(FootKind.values(), FootKind::words),
            Choice.of(BobbinMaterial.values(), BobbinMaterial::words),
            Choice.of(BobbinTurn.values(), BobbinTurn::words));

    /** What the selects offer. */
    public record Lists(
            List<Choice> kinds,
            List<Choice> systems,
            List<Choice> flats,
            List<Choice> turns,
            List<Choice> bobbins,
            List<Choice> powers,
            List<Choice> dials,
            List<Choice> oilings,
            List<Choice> footKinds,
            List<Choice> materials,
            List<Choice> bobbinTurns) {}

    /** A plate or a foot: whether it is on, its name, its opening; 0 is one round hole. A foot has a kind, where it is known. */
    public record Row(int number, boolean isOn, String name, String slot, String kind) {}

    static MachineRows of(MachineForm form) {
        return new MachineRows(
                rows(PLATES, form.plateOn(), form.plateName(), form.plateSlot(), List.of()),
                rows(FEET, form.footOn(), form.footName(), form.footSlot(), form.footKind()));
    }

    /** Returns the rows as they were sent, also when something else in the form could not be read. */
    static MachineRows sent(BindingResult form) {
        return new MachineRows(
                rows(PLATES, number(form, "plateOn"), list(form, "plateName"), list(form, "plateSlot"), List.of()),
                rows(
                        FEET,
                        number(form, "footOn"),
                        list(form, "footName"),
                        list(form, "footSlot"),
                        list(form, "footKind")));
    }

    private static List<Row> rows(
            int count,
            @Nullable Integer on,
            @Nullable List<String> names,
            @Nullable List<String> slots,
            @Nullable List<String> kinds) {
        return IntStream.range(0, count)
                .mapToObj(i -> new Row(i, on != null && on == i, at(names, i), at(slots, i), at(kinds, i)))
                .toList();
    }

    private static String at(@Nullable List<String> texts, int row) {
        return texts != null && row < texts.size() ? texts.get(row) : "";
    }

    private static @Nullable Integer number(BindingResult form, String field) {
        return value(form, field) instanceof Integer number ? number : null;
    }

    private static List<String> list(BindingResult form, String field) {
        return value(form, field) instanceof List<?> list
                ? list.stream().map(String::valueOf).toList()
                : List.of();
    }

    private static @Nullable Object value(BindingResult form, String field) {
        return form.getTarget() == null ? form.getFieldValue(field) : form.getRawFieldValue(field);
    }
}
