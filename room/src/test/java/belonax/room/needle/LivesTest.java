package belonax.room.needle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.fault.CheckId;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.hazard.BrokenBefore;
import belonax.life.CareKind;
import belonax.life.CarePlan;
import belonax.life.FitCheck;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.HandClock;
import belonax.room.InTheDemoRoom;
import belonax.room.TestWork;
import belonax.room.card.DrawerStore;
import belonax.room.care.CareLog;
import belonax.room.event.ActionLog;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.event.SetupKept;
import belonax.room.event.TableWork;
import belonax.room.event.Undo;
import belonax.room.life.NeedleLives;
import belonax.room.machine.MachineMinutes;
import belonax.room.needle.NeedleBook.Disposal;
import belonax.room.supply.NeedleSupply;
import belonax.room.trouble.CureLog;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.TroubleBook;
import belonax.thread.SewingThread;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What the needles of a room live through, on the real schema. */
@InTheDemoRoom
class LivesTest {
    private static final Needle STRETCH_75 = Needle.of(NeedleSystem.H_130_705, NeedleType.STRETCH, NeedleSize.NM_75);

    private static final SetupKept CANVAS = new SetupKept(
            "canvas",
            "6 layers of canvas",
            6,
            4.2,
            0,
            SetupKept.ThreadKept.of(belonax.thread.SewingThread.spunPolyester(40)),
            null);

    private static final Event.Named NAMED = new Event.Named() {
        @Override
        public String needle(UUID id) {
            return "Needle";
        }

        @Override
        public String check(CheckId id) {
            return id.name();
        }
    };

    @Autowired
    private SewingRoom room;

    @Autowired
    private NeedleLives lives;

    @Autowired
    private NeedleSupply supply;

    @Autowired
    private TroubleBook troubles;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private EventRepository events;

    @Autowired
    private Undo undo;

    @Autowired
    private Projection projection;

    @Autowired
    private MachineMinutes minutes;

    @Autowired
    private CureLog cures;

    @Autowired
    private WorkLog work;

    @Autowired
    private NeedleNotes notes;

    @Autowired
    private NeedleBook book;

    @Autowired
    private CareLog care;

    @Autowired
    private ActionLog log;

    @Autowired
    private HandClock clock;

    /** What is written down beside the events is always what they come to when they are read anew. */
    @AfterEach
    void whatIsKeptBesideTheEventsFollowsFromThem() {
        List<NeedleRecord> needles = book.last(500);
        List<MachineNow> machines = room.machines();
        needles.forEach(needleRecord -> projection.refresh(needleRecord.id()));
        machines.forEach(machineNow -> minutes.refresh(machineNow.id()));
        assertThat(book.last(500)).containsExactlyInAnyOrderElementsOf(needles);
        assertThat(room.machines())
                .usingRecursiveComparison()
                .withComparatorForType((a, b) -> Math.abs(a - b) < 1e-6 ? 0 : Double.compare(a, b), Double.class)
                .isEqualTo(machines);
    }

    @Test
    void work_wears_every_needle_in_the_machine_by_its_cloth_and_undo_takes_it_off_again() {
        double before = hours("heron");
        double uncleaned = care.plan("heron").hoursSinceCleaning();

        UUID action = work.sewn("heron", 60, Wear.DENIM_CANVAS);
        work.sewn("sparrow", 30, Wear.SOFT_KNIT);

        assertThat(hours("heron")).isCloseTo(before + 1.5, within(1e-9));
        assertThat(room.find("sparrow").orElseThrow().places())
                .allMatch(
                        place -> Math.abs(place.fitted().orElseThrow().needle().effectiveHours() - 3.65) < 1e-9);
        assertThat(care.plan("heron").hoursSinceCleaning()).isCloseTo(uncleaned + 1, within(1e-9));
        undo.undo(action);
        assertThat(hours("heron")).isCloseTo(before, within(1e-9));
        assertThat(care.plan("heron").hoursSinceCleaning()).isCloseTo(uncleaned, within(1e-9));
    }

    @Test
    void a_timer_counts_what_ran_and_one_that_was_forgotten_is_asked_about() {
        double before = hours("heron");
        work.startTimer("heron", Optional.empty());
        clock.forward(Duration.ofMinutes(40));
        work.startTimer("heron", Optional.empty());
        assertThat(work.running("heron").orElseThrow().minutes()).isCloseTo(40, within(0.01));

        work.stopTimer("heron", Optional.empty());

        assertThat(hours("heron")).isCloseTo(before + 40 / 60.0, within(1e-6));
        assertThat(work.running("heron")).isEmpty();
        work.startTimer("heron", Optional.empty());
        clock.forward(Duration.ofHours(9));
        assertThat(work.running("heron").orElseThrow().isForgotten()).isTrue();
        work.stopTimer("heron", Optional.of(25.0));
        assertThat(hours("heron")).isCloseTo(before + 65 / 60.0, within(1e-6));
    }

    @Test
    void a_timer_counts_each_work_for_the_time_that_it_lay_on_the_table() {
        TableWork canvas = TestWork.of("canvas", 2, 40);
        TableWork jersey = TestWork.of("single-jersey", 2, 25);
        double before = hours("heron");
        work.startTimer("heron", Optional.of(canvas));
        clock.forward(Duration.ofMinutes(20));
        work.startTimer("heron", Optional.of(jersey));
        clock.forward(Duration.ofMinutes(30));

        UUID action = work.stopTimer("heron", Optional.empty()).orElseThrow();

        double counted = (20 * canvas.wear().factor() + 30 * jersey.wear().factor()) / 60;
        assertThat(canvas.wear()).isNotEqualTo(jersey.wear());
        assertThat(hours("heron")).isCloseTo(before + counted, within(1e-6));
        assertThat(told(action))
                .containsExactly(
                        "sewn 20 min, 2 layers of canvas, a seam", "sewn 30 min, 2 layers of single jersey, a seam");
        undo.undo(action);
        assertThat(hours("heron")).isCloseTo(before, within(1e-9));
    }

    @Test
    void a_timer_that_was_forgotten_is_parted_in_the_shares_of_what_lay_there() {
        double before = hours("heron");
        work.startTimer("heron", Optional.of(TestWork.of("canvas", 2, 40)));
        clock.forward(Duration.ofHours(3));
        work.startTimer("heron", Optional.of(TestWork.of("poplin", 2, 25)));
        clock.forward(Duration.ofHours(1));

        work.stopTimer("heron", Optional.of(40.0));

        assertThat(hours("heron")).isCloseTo(before + (30 * 1.5 + 10) / 60, within(1e-6));
    }

    @Test
    void what_is_done_lays_the_table_and_taking_it_back_clears_it_again() {
        TableWork swim = TestWork.of("swim-knit", 2, 16.7);
        Optional<SewingThread> thread = now("heron").thread();
        Optional<TableWork> before = now("heron").table();

        UUID action = supply.fit(
                "heron",
                0,
                Needle.of(NeedleSystem.H_130_705, NeedleType.STRETCH, NeedleSize.NM_75),
                Optional.of(swim),
                now("heron").fitted().map(MachineNow.Fitted::needleId));

        assertThat(now("heron").table()).contains(swim);
        assertThat(now("heron").thread().orElseThrow().tex().value()).isEqualTo(16.7);
        assertThat(told(action))
                .contains(
                        "on the table: 2 layers of swim knit, a seam, with polyester tex 16.7",
                        "Needle in, for 2 layers of swim knit, a seam");
        assertThat(told(notes.sign("heron", 0, Sign.THUMP)))
                .containsExactly("noticed: thump, on 2 layers of swim knit, a seam");
        work.startTimer("heron", Optional.of(swim));
        undo.undo(action);
        assertThat(now("heron").table()).isEqualTo(before);
        assertThat(now("heron").thread()).isEqualTo(thread);
    }

    private MachineNow now(String machine) {
        return room.find(machine).orElseThrow();
    }

    private List<String> told(UUID action) {
        return events.findByActionIdOrderBySeq(action).stream()
                .map(stored -> stored.event().words(NAMED))
                .toList();
    }

    @Test
    void an_old_needle_is_parked_known_again_and_put_back_with_its_hours() {
        MachineNow.Fitted old = fitted("heron");
        UUID action = new UUID(5, 5);

        book.takeOut(action, "heron", 0, old.needleId(), Disposal.PARK, "felt card, row 2", false);
        room.fit(
                action,
                "heron",
                0,
                new NewNeedle(STRETCH_75, false, Optional.empty()),
                Optional.empty(),
                Optional.empty());

        assertThat(book.in(NeedleState.PARKED, 50))
                .filteredOn(needleRecord -> needleRecord.id().equals(old.needleId()))
                .singleElement()
                .satisfies(needleRecord -> {
                    assertThat(needleRecord.keptAt()).isEqualTo("felt card, row 2");
                    assertThat(needleRecord.effectiveHours()).isEqualTo(2.6);
                });
        book.putBackIn("heron", 0, old.needleId());
        assertThat(fitted("heron").needleId()).isEqualTo(old.needleId());
        assertThat(fitted("heron").needle().effectiveHours()).isEqualTo(2.6);
    }

    @Test
    void one_undo_takes_back_the_whole_change() {
        MachineNow before = room.find("heron").orElseThrow();
        UUID action = new UUID(6, 6);
        book.takeOut(action, "heron", 0, fitted("heron").needleId(), Disposal.JAR, "", true);
        room.fit(
                action,
                "heron",
                0,
                new NewNeedle(STRETCH_75, false, Optional.empty()),
                Optional.empty(),
                Optional.empty());

        undo.undo(action);

        assertThat(room.find("heron").orElseThrow()).isEqualTo(before);
        assertThat(book.find(before.fitted().orElseThrow().needleId())
                        .orElseThrow()
                        .failed())
                .isFalse();
    }

    @Test
    void a_place_has_to_be_named_and_a_needle_stays_in_its_system() {
        assertThatThrownBy(() ->
                        book.takeOut(new UUID(7, 7), "heron", 0, fitted("heron").needleId(), Disposal.PARK, " ", false))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("Name the place");
        UUID parked = book.in(NeedleState.PARKED, 1).get(0).id();
        assertThatThrownBy(() -> book.putBackIn("sparrow", 0, parked)).hasMessageContaining("does not list");
        assertThatThrownBy(() -> book.put(fitted("heron").needleId(), Disposal.JAR, "", false))
                .hasMessageContaining("not lying about");
    }

    @Test
    void a_broken_needle_leaves_its_place_empty_and_its_missing_pieces_on_the_list_until_they_are_found() {
        UUID needle = fitted("badger").needleId();
        long jar = book.inTheJar();

        book.broke("badger", 0, needle, "tip", Optional.of(CANVAS));

        assertThat(room.find("badger").orElseThrow().fitted()).isEmpty();
        assertThat(book.withMissingPieces()).extracting(NeedleRecord::missing).containsExactly("tip");
        assertThat(book.inTheJar()).isEqualTo(jar + 1);
        assertThat(book.find(needle).orElseThrow().failed()).isTrue();
        assertThat(book.brokenBefore("badger", "canvas"))
                .containsExactly(
                        new BrokenBefore(Needle.of(NeedleSystem.H_130_705, NeedleType.JEANS, NeedleSize.NM_100), 6));
        assertThat(book.brokenBefore("badger", "voile")).isEmpty();
        book.piecesFound(needle);
        assertThat(book.withMissingPieces()).isEmpty();
        clock.forward(Duration.ofSeconds(5));
        book.jarEmptied();
        assertThat(book.inTheJar()).isZero();
    }

    @Test
    void what_had_another_cause_tells_nothing_of_the_needle_until_that_is_taken_back() {
        UUID needle = now("heron").fitted().orElseThrow().needleId();
        notes.sign("heron", 0, Sign.THUMP);
        UUID trouble = troubles.begin(
                new MendCase(
                        "heron",
                        "Heron",
                        List.of(Symptom.THUMP),
                        List.of(),
                        SearchSchool.LIKELIEST_PER_MINUTE,
                        "poplin",
                        "2 layers of poplin",
                        2,
                        null,
                        null,
                        null,
                        null,
                        List.of(),
                        MendCase.State.OPEN,
                        LocalDate.EPOCH),
                Optional.empty());

        int revision = drawer.find(MendCase.class, trouble).orElseThrow().revision();
        troubles.answer(
                trouble,
                revision,
                new TroubleBook.Answer(
                        CheckId.NEEDLE_SEATED,
                        MendCase.Result.CURED,
                        null,
                        Optional.of(needle),
                        Optional.empty(),
                        Optional.empty()));

        assertThat(book.find(needle).orElseThrow().lastSign()).isEmpty();
        troubles.takeBack(
                trouble, drawer.find(MendCase.class, trouble).orElseThrow().revision());
        assertThat(book.find(needle).orElseThrow().lastSign()).contains(Sign.THUMP);
    }

    @Test
    void signs_and_strikes_act_at_once() {
        notes.sign("heron", 0, Sign.THUMP);
        UUID strike = notes.struck("heron", 0);

        assertThat(book.find(fitted("heron").needleId()).orElseThrow().lastSign())
                .contains(Sign.THUMP);
        assertThat(fitted("heron").needle().struck()).isTrue();
        undo.undo(strike);
        assertThat(fitted("heron").needle().struck()).isFalse();
    }

    @Test
    void care_that_was_done_starts_anew_and_what_was_put_off_is_quiet_for_a_week() {
        assertThat(care.plan("heron").of(machine("heron")))
                .filteredOn(due -> due.kind() == CareKind.CLEAN)
                .allMatch(CarePlan.Due::isDue);
        care.done("heron", CareKind.CLEAN);
        assertThat(care.plan("heron").hoursSinceCleaning()).isZero();

        care.snooze("heron", CareKind.SERVICE.name(), 7);

        assertThat(care.snoozed("heron")).containsExactly("SERVICE");
        clock.forward(Duration.ofDays(8));
        assertThat(care.snoozed("heron")).isEmpty();
    }

    @Test
    void an_earlier_cleaning_counts_what_was_sewn_since_and_only_the_last_one_counts() {
        work.sewn("badger", 120, Wear.ORDINARY);
        clock.forward(Duration.ofDays(10));
        work.sewn("badger", 60, Wear.ORDINARY);
        LocalDate between = LocalDate.now(clock).minusDays(5);

        UUID action = care.doneOn("badger", CareKind.CLEAN, between);

        assertThat(care.plan("badger").hoursSinceCleaning()).isCloseTo(1, within(1e-6));
        assertThatThrownBy(() -> care.doneOn("badger", CareKind.CLEAN, between.minusDays(3)))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("A later one is known: " + between);
        assertThatThrownBy(() -> care.doneOn("badger", CareKind.SERVICE, between.plusDays(30)))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("still to come");
        undo.undo(action);
        assertThat(care.plan("badger").hoursSinceCleaning()).isGreaterThan(20);
    }

    @Test
    void the_log_teaches_how_long_needles_last_here() {
        double guide = lives.learnt(NeedleType.EMBROIDERY, Wear.METALLIC).hoursOneInFive();

        assertThat(lives.learnt(NeedleType.UNIVERSAL, Wear.ORDINARY).failuresSeen())
                .isEqualTo(2);
        assertThat(lives.learnt(NeedleType.UNIVERSAL, Wear.ORDINARY).hoursOneInFive())
                .isLessThan(guide);
    }

    @Test
    void whatever_happens_can_be_taken_back_step_by_step() {
        SplittableRandom random = new SplittableRandom(4);
        List<String> states = new ArrayList<>();
        List<UUID> actions = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            clock.forward(Duration.ofSeconds(60));
            states.add(state());
            actions.add(
                    switch (random.nextInt(5)) {
                        case 0 -> work.sewn("heron", 1 + random.nextInt(90), Wear.values()[random.nextInt(9)]);
                        case 1 -> notes.sign("heron", 0, Sign.values()[random.nextInt(7)]);
                        case 2 -> notes.struck("heron", 0);
                        case 3 ->
                            room.fit(
                                    "heron",
                                    0,
                                    STRETCH_75,
                                    Optional.empty(),
                                    Optional.of(fitted("heron").needleId()));
                        default -> care.done("heron", CareKind.values()[random.nextInt(3)]);
                    });
        }
        assertThat(log.last()).hasSize(50);

        for (int i = actions.size() - 1; i >= 0; i--) {
            undo.undo(actions.get(i));
            assertThat(state()).as("after taking back step " + i).isEqualTo(states.get(i));
        }
    }

    @Test
    @Tag("thorough")
    void whatever_happens_can_be_taken_back_in_any_order_and_no_needle_is_ever_in_two_places() {
        SplittableRandom random = new SplittableRandom(11);
        String before = state();
        List<UUID> actions = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            clock.forward(Duration.ofSeconds(60));
            String machine = random.nextBoolean() ? "heron" : "badger";
            List<NeedleRecord> about = book.in(NeedleState.LOOSE, 20);
            actions.add(
                    about.isEmpty() || random.nextBoolean()
                            ? room.fit(machine, 0, STRETCH_75, Optional.empty(), in(machine))
                            : book.putBackIn(
                                    machine,
                                    0,
                                    about.get(random.nextInt(about.size())).id()));
        }

        while (!actions.isEmpty()) {
            undo.undo(actions.remove(random.nextInt(actions.size())));
            List<UUID> fitted = room.machines().stream()
                    .flatMap(machineNow -> machineNow.places().stream())
                    .flatMap(place -> place.fitted().stream())
                    .map(MachineNow.Fitted::needleId)
                    .toList();
            assertThat(fitted).doesNotHaveDuplicates();
            assertThat(book.in(NeedleState.IN_MACHINE, 50))
                    .extracting(NeedleRecord::id)
                    .containsExactlyInAnyOrderElementsOf(fitted);
        }
        assertThat(state()).isEqualTo(before);
    }

    @Test
    void a_dial_that_was_set_back_stands_there_until_it_is_balanced_again_or_taken_back() {
        UUID cure = UUID.fromString("00000000-0000-0000-0000-00000000c07e");
        cures.cured(cure, "heron", CheckId.TOP_DIAL);
        cures.dialSet(cure, "heron", 3.25);

        assertThat(room.find("heron").orElseThrow().dial()).hasValue(3.25);
        assertThat(log.last().get(0).words())
                .isEqualTo("Found and put right: “Where does the top dial stand?”, dial set back to 3¼");
        UUID balanced = room.balanced("heron", 4.5, CANVAS);
        assertThat(room.find("heron").orElseThrow().dial()).hasValue(4.5);
        undo.undo(balanced);
        undo.undo(cure);
        assertThat(room.find("heron").orElseThrow().dial()).hasValue(4);
        assertThatThrownBy(() -> cures.dialSet(cure, "heron", 12))
                .hasMessage("That dial does not go there: it runs from 0 to 9. Read it off the machine.");
    }

    @Test
    void a_new_needle_is_looked_at_once_and_its_clamp_again_after_ten_minutes() {
        room.fit("heron", 0, STRETCH_75, Optional.empty(), in("heron"));
        assertThat(wanted()).containsExactly(FitCheck.HEIGHT);

        work.sewn("heron", 12, Wear.ORDINARY);
        assertThat(wanted()).containsExactly(FitCheck.HEIGHT, FitCheck.CLAMP);
        notes.fitChecked("heron", 0, FitCheck.HEIGHT);
        UUID clamp = notes.fitChecked("heron", 0, FitCheck.CLAMP);

        assertThat(wanted()).isEmpty();
        undo.undo(clamp);
        assertThat(wanted()).containsExactly(FitCheck.CLAMP);
    }

    @Test
    void taking_work_back_gives_an_overlocker_its_minutes_back_whichever_place_held_a_needle() {
        UUID first =
                room.find("sparrow").orElseThrow().fittedIn(0).orElseThrow().needleId();
        book.takeOut(new UUID(4, 4), "sparrow", 0, first, Disposal.PARK, "felt card, row 2", false);
        double before = care.plan("sparrow").hoursSinceCleaning();

        UUID action = work.sewn("sparrow", 60, Wear.SOFT_KNIT);
        assertThat(care.plan("sparrow").hoursSinceCleaning()).isCloseTo(before + 1, within(1e-6));
        undo.undo(action);

        assertThat(care.plan("sparrow").hoursSinceCleaning()).isCloseTo(before, within(1e-6));
    }

    @Test
    void projects_are_counted_for_every_needle_in_the_machine() {
        notes.projectBegun("sparrow", false);
        UUID big = notes.projectBegun("sparrow", true);

        assertThat(room.find("sparrow").orElseThrow().places())
                .allSatisfy(place -> assertThat(record(place))
                        .extracting("projects", "bigProjects")
                        .containsExactly(2, 1));
        undo.undo(big);
        assertThat(record(room.find("sparrow").orElseThrow().places().get(1)).projects())
                .isEqualTo(1);
    }

    private NeedleRecord record(MachineNow.Place place) {
        return book.find(place.fitted().orElseThrow().needleId()).orElseThrow();
    }

    private List<FitCheck> wanted() {
        return NeedleNotes.fitChecks(room.find("heron").orElseThrow()).stream()
                .map(NeedleNotes.CheckWanted::check)
                .toList();
    }

    private Optional<UUID> in(String machineId) {
        return room.find(machineId).flatMap(MachineNow::fitted).map(MachineNow.Fitted::needleId);
    }

    private String state() {
        CarePlan plan = care.plan("heron");
        return room.find("heron").orElseThrow()
                + String.format(
                        java.util.Locale.ROOT,
                        " %.6f %.6f %.6f",
                        plan.hoursSinceCleaning(),
                        plan.lintyHours(),
                        plan.hoursSinceOil())
                + book.find(fitted("heron").needleId()).orElseThrow().lastSign();
    }

    private belonax.machine.Machine machine(String id) {
        return room.find(id).orElseThrow().machine();
    }

    private MachineNow.Fitted fitted(String machineId) {
        return room.find(machineId).orElseThrow().fitted().orElseThrow();
    }

    private double hours(String machineId) {
        return fitted(machineId).needle().effectiveHours();
    }
}
