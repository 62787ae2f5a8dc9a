package belonax.web.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.balance.BobbinPull.Pull;
import belonax.balance.PullMeasured;
import belonax.balance.PullRhythm;
import belonax.fault.CauseId;
import belonax.fault.Check;
import belonax.fault.CheckId;
import belonax.fault.FaultFinder;
import belonax.fault.Glance;
import belonax.fault.Glance.Look;
import belonax.life.CareGuide;
import belonax.life.CareKind;
import belonax.needle.NeedleType;
import belonax.room.CraftJson;
import belonax.room.balance.PullLog;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.care.CareLog;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.needle.MachineNow;
import belonax.room.needle.MachineNow.Fitted;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleState;
import belonax.room.needle.SewingRoom;
import belonax.room.trouble.CaseBook;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.State;
import belonax.thread.SewingThread;
import belonax.web.InTheDemoRoom;
import jakarta.servlet.http.Cookie;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;

/** Mend as forms and pages. */
@InTheDemoRoom
class MendPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private CaseBook cases;

    @Autowired
    private CareLog care;

    @Autowired
    private SewingRoom room;

    @Autowired
    private NeedleBook book;

    @Autowired
    private PullLog pulls;

    @Autowired
    private MendQuestion question;

    @Autowired
    private FaultFinder finder;

    @Test
    void the_pages_know_what_is_in_the_machine_and_ask_one_thing_at_a_time() throws Exception {
        mvc.perform(get("/mend")).andExpect(content().string(containsString("a sound of metal")));
        String trouble = begin("symptom=SKIPPED_STITCHES&cloth=swim-knit&layers=2");

        // A universal needle is in the machine, and the hazards that Match shows for it are read backwards.
        mvc.perform(get(trouble))
                .andExpect(content().string(containsString("First a glance: touch nothing yet")))
                .andExpect(
                        content().string(containsString("First check: Does the needle&#39;s point suit this cloth?")))
                .andExpect(content().string(not(containsString("That was it, cured"))));
        form(trouble + "/glance", "NEEDLE=WRONG&dial=4.5&revision=" + revision(trouble));
        assertThat(kept(trouble).glance()).containsExactly(Map.entry(Glance.NEEDLE, Look.WRONG));
        mvc.perform(get(trouble))
                .andExpect(content().string(containsString("The needle: bent, low or turned; The dial stood at 4½")))
                .andExpect(content().string(containsString("Is the needle all the way up, the right way round?")))
                .andExpect(content().string(containsString("flat to the back; bar 10 mm")))
                .andExpect(content().string(containsString("That was it, cured")));
        mvc.perform(get("/bench")).andExpect(content().string(containsString("Open trouble")));
    }

    @Test
    void a_case_goes_on_where_it_was_left_and_its_cure_is_remembered() throws Exception {
        String trouble = begin("symptom=JAM&symptom=GRUNT&cloth=fleece&layers=2");
        answer(trouble, "CLEAN_HOOK_AREA", "STILL");
        assertThat(care.plan("heron").hoursSinceCleaning()).isZero();
        mvc.perform(get("/mend")).andExpect(status().is3xxRedirection());
        mvc.perform(get(trouble))
                .andExpect(content().string(containsString("found and put right, it still does it")))
                .andExpect(content().string(not(containsString("name=\"check\" value=\"CLEAN_HOOK_AREA\""))));

        answer(trouble, "FOREIGN_OBJECT", "CURED");

        assertThat(kept(trouble).state()).isEqualTo(State.CURED);
        assertThat(cases.cures("heron"))
                .containsEntry(CheckId.FOREIGN_OBJECT, 1)
                .containsEntry(CheckId.CLEAN_HOOK_AREA, 1);
        mvc.perform(get("/mend/history"))
                .andExpect(content().string(containsString("1 of 2")))
                .andExpect(content().string(containsString("cured: Is anything inside? Count the pieces")));
        form(trouble + "/back", "revision=" + revision(trouble));
        assertThat(kept(trouble).state()).isEqualTo(State.OPEN);
    }

    @Test
    void before_a_technician_is_named_a_check_is_offered_once_more_unless_it_cannot_be_done() throws Exception {
        String trouble = begin("symptom=FOOT_MARKS&cloth=poplin&layers=2");
        for (String check : List.of("FOOT_PRESSURE", "FOOT_TIGHT", "FOOT_BURR", "OVER_OILED")) {
            answer(trouble, check, "NOT_IT");
        }
        mvc.perform(get(trouble))
                .andExpect(content().string(containsString("Once more, before you take it away")))
                .andExpect(content().string(containsString("name=\"check\" value=\"FOOT_PRESSURE\"")))
                .andExpect(content().string(not(containsString("Ask a technician"))));

        answer(trouble, "FOOT_PRESSURE", "CANNOT");

        mvc.perform(get(trouble)).andExpect(content().string(containsString("Ask a technician")));
    }

    @Test
    void both_needles_of_an_overlocker_are_named_by_their_places() throws Exception {
        String trouble = begin("machine=sparrow&symptom=SKIPPED_STITCHES");
        form(trouble + "/glance", "NEEDLE=WRONG&revision=" + revision(trouble));

        mvc.perform(get(trouble))
                .andExpect(content().string(containsString("Look at each needle by itself. Left needle: ")))
                .andExpect(content().string(containsString("; Right needle: ")));
    }

    @Test
    void the_fingernail_goes_on_one_tour_and_one_press_says_that_nothing_caught() throws Exception {
        String trouble = begin("symptom=THREAD_SHREDS&when=ONE_NEEDLE_POSITION&cloth=poplin&layers=2");
        form(trouble + "/glance", "revision=" + revision(trouble));

        mvc.perform(get(trouble))
                .andExpect(content().string(containsString("Fingernail over the plate")))
                .andExpect(content().string(containsString("One tour of the fingernail.")))
                .andExpect(content().string(containsString("Fingernail over the foot")));
        form(
                trouble + "/tour",
                "check=PLATE_BURR&check=FOOT_BURR&check=GUIDE_BURR&check=HOOK_BURR&revision=" + revision(trouble));

        assertThat(kept(trouble).checks(MendCase.Result.NOT_IT))
                .containsExactly(CheckId.PLATE_BURR, CheckId.FOOT_BURR, CheckId.GUIDE_BURR, CheckId.HOOK_BURR);
    }

    @Test
    void what_cannot_be_done_now_is_passed_over_and_two_tabs_are_told() throws Exception {
        String trouble = begin("symptom=UNTHREADS_AT_START&when=AT_START&cloth=poplin&layers=2");
        int seen = revision(trouble);
        answer(trouble, "TAKE_UP_AT_TOP", "CANNOT");

        mvc.perform(get(trouble)).andExpect(content().string(containsString("Long tails, and hold the upper one")));
        assertThat(refused(trouble + "/result", "check=THREAD_TAILS&result=NOT_IT&revision=" + seen))
                .isEqualTo("It was changed in another window. Look at it again and make your change there.");
        assertThat(refused(trouble + "/result", "check=KICK_IT&result=NOT_IT&revision=" + revision(trouble)))
                .contains("check");
        assertThat(refused(
                        trouble + "/result",
                        "check=NEEDLE_REPLACE&result=NOT_IT&in=packet:gone&revision=" + revision(trouble)))
                .isEqualTo("Say which needle went in: choose one of yours, or type its packet.");
        mvc.perform(post(trouble + "/result")
                        .with(csrf())
                        .param("check", "THREAD_TAILS")
                        .param("revision", String.valueOf(revision(trouble))))
                .andExpect(status().isBadRequest());
        form(trouble + "/aside", "revision=" + revision(trouble));
        mvc.perform(get("/mend")).andExpect(status().isOk());
    }

    @Test
    void a_cure_retires_the_needle_and_taking_it_back_puts_it_in_again() throws Exception {
        Fitted old = heron().fitted().orElseThrow();
        String trouble = begin("symptom=THUMP&cloth=quilting-cotton&layers=2");
        String needle = "&needle=" + old.needleId();

        answer(trouble, "NEEDLE_REPLACE", "CURED", "&in=same" + needle);

        Fitted now = heron().fitted().orElseThrow();
        assertThat(now.needleId()).isNotEqualTo(old.needleId());
        assertThat(now.needle().needle()).isEqualTo(old.needle().needle());
        assertThat(now.needle().effectiveHours()).isZero();
        assertThat(book.find(old.needleId()).orElseThrow().failed()).isTrue();
        mvc.perform(get(trouble))
                .andExpect(content().string(containsString("The strip shows the needle that is in now")));
        mvc.perform(get("/needles/log"))
                .andExpect(content().string(containsString("Found and put right: “Put a new needle in”")));

        form(trouble + "/back", "revision=" + revision(trouble));

        assertThat(heron().fitted().orElseThrow().needleId()).isEqualTo(old.needleId());
        assertThat(kept(trouble).state()).isEqualTo(State.OPEN);
        // Another tab changed the needle since: nothing is recorded, neither the answer nor the change.
        assertThat(refused(
                        trouble + "/result",
                        "check=NEEDLE_REPLACE&result=NOT_IT&in=same&needle=" + now.needleId() + "&revision="
                                + revision(trouble)))
                .isEqualTo("The needle was changed in another window.");
        assertThat(kept(trouble).steps()).isEmpty();
    }

    @Test
    void another_type_comes_out_of_its_packet_and_the_old_needle_is_parked() throws Exception {
        String trouble = begin("symptom=SKIPPED_STITCHES&cloth=swim-knit&layers=2");
        form(trouble + "/glance", "revision=" + revision(trouble));
        String page = mvc.perform(get(trouble)).andReturn().getResponse().getContentAsString();
        String packet = page.replaceAll("(?s).*<option value=\"(packet:[^\"]+)\" selected=\"selected\".*", "$1");
        UUID old = heron().fitted().orElseThrow().needleId();
        int before = packet(packet).count();

        answer(trouble, "NEEDLE_TYPE", "STILL", "&in=" + packet + "&needle=" + old);

        assertThat(packet(packet).count()).isEqualTo(before - 1);
        assertThat(heron().fitted().orElseThrow().needle().needle().type()).isEqualTo(NeedleType.STRETCH);
        assertThat(book.find(old).orElseThrow().state()).isEqualTo(NeedleState.PARKED);
        assertThat(book.find(old).orElseThrow().keptAt()).isEqualTo("beside Heron");
    }

    @Test
    void a_cure_sets_the_dial_back_and_marks_a_spool_as_bad() throws Exception {
        Kept<Spool> spool = drawer.all(Spool.class).get(0);
        String trouble = begin("symptom=LOOPS_BELOW&cloth=poplin&layers=2&spool=" + spool.id());

        answer(trouble, "TOP_DIAL", "STILL", "&dial=3.5");
        answer(trouble, "THREAD_QUALITY", "CURED", "&spool=" + spool.id());

        assertThat(heron().dial()).hasValue(3.5);
        assertThat(drawer.find(Spool.class, spool.id()).orElseThrow().card().isSound())
                .isFalse();
        form(trouble + "/back", "revision=" + revision(trouble));
        assertThat(drawer.find(Spool.class, spool.id()).orElseThrow().card().isSound())
                .isTrue();
        form(trouble + "/back", "revision=" + revision(trouble));
        assertThat(heron().dial()).hasValue(4);
        assertThat(refused(trouble + "/result", "check=TOP_DIAL&result=CURED&dial=high&revision=" + revision(trouble)))
                .contains("“high” is not a number");
        assertThat(kept(trouble).steps()).isEmpty();
    }

    @Test
    void an_old_spool_makes_the_thread_likelier() throws Exception {
        Kept<Spool> old = drawer.all(Spool.class).stream()
                .filter(otherKept ->
                        otherKept.card().isSound() && otherKept.card().boughtYear() != null)
                .min(Comparator.comparing(otherKept -> otherKept.card().boughtYear()))
                .orElseThrow();
        Spool aged = CraftJson.read(
                CraftJson.write(old.card()).replaceAll("\"boughtYear\":\\d+", "\"boughtYear\":1994"), Spool.class);
        drawer.change(old.id(), old.revision(), aged);

        MendCase unknown = kept(begin("symptom=TOP_THREAD_BREAKS&cloth=poplin&layers=2&spool="));
        MendCase known = kept(begin("symptom=TOP_THREAD_BREAKS&cloth=poplin&layers=2&spool=" + old.id()));

        assertThat(chance(known, CauseId.THREAD_OLD)).isGreaterThan(2 * chance(unknown, CauseId.THREAD_OLD));
    }

    @Test
    void every_step_of_home_hands_is_drawn_on_each_machine() {
        for (MachineNow machine : room.machines()) {
            for (Check check : finder.table().checks()) {
                assertThat(StepPictures.of(check, machine))
                        .hasSameSizeAs(check.steps())
                        .allSatisfy(step -> {
                            if (check.who() == Check.Who.OWNER) {
                                assertThat(step.view()).as(check.id().name()).isNotNull();
                            }
                        });
            }
        }
    }

    @Test
    void care_tells_who_may_do_what_and_dates_it() throws Exception {
        mvc.perform(get("/mend/care").cookie(new Cookie("belonax-machine", "heron")))
                .andExpect(content()
                        .string(containsString(
                                CareGuide.who(CareKind.OIL, heron().machine()).replace("'", "&#39;"))))
                .andExpect(content().string(containsString("We brush: blowing drives lint further in")));
        mvc.perform(get("/mend/care").cookie(new Cookie("belonax-machine", "badger")))
                .andExpect(content().string(containsString("Yours to do where Badger&#39;s manual shows it")));
        assertThat(form("/mend/care", "machine=badger&kind=CLEAN")).startsWith("/mend/care?done=");
        assertThat(care.plan("badger").hoursSinceCleaning()).isZero();
    }

    @Test
    void what_was_put_aside_goes_on_and_the_history_tells_what_cures_this_machine() throws Exception {
        String first = begin("symptom=JAM&cloth=fleece&layers=2");
        answer(first, "THREAD_TAILS", "NOT_IT");
        String second = begin("symptom=PUCKER&cloth=poplin&layers=1");
        assertThat(kept(first).state()).isEqualTo(State.ASIDE);
        mvc.perform(get(first)).andExpect(content().string(containsString("It goes on where it stopped")));

        form(first + "/resume", "revision=" + revision(first));

        assertThat(kept(first).state()).isEqualTo(State.OPEN);
        assertThat(kept(first).steps()).hasSize(1);
        assertThat(kept(second).state()).isEqualTo(State.ASIDE);
        mvc.perform(get("/mend/history").cookie(new Cookie("belonax-machine", "badger")))
                .andExpect(content().string(containsString("Run a card under the bobbin&#39;s spring")))
                .andExpect(content().string(containsString("4 of 9")));
        mvc.perform(get("/mend").cookie(new Cookie("belonax-machine", "badger")))
                .andExpect(
                        content().string(containsString("“Run a card under the bobbin&#39;s spring”: 4 of 9 cures.")));
    }

    @Test
    void the_technician_gets_a_note_of_what_was_seen_tried_and_found() throws Exception {
        String trouble = begin("symptom=SKIPPED_STITCHES&symptom=BOBBIN_NOT_PICKED_UP&cloth=poplin&layers=2");
        form(trouble + "/glance", "revision=" + revision(trouble));
        for (int i = 0; i < 40; i++) {
            String page = mvc.perform(get(trouble)).andReturn().getResponse().getContentAsString();
            if (page.contains("Ask a technician")) {
                break;
            }
            answer(trouble, page.replaceAll("(?s).*name=\"check\" value=\"([A-Z_]+)\".*", "$1"), "NOT_IT");
        }
        mvc.perform(get(trouble)).andExpect(content().string(containsString("The note to take along (PDF)")));
        mvc.perform(get(trouble + "/technician.pdf")).andExpect(content().contentType("application/pdf"));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            cloth=poplin&layers=2                      | at least one picture
            symptom=JAM&cloth=thimble&layers=2         | No cloth is called
            symptom=JAM&cloth=poplin&layers=many       | Count the layers under the foot
            """)
    void what_will_not_do_is_told_and_kept(String typed, String says) throws Exception {
        mvc.perform(post("/mend")
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString(says)));
    }

    @Test
    void a_pull_that_was_measured_counts_until_the_screw_is_turned() throws Exception {
        String trouble = begin("symptom=LOOPS_BELOW&cloth=poplin&layers=2");
        double unknown = chance(kept(trouble), CauseId.BOBBIN_TOO_TIGHT);

        pull(new PullMeasured(Pull.TIGHT, null, 38.0, null, 0));
        assertThat(chance(kept(trouble), CauseId.BOBBIN_TOO_TIGHT)).isGreaterThan(4 * unknown);
        pull(new PullMeasured(Pull.TIGHT, null, 38.0, 2, -1));
        assertThat(chance(kept(trouble), CauseId.BOBBIN_TOO_TIGHT)).isEqualTo(unknown);
        pull(new PullMeasured(Pull.RIGHT, null, 26.0, null, 0));
        assertThat(chance(kept(trouble), CauseId.BOBBIN_TOO_TIGHT)).isLessThan(unknown / 4);
    }

    private void pull(PullMeasured found) {
        pulls.tested("heron", "", found, SewingThread.spunPolyester(25), PullRhythm.NEW_THREAD);
    }

    private String begin(String typed) throws Exception {
        return form("/mend", typed);
    }

    private void answer(String trouble, String check, String result) throws Exception {
        answer(trouble, check, result, "");
    }

    private void answer(String trouble, String check, String result, String with) throws Exception {
        String typed = "check=" + check + "&result=" + result + "&revision=" + revision(trouble) + with;
        assertThat(form(trouble + "/result", typed)).isEqualTo(trouble);
    }

    private MachineNow heron() {
        return room.find("heron").orElseThrow();
    }

    private Packet packet(String chosen) {
        return drawer.find(Packet.class, chosen.replace("packet:", ""))
                .orElseThrow()
                .card();
    }

    private double chance(MendCase mendCase, CauseId cause) {
        return question.rank(mendCase, heron()).causes().stream()
                .filter(suspect -> suspect.id() == cause)
                .mapToDouble(FaultFinder.Suspect::probability)
                .findFirst()
                .orElse(0);
    }

    private MendCase kept(String trouble) {
        return drawer.find(MendCase.class, trouble.replace("/mend/", ""))
                .orElseThrow()
                .card();
    }

    private int revision(String trouble) {
        return drawer.find(MendCase.class, trouble.replace("/mend/", ""))
                .orElseThrow()
                .revision();
    }

    private String form(String path, String typed) throws Exception {
        return String.valueOf(sent(path, typed).getResponse().getRedirectedUrl());
    }

    /** Returns the sentence that the next page shows. */
    private String refused(String path, String typed) throws Exception {
        return String.valueOf(sent(path, typed).getFlashMap().get("refused"));
    }

    private MvcResult sent(String path, String typed) throws Exception {
        return mvc.perform(post(path)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().is3xxRedirection())
                .andReturn();
    }
}
