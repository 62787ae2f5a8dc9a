package belonax.room.usecase;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.balance.BobbinPull;
import belonax.balance.PullMeasured;
import belonax.balance.PullRhythm;
import belonax.balance.Touched;
import belonax.fault.CheckId;
import belonax.fault.Symptom;
import belonax.life.CareKind;
import belonax.life.FitCheck;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.practice.Drill;
import belonax.practice.DrillId;
import belonax.practice.DrillKind;
import belonax.room.ChangedMeanwhile;
import belonax.room.HandClock;
import belonax.room.InTheDemoRoom;
import belonax.room.TestTrouble;
import belonax.room.TestWork;
import belonax.room.balance.BalanceBook;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.PullLog;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.care.CareLog;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.WoundBobbin;
import belonax.room.event.SetupKept;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.TableWork;
import belonax.room.event.Undo;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleBook.Disposal;
import belonax.room.needle.NeedleNotes;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.plan.ProjectBook;
import belonax.room.plan.ProjectStep;
import belonax.room.plan.ShoppingList;
import belonax.room.practice.DrillAnswer;
import belonax.room.practice.PracticeBook;
import belonax.room.sound.Listened;
import belonax.room.sound.SoundLog;
import belonax.room.supply.NeedleSource;
import belonax.room.supply.NeedleSupply;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.TroubleBook;
import belonax.sound.Alarm;
import belonax.sound.Heard;
import belonax.thread.SewingThread;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Twenty hands at once, each with a transaction of its own: the state agrees with what they were answered. */
@InTheDemoRoom
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TwoHandsTest {
    private static final int HANDS = 20;
    private static final Optional<TableWork> WORK = Optional.of(TestWork.of("swim-knit", 2, 25));
    private static final Needle STRETCH_75 = Needle.of(NeedleSystem.H_130_705, NeedleType.STRETCH, NeedleSize.NM_75);

    @Autowired
    private SewingRoom room;

    @Autowired
    private NeedleSupply supply;

    @Autowired
    private NeedleBook book;

    @Autowired
    private NeedleNotes notes;

    @Autowired
    private WorkLog work;

    @Autowired
    private SoundLog sounds;

    @Autowired
    private CareLog care;

    @Autowired
    private BalanceBook balances;

    @Autowired
    private PullLog pulls;

    @Autowired
    private TroubleBook troubles;

    @Autowired
    private ProjectBook projects;

    @Autowired
    private ShoppingList shopping;

    @Autowired
    private PracticeBook practice;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Undo undo;

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private HandClock clock;

    private final AtomicLong keys = new AtomicLong();
    private final ExecutorService hands = Executors.newFixedThreadPool(HANDS);

    @AfterAll
    void rest() {
        hands.shutdownNow();
    }

    /** What one hand was answered: a value, or the refusal. */
    private record Answered(
            @org.jspecify.annotations.Nullable Object value,
            @org.jspecify.annotations.Nullable Throwable refusal) {}

    /** Every use case that adds an event, so that a press carried out twice shows in their number. */
    private Stream<Named<Callable<?>>> presses() {
        return Stream.of(
                Named.of("work", () -> work.sewn("heron", 10, WORK.orElseThrow())),
                Named.of("heard", () -> sounds.keep("heron", heard())),
                Named.of("sign", () -> notes.sign("heron", 0, Sign.LOUDER)),
                Named.of("strike", () -> notes.struck("badger", 0)),
                Named.of("project", () -> notes.projectBegun("heron", false)),
                Named.of("look after a change", () -> notes.fitChecked("heron", 0, FitCheck.values()[0])),
                Named.of("cleaned", () -> care.done("heron", CareKind.CLEAN)),
                Named.of("put off", () -> care.snooze("heron", "CLEAN", 7)),
                Named.of("jar", () -> book.jarEmptied()),
                Named.of("fit", () -> supply.fit("heron", 0, STRETCH_75, WORK, in("heron"))),
                Named.of("balance", () -> balances.begin(run("heron"), WORK)),
                Named.of("trouble", () -> troubles.begin(TestTrouble.at("heron", Symptom.SKIPPED_STITCHES), WORK)));
    }

    @ParameterizedTest
    @MethodSource("presses")
    void one_press_sent_twenty_times_is_done_once_and_answered_twenty_times(Callable<?> press) throws Exception {
        UUID key = new UUID(7, keys.incrementAndGet());
        int before = everything();
        MachineNow seen = machine("heron");
        assertThat(seen.fitted()).isPresent();

        List<Answered> answers = all(() -> pressed(key, "the same", press));

        assertThat(answers)
                .allSatisfy(answered -> assertThat(answered.refusal()).isNull());
        assertThat(answers)
                .extracting(Answered::value)
                .containsOnly(answers.get(0).value());
        int once = everything() - before;
        assertThat(once).isPositive();
        pressed(UUID.randomUUID(), "another press", press);
        // Another press adds as much again, so nothing was added by the nineteen others.
        assertThat(everything() - before).isBetween(once + 1, 2 * once + 2);
        assertThatThrownBy(() -> pressed(key, "other values", press))
                .isInstanceOf(IdempotencyConflict.class)
                .hasMessageContaining("what was recorded then stands");
    }

    @Test
    void twenty_hands_add_twenty_steps_and_one_of_twenty_starts_ends_or_drops_one() {
        UUID project = projects.begin("banners");

        List<Answered> added = all(() -> projects.add(project, step()));

        assertThat(added).allSatisfy(answered -> assertThat(answered.refusal()).isNull());
        assertThat(projects.find(project).orElseThrow().card().steps())
                .extracting(ProjectStep::id)
                .doesNotHaveDuplicates()
                .hasSize(HANDS);
        onlyOne(project, revision -> projects.start(project, revision, "s3"));
        onlyOne(project, revision -> projects.pin(project, revision, "s4", "s5"));
        onlyOne(
                project,
                revision -> projects.done(project, revision, "s3", OptionalDouble.empty())
                        .change());
        onlyOne(project, revision -> projects.drop(project, revision, "s6"));
        List<Answered> written = all(() -> shopping.write(project, List.of("a spool", "needles")));
        assertThat(written)
                .allSatisfy(answered -> assertThat(answered.refusal()).isNull());
        assertThat(shopping.all())
                .filteredOn(kept -> kept.card().project().equals(project))
                .hasSize(1);
        int note = shopping.of(project).orElseThrow().revision();
        UUID noted = shopping.of(project).orElseThrow().id();
        assertThat(all(() -> shopping.bought(noted, note, "a spool")))
                .filteredOn(answered -> answered.refusal() == null)
                .hasSize(1);
        assertThat(projects.find(project).orElseThrow().card().steps())
                .hasSize(HANDS - 1)
                .filteredOn(ProjectStep::isDone)
                .hasSize(1);
    }

    @Test
    void twenty_hands_answer_one_drill_and_it_counts_once() {
        String drill = DrillId.of(DrillKind.STRIP, 0, 20).toString();

        UUID first = answeredOnce(drill);
        drawer.undo(first);

        // Once more after it was taken back, when the drill's lock is a row that is there already.
        answeredOnce(drill);
    }

    private UUID answeredOnce(String drill) {
        AtomicInteger choice = new AtomicInteger();
        List<Answered> answers = all(() -> practice.answer("Wren", drill, choice.getAndIncrement() % Drill.CHOICES));

        assertThat(answers)
                .allSatisfy(answered -> assertThat(answered.refusal()).isNull());
        assertThat(drawer.all(DrillAnswer.class))
                .filteredOn(kept -> kept.card().reader().equals("Wren"))
                .hasSize(1);
        List<PracticeBook.Given> given = answers.stream()
                .map(answered -> (PracticeBook.Given) Objects.requireNonNull(answered.value()))
                .toList();
        assertThat(given)
                .extracting(PracticeBook.Given::answer)
                .containsOnly(practice.find("Wren", drill).orElseThrow().answer());
        return given.stream()
                .flatMap(otherGiven -> otherGiven.change().stream())
                .findAny()
                .orElseThrow();
    }

    private void onlyOne(UUID project, Function<Integer, UUID> press) {
        int seen = projects.find(project).orElseThrow().revision();
        List<Answered> answers = all(() -> press.apply(seen));
        assertThat(answers).filteredOn(answered -> answered.refusal() == null).hasSize(1);
        UUID change = (UUID) answers.stream()
                .map(Answered::value)
                .filter(Objects::nonNull)
                .findFirst()
                .orElseThrow();
        projects.undo(change, Optional.empty());
        assertThat(press.apply(projects.find(project).orElseThrow().revision())).isNotNull();
    }

    private Listened heard() {
        return new Listened(
                sounds.begin(machine("heron")),
                new Heard(false, 0, 960, 120, 300, 0.8, 0.95, Alarm.NONE),
                Optional.empty());
    }

    private static ProjectStep step() {
        return new ProjectStep("", "hem", "heron", WORK.orElseThrow(), 2, 1, Set.of(), Set.of(), null, null, null);
    }

    @Test
    void twenty_hands_keep_one_balance_once() {
        UUID run = balances.begin(run("badger"), WORK);
        int before = events("BALANCED");

        List<Answered> answers = all(() -> {
            balances.keep(run, 0, 4);
            return "kept";
        });

        assertThat(answers).filteredOn(answered -> answered.refusal() == null).hasSize(1);
        assertThat(answers)
                .filteredOn(answered -> answered.refusal() != null)
                .allSatisfy(answered -> assertThat(answered.refusal()).isInstanceOf(ChangedMeanwhile.class));
        assertThat(events("BALANCED")).isEqualTo(before + 1);
    }

    @Test
    void what_twenty_hands_sew_comes_off_spool_and_bobbin_once_each_and_goes_back_with_each() throws Exception {
        Kept<WoundBobbin> bobbin = drawer.all(WoundBobbin.class).stream()
                .filter(kept -> kept.card().spool() != null)
                .findFirst()
                .orElseThrow();
        UUID spool = Objects.requireNonNull(bobbin.card().spool());
        drawer.change(Spool.class, spool, otherSpool -> otherSpool.withMetresLeft(400));
        drawer.change(WoundBobbin.class, bobbin.id(), woundBobbin -> woundBobbin.withMetresLeft(10));
        TableWork off = TestWork.off(spool, 25);
        double each = Objects.requireNonNull(off.use()).topMetres(1);

        List<Answered> answers = all(() -> work.sewn("heron", 1, off));

        assertThat(answers)
                .allSatisfy(answered -> assertThat(answered.refusal()).isNull());
        assertThat(metres(spool)).isCloseTo(400 - HANDS * each, within(1e-6));
        assertThat(drawer.get(WoundBobbin.class, bobbin.id()).card().metresLeft())
                .isEqualTo(0);
        for (Answered answered : answers) {
            undo.undo((UUID) Objects.requireNonNull(answered.value()));
        }
        assertThat(metres(spool)).isCloseTo(400, within(1e-6));
        assertThat(drawer.get(WoundBobbin.class, bobbin.id()).card().metresLeft())
                .isCloseTo(10, within(1e-6));
    }

    private double metres(UUID spool) {
        return Objects.requireNonNull(drawer.get(Spool.class, spool).card().metresLeft());
    }

    @Test
    void a_stopped_timer_counts_its_minutes_once() {
        work.startTimer("heron", WORK);
        clock.forward(Duration.ofMinutes(12));
        double before = sewnMinutes("heron");

        List<Answered> answers = all(() -> work.stopTimer("heron", Optional.empty()));

        assertThat(answers)
                .filteredOn(answered -> !Optional.empty().equals(answered.value()))
                .hasSize(1);
        assertThat(sewnMinutes("heron")).isCloseTo(before + 12, within(0.01));
    }

    @Test
    void twenty_timers_are_one_timer() {
        all(() -> {
            work.startTimer("old-tin", WORK);
            return "runs";
        });
        clock.forward(Duration.ofMinutes(5));
        work.stopTimer("old-tin", Optional.empty());

        assertThat(work.running("old-tin")).isEmpty();
    }

    @Test
    void two_machines_out_of_one_packet_count_two_needles() {
        UUID packet = drawer.add(Packet.of(STRETCH_75, 12, false, "")).card();
        for (int round = 0; round < 3; round++) {
            int before = count(packet);
            List<String> machines = List.of("heron", "badger", "old-tin");

            List<Answered> answers = together(machines.stream()
                    .<Callable<?>>map(machine -> {
                        Optional<UUID> out = in(machine);
                        return () -> supply.change(new NeedleSupply.Change(
                                machine, 0, out, new NeedleSource.Opened(packet), Disposal.PARK, "card", false, WORK));
                    })
                    .toList());

            assertThat(answers)
                    .allSatisfy(answered -> assertThat(answered.refusal()).isNull());
            assertThat(count(packet)).isEqualTo(before - machines.size());
        }
    }

    @Test
    void the_last_needle_of_a_packet_goes_into_one_machine() {
        UUID packet = drawer.add(Packet.of(STRETCH_75, 1, false, "")).card();

        List<Answered> answers = together(Stream.of("heron", "badger", "old-tin")
                .<Callable<?>>map(text -> {
                    Optional<UUID> out = in(text);
                    return () -> supply.change(new NeedleSupply.Change(
                            text, 0, out, new NeedleSource.Opened(packet), Disposal.PARK, "card", false, WORK));
                })
                .toList());

        assertThat(answers).filteredOn(answered -> answered.refusal() == null).hasSize(1);
        assertThat(count(packet)).isZero();
    }

    @Test
    void a_parked_needle_goes_into_one_machine() {
        UUID needle = in("heron").orElseThrow();
        supply.change(new NeedleSupply.Change(
                "heron",
                0,
                Optional.of(needle),
                new NeedleSource.Other(STRETCH_75, false),
                Disposal.PARK,
                "felt card",
                false,
                WORK));

        List<Answered> answers = together(Stream.of("heron", "badger", "old-tin")
                .<Callable<?>>map(text -> () -> book.putBackIn(text, 0, needle))
                .toList());

        assertThat(answers).filteredOn(answered -> answered.refusal() == null).hasSize(1);
        assertThat(answers)
                .filteredOn(answered -> answered.refusal() != null)
                .allSatisfy(answered -> assertThat(answered.refusal()).isInstanceOf(BadInput.class));
        assertThat(room.machines().stream()
                        .filter(machineNow -> machineNow.fitted().stream()
                                .anyMatch(in -> in.needleId().equals(needle))))
                .hasSize(1);
    }

    @Test
    void twenty_hands_take_back_once() {
        double before = sewnMinutes("badger");
        UUID action = work.sewn("badger", 30, Wear.ORDINARY);

        all(() -> {
            undo.undo(action);
            return "taken back";
        });

        assertThat(sewnMinutes("badger")).isCloseTo(before, within(0.01));
        assertThat(database.queryForObject("select count(*) from event where undoes = ?", Integer.class, action))
                .isEqualTo(1);
        UUID tested = pulls.tested(
                "badger",
                "",
                new PullMeasured(BobbinPull.Pull.RIGHT, 1.0, null, null, 0),
                SewingThread.spunPolyester(25),
                PullRhythm.NEW_THREAD);
        int pullsBefore = pulls.of("badger").size();
        all(() -> {
            undo.undo(tested);
            return "taken back";
        });
        assertThat(pulls.of("badger")).hasSize(pullsBefore - 1);
        UUID jar = book.jarEmptied();
        all(() -> {
            undo.undo(jar);
            return "taken back";
        });
        assertThat(database.queryForObject("select count(*) from event where undoes = ?", Integer.class, jar))
                .isEqualTo(1);
    }

    @Test
    void twenty_hands_that_begin_leave_one_run_and_one_trouble_open() {
        all(() -> balances.begin(run("old-tin"), WORK));
        all(() -> troubles.begin(TestTrouble.at("old-tin", Symptom.SKIPPED_STITCHES), WORK));

        assertThat(open("BALANCE", "old-tin")).isEqualTo(1);
        assertThat(open("CASE", "old-tin")).isEqualTo(1);
    }

    @Test
    void a_cure_that_is_taken_back_in_the_log_opens_its_trouble_again() {
        UUID trouble = troubles.begin(TestTrouble.at("badger", Symptom.SKIPPED_STITCHES), WORK);
        troubles.answer(
                trouble,
                0,
                new TroubleBook.Answer(
                        CheckId.CLEAN_HOOK_AREA,
                        Result.CURED,
                        null,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
        MendCase cured = drawer.get(MendCase.class, trouble).card();
        UUID action = Objects.requireNonNull(cured.last().orElseThrow().action());
        assertThat(cured.state()).isEqualTo(MendCase.State.CURED);

        all(() -> {
            undo.undo(action);
            return "taken back";
        });

        MendCase again = drawer.get(MendCase.class, trouble).card();
        assertThat(again.state()).isEqualTo(MendCase.State.OPEN);
        assertThat(again.steps()).isEmpty();
    }

    @Test
    void an_answer_is_recorded_once_with_all_that_goes_with_it() {
        UUID trouble = troubles.begin(TestTrouble.at("badger", Symptom.SKIPPED_STITCHES), WORK);
        int before = events("CLEANED");
        TroubleBook.Answer found = new TroubleBook.Answer(
                CheckId.CLEAN_HOOK_AREA, Result.STILL, null, Optional.empty(), Optional.empty(), Optional.empty());

        List<Answered> answers = all(() -> {
            troubles.answer(trouble, 0, found);
            return "recorded";
        });

        assertThat(answers).filteredOn(answered -> answered.refusal() == null).hasSize(1);
        assertThat(events("CLEANED")).isEqualTo(before + 1);
        assertThat(drawer.find(MendCase.class, trouble).orElseThrow().card().steps())
                .hasSize(1);
    }

    @Test
    void what_was_refused_may_be_pressed_again() {
        UUID key = new UUID(8, 8);
        assertThatThrownBy(() -> pressed(key, "so", () -> care.snooze("heron", "CLEAN", 0)))
                .isInstanceOf(BadInput.class);

        assertThat(pressed(key, "so", () -> care.snooze("heron", "CLEAN", 3))).isInstanceOf(UUID.class);
    }

    @Test
    void a_press_is_good_for_one_use_case() {
        assertThatThrownBy(() -> pressed(new UUID(8, 9), "so", () -> {
                    care.snooze("heron", "OIL", 3);
                    return care.snooze("heron", "SERVICE", 3);
                }))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("One press carries out one use case");
    }

    /** Many kinds of presses on one machine at once: none waits for another for ever, and work adds up to what was answered. */
    @Test
    void pairs_of_use_cases_do_not_wait_for_each_other_for_ever() {
        double before = sewnMinutes("heron");
        UUID done = work.sewn("heron", 1, Wear.ORDINARY);
        UUID trouble = troubles.begin(TestTrouble.at("heron", Symptom.SKIPPED_STITCHES), WORK);
        UUID run = balances.begin(run("heron"), WORK);
        List<Callable<?>> mixed = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            mixed.add(() -> work.sewn("heron", 1, Wear.ORDINARY));
            mixed.add(() -> {
                undo.undo(done);
                return "taken back";
            });
            mixed.add(() -> {
                balances.end(run, 0);
                return "ended";
            });
            mixed.add(() -> {
                troubles.putAside(trouble, 0);
                return "aside";
            });
        }

        List<Answered> answers = together(mixed);

        assertThat(answers)
                .allSatisfy(answered -> assertThat(
                                answered.refusal() == null || answered.refusal() instanceof ChangedMeanwhile)
                        .as("%s", answered.refusal())
                        .isTrue());
        assertThat(sewnMinutes("heron")).isCloseTo(before + 5, within(0.01));
    }

    private List<Answered> all(Callable<?> press) {
        return together(java.util.Collections.nCopies(HANDS, press));
    }

    private List<Answered> together(List<? extends Callable<?>> presses) {
        CountDownLatch go = new CountDownLatch(1);
        List<Future<Answered>> under = new ArrayList<>();
        for (Callable<?> callable : presses) {
            under.add(hands.submit(() -> {
                go.await();
                try {
                    return new Answered(callable.call(), null);
                } catch (RuntimeException refusal) {
                    return new Answered(null, refusal);
                }
            }));
        }
        go.countDown();
        return under.stream().map(TwoHandsTest::got).toList();
    }

    private static Answered got(Future<Answered> future) {
        try {
            return future.get(60, TimeUnit.SECONDS);
        } catch (Exception e) {
            throw new AssertionError("A hand waits for ever", e);
        }
    }

    private static Object pressed(UUID key, String sent, Callable<?> press) {
        CurrentIdempotencyKey.begin(key, sent);
        try {
            return press.call();
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new AssertionError(e);
        } finally {
            CurrentIdempotencyKey.end();
        }
    }

    private MachineNow machine(String id) {
        return room.find(id).orElseThrow();
    }

    private Optional<UUID> in(String machine) {
        return machine(machine).fittedIn(0).map(MachineNow.Fitted::needleId);
    }

    private int count(UUID packet) {
        return drawer.find(Packet.class, packet).map(Kept::card).orElseThrow().count();
    }

    private int events(String kind) {
        return number("select count(*) from event where kind = ?", kind);
    }

    private int open(String kind, String machine) {
        return number(
                "select count(*) from drawer_card where kind = ? and machine = ? and is_open and not removed",
                kind,
                machine);
    }

    private int everything() {
        return number("select (select count(*) from event) + (select count(*) from drawer_change)");
    }

    private int number(String query, Object... values) {
        Integer found = database.queryForObject(query, Integer.class, values);
        return found == null ? 0 : found;
    }

    private double sewnMinutes(String machine) {
        Double found = database.queryForObject("select sewn_minutes from machine where id = ?", Double.class, machine);
        return found == null ? 0 : found;
    }

    private BalanceRun run(String machine) {
        return BalanceRun.begun(
                machine,
                machine,
                new SetupKept(
                        "poplin", "2 layers of poplin", 2, 0.5, 0, ThreadKept.of(SewingThread.spunPolyester(25)), null),
                null,
                null,
                Touched.NOTHING,
                null,
                LocalDate.of(2026, 11, 25));
    }
}
