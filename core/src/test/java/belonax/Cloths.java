package belonax;

import belonax.cloth.Cloth;
import belonax.cloth.Density;
import belonax.cloth.Structure;
import belonax.cloth.Trait;
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
        return Cloth.described(structure, weightGsm)
                .named(Cloth.DESCRIBED, "test cloth")
                .stretchPercent(stretchPercent)
                .density(density)
                .traits(Set.of(traits))
                .build();
    }
}
