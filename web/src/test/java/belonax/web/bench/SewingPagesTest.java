package belonax.web.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.fault.Symptom;
import belonax.life.Sign;
import belonax.life.Wear;
import belonax.machine.BobbinMaterial;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.WoundBobbin;
import belonax.room.event.Event;
import belonax.room.event.EventRepository;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.supply.NeedleSupply;
import belonax.room.trouble.MendCase;
import belonax.web.InTheDemoRoom;
import java.net.URI;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Sewing, what is noticed there, and what is missing in a machine. */
@InTheDemoRoom
class SewingPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private SewingRoom room;

    @Autowired
    private WorkLog work;

    @Autowired
    private NeedleBook book;

    @Autowired
    private NeedleSupply supply;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private EventRepository events;

    @Autowired
    private Clock clock;

    @Test
    void sewing_begins_on_what_the_page_spoke_of_and_shows_it_in_two_lines() throws Exception {
        press("/sewing", "machine=heron&table=cloth%3Dswim-knit%26purpose%3DHEM");

        String page = page("/sewing");
        assertThat(page).contains("2 layers of swim knit, a hem, midnight blue polyester tex 25");
        assertThat(page).contains("Universal 80/12, 2.6 h · dial 4").contains("data-runs=\"true\"");
        assertThat(work.running("heron")).isPresent();
        press("/sewing/pause", "machine=heron");
        assertThat(work.running("heron")).isEmpty();
    }

    @Test
    void the_next_day_begins_with_what_was_sewn_the_day_before() throws Exception {
        assertThat(page("/bench")).contains("Last on ");
        UUID needle = heron().fitted().orElseThrow().needleId();
        for (double minutes : new double[] {10, 15}) {
            events.add(
                    UUID.randomUUID(),
                    clock.instant().minus(Duration.ofDays(1)),
                    new Event.Sewn(
                            "heron",
                            0,
                            needle,
                            minutes,
                            minutes / 60,
                            Wear.ORDINARY,
                            false,
                            "2 layers of velvet, a seam"));
        }

        assertThat(page("/bench"))
                .contains("Yesterday: 2 layers of velvet, a seam, 25 min, dial 4.")
                .contains("Go on");
        press("/sewing", "machine=heron");
        assertThat(page("/sewing")).contains("2 layers of velvet, a seam, midnight blue polyester tex 25");
        assertThat(page("/bench")).doesNotContain("Yesterday: ");
    }

    @Test
    void the_last_metre_is_told_before_it_comes() throws Exception {
        Kept<WoundBobbin> bobbin =
                drawer.search(WoundBobbin.class, "blue, heron").get(0);
        press(
                "/sewing",
                "machine=heron&table=cloth%3Dpoplin%26spool%3D" + bobbin.card().spool());
        assertThat(page("/sewing"))
                .contains("about 30 m on the bobbin")
                .contains("min at the needle")
                .containsPattern("hidden=\"hidden\" data-show-after=\"\\d+\"");

        assertThat(page("/sewing")).doesNotContain("Not for Heron");

        drawer.change(
                WoundBobbin.class,
                bobbin.id(),
                woundBobbin ->
                        new WoundBobbin(woundBobbin.spool(), "L", woundBobbin.marked(), 1.5, BobbinMaterial.PLASTIC));

        assertThat(page("/sewing"))
                .contains("The bobbin is down to its last metres: stop at the end of a seam and wind another.")
                .doesNotContain("hidden=\"hidden\"")
                .contains("Not for Heron: it takes class 15");
    }

    @ParameterizedTest
    @EnumSource(Sign.class)
    void every_sign_is_one_press_says_what_it_tells_and_leads_to_its_symptom(Sign sign) throws Exception {
        String address = press("/sewing/sign", "machine=heron&sign=" + sign);

        String page = page(address);
        assertThat(page).contains("name=\"symptom\" value=\"" + Symptom.of(sign) + "\"");
        assertThat(page.contains("Change the needle")).isEqualTo(sign.actsAtOnce());
        assertThat(page).contains("Take it back");
    }

    @Test
    void a_sign_on_a_new_needle_is_found_out_and_the_clock_stops_meanwhile() throws Exception {
        MachineNow heron = heron();
        supply.fit(
                "heron",
                0,
                Needle.of(NeedleSystem.H_130_705, NeedleType.SHARP, NeedleSize.NM_70),
                Optional.empty(),
                heron.fitted().map(MachineNow.Fitted::needleId));
        press("/sewing", "machine=heron");

        String page = page(press("/sewing/sign", "machine=heron&sign=CLICK"));
        assertThat(page)
                .contains("Click on a needle of 0.0 hours is seldom its wear")
                .doesNotContain("Change the needle");
        String trouble = press("/mend", "symptom=CLICK&table=cloth%3Dvelvet");

        assertThat(work.running("heron")).isEmpty();
        MendCase kept = drawer.find(MendCase.class, trouble.replace("/mend/", ""))
                .orElseThrow()
                .card();
        assertThat(kept.stackWords()).isEqualTo("2 layers of velvet");
        assertThat(kept.work()).isNotNull();
    }

    @Test
    void with_a_piece_missing_nothing_says_ready_until_it_is_found_or_a_silent_turn_lets_it_wait() throws Exception {
        UUID broken = heron().fitted().orElseThrow().needleId();
        press("/fit/broken", "machine=heron&place=0&needle=" + broken + "&found=butt&found=blade&table=");
        supply.fit(
                "heron",
                0,
                Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80),
                Optional.empty(),
                Optional.empty());

        assertThat(page("/bench")).contains("Not ready: a piece is missing").doesNotContain(">Ready to sew<");
        assertThat(page("/match")).contains("tip of the universal 80/12</a>");
        assertThat(page("/sewing")).contains("Find it before another stitch").doesNotContain("Go on sewing");

        String silent = press("/bench/missing", "needle=" + broken + "&press=silent");
        assertThat(page(silent)).contains("waits for the service").containsPattern(">Ready(,| to)");
        assertThat(page("/match")).contains("tip of the universal 80/12</a>");
        press("/bench/undo", "change=" + silent.replaceAll(".*done=", ""));
        assertThat(page("/bench")).contains("Not ready: a piece is missing");

        press("/bench/missing", "needle=" + broken + "&press=found");
        assertThat(page("/bench")).containsPattern(">Ready(,| to)");
        assertThat(heron().missing()).isEmpty();
        assertThat(book.find(broken).orElseThrow().waits()).isFalse();
    }

    @Test
    void the_needle_that_goes_in_is_named_through_the_steps_and_never_typed() throws Exception {
        String in = "&in=130/705%20H~STRETCH~75";
        assertThat(page("/fit?step=1" + in)).contains(">In goes your parked stretch 75/11, 2.1 h, felt card, row 1.<");
        assertThat(page("/fit?step=3" + in)).contains("in=130%2F705%20H~STRETCH~75&amp;step=4");
        assertThat(page("/fit?step=11" + in)).containsPattern("value=\"parked:[^>]*checked");
        assertThat(page("/fit?step=11&in=130/705%20H~WING~100")).contains("value=\"130/705 H WING 100/16\"");
        assertThat(page("/fit?step=11&in=nonsense~x")).contains("What went in");
        assertThat(page("/fit?step=1&in=130/705%20H~UNIVERSAL~80"))
                .contains(">In goes one out of your packet: universal 80/12, 7 left.<");
        assertThat(page("/fit?step=9" + in)).contains("It sounded of metal");
    }

    @Test
    void each_step_of_a_change_answers_back_and_threading_knows_this_machine_and_this_spool() throws Exception {
        assertThat(page("/fit?step=1"))
                .contains("Is the bar at its top, and the machine off?")
                .contains("Not yet");
        assertThat(page("/fit?step=1&not=true")).contains("The needle stands highest when the take-up lever does");
        assertThat(page("/fit?step=10"))
                .contains("spool pin, back guide, down the right channel")
                .contains("The bobbin turns anticlockwise when its thread is drawn.")
                .contains("Lay it on the horizontal pin");
    }

    private MachineNow heron() {
        return room.find("heron").orElseThrow();
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(URI.create(address))).andReturn().getResponse().getContentAsString();
    }

    private String press(String path, String entries) throws Exception {
        String to = mvc.perform(post(path)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(entries))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return to == null ? "" : to;
    }
}
