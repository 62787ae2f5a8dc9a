package belonax.web.shared.sentence;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.ClothPart;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import belonax.room.settings.Units;
import belonax.web.shared.form.Parsed;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/** The first cloth as it stands in the address, word for word: chosen by its id, or described. What is left out is as usual. */
public record ClothAsked(
        String cloth,
        String find,
        String structure,
        String weight,
        String gives,
        String density,
        List<String> traits,
        String part,
        String make) {
    static final String USUAL = "quilting-cotton";

    public ClothAsked {
        cloth = Objects.requireNonNullElse(cloth, USUAL);
        find = Objects.requireNonNullElse(find, "");
        structure = Objects.requireNonNullElse(structure, Structure.WOVEN.name());
        weight = Objects.requireNonNullElse(weight, "");
        gives = Objects.requireNonNullElse(gives, "");
        density = Objects.requireNonNullElse(density, Density.NORMAL.name());
        traits = StackAsked.list(traits);
        part = Objects.requireNonNullElse(part, ClothPart.CARRIES.name());
        make = Objects.requireNonNullElse(make, Make.ORDINARY.name());
    }

    /** Tells whether the cloth is described instead of chosen. */
    public boolean isDescribed() {
        return cloth.equals(Cloth.DESCRIBED);
    }

    /** Returns the cloth, if the sentence names one that there is. */
    Optional<Cloth> find(Stock stock) {
        try {
            return Optional.of(get(stock));
        } catch (BadInput notYet) {
            return Optional.empty();
        }
    }

    /**
     * Returns the cloth.
     *
     * @throws BadInput if there is none of this name, or it cannot be as it is described
     */
    Cloth get(Stock stock) {
        return isDescribed()
                ? described(stock.units())
                : stock.findCloth(cloth)
                        .orElseThrow(() ->
                                new BadInput("cloth", "No cloth is called “" + cloth + "”. Choose one from the list."));
    }

    private Cloth described(Units units) {
        Structure is = Parsed.word("structure", Structure.class, structure);
        double gsm =
                units.toGsm(Parsed.number("weight", weight, "Type the cloth's weight in " + units.weightUnit() + "."));
        OptionalDouble stretch = gives.isBlank()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Parsed.number("gives", gives, "Type how far it gives in per cent."));
        Set<Trait> has = traits.stream()
                .map(trait -> Parsed.word("traits", Trait.class, trait))
                .collect(Collectors.toSet());
        return Cloth.described(is, gsm)
                .stretchPercent(stretch)
                .density(Parsed.word("density", Density.class, density))
                .traits(has)
                .part(Parsed.word("part", ClothPart.class, part))
                .make(Parsed.word("make", Make.class, make))
                .build();
    }

    void addTo(Address address) {
        address.with("cloth", cloth);
        if (isDescribed()) {
            address.with("structure", structure)
                    .with("weight", weight)
                    .with("gives", gives)
                    .with("density", density);
            traits.forEach(trait -> address.with("traits", trait));
            address.with("part", part).with("make", make);
        }
    }
}
