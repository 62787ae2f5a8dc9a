package belonax.web.drawer;

import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.life.CarePlan;
import belonax.life.Wear;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.care.CareLog;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.event.Undo;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.thread.Build;
import belonax.thread.Delivery;
import belonax.thread.Fibre;
import belonax.thread.Quality;
import belonax.thread.SnapResult;
import belonax.web.InTheDemoRoom;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Packets that are assorted, unread, rough or coated; spools that are old or thick. */
@InTheDemoRoom
class PacketsAndThreadsTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private SewingRoom room;

    @Autowired
    private Undo undo;

    @Autowired
    private NeedleBook book;

    @Autowired
    private WorkLog work;

    @Autowired
    private CareLog care;

    @Test
    void an_assortment_is_kept_as_one_packet_a_size_and_taken_back_at_once() throws Exception {
        int before = drawer.all(Packet.class).size();

        String done = Objects.requireNonNull(mvc.perform(post("/drawer/packet")
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content("system=H_130_705&type=JEANS&nm=90,+100,+110&count=2"))
                .andExpect(redirectedUrlPattern("/drawer?done=*"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl());

        Assertions.assertThat(drawer.all(Packet.class)).hasSize(before + 3);
        mvc.perform(get(done)).andExpect(content().string(containsString("Take it back")));
        form("/drawer/undo", "change=" + done.substring(done.indexOf('=') + 1));
        Assertions.assertThat(drawer.all(Packet.class)).hasSize(before);
    }

    @Test
    void a_kind_that_cannot_be_read_is_kept_and_never_offered() throws Exception {
        form("/drawer/packet", "system=H_130_705&type=UNKNOWN&letters=K&nm=80&count=3");

        Kept<Packet> kept = drawer.all(Packet.class).stream()
                .filter(otherKept -> !otherKept.card().isKnown())
                .findFirst()
                .orElseThrow();
        mvc.perform(get("/drawer")).andExpect(content().string(containsString("Unknown kind (K) 80/12")));
        for (String page :
                new String[] {"/fit/end", "/needles", "/drawer/buy", "/match", "/drawer/files/NEEDLES.csv"}) {
            mvc.perform(get(page)).andExpect(status().is(not(500)));
        }
        mvc.perform(get("/fit/end")).andExpect(content().string(not(containsString("packet:" + kept.id()))));
        drawer.remove(kept.id(), kept.revision());
    }

    @Test
    void a_snap_test_asked_for_by_a_verdict_leads_back_to_it() throws Exception {
        UUID old = drawer.add(new Spool(
                        "attic brown",
                        "120",
                        25,
                        Fibre.COTTON,
                        Build.SPUN,
                        null,
                        1990,
                        Quality.UNKNOWN,
                        true,
                        Delivery.Winding.STACK,
                        null,
                        null,
                        SnapResult.NOT_TESTED,
                        null,
                        ""))
                .card();
        String verdict = "/match?cloth=poplin&spool=" + old;
        mvc.perform(get(verdict))
                .andExpect(content().string(containsString("Snap-test this thread first")))
                .andExpect(content().string(containsString("/drawer/spool/" + old + "?back=")));

        snap(old, SnapResult.RESISTS, verdict).andExpect(redirectedUrlPattern("/match?*spool=" + old + "*"));
        mvc.perform(get(verdict)).andExpect(content().string(not(containsString("Snap-test this thread first"))));
        snap(old, SnapResult.PARTS_AT_ONCE, verdict)
                .andExpect(flash().attribute("said", containsString("out of use")))
                .andExpect(redirectedUrlPattern("/match?*number=25.0*"));
        mvc.perform(get(verdict))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString("is out of use")));
        drawer.remove(old, drawer.find(Spool.class, old).orElseThrow().revision());
    }

    private ResultActions snap(UUID spool, SnapResult result, String back) throws Exception {
        int revision = drawer.find(Spool.class, spool).orElseThrow().revision();
        return mvc.perform(post("/drawer/spool/" + spool + "/snap")
                .with(csrf())
                .param("revision", String.valueOf(revision))
                .param("result", result.name())
                .param("back", back));
    }

    @Test
    void a_hard_coating_goes_with_the_needle_and_the_packet_counts_down() throws Exception {
        Needle sharp = Needle.of(NeedleSystem.H_130_705, NeedleType.SHARP, NeedleSize.NM_60);
        UUID packet = drawer.add(Packet.of(sharp, 3, true, "")).card();
        form(
                "/needles/fit",
                "machine=badger&place=0&needle=130/705+H~SHARP~60&out=" + seen("badger") + "&back=/match?cloth=poplin");

        Assertions.assertThat(
                        drawer.find(Packet.class, packet).orElseThrow().card().count())
                .isEqualTo(2);
        UUID fitted = room.find("badger").orElseThrow().fitted().orElseThrow().needleId();
        Assertions.assertThat(book.find(fitted).orElseThrow().coated()).isTrue();
    }

    @Test
    void cheap_thread_brings_cleaning_forward_until_the_work_is_taken_back() throws Exception {
        UUID cheap = drawer.add(spool("market bargain", 25, Fibre.POLYESTER, Build.SPUN, Quality.CHEAP))
                .card();
        form(
                "/needles/fit",
                "machine=heron&place=0&needle=130/705+H~SHARP~70&out=" + seen("heron")
                        + "&back=/match?cloth=poplin&table=" + encoded("cloth=poplin&spool=" + cheap));
        CarePlan before = care.plan("heron");

        UUID sewn = work.sewn("heron", 60, Wear.ORDINARY);

        Assertions.assertThat(care.plan("heron").lintyHours()).isCloseTo(before.lintyHours() + 1, within(1e-6));
        undo.undo(sewn);
        Assertions.assertThat(care.plan("heron").lintyHours()).isCloseTo(before.lintyHours(), within(1e-6));
    }

    @Test
    void the_page_of_a_spool_names_the_smallest_needle_of_each_eye() throws Exception {
        UUID thick = drawer.add(spool("harness black", 210, Fibre.NYLON, Build.BONDED, Quality.GOOD))
                .card();

        mvc.perform(get("/drawer/spool/" + thick))
                .andExpect(content().string(containsString("none is large enough")))
                .andExpect(content().string(containsString("Wind this on the bobbin by hand")));
        mvc.perform(get("/drawer/spool/" + drawer.all(Spool.class).get(0).id()))
                .andExpect(content().string(containsString("long eye, topstitch")));
        drawer.remove(thick, drawer.find(Spool.class, thick).orElseThrow().revision());
    }

    @Test
    void what_a_machine_takes_is_kept_with_it() throws Exception {
        mvc.perform(get("/drawer/machine/heron")).andExpect(content().string(containsString("Its foot lifts")));
    }

    private String seen(String machine) {
        return room.find(machine)
                .orElseThrow()
                .fitted()
                .map(fitted -> fitted.needleId().toString())
                .orElse("");
    }

    private static Spool spool(String colour, double tex, Fibre fibre, Build build, Quality quality) {
        return new Spool(
                colour,
                "",
                tex,
                fibre,
                build,
                null,
                2026,
                quality,
                false,
                Delivery.Winding.CONE,
                null,
                null,
                SnapResult.NOT_TESTED,
                null,
                "");
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private void form(String path, String entries) throws Exception {
        mvc.perform(post(path)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(entries))
                .andExpect(status().is3xxRedirection());
    }
}
