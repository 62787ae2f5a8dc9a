package belonax.web.shared.api;

import belonax.cloth.Cloth;
import belonax.cloth.ClothBuilder;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.ClothPart;
import belonax.cloth.Density;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A cloth as the JSON interface takes it: chosen by id, described, or chosen with fields that override. */
public record FabricBody(
        @Nullable String id,
        @Nullable Structure structure,
        @Nullable Double weightGsm,
        @Nullable Double thicknessMm,
        @Nullable Double stretchPercent,
        @Nullable Double recoveryPercent,
        @Nullable Density density,
        @Nullable List<Trait> traits,
        @Nullable ClothPart part) {

    /**
     * Returns the cloth.
     *
     * @throws belonax.BadInput if there is no such id or a value makes no sense
     * @throws ApiRefusal if a described cloth lacks its structure or weight
     */
    public Cloth cloth(ClothCatalogue catalogue) {
        if (id != null) {
            return overridden(catalogue.get(id));
        }
        if (structure == null) {
            throw ApiRefusal.missing(
                    "fabric.structure", "Send an id from /api/v1/fabrics, or a structure and weightGsm.");
        }
        if (weightGsm == null) {
            throw ApiRefusal.missing("fabric.weightGsm", "A described cloth needs its weight in g/m².");
        }
        return Cloth.described(structure, weightGsm)
                .thicknessMm(optional(thicknessMm))
                .stretchPercent(optional(stretchPercent))
                .recoveryPercent(Objects.requireNonNullElse(recoveryPercent, 95.0))
                .density(Objects.requireNonNullElse(density, Density.NORMAL))
                .traits(traits(Set.of()))
                .part(Objects.requireNonNullElse(part, ClothPart.CARRIES))
                .build();
    }

    private Cloth overridden(Cloth base) {
        ClothBuilder cloth = base.like()
                .as(
                        Objects.requireNonNullElse(structure, base.structure()),
                        Objects.requireNonNullElse(weightGsm, base.weightGsm()))
                .recoveryPercent(Objects.requireNonNullElse(recoveryPercent, base.recoveryPercent()))
                .density(Objects.requireNonNullElse(density, base.density()))
                .traits(traits(base.traits()))
                .part(Objects.requireNonNullElse(part, base.part()));
        if (thicknessMm != null) {
            cloth.thicknessMm(thicknessMm);
        }
        if (stretchPercent != null) {
            cloth.stretchPercent(stretchPercent);
        }
        return cloth.build();
    }

    private Set<Trait> traits(Set<Trait> otherwise) {
        return traits == null ? otherwise : Set.copyOf(traits);
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
