package belonax.web.match;

import belonax.hazard.Hazard;
import belonax.hazard.Hazards;
import belonax.room.Words;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One hazard, for the needle that is advised and for the one in the machine now. */
public record HazardRow(
        String words, Chance advised, @Nullable Chance fitted) {
    /** A chance as a bar with a number. */
    public record Chance(String words, double barPx, boolean isHigh) {
        private static final double BAR_PX_PER_CHANCE = 128;
        private static final double MAX_BAR_PX = 64;

        static Chance of(double chance) {
            return new Chance(
                    Words.chance(chance),
                    Math.max(2, Math.min(MAX_BAR_PX, BAR_PX_PER_CHANCE * chance)),
                    Hazard.isHigh(chance));
        }
    }

    /** Returns every hazard in the order in which a seam shows them. */
    static List<HazardRow> of(Hazards advised, Optional<Hazards> fitted) {
        return Hazard.AS_MET.stream()
                .map(hazard -> new HazardRow(
                        hazard.calledBySewists(),
                        Chance.of(advised.of(hazard)),
                        fitted.map(now -> Chance.of(now.of(hazard))).orElse(null)))
                .toList();
    }
}
