package belonax.web.drawer.cloth;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.ClothPart;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.room.Choice;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.drawer.Swatch;
import belonax.room.settings.Units;
import belonax.web.shared.form.Ask;
import belonax.web.shared.form.Parsed;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.multipart.MultipartFile;

/** What is typed about a cloth, in the sewist's own measures. */
public record SwatchForm(
        @Nullable Integer revision,
        @Nullable String name,
        @Nullable Structure structure,

        @Ask(value = "Weigh a swatch, or take the weight of a like cloth.", needed = true) @Nullable
        Double weight,

        @Ask("Measure a pile of layers, or leave it empty.") @Nullable
        Double thickness,

        @Ask("Type how far it gives in per cent, or leave it empty.") @Nullable
        Double stretch,

        @Ask("Type how much goes back in per cent, or leave it empty.") @Nullable
        Double recovery,

        @Nullable Density density,
        @Nullable List<Trait> traits,

        @Ask("Type how much is left, or leave it empty.") @Nullable
        Double metres,

        @Nullable String note,
        @Nullable ClothPart part,
        @Nullable Make make,
        @Nullable Boolean washed,
        @Nullable MultipartFile picture) {

    private static final double USUAL_RECOVERY = 95;

    /** What the selects offer. */
    public record Lists(
            List<Choice> structures,
            List<Choice> densities,
            List<Choice> traits,
            List<Choice> cloths,
            List<Choice> parts,
            List<Choice> makes) {}

    static Lists lists(ClothCatalogue cloths) {
        return new Lists(
                Choice.of(Structure.values(), Structure::words),
                Choice.of(Density.values(), Density::words),
                Choice.of(Trait.values(), Trait::words),
                cloths.all().stream()
                        .map(cloth -> new Choice(cloth.id(), cloth.name()))
                        .sorted(Comparator.comparing(Choice::words))
                        .toList(),
                Choice.of(ClothPart.values(), ClothPart::words),
                Choice.of(Make.values(), Make::words));
    }

    static SwatchForm of(Kept<Swatch> kept, Units units) {
        Swatch swatch = kept.card();
        SwatchForm cloth = of(swatch.cloth("kept"), units);
        return new SwatchForm(
                kept.revision(),
                swatch.name(),
                cloth.structure,
                cloth.weight,
                cloth.thickness,
                cloth.stretch,
                swatch.recoveryPercent(),
                cloth.density,
                cloth.traits,
                Parsed.shown(swatch.metres() == null ? null : units.metresNumber(swatch.metres())),
                swatch.note(),
                cloth.part,
                cloth.make,
                swatch.washed(),
                null);
    }

    /** Returns what a like cloth and the measures tell; what was measured counts more. */
    static SwatchForm of(SwatchReading reading, Optional<Cloth> like, Units units) {
        SwatchForm told = like.map(cloth -> of(cloth, units)).orElseGet(() -> blank(reading.structure()));
        return new SwatchForm(
                null,
                null,
                told.structure,
                reading.weight()
                        .map(swatchWeight -> Parsed.shown(units.weightNumber(swatchWeight.gsm())))
                        .orElse(told.weight),
                reading.thicknessMm() == null ? told.thickness : Parsed.shown(units.mmNumber(reading.thicknessMm())),
                reading.stretch()
                        .map(stretch -> (double) Math.round(stretch.stretchPercent()))
                        .orElse(told.stretch),
                reading.stretch()
                        .map(stretch -> (double) Math.round(stretch.recoveryPercent()))
                        .orElse(null),
                told.density,
                told.traits,
                null,
                told.note,
                told.part,
                told.make,
                null,
                null);
    }

    /**
     * Builds the swatch.
     *
     * @param hasPicture whether a picture is kept with it
     * @throws belonax.BadInput naming every field that will not do
     */
    public Swatch swatch(Units units, boolean hasPicture) {
        return new Swatch(
                Objects.requireNonNullElse(name, "").strip(),
                Objects.requireNonNullElse(structure, Structure.WOVEN),
                units.toGsm(Objects.requireNonNull(weight)),
                thickness == null ? null : units.toMm(thickness),
                stretch,
                Objects.requireNonNullElse(recovery, USUAL_RECOVERY),
                Objects.requireNonNullElse(density, Density.NORMAL),
                Objects.requireNonNullElse(traits, List.of()),
                metres == null ? null : units.toMetres(metres),
                Objects.requireNonNullElse(note, "").strip(),
                hasPicture,
                Objects.requireNonNullElse(part, ClothPart.CARRIES),
                Objects.requireNonNullElse(make, Make.ORDINARY),
                Boolean.TRUE.equals(washed));
    }

    /** Returns the entries as a table has them. */
    public static Map<String, String> row(Kept<Swatch> kept, Units units) {
        SwatchForm swatchForm = of(kept, units);
        Map<String, String> row = new LinkedHashMap<>();
        row.put("name", Objects.requireNonNullElse(swatchForm.name, ""));
        row.put("structure", String.valueOf(swatchForm.structure));
        row.put("weight", plain(swatchForm.weight));
        row.put("thickness", plain(swatchForm.thickness));
        row.put("stretch", plain(swatchForm.stretch));
        row.put("recovery", plain(swatchForm.recovery));
        row.put("density", String.valueOf(swatchForm.density));
        row.put(
                "traits",
                Objects.requireNonNullElse(swatchForm.traits, List.<Trait>of()).stream()
                        .map(Enum::name)
                        .collect(Collectors.joining(",")));
        row.put("metres", plain(swatchForm.metres));
        row.put("note", kept.card().note());
        return row;
    }

    private static SwatchForm of(Cloth cloth, Units units) {
        return new SwatchForm(
                null,
                null,
                cloth.structure(),
                Parsed.shown(units.weightNumber(cloth.weightGsm())),
                cloth.measuredMm().isPresent()
                        ? Parsed.shown(units.mmNumber(cloth.measuredMm().getAsDouble()))
                        : null,
                cloth.toldStretchPercent().isPresent()
                        ? (Double) cloth.toldStretchPercent().getAsDouble()
                        : null,
                null,
                cloth.density(),
                List.copyOf(cloth.traits()),
                null,
                cloth.note(),
                cloth.part(),
                cloth.make(),
                null,
                null);
    }

    private static SwatchForm blank(Structure structure) {
        return new SwatchForm(
                null,
                null,
                structure,
                null,
                null,
                null,
                null,
                Density.NORMAL,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private static String plain(@Nullable Double value) {
        return value == null ? "" : Words.plain(value);
    }
}
