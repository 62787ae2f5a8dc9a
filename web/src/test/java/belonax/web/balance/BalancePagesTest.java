package belonax.web.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.room.balance.BalanceRun;
import belonax.room.balance.BalanceRun.State;
import belonax.room.balance.Sampler;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.needle.SewingRoom;
import belonax.web.InTheDemoRoom;
import jakarta.servlet.http.Cookie;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;

/** Balance as forms and pages. */
@InTheDemoRoom
class BalancePagesTest {
    private static final float POINTS_PER_MM = 72 / 25.4f;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Sampler sampler;

    @Autowired
    private SewingRoom room;

    @Test
    void what_is_looked_at_before_the_first_strip_is_worded_for_the_machine() throws Exception {
        mvc.perform(get("/balance?layers=2"))
                .andExpect(content().string(containsString("This case is sealed")))
                .andExpect(content().string(containsString("3 past balances of this machine")));
        mvc.perform(get("/balance").cookie(new Cookie("belonax-machine", "badger")))
                .andExpect(content().string(containsString("Stand it on the table and draw the thread straight up")))
                .andExpect(content().string(containsString("Hang the case by its thread")))
                .andExpect(content().string(containsString("turns clockwise when pulled")));
        mvc.perform(get("/balance").cookie(new Cookie("belonax-machine", "sparrow")))
                .andExpect(content().string(containsString("This machine has loopers and no bobbin")));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            cloth=thimble&layers=2&number=25                | No cloth is called
            cloth=poplin&layers=two&number=25               | is not a number. Count the layers
            cloth=poplin&layers=2&number=9000               | thicker than any sewing thread
            cloth=poplin&layers=2&number=25&width=99        | A stitch is
            """)
    void what_will_not_do_is_told_and_kept(String typed, String says) throws Exception {
        mvc.perform(post("/balance")
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString(says)));
    }

    @Test
    void a_proven_balance_is_offered_again_guesses_for_neighbours_and_names_the_needle_at_match() throws Exception {
        String run = begin("badger", "cloth=velvet&layers=3&number=40");
        strip(run, "badger", "CLEAN", "CLEAN", "3");
        int before = sampler.past("badger").size();

        form(run + "/keep", "badger", "dial=3&revision=" + revision(run));

        assertThat(sampler.past("badger")).hasSize(before + 1);
        assertThat(room.find("badger").orElseThrow().dial()).hasValue(3);
        mvc.perform(get(run)).andExpect(content().string(containsString("Proven for this cloth, these threads")));
        mvc.perform(get(begin("badger", "cloth=velvet&layers=3&number=40")))
                .andExpect(content().string(containsString("Proven here at 3 on")))
                .andExpect(content().string(containsString("Start at 3")));
        mvc.perform(get("/match?cloth=velvet&layers=3&number=40&machine=badger"))
                .andExpect(content().string(containsString("worked for you")));
        mvc.perform(get("/balance/sampler").param("find", "velvet badger proven"))
                .andExpect(content().string(containsString("3 layers of velvet on Badger")))
                .andExpect(content().string(not(containsString("poplin"))));
    }

    @Test
    void what_was_turned_before_and_where_the_dial_was_found_is_asked_and_tells_something() throws Exception {
        mvc.perform(get(begin("badger", "cloth=poplin&layers=2&number=25&touched=SCREW&found=1.5")))
                .andExpect(content().string(containsString("screw was turned already, and no dial makes up for that")))
                .andExpect(content()
                        .string(containsString("1½ lies below the usual band. With ordinary thread a loose bobbin")));
    }

    @Test
    void strips_are_corrected_taken_out_and_photographed() throws Exception {
        String run = begin("heron", "cloth=canvas&layers=4&number=25");
        strip(run, "heron", "DOTS", "CLEAN", "3");
        strip(run, "heron", "CLEAN", "LOOPS", "2.5");
        UUID second = kept(run).card().strips().get(1).id();
        mvc.perform(get(run + "?correct=" + second))
                .andExpect(content().string(containsString("You read this strip anew")));

        form(
                run + "/strip",
                "heron",
                "revision=" + revision(run) + "&strip=" + second + "&dial=2.5&top=DOTS&underside=CLEAN");

        assertThat(kept(run).card().strips()).hasSize(2);
        assertThat(kept(run).card().strips().get(1).strip().isTooTight()).isTrue();
        mvc.perform(multipart(run + "/photo")
                        .file(new MockMultipartFile("picture", "strip.png", "image/png", png()))
                        .param("strip", second.toString())
                        .param("revision", String.valueOf(revision(run)))
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());
        assertThat(kept(run).card().strips().get(1).photo()).isTrue();
        mvc.perform(get("/balance/strip/" + second + "/picture"))
                .andExpect(content().contentType("image/jpeg"));
        form(run + "/drop", "heron", "revision=" + revision(run) + "&strip=" + second);
        assertThat(kept(run).card().strips()).hasSize(1);
    }

    @Test
    void two_tabs_a_missing_face_and_a_dial_that_does_not_go_there_are_told() throws Exception {
        String run = begin("heron", "cloth=poplin&layers=2&number=25");
        int seen = revision(run);
        strip(run, "heron", "DOTS", "CLEAN", "4");

        assertThat(refused(run + "/strip", "heron", "revision=" + seen + "&dial=4&top=CLEAN&underside=CLEAN"))
                .isEqualTo("It was changed in another window. Look at it again and make your change there.");
        assertThat(refused(run + "/strip", "heron", "revision=" + revision(run) + "&dial=4&top=CLEAN"))
                .isEqualTo("Tap what you see on both faces, top and underside; then it is read.");
        assertThat(refused(run + "/strip", "heron", "revision=" + revision(run) + "&dial=44&top=CLEAN&underside=CLEAN"))
                .contains("dial");
        mvc.perform(get(run).flashAttr("refused", "Tap what you see on both faces."))
                .andExpect(content().string(containsString("Tap what you see on both faces.")));
    }

    @Test
    void where_the_dial_runs_out_the_bobbin_is_tested_and_the_search_begun_anew() throws Exception {
        String run = begin("badger", "cloth=organza&layers=2&number=40");
        for (int i = 0; i < 8 && kept(run).card().state() == State.OPEN; i++) {
            String page = page(run);
            if (page.contains("It is the bobbin&#39;s turn")) {
                break;
            }
            strip(run, "badger", "LINE", "CLEAN", dial(page));
        }
        mvc.perform(get(run))
                .andExpect(content().string(containsString("Hang the case by its thread")))
                .andExpect(content().string(containsString("Write down its pull and where the screw stands")));

        String anew = form(run + "/end", "badger", "anew=true&revision=" + revision(run));

        assertThat(kept(run).card().state()).isEqualTo(State.ENDED);
        assertThat(kept(anew).card().strips()).isEmpty();
    }

    @Test
    void one_press_says_both_are_clean_and_where_the_bobbin_is_at_fault_putting_it_right_comes_before_keeping()
            throws Exception {
        String run = begin("badger", "cloth=organza&layers=2&number=25");
        for (int i = 0; i < 2; i++) {
            form(run + "/strip", "badger", "revision=" + revision(run) + "&dial=6.5&bothClean=true");
        }

        assertThat(page(run))
                .containsSubsequence(
                        "Dial back to 4, slacken the bobbin an eighth, begin again", "Keep 6½ all the same");
    }

    @Test
    void a_kept_balance_is_taken_back_where_it_was_kept() throws Exception {
        String run = begin("badger", "cloth=organza&layers=2&number=25");
        var before = room.find("badger").orElseThrow().dial();
        String kept = form(run + "/keep", "badger", "dial=7.5&revision=" + revision(run));
        assertThat(room.find("badger").orElseThrow().dial()).hasValue(7.5);
        assertThat(page(kept)).contains("Take");

        form(run + "/back", "badger", "action=" + kept.replaceAll(".*done=", "") + "&revision=" + revision(run));

        assertThat(room.find("badger").orElseThrow().dial()).isEqualTo(before);
        assertThat(kept(run).card().state()).isEqualTo(State.OPEN);
        assertThat(page(kept)).doesNotContain("/back\"");
    }

    @Test
    void strips_that_contradict_each_other_are_named_and_nothing_is_said_to_be_balanced() throws Exception {
        String run = begin("badger", "cloth=organza&layers=2&number=25");
        strip(run, "badger", "DOTS", "CLEAN", "2.5");
        strip(run, "badger", "CLEAN", "LOOPS", "6");

        assertThat(page(run))
                .contains(
                        "says the top pulls too little, strip 1 at 2½ that it pulls too hard",
                        "These two cannot both be")
                .doesNotContain("hidden inside: balanced", "Keep ");
    }

    @Test
    void a_machine_that_is_not_there_is_balanced_for_learning_and_teaches_nothing_about_a_real_one() throws Exception {
        int before = sampler.past("heron").size();
        String run = begin("heron", "cloth=poplin&layers=2&number=25&simulated=true");
        mvc.perform(get(run)).andExpect(content().string(containsString("Simulated: this machine is not there.")));

        strip(run, "heron", "LINE", "LINE", "4");
        form(run + "/keep", "heron", "dial=4&revision=" + revision(run));

        assertThat(page(run))
                .contains(
                        "What it really was: balanced from",
                        "somebody who reads each of them right needs",
                        "Strip 1 showed",
                        "it proves nothing for Heron")
                .doesNotContain("Proven for this cloth");
        assertThat(sampler.past("heron")).hasSize(before);
        assertThat(room.find("heron").orElseThrow().dial()).hasValue(4);
        mvc.perform(get("/balance/sampler?find=simulated")).andExpect(content().string(containsString("(simulated)")));
    }

    @Test
    void cards_and_lines_to_sew_along_print() throws Exception {
        String run = "/balance/" + sampler.search("canvas badger").get(0).id();
        try (PDDocument card = Loader.loadPDF(mvc.perform(get(run + "/card.pdf"))
                .andExpect(content().contentType("application/pdf"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray())) {
            assertThat(card.getPage(0).getMediaBox().getWidth()).isCloseTo(148 * POINTS_PER_MM, within(1f));
        }
        mvc.perform(get("/balance/guide.pdf")).andExpect(content().contentType("application/pdf"));
        mvc.perform(get("/balance/" + UUID.randomUUID() + "/card.pdf")).andExpect(status().isNotFound());
    }

    private String begin(String machine, String typed) throws Exception {
        return form("/balance", machine, typed);
    }

    private void strip(String run, String machine, String top, String below, String dial) throws Exception {
        assertThat(form(
                        run + "/strip",
                        machine,
                        "revision=" + revision(run) + "&dial=" + dial + "&top=" + top + "&underside=" + below))
                .isEqualTo(run);
    }

    private String page(String run) throws Exception {
        return mvc.perform(get(run)).andReturn().getResponse().getContentAsString();
    }

    private static String dial(String page) {
        return page.replaceAll("(?s).*name=\"dial\"[^>]*value=\"([0-9.]+)\".*", "$1");
    }

    private Kept<BalanceRun> kept(String run) {
        return drawer.find(BalanceRun.class, run.replace("/balance/", "")).orElseThrow();
    }

    private int revision(String run) {
        return kept(run).revision();
    }

    private static byte[] png() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private String form(String path, String machine, String typed) throws Exception {
        return String.valueOf(sent(path, machine, typed).getResponse().getRedirectedUrl());
    }

    /** Returns the sentence that the next page shows. */
    private String refused(String path, String machine, String typed) throws Exception {
        return String.valueOf(sent(path, machine, typed).getFlashMap().get("refused"));
    }

    private MvcResult sent(String path, String machine, String typed) throws Exception {
        return mvc.perform(post(path)
                        .with(csrf())
                        .cookie(new Cookie("belonax-machine", machine))
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().is3xxRedirection())
                .andReturn();
    }
}
