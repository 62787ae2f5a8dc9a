package belonax.web.drawer.machine;

import belonax.BadInput;
import belonax.machine.BobbinKind;
import belonax.machine.BobbinMaterial;
import belonax.machine.Dial;
import belonax.machine.DialKind;
import belonax.machine.FlatSide;
import belonax.machine.Foot;
import belonax.machine.FootKind;
import belonax.machine.FootLength;
import belonax.machine.Machine;
import belonax.machine.MachineKind;
import belonax.machine.MotorPower;
import belonax.machine.Oiling;
import belonax.machine.Plate;
import belonax.machine.Reach;
import belonax.machine.StitchPlate;
import belonax.machine.Threading;
import belonax.machine.Threading.BobbinTurn;
import belonax.machine.WheelTurn;
import belonax.needle.NeedleSystem;
import belonax.room.machine.MachineCard;
import belonax.room.settings.Units;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Parsed;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is typed about a machine, in the sewist's own measures. Plates and feet stand in rows: the same number in each of their lists.
 *
 * @param plateOn the row of the plate that is on the machine
 * @param footOn the row of the foot that is on the machine
 */
public record MachineForm(
        @Nullable Integer revision,
        @Nullable String name,
        @Nullable String standsAt,
        @Nullable MachineKind kind,
        @Nullable List<NeedleSystem> systems,
        @Nullable FlatSide flatSide,
        @Nullable WheelTurn wheelTurn,
        @Nullable BobbinKind bobbin,
        @Nullable String bobbinClass,
        @Nullable BobbinMaterial bobbinMaterial,
        @Nullable MotorPower power,
        @Nullable Oiling oiling,
        @Nullable String places,
        @Nullable String manualPlace,
        @Nullable String guides,
        @Nullable BobbinTurn bobbinTurns,
        @Nullable Boolean threader,

        @Ask("Measure the room under the lifted foot, or leave it empty.") @Nullable
        Double footLift,

        @Ask("Look in the manual for the thickest thread, or leave it empty.") @Nullable
        Double thickestTex,

        @Nullable DialKind dialKind,

        @Ask(value = "Read the dial's lowest number off the machine.", needed = true) @Nullable
        Double dialMin,

        @Ask(value = "Read the dial's highest number off the machine.", needed = true) @Nullable
        Double dialMax,

        @Ask(value = "Type the finest step that you can set again, such as 0.25.", needed = true) @Nullable
        Double dialStep,

        @Ask(value = "Type where ordinary thread usually balances, such as 3.", needed = true) @Nullable
        Double normalLow,

        @Ask(value = "Type where ordinary thread usually balances, such as 5.", needed = true) @Nullable
        Double normalHigh,

        @Nullable Integer plateOn,
        @Nullable List<String> plateName,
        @Nullable List<String> plateSlot,
        @Nullable Integer footOn,
        @Nullable List<String> footName,
        @Nullable List<String> footSlot,
        @Nullable List<String> footKind) {

    static MachineForm of(MachineCard card, String name, int revision, Units units) {
        Machine machine = card.machine();
        Dial dial = machine.dial();
        return new MachineForm(
                revision,
                name,
                card.standsAt(),
                machine.kind(),
                machine.systems(),
                machine.flatSide(),
                machine.wheelTurn(),
                machine.bobbin(),
                card.bobbinClass(),
                card.bobbinMaterial(),
                machine.power(),
                machine.oiling(),
                String.join(", ", machine.needlePlaces()),
                card.manualPlace(),
                String.join("\n", card.threaded().guides()),
                card.threaded().bobbinTurns().orElse(null),
                card.hasThreader(),
                machine.reach().footLiftMm().stream()
                        .mapToObj(value -> Parsed.shown(units.mmNumber(value)))
                        .findFirst()
                        .orElse(null),
                machine.reach().thickestTex().stream().boxed().findFirst().orElse(null),
                dial.kind(),
                dial.min(),
                dial.max(),
                dial.step(),
                dial.normalLow(),
                dial.normalHigh(),
                card.plates().indexOf(machine.plate()),
                card.plates().stream().map(StitchPlate::name).toList(),
                card.plates().stream()
                        .map(stitchPlate -> units.mmNumber(stitchPlate.slotMm()))
                        .toList(),
                card.feet().indexOf(machine.foot()),
                card.feet().stream().map(Foot::name).toList(),
                card.feet().stream().map(foot -> units.mmNumber(foot.slotMm())).toList(),
                card.feet().stream()
                        .map(foot -> foot.kind().map(FootKind::name).orElse(""))
                        .toList());
    }

    /**
     * Builds the card.
     *
     * @param measured what ten stitches told of its feet, which stays
     * @throws BadInput naming every field that will not do
     */
    MachineCard card(Units units, List<FootLength> measured) {
        List<StitchPlate> plates = plates(units);
        List<Foot> feet = feet(units);
        MachineKind of = Objects.requireNonNullElse(kind, MachineKind.MECHANICAL);
        Machine machine = Machine.described(text(name), of)
                .systems(Objects.requireNonNullElse(systems, List.of()))
                .flatSide(Objects.requireNonNullElse(flatSide, FlatSide.BACK))
                .wheelTurn(Objects.requireNonNullElse(wheelTurn, WheelTurn.TOWARDS_YOU))
                .bobbin(of.hasLoopers() ? BobbinKind.NONE : Objects.requireNonNullElse(bobbin, BobbinKind.REMOVABLE))
                .power(Objects.requireNonNullElse(power, MotorPower.NORMAL))
                .plate(on(
                        plates,
                        plateName,
                        plateOn,
                        "plateName",
                        "Name the plate that is on the machine, and its slot."))
                .foot(on(feet, footName, footOn, "footName", "Name the foot that is on the machine, and its opening."))
                .dial(dial())
                .oiling(Objects.requireNonNullElse(oiling, Oiling.WHERE_THE_MANUAL_SAYS))
                .needlePlaces(needlePlaces())
                .reach(new Reach(
                        footLift == null ? OptionalDouble.empty() : OptionalDouble.of(units.toMm(footLift)),
                        thickestTex == null ? OptionalDouble.empty() : OptionalDouble.of(thickestTex)))
                .build();
        return new MachineCard(
                machine,
                text(standsAt),
                plates,
                feet,
                text(bobbinClass),
                bobbinMaterial,
                text(manualPlace),
                Boolean.TRUE.equals(threader),
                new Threading(text(guides).lines().toList(), Optional.ofNullable(bobbinTurns)),
                measured);
    }

    private Dial dial() {
        return new Dial(
                Objects.requireNonNullElse(dialKind, DialKind.NUMBERED),
                Objects.requireNonNull(dialMin),
                Objects.requireNonNull(dialMax),
                Objects.requireNonNull(dialStep),
                Objects.requireNonNull(normalLow),
                Objects.requireNonNull(normalHigh));
    }

    private List<String> needlePlaces() {
        return Stream.of(text(places).split(","))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .map(word -> word.length() > 40 ? word.substring(0, 40) : word)
                .toList();
    }

    private List<StitchPlate> plates(Units units) {
        return named(plateName)
                .mapToObj(row -> {
                    double slot = slotMm("plateSlot", plateSlot, row, units);
                    return new StitchPlate(shortName(plateName, row), slot == 0 ? Plate.STRAIGHT : Plate.ZIGZAG, slot);
                })
                .toList();
    }

    /** A foot whose kind nobody tells may tell it by its name. */
    private List<Foot> feet(Units units) {
        return named(footName)
                .mapToObj(row -> new Foot(
                        shortName(footName, row),
                        slotMm("footSlot", footSlot, row, units),
                        Optional.of(at(footKind, row))
                                .filter(text -> !text.isEmpty())
                                .map(text -> Parsed.word("footKind", FootKind.class, text))))
                .toList();
    }

    private static IntStream named(@Nullable List<String> names) {
        return IntStream.range(0, names == null ? 0 : names.size())
                .filter(row -> !at(names, row).isEmpty());
    }

    private static double slotMm(String field, @Nullable List<String> slots, int row, Units units) {
        String typed = at(slots, row);
        return typed.isEmpty()
                ? 0
                : units.toMm(Parsed.number(field, typed, "Lay a ruler across it; 0 means one round hole."));
    }

    private static String shortName(@Nullable List<String> names, int row) {
        String name = at(names, row);
        return name.length() > 60 ? name.substring(0, 60) : name;
    }

    private static <T> T on(
            List<T> things, @Nullable List<String> names, @Nullable Integer row, String field, String advice) {
        BadInput.unless(!things.isEmpty(), field, () -> advice);
        List<Integer> rows = named(names).boxed().toList();
        return things.get(Math.max(0, rows.indexOf(Objects.requireNonNullElse(row, 0))));
    }

    private static String at(@Nullable List<String> texts, int row) {
        return texts != null && row < texts.size() ? text(texts.get(row)) : "";
    }

    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }
}
