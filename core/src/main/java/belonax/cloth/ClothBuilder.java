package belonax.cloth;

import java.util.OptionalDouble;
import java.util.Set;

/** Gathers what is known of a cloth: plain and carrying, until something else is said. */
public final class ClothBuilder {
    private static final double USUAL_RECOVERY = 95;

    private final Structure structure;
    private final double weightGsm;
    private String id = Cloth.DESCRIBED;
    private String name;
    private OptionalDouble thicknessMm = OptionalDouble.empty();
    private OptionalDouble stretchPercent = OptionalDouble.empty();
    private double recoveryPercent = USUAL_RECOVERY;
    private Density density = Density.NORMAL;
    private Set<Trait> traits = Set.of();
    private String note = "";
    private ClothPart part = ClothPart.CARRIES;
    private Make make = Make.ORDINARY;

    ClothBuilder(Structure structure, double weightGsm) {
        this.structure = structure;
        this.weightGsm = weightGsm;
        this.name = "this " + structure.words();
    }

    ClothBuilder(Cloth cloth) {
        this(cloth, cloth.structure(), cloth.weightGsm());
    }

    private ClothBuilder(Cloth cloth, Structure structure, double weightGsm) {
        this.structure = structure;
        this.weightGsm = weightGsm;
        id = cloth.id();
        name = cloth.name();
        thicknessMm = cloth.measuredMm();
        stretchPercent = cloth.toldStretchPercent();
        recoveryPercent = cloth.recoveryPercent();
        density = cloth.density();
        traits = cloth.traits();
        note = cloth.note();
        part = cloth.part();
        make = cloth.make();
    }

    /** Returns the same in another structure and weight; a measured thickness grows with the weight. */
    public ClothBuilder as(Structure otherStructure, double otherWeightGsm) {
        Cloth so = build();
        ClothBuilder other = new ClothBuilder(so, otherStructure, otherWeightGsm);
        if (otherWeightGsm != weightGsm && otherWeightGsm > 0 && thicknessMm.isPresent()) {
            other.thicknessMm = OptionalDouble.of(thicknessMm.getAsDouble() * otherWeightGsm / weightGsm);
        }
        return other;
    }

    public ClothBuilder named(String newId, String newName) {
        id = newId;
        name = newName;
        return this;
    }

    public ClothBuilder thicknessMm(double value) {
        return thicknessMm(OptionalDouble.of(value));
    }

    public ClothBuilder thicknessMm(OptionalDouble value) {
        thicknessMm = value;
        return this;
    }

    public ClothBuilder stretchPercent(double value) {
        return stretchPercent(OptionalDouble.of(value));
    }

    public ClothBuilder stretchPercent(OptionalDouble value) {
        stretchPercent = value;
        return this;
    }

    public ClothBuilder recoveryPercent(double value) {
        recoveryPercent = value;
        return this;
    }

    public ClothBuilder density(Density value) {
        density = value;
        return this;
    }

    public ClothBuilder traits(Set<Trait> value) {
        traits = value;
        return this;
    }

    public ClothBuilder note(String value) {
        note = value;
        return this;
    }

    public ClothBuilder part(ClothPart value) {
        part = value;
        return this;
    }

    public ClothBuilder make(Make value) {
        make = value;
        return this;
    }

    /**
     * Returns the cloth.
     *
     * @throws belonax.BadInput if a value makes no sense
     */
    public Cloth build() {
        return new Cloth(
                id,
                name,
                structure,
                weightGsm,
                thicknessMm,
                stretchPercent,
                recoveryPercent,
                density,
                traits,
                note,
                part,
                make);
    }
}
