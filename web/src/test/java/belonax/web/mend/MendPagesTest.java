package belonax.web.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.web.shared.drawer.CaseBook;
import belonax.web.shared.drawer.DrawerStore;
import belonax.web.shared.drawer.MendCase;
import belonax.web.shared.drawer.MendCase.State;
import belonax.web.shared.room.CareLog;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

/** Mend as forms and pages. */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles({"test", "demo"})
@Transactional
class MendPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private CaseBook cases;

    @Autowired
    private CareLog care;

    @Test
    void the_pages_know_what_is_in_the_machine_and_ask_one_thing_at_a_time() throws Exception {
        mvc.perform(get("/mend")).andExpect(content().string(containsString("a sound of metal")));
        String trouble = begin("symptom=SKIPPED_STITCHES&cloth=swim-knit&layers=2");

        // A universal needle is in the machine, and the hazards that Match shows for it are read backwards.
        mvc.perform(get(trouble))
                .andExpect(content().string(containsString("Does the needle&#39;s point suit this cloth?")))
                .andExpect(content().string(containsString("First a glance, as found")))
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
        assertThat(cases.cures("heron")).containsEntry("FOREIGN_OBJECT", 1).containsEntry("CLEAN_HOOK_AREA", 1);
        mvc.perform(get("/mend/history"))
                .andExpect(content().string(containsString("1 of 2")))
                .andExpect(content().string(containsString("cured: Is anything inside? Count the pieces")));
        form(trouble + "/back", "revision=" + revision(trouble));
        assertThat(kept(trouble).state()).isEqualTo(State.OPEN);
    }

    @Test
    void what_cannot_be_done_now_is_passed_over_and_two_tabs_are_told() throws Exception {
        String trouble = begin("symptom=UNTHREADS_AT_START&when=AT_START&cloth=poplin&layers=2");
        int seen = revision(trouble);
        answer(trouble, "TAKE_UP_AT_TOP", "CANNOT");

        mvc.perform(get(trouble)).andExpect(content().string(containsString("Long tails, and hold the upper one")));
        assertThat(form(trouble + "/result", "check=THREAD_TAILS&result=NOT_IT&revision=" + seen))
                .endsWith("notice=changed");
        assertThat(form(trouble + "/result", "check=KICK_IT&result=NOT_IT&revision=" + revision(trouble)))
                .endsWith("notice=refused");
        form(trouble + "/aside", "revision=" + revision(trouble));
        mvc.perform(get("/mend")).andExpect(status().isOk());
    }

    @Test
    void the_technician_gets_a_note_of_what_was_seen_tried_and_found() throws Exception {
        String trouble = begin("symptom=SKIPPED_STITCHES&symptom=BOBBIN_NOT_PICKED_UP&cloth=poplin&layers=2");
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
            symptom=JAM&cloth=thimble&layers=2         | No cloth is called that
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

    private String begin(String typed) throws Exception {
        return form("/mend", typed);
    }

    private void answer(String trouble, String check, String result) throws Exception {
        assertThat(form(trouble + "/result", "check=" + check + "&result=" + result + "&revision=" + revision(trouble)))
                .isEqualTo(trouble);
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
        return String.valueOf(mvc.perform(post(path)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
    }
}
