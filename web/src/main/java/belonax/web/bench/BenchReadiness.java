package belonax.web.bench;

import belonax.cloth.Stack;
import belonax.hazard.Job;
import belonax.hazard.Limit;
import belonax.hazard.Verdict;
import belonax.life.LearntLife;
import belonax.life.NeedleLife;
import belonax.life.Retirement;
import belonax.life.Wear;
import belonax.match.MatchRequest;
import belonax.match.SetupCheck;
import belonax.room.event.TableWork;
import belonax.room.life.NeedleLives;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleRecord;
import belonax.room.settings.SettingsStore;
import belonax.web.shared.sentence.Sentences.Asked;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Judges what is in the machine for what is on the table: its wear, and what may go wrong. */
@Component
class BenchReadiness {
    private final SetupCheck check;
    private final NeedleBook book;
    private final NeedleLives lives;
    private final SettingsStore settings;

    BenchReadiness(SetupCheck check, NeedleBook book, NeedleLives lives, SettingsStore settings) {
        this.check = check;
        this.book = book;
        this.lives = lives;
        this.settings = settings;
    }

    /** What is under the foot, and how the needle in the machine stands to it; no needle where none is in. */
    record Ready(Stack stack, Optional<Fitted> fitted, Missing missing) {}

    /** What is missing in the machine of needles that broke in it. */
    record Missing(List<NeedleRecord> needles, boolean forbids) {}

    /**
     * A needle in the machine, judged.
     *
     * @param wear what an hour of this work costs it
     * @param forbids what no needle changes and what forbids the work
     */
    record Fitted(
            NeedleRecord needle,
            Wear wear,
            Retirement retirement,
            SetupCheck.Checked checked,
            Optional<Limit> forbids) {
        boolean isToBeChangedNow() {
            return retirement.when() == Retirement.When.NOW;
        }

        boolean isToBeFoundOut() {
            return retirement.when() == Retirement.When.FIND_OUT;
        }

        boolean isReady() {
            return !isToBeChangedNow() && !isToBeFoundOut() && checked.verdict() != Verdict.AVOID;
        }
    }

    /**
     * Judges the needle for what is sewn.
     *
     * @param bigProject whether a big project is about to begin
     * @throws belonax.BadInput if the sentence will not do, or this machine cannot sew that
     */
    Ready judge(MachineNow now, Asked asked, boolean bigProject) {
        MatchRequest request = asked.judging(now, book.brokenBefore(now.id(), asked.cloth()));
        return new Ready(
                request.job().stack(),
                now.fitted().map(fitted -> judge(fitted, request, bigProject)),
                new Missing(now.missing(), now.holdsAPiece()));
    }

    private Fitted judge(MachineNow.Fitted fitted, MatchRequest request, boolean bigProject) {
        NeedleRecord needle = book.find(fitted.needleId()).orElseThrow();
        Job job = request.job();
        Wear wear = Wear.of(job.stack(), job.thread(), job.purpose());
        return new Fitted(
                needle,
                wear,
                advise(needle, wear, bigProject),
                check.check(request, fitted.needle()),
                job.limits().forbidding());
    }

    /** Returns what the sewist's school says of the needle in a machine on what lies on its table, if one is in. */
    Optional<Retirement> advise(MachineNow now) {
        Wear wear = now.table().map(TableWork::wear).orElse(Wear.ORDINARY);
        return now.fitted()
                .flatMap(fitted -> book.find(fitted.needleId()))
                .map(needleRecord -> advise(needleRecord, wear, false));
    }

    private Retirement advise(NeedleRecord needle, Wear wear, boolean bigProject) {
        LearntLife learnt = lives.learnt(needle.needle().type(), wear);
        return settings.now().retirement().advise(life(needle, learnt, bigProject));
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
}
