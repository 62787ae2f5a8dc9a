package belonax.web.bench;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.NeedleState;
import belonax.room.needle.SewingRoom;
import belonax.web.InTheDemoRoom;
import biweekly.Biweekly;
import biweekly.ICalendar;
import jakarta.servlet.http.Cookie;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Bench, Fit and Needle book as forms and pages. */
@InTheDemoRoom
class BenchPagesTest {
    private static final Needle JEANS_100 = Needle.of(NeedleSystem.H_130_705, NeedleType.JEANS, NeedleSize.NM_100);

    @Autowired
    private MockMvc mvc;

    @Autowired
    private SewingRoom room;

    @Autowired
    private NeedleBook book;

    @Autowired
    private DrawerStore drawer;

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            /bench                              | Ready to sew
            /bench                              | Worked-out wear retires a needle at 8 hours; it has 2.6, about 5.4 left.
            /bench                              | Brush, do not blow
            /bench?cloth=swim-knit              | Not with this needle
            /bench?cloth=denim-heavy&layers=12  | Not like this
            /bench?cloth=denim-heavy&layers=12  | Sew fewer layers at once
            /bench?cloth=canvas&layers=x        | Count the layers under the foot
            /fit?step=1                         | Turn the wheel towards you until the needle stands at its highest
            /fit?step=6                         | Flat to the back
            /fit?step=9                         | If the threader reaches the eye
            /fit?step=6&turn=0                  | 16 of 16 stitches lock
            /fit?step=6&turn=90                 | 0 of 16 stitches lock
            /fit?step=11                        | Out: Universal 80/12
            /fit/broken                         | Stop. Power off.
            /needles                            | felt card, row 1
            /needles                            | 2 failures seen: still the guide
            /needles/log                        | Serviced
            /settings                           | When a needle is changed
            """)
    void a_page_answers(String path, String says) throws Exception {
        mvc.perform(get(path)).andExpect(content().string(containsString(says)));
    }

    @Test
    void another_machine_words_its_steps_its_own_way() throws Exception {
        mvc.perform(get("/fit?step=6").cookie(new Cookie("belonax-machine", "old-tin")))
                .andExpect(content().string(containsString("Flat to the left")));
        mvc.perform(get("/bench").cookie(new Cookie("belonax-machine", "sparrow")))
                .andExpect(content().string(containsString("Nobody knows of a service.")));
    }

    @Test
    void leaving_and_coming_back_goes_on_at_the_same_step() throws Exception {
        mvc.perform(get("/fit").cookie(new Cookie("belonax-fit", "heron.7")))
                .andExpect(content().string(containsString("Step 7 of 10")));
        mvc.perform(get("/fit").cookie(new Cookie("belonax-fit", "badger.7")))
                .andExpect(content().string(containsString("Step 1 of 10")));
        mvc.perform(get("/fit?step=4")).andExpect(header().string("Set-Cookie", containsString("belonax-fit=heron.4")));
    }

    @Test
    void a_change_out_of_a_packet_counts_the_stock_down_and_undo_puts_it_back() throws Exception {
        var packet = drawer.all(Packet.class).stream()
                .filter(kept -> kept.card().words().equals("stretch 75/11"))
                .findFirst()
                .orElseThrow();
        MachineNow before = room.find("heron").orElseThrow();

        String to = form(
                "/fit",
                "place=0&expected=" + before.fitted().orElseThrow().needleId() + "&from=packet:" + packet.id()
                        + "&goes=PARK&where=felt+card,+row+2");

        Assertions.assertThat(drawer.find(Packet.class, packet.id())
                        .orElseThrow()
                        .card()
                        .count())
                .isEqualTo(2);
        mvc.perform(get("/bench")).andExpect(content().string(containsString("Stretch 75/11")));
        mvc.perform(get("/needles")).andExpect(content().string(containsString("felt card, row 2")));
        form("/bench/undo", "change=" + to.substring(to.indexOf("done=") + 5));
        Assertions.assertThat(room.find("heron").orElseThrow()).isEqualTo(before);
        Assertions.assertThat(drawer.find(Packet.class, packet.id())
                        .orElseThrow()
                        .card()
                        .count())
                .isEqualTo(3);
    }

    /** In transactions of its own, as pressed in a browser, so that nothing half-done hides in that of the test. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            from=&label=&goes=JAR                   | Say which needle went in
            from=&label=thimble&goes=JAR            | Nothing of a needle can be read in that
            from=&label=stretch&goes=JAR            | Add the size
            from=&label=stretch+75&goes=PARK&where= | Name the place where you park it
            from=&label=DBx1+90/14&goes=JAR         | does not list 287 WH
            """)
    void a_change_that_will_not_do_is_told_and_nothing_is_recorded(String typed, String says) throws Exception {
        MachineNow before = room.find("heron").orElseThrow();

        mvc.perform(post("/fit")
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content("place=0&expected="
                                + before.fitted().orElseThrow().needleId() + "&" + typed))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString(says)));

        Assertions.assertThat(room.find("heron")).contains(before);
    }

    @Test
    void two_tabs_end_in_one_truth_and_a_plain_sentence() throws Exception {
        String seen = "place=0&expected="
                + room.find("heron").orElseThrow().fitted().orElseThrow().needleId();
        form("/fit", seen + "&label=stretch+75&goes=JAR");

        refused("/fit", seen + "&label=jeans+90&goes=JAR", "was changed in another window");

        Assertions.assertThat(room.find("heron")
                        .orElseThrow()
                        .fitted()
                        .orElseThrow()
                        .needle()
                        .needle()
                        .words())
                .isEqualTo("stretch 75/11");
    }

    @Test
    void a_tab_that_was_left_open_acts_on_no_needle_that_it_never_showed() throws Exception {
        String page = mvc.perform(get("/bench?machine=heron"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String seen = page.replaceAll("(?s).*name=\"seen-in-machine\" value=\"([^\"]*)\".*", "$1");
        Assertions.assertThat(seen).startsWith("heron:");
        form(
                "/fit",
                "machine=heron&place=0&label=stretch+90&goes=JAR&expected="
                        + room.find("heron")
                                .orElseThrow()
                                .fitted()
                                .orElseThrow()
                                .needleId());
        var there = room.find("heron").orElseThrow();

        for (String stale : List.of(
                "/bench/sewn?machine=heron&minutes=12", "/bench/sign?machine=heron&sign=THUMP",
                "/bench/sign?machine=heron&struck=true", "/bench/project?machine=heron&press=big")) {
            mvc.perform(post(stale).with(csrf()).param("seen-in-machine", seen))
                    .andExpect(
                            flash().attribute("refused", containsString("By now there is a stretch 90/14 in Heron")));
        }

        Assertions.assertThat(room.find("heron")).contains(there);
        mvc.perform(post("/bench/sewn?machine=heron&minutes=12").with(csrf()).param("seen-in-machine", there.seen()))
                .andExpect(flash().attributeCount(0));
    }

    @Test
    void work_signs_and_care_are_recorded_from_the_bench() throws Exception {
        form("/bench/sewn", "machine=heron&minutes=30&wear=ORDINARY");
        form("/bench/sewn", "machine=heron&metres=10&stitch=2.5&wear=ORDINARY");
        form("/bench/sewn", "machine=heron&counter=true&wear=ORDINARY");
        form("/bench/timer", "machine=heron&press=start");
        mvc.perform(get("/bench")).andExpect(content().string(containsString("Pause: 0 min")));
        form("/bench/timer", "machine=heron&press=stop&wear=ORDINARY&minutesInstead=12");
        form("/bench/care", "machine=heron&kind=CLEAN&press=done");
        mvc.perform(get("/bench")).andExpect(content().string(containsString("Nothing is due on this machine.")));
        form("/bench/sign", "machine=heron&sign=THUMP");
        mvc.perform(get("/bench")).andExpect(content().string(containsString("Change the needle first")));
        var refused = mvc.perform(post("/bench/sewn")
                        .with(csrf())
                        .header("Referer", "http://localhost/bench?cloth=canvas")
                        .contentType("application/x-www-form-urlencoded")
                        .content("machine=heron&minutes=long"))
                .andExpect(redirectedUrl("/bench?cloth=canvas"))
                .andExpect(flash().attribute("refused", containsString("“long” is not a number")))
                .andReturn();
        mvc.perform(get("/bench").flashAttrs(refused.getFlashMap()))
                .andExpect(content().string(containsString("“long” is not a number")))
                .andExpect(content().string(containsString("value=\"long\"")));
        mvc.perform(post("/bench/sign").with(csrf()).param("machine", "heron").param("sign", "SNEEZE"))
                .andExpect(status().isBadRequest());
        mvc.perform(post("/bench/sign").with(csrf()).param("machine", "heron")).andExpect(status().isBadRequest());
        Assertions.assertThat(fittedInHeron().struck()).isFalse();
        form("/bench/sign", "machine=heron&struck=true");
        Assertions.assertThat(fittedInHeron().struck()).isTrue();
    }

    @Test
    void a_broken_needle_is_recorded_found_and_followed_by_what_to_do() throws Exception {
        UUID needle = room.find("badger").orElseThrow().fitted().orElseThrow().needleId();

        String broke = "machine=badger&place=0&needle=" + needle;
        refused("/fit/broken", broke + "&found=tip&cloth=canvas&layers=some", "“some” is not a number");
        refused("/fit/broken", broke.replace("badger", "heron"), "changed in another window");
        form(
                "/fit/broken",
                "machine=badger&place=0&needle=" + needle + "&found=butt&found=blade&cloth=canvas&layers=4");

        mvc.perform(get("/needles")).andExpect(content().string(containsString("Jeans 100/16: tip")));
        form("/needles/found", "needle=" + needle);
        mvc.perform(get("/needles")).andExpect(content().string(not(containsString("Pieces still missing"))));
        mvc.perform(get("/bench").cookie(new Cookie("belonax-machine", "badger")))
                .andExpect(content().string(containsString("Not ready: no needle in the machine")));
        room.fit("badger", 0, JEANS_100, Optional.empty(), Optional.empty());
        mvc.perform(get("/bench?cloth=canvas&layers=4").cookie(new Cookie("belonax-machine", "badger")))
                .andExpect(content().string(containsString("broke on this cloth here before")));
    }

    @Test
    void parked_needles_are_put_back_or_thrown_out_with_one_press() throws Exception {
        UUID parked = book.in(NeedleState.PARKED, 1).get(0).id();

        form("/needles/back", "needle=" + parked + "&machine=heron");

        Assertions.assertThat(
                        room.find("heron").orElseThrow().fitted().orElseThrow().needleId())
                .isEqualTo(parked);
        mvc.perform(get("/needles")).andExpect(content().string(containsString("Out, and nobody said where")));
        UUID loose = book.in(NeedleState.LOOSE, 1).get(0).id();
        mvc.perform(post("/needles/put")
                        .with(csrf())
                        .param("needle", loose.toString())
                        .param("goes", "PARK"))
                .andExpect(flash().attribute("refused", containsString("an unmarked needle is not known again")));
        form("/needles/put", "needle=" + loose + "&goes=JAR");
        mvc.perform(post("/needles/put")
                        .with(csrf())
                        .param("needle", loose.toString())
                        .param("goes", "JAR"))
                .andExpect(flash().attribute("refused", containsString("not lying about")));
    }

    @Test
    void a_change_is_followed_by_a_look_at_height_and_clamp() throws Exception {
        String seen = "place=1&expected="
                + room.find("sparrow").orElseThrow().fittedIn(1).orElseThrow().needleId();
        Cookie sparrow = new Cookie("belonax-machine", "sparrow");
        mvc.perform(get("/fit?step=1").cookie(sparrow)).andExpect(content().string(containsString("right needle")));
        mvc.perform(post("/fit")
                        .cookie(sparrow)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(seen + "&label=HAx1SP+75/11&goes=JAR"))
                .andExpect(status().is3xxRedirection());

        mvc.perform(get("/bench").cookie(sparrow))
                .andExpect(content().string(containsString("Check its height, right needle")));
        form("/bench/sewn", "machine=sparrow&minutes=11&wear=ORDINARY");
        form("/bench/fitted", "machine=sparrow&place=1&check=HEIGHT");
        mvc.perform(get("/bench").cookie(sparrow))
                .andExpect(content().string(containsString("Ten minutes of sewing shake a clamp loose")))
                .andExpect(content().string(not(containsString("Check its height"))));
        Assertions.assertThat(form("/bench/project", "machine=sparrow&press=big"))
                .contains("big=true");
    }

    @Test
    void a_packet_whose_last_needle_is_taken_joins_the_shopping_list_and_leaves_it_when_that_is_taken_back()
            throws Exception {
        Needle wing = Needle.of(NeedleSystem.H_130_705, NeedleType.WING, NeedleSize.NM_100);
        UUID packet = drawer.add(Packet.of(wing, 1, false, "")).card();

        String to = form(
                "/fit",
                "place=0&from=packet:" + packet + "&goes=JAR&expected="
                        + room.find("heron")
                                .orElseThrow()
                                .fitted()
                                .orElseThrow()
                                .needleId());

        mvc.perform(get("/drawer/buy")).andExpect(content().string(containsString("<strong>Wing 100/16</strong>")));
        mvc.perform(get("/needles")).andExpect(content().string(containsString("Wing 100/16.")));
        form("/bench/undo", "change=" + to.substring(to.indexOf("done=") + 5));
        mvc.perform(get("/needles")).andExpect(content().string(not(containsString("Wing 100/16."))));
    }

    @Test
    void the_timer_in_the_strip_leads_back_to_the_page_where_it_was_pressed() throws Exception {
        for (String[] values : new String[][] {
            {"http://localhost/match?cloth=rib", "/match?cloth=rib"}, {"https://elsewhere.example//x", "/x"}
        }) {
            mvc.perform(post("/bench/timer")
                            .with(csrf())
                            .header("Referer", values[0])
                            .param("machine", "heron")
                            .param("press", "start"))
                    .andExpect(redirectedUrl(values[1]));
        }
    }

    @Test
    void what_is_due_goes_into_any_calendar() throws Exception {
        String file = mvc.perform(get("/bench/due.ics"))
                .andExpect(header().string("Content-Type", "text/calendar;charset=UTF-8"))
                .andReturn()
                .getResponse()
                .getContentAsString();

        ICalendar calendar = Biweekly.parse(file).first();
        Assertions.assertThat(calendar.getEvents())
                .extracting(vEvent -> vEvent.getSummary().getValue())
                .contains("Heron: Clean the bobbin area and under the plate");
        Assertions.assertThat(calendar.getEvents())
                .allMatch(vEvent -> vEvent.getUid().getValue().endsWith("@belonax"));
    }

    /** Nothing is recorded, and the page that comes back says why. */
    private void refused(String path, String typed, String says) throws Exception {
        mvc.perform(post(path)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString(says)));
    }

    private String form(String path, String typed) throws Exception {
        return String.valueOf(mvc.perform(post(path)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().is3xxRedirection())
                .andExpect(redirectedUrlPattern("/**"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
    }

    private NeedleInUse fittedInHeron() {
        return room.find("heron").orElseThrow().fitted().orElseThrow().needle();
    }
}
