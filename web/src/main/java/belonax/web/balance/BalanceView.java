package belonax.web.balance;

import belonax.balance.Advice;
import belonax.balance.BobbinPull;
import belonax.balance.DialPosterior;
import belonax.balance.StripObservation;
import belonax.balance.TopFace;
import belonax.balance.Underside;
import belonax.machine.BobbinKind;
import belonax.machine.Machine;
import belonax.room.Choice;
import belonax.room.Words;
import belonax.room.balance.BalanceOpinion;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.BalanceRun.State;
import belonax.room.balance.BalanceRun.StripKept;
import belonax.room.card.Kept;
import belonax.room.event.SetupKept.ThreadKept;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A run as its page shows it: the next dial in large figures, why, the two questions, and what the model believes. */
public record BalanceView(
        String id,
        int revision,
        String stack,
        String top,
        String bobbin,
        String stitch,
        String machine,
        @Nullable String needle,
        boolean isOpen,
        String action,
        String headline,
        String figure,
        String why,
        String sure,
        @Nullable String suspicion,
        @Nullable String contradiction,
        String bobbinFirst,
        String sewAt,
        int number,
        List<StripShown> strips,
        StitchView stitchView,
        DialView dial,
        @Nullable String proven,
        @Nullable Sewn simulated,
        @Nullable Revealed revealed,
        @Nullable BobbinShown bobbinTest,
        List<String> before) {

    /** One strip of the list. */
    public record StripShown(
            String id, int number, String dial, String reading, String top, String underside, boolean photo) {}

    /** What a simulated machine sewed, to be read. */
    public record Sewn(TopFace top, Underside underside, boolean comesAndGoes) {}

    /** The bobbin's pull test for this case, and its screw where it can be turned. */
    public record BobbinShown(BobbinPull test, String screwBefore, boolean canBeTurned) {}

    static final List<Choice> ALSO = Choice.of(StripObservation.values(), StripObservation::words);
    private static final List<String> HOURS = List.of("12", "1", "2", "3", "4", "5");

    static BalanceView of(Kept<BalanceRun> kept, BalanceOpinion.Opinion opinion) {
        BalanceRun run = kept.card();
        Machine machine = opinion.machine();
        Advice advice = opinion.advice();
        boolean open = run.state() == State.OPEN;
        double sewAt = opinion.sewAt();
        return new BalanceView(
                kept.id().toString(),
                kept.revision(),
                run.sewn().stackWords(),
                run.sewn().top().thread().words(),
                bobbin(run),
                run.sewn().stitchWidthMm() > 0
                        ? "zigzag " + Words.number(run.sewn().stitchWidthMm()) + " mm wide"
                        : "straight seam",
                run.simulated() == null ? run.machineName() : "a simulated machine",
                run.needleWords().isEmpty() ? null : run.needleWords(),
                open,
                open ? advice.action().name() : run.state().name(),
                headline(run, advice),
                figure(run, advice),
                open ? advice.why() : ended(run),
                sure(advice),
                advice.suspicion().filter(text -> open).orElse(null),
                advice.contradiction().filter(text -> open).orElse(null),
                open ? bobbinFirst(advice, machine) : "",
                Words.typed(sewAt),
                run.strips().size() + 1,
                strips(run),
                stitch(run, opinion.posterior(), sewAt),
                DialView.of(
                        machine.dial(),
                        opinion.posterior(),
                        run.strips(),
                        open
                                ? OptionalDouble.of(sewAt)
                                : run.dial() == null ? OptionalDouble.empty() : OptionalDouble.of(run.dial())),
                opinion.proven()
                        .filter(balanceRun -> run.strips().isEmpty() && balanceRun.dial() != null)
                        .map(balanceRun ->
                                "Proven here at " + Words.number(balanceRun.dial() == null ? 0 : balanceRun.dial())
                                        + " on " + Words.date(balanceRun.begunOn()) + ".")
                        .orElse(null),
                simulated(run, opinion),
                opinion.truth().map(truth -> Revealed.of(truth, run)).orElse(null),
                open && machine.bobbin() != BobbinKind.NONE ? bobbinTest(run, machine) : null,
                open && run.strips().isEmpty() ? before(run, opinion) : List.of());
    }

    /** Returns what was turned before tells, where the dial was found, and how this sewist reads. */
    private static List<String> before(BalanceRun run, BalanceOpinion.Opinion opinion) {
        Stream<String> touched = run.touched() == null || run.touched().advice().isEmpty()
                ? Stream.empty()
                : Stream.of(run.touched().advice());
        return Stream.of(
                        touched,
                        opinion.foundDial().stream().map(text -> "It was found there: " + text),
                        opinion.slips().told().stream().limit(1))
                .flatMap(stream -> stream)
                .toList();
    }

    static BobbinShown bobbinTest(BalanceRun run, Machine machine) {
        String before = run.screw() == null
                ? ""
                : "Written down before: the slot pointed to " + HOURS.get(run.screw()) + " o'clock.";
        return new BobbinShown(
                BobbinPull.of(machine.bobbin(), false), before, machine.bobbin() == BobbinKind.REMOVABLE);
    }

    /** Where the bobbin is at fault, putting it right comes before keeping what made up for it. */
    private static String bobbinFirst(Advice advice, Machine machine) {
        if (advice.action() == Advice.Action.BOBBIN) {
            return "The bobbin was put right: begin again";
        }
        if (advice.action() != Advice.Action.KEEP || advice.suspicion().isEmpty()) {
            return "";
        }
        double usual = machine.dial().usualSetting();
        boolean low = advice.dial().orElse(usual) < usual;
        String bobbin = machine.bobbin() == BobbinKind.SEALED
                ? (low ? "thicker" : "finer") + " thread in the bobbin"
                : (low ? "tighten" : "slacken") + " the bobbin an eighth";
        return "Dial back to " + Words.number(usual) + ", " + bobbin + ", begin again";
    }

    private static @Nullable Sewn simulated(BalanceRun run, BalanceOpinion.Opinion opinion) {
        return opinion.simulated()
                .filter(strip -> run.state() == State.OPEN)
                .map(strip -> new Sewn(strip.top(), strip.underside(), strip.isErratic()))
                .orElse(null);
    }

    private static String headline(BalanceRun run, Advice advice) {
        if (run.state() != State.OPEN) {
            return run.state() == State.KEPT ? "Balanced at" : "Put aside";
        }
        return switch (advice.action()) {
            case SEW_STRIP ->
                run.strips().isEmpty()
                        ? "Set the dial to"
                        : turn(run, advice.dial().orElse(0));
            case KEEP -> "Keep";
            case RETHREAD -> "Thread it again";
            case BOBBIN -> "It is the bobbin's turn";
            case TECHNICIAN -> "Ask a technician";
        };
    }

    private static String turn(BalanceRun run, double to) {
        double from = run.strips().get(run.strips().size() - 1).dial();
        return to < from ? "Turn down to" : to > from ? "Turn up to" : "Once more at";
    }

    private static String figure(BalanceRun run, Advice advice) {
        if (run.state() != State.OPEN) {
            return run.dial() == null ? "" : Words.number(run.dial());
        }
        return advice.dial().isPresent() ? Words.number(advice.dial().getAsDouble()) : "";
    }

    private static String ended(BalanceRun run) {
        return run.state() == State.KEPT
                ? run.simulated() == null
                        ? "Proven for this cloth, these threads and this needle on " + run.machineName()
                                + "; offered when you say the same again, and a first guess for its neighbours."
                        : "On a machine that is not there: it proves nothing for " + run.machineName() + "."
                : "Not balanced; its strips stay in the sampler.";
    }

    private static String sure(Advice advice) {
        return String.format(
                Locale.ROOT,
                "The balanced dial lies between %s and %s with eight chances in ten.",
                Words.number(Math.round(advice.low() * 20) / 20.0),
                Words.number(Math.round(advice.high() * 20) / 20.0));
    }

    private static String bobbin(BalanceRun run) {
        ThreadKept bobbin = run.sewn().bobbin();
        return bobbin == null ? "the same" : "tex " + bobbin.thread().tex().shown();
    }

    private static StitchView stitch(BalanceRun run, DialPosterior posterior, double sewAt) {
        List<StripKept> strips = run.strips();
        boolean first = strips.isEmpty();
        double dial = first ? sewAt : strips.get(strips.size() - 1).dial();
        String title = first
                ? "Expected at " + Words.number(dial)
                : "Strip " + strips.size() + ", dial " + Words.number(dial) + ", as the model believes";
        double depth = posterior.expectedLockDepth(dial);
        return first
                ? StitchView.of(title, depth, run.sewn())
                : StitchView.ofRead(
                        title, depth, run.sewn(), strips.get(strips.size() - 1).strip());
    }

    private static List<StripShown> strips(BalanceRun run) {
        List<StripShown> shown = new ArrayList<>();
        for (StripKept stripKept : run.strips()) {
            String also = stripKept.also().stream().map(StripObservation::words).collect(Collectors.joining(", "));
            shown.add(new StripShown(
                    stripKept.id().toString(),
                    shown.size() + 1,
                    Words.number(stripKept.dial()),
                    Stream.of(
                                    "top " + stripKept.top().words(),
                                    "below " + stripKept.underside().words(),
                                    also)
                            .filter(words -> !words.isEmpty())
                            .collect(Collectors.joining(", ")),
                    stripKept.top().name(),
                    stripKept.underside().name(),
                    stripKept.photo()));
        }
        return shown;
    }
}
