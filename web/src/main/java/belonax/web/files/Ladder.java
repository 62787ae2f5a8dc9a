package belonax.web.files;

import belonax.cloth.Cloth;
import belonax.cloth.ClothCatalogue;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.match.MatchRequest;
import belonax.match.NeedleMatcher;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.room.settings.Units;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** The cloths of the catalogue from sheer to heavy, each with the needle that the matcher names for two layers of it. */
final class Ladder {
    private static final double FINE_TEX = 16.7;
    private static final double USUAL_TEX = 25;
    private static final double FINE_BELOW_GSM = 90;

    /** The cloths of one size. */
    public record Rung(String size, double bladePx, List<Kind> kinds) {
        private static final double MIDDLE_PX = 7;

        public double bladeXPx() {
            return MIDDLE_PX - bladePx / 2;
        }
    }

    /** The cloths of one size that want one kind of needle. */
    public record Kind(String type, String cloths) {}

    private Ladder() {}

    static List<Rung> of(NeedleMatcher matcher, ClothCatalogue cloths, Units units) {
        Map<NeedleSize, Map<NeedleType, List<Cloth>>> bySize = new TreeMap<>();
        for (Cloth cloth : cloths.all()) {
            // Fine cloth is sewn with a fine thread; with the usual one hardly any needle suits both.
            double tex = cloth.weightGsm() < FINE_BELOW_GSM ? FINE_TEX : USUAL_TEX;
            Job job = Job.sewing(Stack.usual(cloth), SewingThread.spunPolyester(tex))
                    .build();
            var needle = matcher.match(MatchRequest.of(job)).best().needle();
            bySize.computeIfAbsent(needle.size(), size -> new TreeMap<>())
                    .computeIfAbsent(needle.type(), type -> new ArrayList<>())
                    .add(cloth);
        }
        return bySize.entrySet().stream()
                .map(entry ->
                        new Rung(entry.getKey().toString(), entry.getKey().nm() / 10.0, kinds(entry.getValue(), units)))
                .toList();
    }

    private static List<Kind> kinds(Map<NeedleType, List<Cloth>> byType, Units units) {
        return byType.entrySet().stream()
                .map(entry -> new Kind(
                        entry.getKey().words(),
                        entry.getValue().stream()
                                .sorted(Comparator.comparingDouble(Cloth::weightGsm))
                                .map(cloth -> cloth.name() + " " + units.weightNumber(cloth.weightGsm()))
                                .collect(Collectors.joining(", "))))
                .toList();
    }
}
