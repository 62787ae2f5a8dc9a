package belonax.room.machine;

import belonax.BadInput;
import belonax.machine.BobbinClass;
import belonax.machine.BobbinFit;
import belonax.machine.BobbinMaterial;
import belonax.machine.Foot;
import belonax.machine.FootKind;
import belonax.machine.Machine;
import belonax.machine.StitchPlate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * All that the owner keeps about a machine.
 *
 * @param standsAt where it stands, in the owner's words
 * @param plates the plates that belong to it, the one on it among them
 * @param feet the feet that belong to it, the one on it among them
 * @param bobbinClass the bobbins that its manual names, by their class, or in words where it is none of the table
 * @param bobbinMaterial what they are made of; null where nobody knows
 * @param manualPlace where its manual lies
 * @param hasThreader whether it has a needle threader, a good check of the needle's height
 */
public record MachineCard(
        Machine machine,
        String standsAt,
        List<StitchPlate> plates,
        List<Foot> feet,
        String bobbinClass,
        @Nullable BobbinMaterial bobbinMaterial,
        String manualPlace,
        boolean hasThreader) {

    private static final int MOST = 20;

    public MachineCard {
        plates = plates.contains(machine.plate()) ? List.copyOf(plates) : with(machine.plate(), plates);
        feet = feet.contains(machine.foot()) ? List.copyOf(feet) : with(machine.foot(), feet);
        BadInput.unless(
                plates.size() <= MOST && feet.size() <= MOST,
                "feet",
                () -> "Name at most " + MOST + " plates and as many feet.");
        bobbinMaterial = bobbinMaterial == null ? BobbinMaterial.in(bobbinClass).orElse(null) : bobbinMaterial;
        bobbinClass = BobbinClass.named(bobbinClass);
        checkLength("name", machine.name(), 60);
        checkLength("standsAt", standsAt, 80);
        checkLength("bobbinClass", bobbinClass, 80);
        checkLength("manualPlace", manualPlace, 200);
    }

    /** Returns a card with nothing on it but the machine. */
    public static MachineCard of(Machine machine, String standsAt) {
        return new MachineCard(machine, standsAt, List.of(), List.of(), "", null, "", false);
    }

    /** Holds a bobbin against what the manual names; empty where that is not known. */
    public Optional<BobbinFit> fit(String bobbin, @Nullable BobbinMaterial material) {
        return BobbinFit.of(
                machine,
                BobbinClass.in(bobbinClass),
                Optional.ofNullable(bobbinMaterial),
                BobbinClass.in(bobbin),
                Optional.ofNullable(material));
    }

    /** Returns what its feet are for, as far as that is known. */
    public List<FootKind> footKinds() {
        return feet.stream().flatMap(it -> it.kind().stream()).distinct().toList();
    }

    private static <T> List<T> with(T first, List<T> others) {
        List<T> all = new java.util.ArrayList<>();
        all.add(first);
        all.addAll(others);
        return List.copyOf(all);
    }

    private static void checkLength(String field, String text, int most) {
        BadInput.unless(
                text.length() <= most,
                field,
                () -> "That is too long for a label: use at most " + most + " characters.");
    }
}
