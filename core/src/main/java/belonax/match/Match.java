package belonax.match;

import belonax.hazard.Job;
import belonax.hazard.Limit;
import belonax.hazard.SizeWindow;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The matcher's answer. Its sentences are put into words when they are asked for. */
public final class Match {
    private final MatchRequest request;
    private final ConflictFinder conflicts;
    private final List<Recommendation> recommendations;
    private final Candidates candidates;

    Match(MatchRequest request, ConflictFinder conflicts, List<Recommendation> recommendations, Candidates candidates) {
        this.request = request;
        this.conflicts = conflicts;
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
        return job().threadWindow(NeedleType.UNIVERSAL.eye().widthShare()).sizes();
    }

    /** Tells whether any needle with an ordinary eye takes the thread, even tightly. */
    public boolean anOrdinaryEyeTakesIt() {
        return job().threadWindow(NeedleType.UNIVERSAL.eye().widthShare()).tightestNm() <= NeedleSize.NM_130.nm();
    }

    /** Returns what cloth and thread disagree about, where they do. */
    public Optional<Conflict> conflict() {
        return conflicts.find(request);
    }

    /** Returns the needles, best first: at least three where the systems allow as many sizes that are made. */
    public List<Recommendation> recommendations() {
        return recommendations;
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

    /** Returns on what sewists differ for this very job, with ours and why. */
    public Optional<String> school() {
        return SchoolNote.of(request, best());
    }

    /** Tells whether a needle is made for such a job, or merely does no harm in it. */
    public boolean isMadeFor(Recommendation needle) {
        return Aptness.isMadeFor(job(), needle);
    }

    /** Returns what to heed before the first stitch: limits with their ways out, cautions, and on what sewists differ. */
    public List<String> warnings() {
        List<String> all = new ArrayList<>();
        limits().forEach(it -> all.add(it.text() + " " + it.wayOut()));
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
