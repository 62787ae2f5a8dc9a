package belonax.match;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleRange;
import belonax.needle.NeedleSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Which needles are tried: those made for the machine's systems, and those that the owner has proven. */
final class CandidateNeedles {
    private final NeedleRange range;

    CandidateNeedles(NeedleRange range) {
        this.range = range;
    }

    List<NeedleInUse> of(MatchRequest request) {
        List<Needle> needles = new ArrayList<>();
        for (NeedleSystem system : request.systems()) {
            for (Needle it : range.of(system)) {
                if (isWished(it, request)) {
                    needles.add(it);
                }
            }
        }
        BadInput.unless(!needles.isEmpty(), "twin", () -> noneMade(request));
        for (MatchRequest.Proven it : request.proven()) {
            addProven(it, request, needles);
        }
        return needles.stream().map(NeedleInUse::fresh).toList();
    }

    private static boolean isWished(Needle needle, MatchRequest request) {
        return request.twin()
                .map(wish -> needle.type() == wish.type() && isSame(needle.spacingMm(), wish.spacingMm()))
                .orElse(!needle.type().isMultiple());
    }

    /** An owner may hold a needle that is on no list; it worked, so it is tried as well. */
    private static void addProven(MatchRequest.Proven proven, MatchRequest request, List<Needle> needles) {
        boolean listed = needles.stream().anyMatch(it -> it.type() == proven.type() && it.size() == proven.size());
        if (!listed && !proven.type().isMultiple() && request.twin().isEmpty()) {
            needles.add(new Needle(request.systems().get(0), proven.type(), proven.size(), Optional.empty()));
        }
    }

    private String noneMade(MatchRequest request) {
        MatchRequest.TwinWish wish = request.twin().orElseThrow();
        String made = request.systems().stream()
                .flatMap(it -> range.of(it).stream())
                .filter(it -> it.type() == wish.type())
                .map(it -> String.format(Locale.ROOT, "%.1f", it.spacingMm()))
                .distinct()
                .sorted()
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

    private static boolean isSame(double a, double b) {
        return Math.abs(a - b) < 0.05;
    }
}
