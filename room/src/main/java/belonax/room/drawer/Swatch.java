package belonax.room.drawer;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothBuilder;
import belonax.cloth.ClothPart;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A cloth that the sewist owns, measured or described.
 *
 * @param thicknessMm measured thickness of one layer; null when it is estimated from the weight
 * @param stretchPercent null when nobody measured
 * @param metres how much is left; null when nobody counted
 * @param picture whether a picture of it is stored
 * @param part what it does in a stack; null on cards of version 0.1, which then are as the like cloth of the catalogue is
 * @param make how it is made up; null on cards of version 0.1
 * @param washed whether it was washed before cutting, so that it shrinks no more
 */
@IsCard(CardKind.SWATCH)
public record Swatch(
        String name,
        Structure structure,
        double weightGsm,
        @Nullable Double thicknessMm,
        @Nullable Double stretchPercent,
        double recoveryPercent,
        Density density,
        List<Trait> traits,
        @Nullable Double metres,
        String note,
        boolean picture,
        @Nullable ClothPart part,
        @Nullable Make make,
        boolean washed)
        implements Card {

    public Swatch {
        name = name.strip();
        if (part == null || make == null) {
            SwatchNature nature =
                    SwatchNature.of(structure, weightGsm, thicknessMm, stretchPercent, density, Set.copyOf(traits));
            part = nature.part();
            make = nature.make();
            traits = List.copyOf(nature.traits());
        }
        traits = traits.stream().distinct().sorted().toList();
        BadInput.unless(!name.isBlank(), "name", () -> "Give the cloth a name that you will know it by.");
        Card.checkLength("name", name, 60);
        Card.checkLength("note", note, 300);
        BadInput.unless(
                metres == null || metres >= 0 && metres <= 1000,
                "metres",
                () -> "There are 0 to 1000 metres of it. Leave it empty when you have not counted.");
        cloth("check", name, structure, weightGsm, thicknessMm, stretchPercent, recoveryPercent, density, traits, note)
                .build();
    }

    /** Returns the cloth as the core knows it. */
    public Cloth cloth(String id) {
        return cloth(
                        id,
                        name,
                        structure,
                        weightGsm,
                        thicknessMm,
                        stretchPercent,
                        recoveryPercent,
                        density,
                        traits,
                        note)
                .part(Objects.requireNonNullElse(part, ClothPart.CARRIES))
                .make(Objects.requireNonNullElse(make, Make.ORDINARY))
                .build();
    }

    public Swatch withPicture(boolean has) {
        return with(metres, has);
    }

    public Swatch withMetres(@Nullable Double left) {
        return with(left, picture);
    }

    private Swatch with(@Nullable Double left, boolean has) {
        return new Swatch(
                name,
                structure,
                weightGsm,
                thicknessMm,
                stretchPercent,
                recoveryPercent,
                density,
                traits,
                left,
                note,
                has,
                part,
                make,
                washed);
    }

    /** Returns a card for a cloth of the catalogue. */
    public static Swatch of(Cloth cloth, String name) {
        return new Swatch(
                name,
                cloth.structure(),
                cloth.weightGsm(),
                cloth.measuredMm().isPresent() ? cloth.measuredMm().getAsDouble() : null,
                cloth.toldStretchPercent().isPresent()
                        ? cloth.toldStretchPercent().getAsDouble()
                        : null,
                cloth.recoveryPercent(),
                cloth.density(),
                List.copyOf(cloth.traits()),
                null,
                cloth.note(),
                false,
                cloth.part(),
                cloth.make(),
                false);
    }

    @Override
    public String words() {
        return name;
    }

    @Override
    public String wordsToFind() {
        return Stream.concat(
                        Stream.of(name, structure.words(), density.words(), note),
                        traits.stream().map(Trait::words))
                .collect(Collectors.joining(" "))
                .toLowerCase(Locale.ROOT);
    }

    private static ClothBuilder cloth(
            String id,
            String name,
            Structure structure,
            double weightGsm,
            @Nullable Double thicknessMm,
            @Nullable Double stretchPercent,
            double recoveryPercent,
            Density density,
            List<Trait> traits,
            String note) {
        return Cloth.described(structure, weightGsm)
                .named(id, name)
                .thicknessMm(optional(thicknessMm))
                .stretchPercent(optional(stretchPercent))
                .recoveryPercent(recoveryPercent)
                .density(density)
                .traits(Set.copyOf(traits))
                .note(note);
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
