package belonax.room.machine;

import belonax.BadInput;
import belonax.machine.BobbinClass;
import belonax.machine.BobbinFit;
import belonax.machine.BobbinMaterial;
import belonax.machine.Foot;
import belonax.machine.FootKind;
import belonax.machine.FootLength;
import belonax.machine.Machine;
import belonax.machine.StitchPlate;
import belonax.machine.Threading;
import java.util.ArrayList;
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
 * @param threading how it is threaded; null on cards that were kept before that was asked
 * @param lengths what ten stitches told of its feet; null on cards that were kept before that was asked
 */
public record MachineCard(
        Machine machine,
        String standsAt,
        List<StitchPlate> plates,
        List<Foot> feet,
        String bobbinClass,
        @Nullable BobbinMaterial bobbinMaterial,
        String manualPlace,
        boolean hasThreader,
        @Nullable Threading threading,
        @Nullable List<FootLength> lengths) {

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
        return new MachineCard(machine, standsAt, List.of(), List.of(), "", null, "", false, null, null);
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

    /** Returns what ten stitches told of a foot, if they were measured. */
    public Optional<FootLength> lengthUnder(String foot) {
        return measured().stream()
                .filter(footLength -> footLength.foot().equals(foot))
                .findFirst();
    }

    /** Returns what ten stitches told of its feet. */
    public List<FootLength> measured() {
        return lengths == null ? List.of() : lengths;
    }

    /** Returns the same with what ten stitches told of a foot just now. */
    public MachineCard with(FootLength length) {
        List<FootLength> all = new ArrayList<>(measured());
        all.removeIf(footLength -> footLength.foot().equals(length.foot()));
        all.add(length);
        return new MachineCard(
                machine,
                standsAt,
                plates,
                feet,
                bobbinClass,
                bobbinMaterial,
                manualPlace,
                hasThreader,
                threading,
                List.copyOf(all));
    }

    /** Returns how it is threaded, as far as that was told. */
    public Threading threaded() {
        return threading == null ? Threading.UNTOLD : threading;
    }

    /** Returns what its feet are for, as far as that is known. */
    public List<FootKind> footKinds() {
        return feet.stream().flatMap(foot -> foot.kind().stream()).distinct().toList();
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
