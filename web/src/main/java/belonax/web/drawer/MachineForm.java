package belonax.web.drawer;

import belonax.BadInput;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import belonax.machine.FlatSide;
import belonax.machine.Foot;
import belonax.machine.FootKind;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Oiling;
import belonax.machine.Plate;
import belonax.machine.Reach;
import belonax.machine.StitchPlate;
import belonax.machine.WheelTurn;
import belonax.needle.NeedleSystem;
import belonax.room.Choice;
import belonax.room.machine.MachineCard;
import belonax.room.settings.Units;
import belonax.web.shared.form.Entries;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Between what is typed about a machine and its card. */
record MachineForm(Map<String, String> typed, List<Row> plates, List<Row> feet) {
    private static final int PLATE_ROWS = 3;
    private static final int FOOT_ROWS = 8;

    static final Lists LISTS = new Lists(
            Choice.of(MachineKind.values(), MachineKind::words),
            Stream.of(NeedleSystem.values())
                    .map(it -> new Choice(it.name(), it.label()))
                    .toList(),
            Choice.of(FlatSide.values(), FlatSide::words),
            Choice.of(WheelTurn.values(), WheelTurn::words),
            Choice.of(BobbinKind.values(), BobbinKind::words),
            Choice.of(MotorPower.values(), MotorPower::words),
            Choice.of(DialKind.values(), DialKind::words),
            Choice.of(Oiling.values(), Oiling::words),
            Choice.of(FootKind.values(), FootKind::words));

    /** What the selects offer. */
    record Lists(
            List<Choice> kinds,
            List<Choice> systems,
            List<Choice> flats,
            List<Choice> turns,
            List<Choice> bobbins,
            List<Choice> powers,
            List<Choice> dials,
            List<Choice> oilings,
            List<Choice> footKinds) {}

    /** A plate or a foot: whether it is on, its name, its opening; 0 is one round hole. A foot has a kind, where it is known. */
    record Row(int number, boolean isOn, String name, String slot, String kind) {}

    /** Builds a plate or a foot of what stands in one row. */
    private interface Thing<T> {
        T of(int row, String name, double slotMm);
    }

    static MachineForm of(MachineCard card, int revision, Units units) {
        Machine machine = card.machine();
        Map<String, String> all = new LinkedHashMap<>();
        all.put("revision", String.valueOf(revision));
        all.put("name", machine.name());
        all.put("standsAt", card.standsAt());
        all.put("kind", machine.kind().name());
        all.put("systems", machine.systems().stream().map(Enum::name).collect(Collectors.joining(",")));
        all.put("flatSide", machine.flatSide().name());
        all.put("wheelTurn", machine.wheelTurn().name());
        all.put("bobbin", machine.bobbin().name());
        all.put("bobbinClass", card.bobbinClass());
        all.put("power", machine.power().name());
        all.put("oiling", machine.oiling().name());
        all.put("places", String.join(", ", machine.needlePlaces()));
        all.put("manualPlace", card.manualPlace());
        all.put("threader", String.valueOf(card.hasThreader()));
        machine.reach().footLiftMm().ifPresent(it -> all.put("footLift", units.mmNumber(it)));
        machine.reach().thickestTex().ifPresent(it -> all.put("thickestTex", SwatchForm.plain(it)));
        putDial(all, machine.dial());
        List<Row> plates = new ArrayList<>();
        for (StitchPlate it : card.plates()) {
            plates.add(new Row(plates.size(), it.equals(machine.plate()), it.name(), units.mmNumber(it.slotMm()), ""));
        }
        List<Row> feet = new ArrayList<>();
        for (Foot it : card.feet()) {
            feet.add(new Row(
                    feet.size(),
                    it.equals(machine.foot()),
                    it.name(),
                    units.mmNumber(it.slotMm()),
                    it.kind().map(FootKind::name).orElse("")));
        }
        return new MachineForm(all, filledUp(plates, PLATE_ROWS), filledUp(feet, FOOT_ROWS));
    }

    /** Returns the form as it was typed. */
    static MachineForm typed(Entries entries) {
        return new MachineForm(entries.shown(), rows(entries, "plate", PLATE_ROWS), rows(entries, "foot", FOOT_ROWS));
    }

    MachineForm withoutName() {
        Map<String, String> all = new LinkedHashMap<>(typed);
        all.put("name", "");
        return new MachineForm(all, plates, feet);
    }

    /**
     * Builds the card.
     *
     * @throws BadInput naming every field that will not do
     */
    static MachineCard card(Entries entries, Units units) {
        MachineKind kind = entries.word("kind", MachineKind.class, MachineKind.MECHANICAL);
        List<NeedleSystem> systems = entries.words("systems", NeedleSystem.class);
        FlatSide flat = entries.word("flatSide", FlatSide.class, FlatSide.BACK);
        WheelTurn turn = entries.word("wheelTurn", WheelTurn.class, WheelTurn.TOWARDS_YOU);
        BobbinKind bobbin = entries.word("bobbin", BobbinKind.class, BobbinKind.REMOVABLE);
        MotorPower power = entries.word("power", MotorPower.class, MotorPower.NORMAL);
        Oiling oiling = entries.word("oiling", Oiling.class, Oiling.WHERE_THE_MANUAL_SAYS);
        DialKind dialKind = entries.word("dialKind", DialKind.class, DialKind.NUMBERED);
        double min = entries.number("dialMin", "Read the dial's lowest number off the machine.");
        double max = entries.number("dialMax", "Read the dial's highest number off the machine.");
        double step = entries.number("dialStep", "Type the finest step that you can set again, such as 0.25.");
        double low = entries.number("normalLow", "Type where ordinary thread usually balances, such as 3.");
        double high = entries.number("normalHigh", "Type where ordinary thread usually balances, such as 5.");
        Double lift = entries.optional("footLift", "Measure the room under the lifted foot, or leave it empty.");
        Double thickest =
                entries.optional("thickestTex", "Look in the manual for the thickest thread, or leave it empty.");
        List<String> places = places(entries.text("places"));
        return entries.done(() -> {
            List<StitchPlate> plates =
                    things(entries, "plate", PLATE_ROWS, units, (row, name, slot) -> plate(name, slot));
            List<Foot> feet = things(
                    entries,
                    "foot",
                    FOOT_ROWS,
                    units,
                    (row, name, slot) -> new Foot(name, slot, footKind(entries, row)));
            Machine machine = new Machine(
                    entries.text("name"),
                    kind,
                    systems,
                    flat,
                    turn,
                    bobbin,
                    power,
                    on(plates, entries, "plate", "Name the plate that is on the machine, and its slot."),
                    on(feet, entries, "foot", "Name the foot that is on the machine, and its opening."),
                    new Dial(dialKind, min, max, step, low, high),
                    oiling,
                    places,
                    new Reach(optional(lift == null ? null : units.toMm(lift)), optional(thickest)));
            return new MachineCard(
                    machine,
                    entries.text("standsAt"),
                    plates,
                    feet,
                    entries.text("bobbinClass"),
                    entries.text("manualPlace"),
                    entries.ticked("threader"));
        });
    }

    private static void putDial(Map<String, String> all, Dial dial) {
        all.put("dialKind", dial.kind().name());
        all.put("dialMin", SwatchForm.plain(dial.min()));
        all.put("dialMax", SwatchForm.plain(dial.max()));
        all.put("dialStep", SwatchForm.plain(dial.step()));
        all.put("normalLow", SwatchForm.plain(dial.normalLow()));
        all.put("normalHigh", SwatchForm.plain(dial.normalHigh()));
    }

    private static List<String> places(String typed) {
        return Arrays.stream(typed.split(","))
                .map(String::strip)
                .filter(it -> !it.isEmpty())
                .map(it -> it.length() > 40 ? it.substring(0, 40) : it)
                .toList();
    }

    private static StitchPlate plate(String name, double slotMm) {
        return new StitchPlate(name, slotMm == 0 ? Plate.STRAIGHT : Plate.ZIGZAG, slotMm);
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** A foot whose kind nobody tells may tell it by its name. */
    private static Optional<FootKind> footKind(Entries entries, int row) {
        String field = "footKind" + row;
        return entries.text(field).isEmpty()
                ? Optional.empty()
                : Optional.of(entries.word(field, FootKind.class, FootKind.STANDARD));
    }

    private static <T> List<T> things(Entries entries, String what, int rows, Units units, Thing<T> build) {
        List<T> things = new ArrayList<>();
        for (int i = 0; i < rows; i++) {
            String name = entries.text(what + "Name" + i);
            if (!name.isEmpty()) {
                Double slot = entries.optional(what + "Slot" + i, "Lay a ruler across it; 0 means one round hole.");
                String shortName = name.length() > 60 ? name.substring(0, 60) : name;
                int row = i;
                things.add(entries.done(() -> build.of(row, shortName, slot == null ? 0 : units.toMm(slot))));
            }
        }
        return things;
    }

    private static <T> T on(List<T> things, Entries entries, String what, String advice) {
        int chosen = 0;
        int seen = 0;
        String ticked = entries.text(what + "On");
        for (int i = 0; i < FOOT_ROWS; i++) {
            if (!entries.text(what + "Name" + i).isEmpty()) {
                if (ticked.equals(String.valueOf(i))) {
                    chosen = seen;
                }
                seen++;
            }
        }
        BadInput.unless(!things.isEmpty(), what + "Name0", () -> advice);
        return things.get(Math.min(chosen, things.size() - 1));
    }

    private static List<Row> rows(Entries entries, String what, int count) {
        Map<String, String> typed = entries.shown();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            rows.add(new Row(
                    i,
                    typed.getOrDefault(what + "On", "").equals(String.valueOf(i)),
                    typed.getOrDefault(what + "Name" + i, ""),
                    typed.getOrDefault(what + "Slot" + i, ""),
                    typed.getOrDefault(what + "Kind" + i, "")));
        }
        return rows;
    }

    private static List<Row> filledUp(List<Row> rows, int count) {
        List<Row> all = new ArrayList<>(rows.subList(0, Math.min(count, rows.size())));
        while (all.size() < count) {
            all.add(new Row(all.size(), false, "", "", ""));
        }
        return all;
    }
}
