package belonax.web.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.room.balance.PullLog;
import belonax.room.event.Undo;
import belonax.web.InTheDemoRoom;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;

/** What a test of the bobbin's pull gave is kept for each case, asked for again, and taken back like anything else. */
@InTheDemoRoom
class PullPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private PullLog pulls;

    @Autowired
    private Undo undo;

    @Test
    void what_a_test_gave_is_written_down_shown_for_its_case_and_taken_back() throws Exception {
        int before = pulls.of("old-tin").size();
        MockHttpServletResponse kept =
                send("machine=old-tin&pull=LOOSE&slip=6&slot=7&turned=1&bobbinCase=blue&rhythm=EVERY_SITTING");
        String done = String.valueOf(kept.getRedirectedUrl()).replaceAll(".*done=([^&]*).*", "$1");

        assertThat(pulls.of("old-tin")).hasSize(before + 1);
        assertThat(pulls.of("old-tin").get(0).found().measured().slotAfter()).isZero();
        assertThat(page("old-tin"))
                .contains("Blue", "Too loose, slipped 6 cm; turned an eighth tighter", "up to the left", "straight up");
        assertThat(mvc.perform(get("/needles/log")).andReturn().getResponse().getContentAsString())
                .contains("The bobbin&#39;s pull (blue): too loose, slipped 6 cm");

        undo.undo(UUID.fromString(done));
        assertThat(pulls.of("old-tin")).hasSize(before);
    }

    @Test
    void another_thread_on_the_bobbin_asks_for_the_test_again() throws Exception {
        assertThat(page("badger&number=100&spool="))
                .contains("Another thread is on the bobbin now, polyester tex 100: test its pull again.");
        assertThat(page("badger&number=25&spool=")).doesNotContain("Another thread is on the bobbin now");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            slip=1                         | Say what you saw: right, too loose or too tight.
            pull=RIGHT&slip=99             | The case slips 0 to 60 cm.
            pull=RIGHT&grams=900           | A gauge reads 1 to 300 g
            pull=RIGHT&slip=far            | Type how far it slipped in centimetres
            pull=TIGHT&turned=-1           | Say where the slot stood before you turned it
            """)
    void what_will_not_do_is_said_and_nothing_typed_is_lost(String typed, String why) throws Exception {
        int before = pulls.of("badger").size();
        MockHttpServletResponse refused = send("machine=badger&bobbinCase=grey&" + typed);

        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentAsString()).contains(why, "value=\"grey\"");
        assertThat(pulls.of("badger")).hasSize(before);
    }

    private String page(String machine) throws Exception {
        return mvc.perform(get("/balance/pull?machine=" + machine))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private MockHttpServletResponse send(String typed) throws Exception {
        return mvc.perform(post("/balance/pull")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_FORM_URLENCODED)
                        .content(typed))
                .andReturn()
                .getResponse();
    }
}
