package belonax.room.drawer;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.ClothPart;
import belonax.cloth.Density;
import belonax.cloth.Make;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a card of version 0.1 could not tell: part, make, rubber and teeth. A card that equals a cloth of the catalogue in all
 * that was told then is that cloth; any other carries, with nothing special about it.
 */
record SwatchNature(ClothPart part, Make make, Set<Trait> traits) {
    /** Words that version 0.1 did not have, so that its cards cannot be told apart by them. */
    private static final Set<Trait> NEW = EnumSet.of(Trait.RUBBER, Trait.TEETH, Trait.STICKY, Trait.ABRASIVE);

    private static final List<Cloth> CATALOGUE = ClothCatalogue.standard().all();

    static SwatchNature of(
            Structure structure,
            double weightGsm,
            @Nullable Double thicknessMm,
            @Nullable Double stretchPercent,
            Density density,
            Set<Trait> traits) {
        return CATALOGUE.stream()
                .filter(cloth -> cloth.structure() == structure
                        && cloth.weightGsm() == weightGsm
                        && cloth.density() == density
                        && isSame(cloth.measuredMm(), thicknessMm)
                        && isSame(cloth.toldStretchPercent(), stretchPercent)
                        && known(cloth.traits()).equals(known(traits))
                        && cloth.traits().containsAll(traits))
                .findFirst()
                .map(cloth -> new SwatchNature(cloth.part(), cloth.make(), cloth.traits()))
                .orElseGet(() -> new SwatchNature(ClothPart.CARRIES, Make.ORDINARY, traits));
    }

    private static boolean isSame(OptionalDouble told, @Nullable Double kept) {
        return kept == null ? told.isEmpty() : told.isPresent() && told.getAsDouble() == kept;
    }

    private static Set<Trait> known(Set<Trait> traits) {
        Set<Trait> known = EnumSet.noneOf(Trait.class);
        known.addAll(traits);
        known.removeAll(NEW);
        return known;
    }
}
