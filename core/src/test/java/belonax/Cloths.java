package belonax;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
import java.util.OptionalDouble;
import java.util.Set;

/** Cloths for tests: ordinary but for what is named. */
public final class Cloths {
    private Cloths() {}

    public static Cloth woven(double weightGsm) {
        return of(Structure.WOVEN, weightGsm, 0, Density.NORMAL);
    }

    public static Cloth knit(double weightGsm, double stretchPercent) {
        return of(Structure.KNIT, weightGsm, stretchPercent, Density.NORMAL);
    }

    public static Cloth of(
            Structure structure, double weightGsm, double stretchPercent, Density density, Trait... traits) {
        return new Cloth(
                Cloth.DESCRIBED,
                "test cloth",
                structure,
                weightGsm,
                OptionalDouble.empty(),
                OptionalDouble.of(stretchPercent),
                95,
                density,
                Set.of(traits),
                "");
    }
}
