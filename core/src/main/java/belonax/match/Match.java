package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.Limit;
import belonax.hazard.SizeWindow;
import belonax.hazard.Verdict;
import belonax.needle.Eye;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The matcher's answer. Its sentences are put into words when they are asked for. */
public final class Match {
    /** So near in rank to the best, a needle that is at hand comes first. Source: docs/craft.md, "Verdicts". */
    private static final double NEARLY = 0.05;

    private final MatchRequest request;
    private final WayFinder ways;
    private final List<Recommendation> recommendations;
    private final Candidates candidates;

    Match(MatchRequest request, WayFinder ways, List<Recommendation> recommendations, Candidates candidates) {
        this.request = request;
        this.ways = ways;
        this.recommendations = List.copyOf(recommendations);
        this.candidates = candidates;
    }

    /** A kind of needle that must not be used on this cloth, with why. */
    public record RuledOut(NeedleType type, String why) {}

    public Job job() {
        return request.job();
    }

    /** Returns the sizes that the cloth asks for. */
    public SizeWindow clothWindow() {
        return job().clothWindow().sizes();
    }

    /** Returns the sizes that the thread fits with a standard eye. */
    public SizeWindow threadWindow() {
        return job().threadWindow(Eye.STANDARD.widthShare()).sizes();
    }

    /** Tells whether any needle with an ordinary eye takes the thread, even tightly. */
    public boolean anOrdinaryEyeTakesIt() {
        return job().threadWindow(Eye.STANDARD.widthShare()).tightestNm() <= NeedleSize.NM_130.nm();
    }

    /** Returns what cloth and thread disagree about, where they do. */
    public Optional<Conflict> conflict() {
        return ConflictFinder.find(job(), recommendations);
    }

    /** Returns what would help, where every needle is one to avoid and no limit brings its own way out. */
    public Optional<WaysOut> waysOut() {
        return best().verdict() == Verdict.AVOID && standsInTheWay().isEmpty()
                ? Optional.of(ways.find(request))
                : Optional.empty();
    }

    /** Returns the needles, best first: at least three where the systems allow as many sizes that are made. */
    public List<Recommendation> recommendations() {
        return recommendations;
    }

    /**
     * Returns the same answer with a needle that is at hand first, where it does nearly as well as the best: the same verdict, made
     * for the job like it, and its rank within {@value #NEARLY}.
     *
     * @param fitted the needle in the machine, as worn as it is; it comes before all others
     * @param atHand the needles at hand, the handiest first
     */
    public Match preferring(Optional<SetupCheck.Checked> fitted, List<Needle> atHand) {
        Recommendation best = best();
        Stream<Needle> kept =
                fitted.map(SetupCheck.Checked::judged).filter(candidate -> isNearly(candidate, best)).stream()
                        .map(Recommendation::needle);
        return first(Stream.concat(kept, atHand.stream()).toList());
    }

    private Match first(List<Needle> atHand) {
        Recommendation best = best();
        for (Needle needle : atHand) {
            Optional<Recommendation> nearly = recommendations.stream()
                    .filter(candidate -> candidate.needle().equals(needle) && isNearly(candidate, best))
                    .findFirst();
            if (nearly.isPresent()) {
                List<Recommendation> ordered = new ArrayList<>(recommendations);
                ordered.remove(nearly.get());
                ordered.add(0, nearly.get());
                return new Match(request, ways, ordered, candidates);
            }
        }
        return this;
    }

    private boolean isNearly(Recommendation candidate, Recommendation best) {
        return candidate.verdict() == best.verdict()
                && isMadeFor(candidate) == isMadeFor(best)
                && candidate.isProven() == best.isProven()
                && candidate.expectedHarm() <= best.expectedHarm() + NEARLY;
    }

    /** Returns the needle of the lowest harm, where another one that is at hand was put before it. */
    public Optional<Recommendation> passedOver() {
        return recommendations.stream()
                .filter(candidate -> candidate.verdict() == best().verdict()
                        && candidate.expectedHarm() < best().expectedHarm() - 1e-9)
                .min(Comparator.comparingDouble(Recommendation::expectedHarm));
    }

    /** Returns the sizes beside the advised needle, of its own kind, the smaller one first. */
    public List<Recommendation> neighbours() {
        Needle advised = best().needle();
        List<Recommendation> sameKind = candidates.usable().stream()
                .filter(prediction -> prediction.needle().needle().isOfKind(advised))
                .map(candidates::judged)
                .sorted(Comparator.comparing(candidate -> candidate.needle().size()))
                .toList();
        List<NeedleSize> sizes =
                sameKind.stream().map(candidate -> candidate.needle().size()).toList();
        int at = sizes.indexOf(advised.size());
        return IntStream.of(at - 1, at + 1)
                .filter(number -> at >= 0 && number >= 0 && number < sameKind.size())
                .mapToObj(sameKind::get)
                .toList();
    }

    /** Returns every needle of a kind that may be used here, judged, in no order. */
    public List<Recommendation> all() {
        return candidates.usable().stream().map(candidates::judged).toList();
    }

    /** Returns the needle to fit. */
    public Recommendation best() {
        return recommendations.get(0);
    }

    /** Returns the types that must not be used on this cloth in any size. */
    public List<RuledOut> ruledOut() {
        return candidates.ruledOut();
    }

    public StitchAdvice stitch() {
        return StitchAdvice.of(job(), best().needle(), needles() > 1);
    }

    public FootAdvice foot() {
        return FootAdvice.of(job());
    }

    public StartingDial startingDial() {
        return StartingDial.of(job(), needles());
    }

    /** Returns what no needle changes, where something binds: a strike first. */
    public List<Limit> limits() {
        return JobLimits.of(job(), best());
    }

    /** Returns the first limit that forbids every needle. */
    public Optional<Limit> standsInTheWay() {
        return limits().stream()
                .filter(limit -> limit.verdict() == Verdict.AVOID)
                .findFirst();
    }

    /** Returns on what sewists differ for this very job, with ours and why. */
    public Optional<String> school() {
        return SchoolNote.of(request, best());
    }

    /** Tells whether a needle is made for such a job, or merely does no harm in it. */
    public boolean isMadeFor(Recommendation needle) {
        return Aptness.isMadeFor(job(), needle);
    }

    /** Returns what to heed before the first stitch: limits with their ways out, or what else would help, cautions, and on what sewists differ. */
    public List<String> warnings() {
        List<String> all = new ArrayList<>();
        limits().forEach(limit -> all.add(limit.text() + " " + limit.wayOut()));
        waysOut().ifPresent(out -> all.addAll(out.ways()));
        all.addAll(cautions());
        school().ifPresent(all::add);
        return List.copyOf(all);
    }

    /** Returns the cautions alone. */
    public List<String> cautions() {
        return Warnings.of(this);
    }

    private int needles() {
        return best().needle().count();
    }
}
