package belonax.match;

import belonax.BadInput;
import belonax.hazard.Purpose;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSystem;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;

/** Which needles are tried: those made for the machine's systems, and those that the owner has proven. */
final class CandidateNeedles {
    private static final double WIDEST_PINTUCK_MM = 2.5;

    private final NeedleRange range;
    private final Map<NeedleSystem, List<NeedleInUse>> made = new EnumMap<>(NeedleSystem.class);

    CandidateNeedles(NeedleRange range) {
        this.range = range;
        for (NeedleSystem system : NeedleSystem.values()) {
            made.put(system, range.of(system).stream().map(NeedleInUse::fresh).toList());
        }
    }

    List<NeedleInUse> of(MatchRequest request) {
        List<NeedleInUse> needles = wished(request, CandidateNeedles::isWished);
        if (request.twin().isEmpty() && request.job().purpose() == Purpose.PINTUCKS) {
            List<NeedleInUse> twins = wished(request, (needle, any) -> isForPintucks(needle));
            needles = twins.isEmpty() ? needles : twins;
        }
        for (Needle otherNeedle : request.owned()) {
            addOwned(otherNeedle, request, needles);
        }
        BadInput.unless(!needles.isEmpty(), "twin", () -> noneMade(request));
        for (MatchRequest.Proven proven : request.provenHere()) {
            addProven(proven, request, needles);
        }
        return needles;
    }

    private List<NeedleInUse> wished(MatchRequest request, BiPredicate<Needle, MatchRequest> wish) {
        List<NeedleInUse> needles = new ArrayList<>();
        for (NeedleSystem system : request.systems()) {
            for (NeedleInUse needle : ofSystem(system)) {
                if (wish.test(needle.needle(), request)) {
                    needles.add(needle);
                }
            }
        }
        return needles;
    }

    /** A pintuck is what a narrow twin and a tight dial make. */
    private static boolean isForPintucks(Needle needle) {
        return needle.count() == 2 && needle.spacingMm() <= WIDEST_PINTUCK_MM;
    }

    private List<NeedleInUse> ofSystem(NeedleSystem system) {
        return made.getOrDefault(system, List.of());
    }

    static boolean isWished(Needle needle, MatchRequest request) {
        return request.twin()
                .map(wish -> needle.type() == wish.type() && isSame(needle.spacingMm(), wish.spacingMm()))
                .orElse(!needle.type().isMultiple());
    }

    /** What lies in the drawer is tried even where it is on no list of made needles, but never across systems. */
    private static void addOwned(Needle owned, MatchRequest request, List<NeedleInUse> needles) {
        boolean listed = needles.stream().anyMatch(needle -> needle.needle().equals(owned));
        if (!listed && request.systems().contains(owned.system()) && isWished(owned, request)) {
            needles.add(NeedleInUse.fresh(owned));
        }
    }

    /** An owner may hold a needle that is on no list; it worked, so it is tried as well. */
    private static void addProven(MatchRequest.Proven proven, MatchRequest request, List<NeedleInUse> needles) {
        boolean listed = needles.stream().map(NeedleInUse::needle).anyMatch(proven::isOf);
        if (!listed && !proven.type().isMultiple() && request.twin().isEmpty()) {
            needles.add(NeedleInUse.fresh(Needle.of(request.systems().get(0), proven.type(), proven.size())));
        }
    }

    private String noneMade(MatchRequest request) {
        MatchRequest.TwinWish wish = request.twin().orElseThrow();
        String made = range.spacingsMm(request.systems(), wish.type()).stream()
                .map(value -> String.format(Locale.ROOT, "%.1f", value))
                .collect(Collectors.joining(", "));
        String systems = request.systems().stream().map(NeedleSystem::label).collect(Collectors.joining(", "));
        return made.isEmpty()
                ? "No " + wish.type().words() + " needle is made for " + systems + ". Choose a single needle."
                : String.format(
                        Locale.ROOT,
                        "No %s needle is made with %.1f mm for %s. Choose one of %s mm.",
                        wish.type().words(),
                        wish.spacingMm(),
                        systems,
                        made);
    }

    static boolean isSame(double a, double b) {
        return Math.abs(a - b) < 0.05;
    }
}
