package belonax.web.bench;

import belonax.cloth.Stack;
import belonax.hazard.BrokenBefore;
import belonax.hazard.Hazard;
import belonax.hazard.Job;
import belonax.hazard.Limit;
import belonax.hazard.Limits;
import belonax.hazard.Purpose;
import belonax.hazard.Verdict;
import belonax.life.LearntLife;
import belonax.life.NeedleLife;
import belonax.life.Retirement;
import belonax.life.Wear;
import belonax.machine.Machine;
import belonax.match.MatchRequest;
import belonax.match.SetupCheck;
import belonax.room.Words;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleRecord;
import belonax.room.settings.Settings;
import belonax.thread.SewingThread;
import belonax.web.shared.drawing.ClampedNeedle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Ready to sew or not, with the needle drawn in its clamp and the chances for what is on the table. */
record BenchView(
        String headline,
        boolean isReady,
        String needle,
        @Nullable String needleId,
        String advice,
        boolean changeNow,
        String clothWords,
        String verdict,
        String why,
        List<HazardShown> hazards,
        @Nullable ClampedNeedle drawing,
        String worn,
        double wornPx,
        String wearSays) {

    private static final double BAR_PX = 240;

    /** One chance. */
    record HazardShown(String words, String chance, double barPx, boolean isHigh) {}

    /**
     * Judges what is on the table with what is in the machine.
     *
     * @throws belonax.BadInput if the cloth or its layers will not do
     */
    static BenchView of(
            MachineNow now,
            OnTheTable table,
            SetupCheck check,
            NeedleBook book,
            Settings settings,
            boolean bigProject) {
        Stack stack = table.stack();
        if (now.fitted().isEmpty()) {
            return noNeedle(stack);
        }
        MachineNow.Fitted fitted = now.fitted().get();
        SewingThread thread = now.thread().orElse(SewingThread.spunPolyester(25));
        NeedleRecord needle = book.find(fitted.needleId()).orElseThrow();
        Wear wear = Wear.of(stack, thread, Purpose.SEAM);
        LearntLife learnt = book.learnt(needle.needle().type(), wear);
        Retirement retirement = settings.retirement().advise(life(needle, learnt, bigProject));
        MatchRequest request = request(now.machine(), stack, thread, book.brokenBefore(now.id(), table.clothId()));
        SetupCheck.Checked checked = check.check(request, fitted.needle());
        Optional<Limit> limit = forbidding(request.job().limits());
        boolean changeNow = retirement.when() == Retirement.When.NOW;
        boolean ready = !changeNow && checked.verdict() != Verdict.AVOID;
        return new BenchView(
                limit.isPresent() ? "Not like this" : headline(ready, changeNow, checked),
                ready,
                Words.capital(needle.needle().words()),
                needle.id().toString(),
                retirement.reason(),
                changeNow,
                stack.words(),
                checked.verdict().words(),
                settings.units()
                        .say(limit.map(it -> it.text() + " " + it.wayOut()).orElse(checked.why())),
                hazards(checked),
                ClampedNeedle.of(needle.needle(), retirement.used()),
                String.format(
                        Locale.ROOT,
                        "%.1f h worked out, %.1f h on the clock",
                        needle.effectiveHours(),
                        needle.minutes() / 60),
                BAR_PX * Math.min(1, retirement.used()),
                "On this cloth an hour counts " + wear.factor() + ": " + wear.reason());
    }

    private static BenchView noNeedle(Stack stack) {
        return new BenchView(
                "Not ready: no needle in the machine",
                false,
                "No needle",
                null,
                "Fit one, and Belonax counts its work from the first stitch.",
                true,
                stack.words(),
                "",
                "",
                List.of(),
                null,
                "",
                0,
                "");
    }

    /** Where no needle will do, the page says what does instead of calling for another needle. */
    private static Optional<Limit> forbidding(Limits limits) {
        return limits.binding().stream()
                .filter(it -> limits.forbidAll() && it.verdict() == Verdict.AVOID)
                .findFirst();
    }

    private static String headline(boolean ready, boolean changeNow, SetupCheck.Checked checked) {
        if (ready) {
            return checked.verdict() == Verdict.GOOD ? "Ready to sew" : "Ready, with care";
        }
        return changeNow ? "Change the needle first" : "Not with this needle";
    }

    private static NeedleLife life(NeedleRecord needle, LearntLife learnt, boolean bigProject) {
        NeedleLife life = NeedleLife.fresh()
                .worn(needle.effectiveHours(), needle.minutes() / 60)
                .withProjects(needle.projects(), needle.bigProjects())
                .withSigns(needle.lastSign().stream().toList());
        life = needle.struck() ? life.afterStrike() : life;
        life = bigProject ? life.beforeABigProject() : life;
        return learnt.hasLearnt() ? life.learnt(learnt.hoursOneInFive()) : life;
    }

    private static MatchRequest request(
            Machine machine, Stack stack, SewingThread thread, List<BrokenBefore> brokenBefore) {
        return MatchRequest.of(
                Job.sewing(stack, thread).on(machine).brokenBefore(brokenBefore).build());
    }

    private static List<HazardShown> hazards(SetupCheck.Checked checked) {
        return Stream.of(Hazard.SKIP, Hazard.MARK, Hazard.SHRED, Hazard.PUCKER, Hazard.BREAK)
                .map(it -> {
                    double chance = checked.judged().hazards().of(it);
                    long inHundred = Math.round(chance * 100);
                    return new HazardShown(
                            it == Hazard.MARK ? "holes" : it.words(),
                            inHundred == 0 ? "< 1 in 100" : inHundred + " in 100",
                            Math.max(2, BAR_PX * chance),
                            chance >= 0.15);
                })
                .toList();
    }
}
