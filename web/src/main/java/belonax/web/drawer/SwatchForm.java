package belonax.web.drawer;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.ClothPart;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.room.Choice;
import belonax.room.card.Kept;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.web.shared.form.Entries;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Between what is typed about a cloth and the swatch. */
final class SwatchForm {
    private static final double USUAL_RECOVERY = 95;

    /** What the selects offer. */
    record Lists(
            List<Choice> structures,
            List<Choice> densities,
            List<Choice> traits,
            List<Choice> cloths,
            List<Choice> parts,
            List<Choice> makes) {}

    private SwatchForm() {}

    static Lists lists(ClothCatalogue cloths) {
        return new Lists(
                Choice.of(Structure.values(), Structure::words),
                Choice.of(Density.values(), Density::words),
                Choice.of(Trait.values(), Trait::words),
                cloths.all().stream()
                        .map(it -> new Choice(it.id(), it.name()))
                        .sorted((a, b) -> a.words().compareTo(b.words()))
                        .toList(),
                Choice.of(ClothPart.values(), ClothPart::words),
                Choice.of(Make.values(), Make::words));
    }

    /** Returns the entries with what a cloth of the catalogue and the measures tell filled in where nothing was typed. */
    static Map<String, String> withReading(Entries entries, SwatchReading reading, ClothCatalogue cloths, Units units) {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("structure", reading.structure().name());
        all.put("density", Density.NORMAL.name());
        cloths.find(entries.text("like")).ifPresent(it -> all.putAll(ofCloth(it, units)));
        reading.fill(all, units);
        all.putAll(entries.shown());
        return all;
    }

    /**
     * Builds the swatch.
     *
     * @throws belonax.BadInput naming every field that will not do
     */
    static Swatch swatch(Entries entries, Units units, boolean picture) {
        Structure structure = entries.word("structure", Structure.class, Structure.WOVEN);
        double weight = entries.number("weight", "Weigh a swatch, or take the weight of a like cloth.");
        Double thickness = entries.optional("thickness", "Measure a pile of layers, or leave it empty.");
        Double stretch = entries.optional("stretch", "Type how far it gives in per cent, or leave it empty.");
        Double recovery = entries.optional("recovery", "Type how much goes back in per cent, or leave it empty.");
        Density density = entries.word("density", Density.class, Density.NORMAL);
        List<Trait> traits = entries.words("traits", Trait.class);
        ClothPart part = entries.word("part", ClothPart.class, ClothPart.CARRIES);
        Make make = entries.word("make", Make.class, Make.ORDINARY);
        Double metres = entries.optional("metres", "Type how much is left, or leave it empty.");
        return entries.done(() -> new Swatch(
                entries.text("name"),
                structure,
                units.toGsm(weight),
                thickness == null ? null : units.toMm(thickness),
                stretch,
                recovery == null ? USUAL_RECOVERY : recovery,
                density,
                traits,
                metres == null ? null : units.toMetres(metres),
                entries.text("note"),
                picture,
                part,
                make));
    }

    static Map<String, String> typed(Kept<Swatch> kept, Units units) {
        Swatch it = kept.card();
        Map<String, String> all = ofCloth(it.cloth("kept"), units);
        all.put("revision", String.valueOf(kept.revision()));
        all.put("name", it.name());
        all.put("recovery", plain(it.recoveryPercent()));
        all.put(
                "metres",
                Optional.ofNullable(it.metres()).map(units::metresNumber).orElse(""));
        return all;
    }

    private static Map<String, String> ofCloth(Cloth cloth, Units units) {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("structure", cloth.structure().name());
        all.put("weight", units.weightNumber(cloth.weightGsm()));
        cloth.measuredMm().ifPresent(it -> all.put("thickness", units.mmNumber(it)));
        cloth.toldStretchPercent().ifPresent(it -> all.put("stretch", plain(it)));
        all.put("density", cloth.density().name());
        all.put("traits", cloth.traits().stream().map(Enum::name).collect(Collectors.joining(",")));
        all.put("part", cloth.part().name());
        all.put("make", cloth.make().name());
        all.put("note", cloth.note());
        return all;
    }

    static String plain(@Nullable Double value) {
        return value == null
                ? ""
                : value == Math.rint(value) ? String.valueOf(Math.round(value)) : String.valueOf(value);
    }
}
