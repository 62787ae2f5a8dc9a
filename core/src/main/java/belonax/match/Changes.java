package belonax.match;

import belonax.cloth.Layers;
import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.JobBuilder;
import belonax.hazard.Purpose;
import belonax.match.MatchRequest.TwinWish;
import belonax.needle.NeedleRange;
import belonax.thread.SewingThread;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What may be changed about a piece of work when no needle suits it, the smallest change first; of one kind of change that
 * which goes least far stands first.
 */
final class Changes {
    private static final double ORDINARY_TEX = 25;
    private static final Set<Purpose> NO_LINE = EnumSet.of(
            Purpose.BUTTONHOLE,
            Purpose.BAR_TACK,
            Purpose.DARNING,
            Purpose.FREE_MOTION,
            Purpose.EMBROIDERY,
            Purpose.SATIN);

    private final NeedleRange range;

    Changes(NeedleRange range) {
        this.range = range;
    }

    /**
     * One change.
     *
     * @param request what is asked then
     * @param words what to do, as the beginning of a sentence
     */
    record Change(MatchRequest request, String words) {}

    /** Returns the kinds of change that this work leaves open, each with its changes. */
    List<List<Change>> of(MatchRequest request) {
        return Stream.of(
                        otherSpacing(request),
                        singleNeedle(request),
                        withoutCrossing(request),
                        singleThread(request),
                        plainHem(request),
                        fewerLayers(request),
                        withoutOneCloth(request),
                        ordinaryThread(request))
                .filter(list -> !list.isEmpty())
                .toList();
    }

    private List<Change> otherSpacing(MatchRequest request) {
        return request.twin().stream()
                .flatMap(wish -> range.spacingsMm(request.systems(), wish.type()).stream()
                        .filter(value -> !CandidateNeedles.isSame(value, wish.spacingMm()))
                        .sorted(Comparator.comparing(value -> Math.abs(value - wish.spacingMm())))
                        .map(value -> new Change(
                                request.withTwin(new TwinWish(value, wish.needles())),
                                "Take needles that stand another distance apart")))
                .toList();
    }

    /** Without a twin there is no pintuck; what is no line cannot be sewn one line after another. */
    private static List<Change> singleNeedle(MatchRequest request) {
        Purpose purpose = request.job().purpose();
        return request.twin().isEmpty() || purpose == Purpose.PINTUCKS
                ? List.of()
                : List.of(new Change(
                        request.withOneNeedle(),
                        NO_LINE.contains(purpose)
                                ? "Take a single needle"
                                : "Sew the lines one after another with a single needle"));
    }

    private static List<Change> withoutCrossing(MatchRequest request) {
        Job job = request.job();
        return job.hasCrossing()
                ? List.of(change(
                        request, job.changed().withoutCrossing(), "Stop before the crossing and close the gap by hand"))
                : List.of();
    }

    private static List<Change> singleThread(MatchRequest request) {
        SewingThread thread = request.job().thread();
        return thread.strands() == 1
                ? List.of()
                : List.of(change(request, request.job().changed().thread(thread.inStrands(1)), "Thread it single"));
    }

    private static List<Change> plainHem(MatchRequest request) {
        Purpose purpose = request.job().purpose();
        return purpose == Purpose.ROLLED_HEM || purpose == Purpose.BLIND_HEM
                ? List.of(change(
                        request,
                        request.job().changed().purpose(Purpose.HEM),
                        "Turn the edge and sew a plain hem instead of " + purpose.words()))
                : List.of();
    }

    /** Where seams cross, how many layers lie there is told by the crossing. */
    private static List<Change> fewerLayers(MatchRequest request) {
        Job job = request.job();
        Layers main = job.stack().all().get(0);
        return job.hasCrossing()
                ? List.of()
                : IntStream.range(1, main.count())
                        .map(number -> main.count() - number)
                        .mapToObj(number -> change(
                                request,
                                job.changed()
                                        .withoutCrossing()
                                        .stack(job.stack().withMainLayers(number)),
                                "Sew fewer layers at once, " + number + " of "
                                        + main.cloth().name()))
                        .toList();
    }

    private static List<Change> withoutOneCloth(MatchRequest request) {
        Job job = request.job();
        List<Layers> all = job.stack().all();
        return job.hasCrossing()
                ? List.of()
                : IntStream.range(1, all.size())
                        .mapToObj(number -> {
                            List<Layers> others = new ArrayList<>(all);
                            String left = others.remove(number).cloth().name();
                            return change(
                                    request,
                                    job.changed().withoutCrossing().stack(Stack.of(others)),
                                    "Leave out the " + left + ", or sew it on by itself");
                        })
                        .toList();
    }

    private static List<Change> ordinaryThread(MatchRequest request) {
        SewingThread ordinary = SewingThread.spunPolyester(ORDINARY_TEX);
        return request.job().thread().equals(ordinary)
                ? List.of()
                : List.of(change(
                        request, request.job().changed().thread(ordinary), "Take a good spool of " + ordinary.words()));
    }

    private static Change change(MatchRequest request, JobBuilder job, String words) {
        return new Change(request.withJob(job.build()), words);
    }
}
