package belonax.web.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.room.card.DrawerStore;
import belonax.room.machine.Manual;
import belonax.room.machine.ManualShelf;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;

/** A machine's manual is kept with it, shown where one mends before a technician, and taken back like any card. */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles({"test", "demo"})
@DirtiesContext
class ManualPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private ManualShelf manuals;

    @Autowired
    private DrawerStore drawer;

    @Test
    void a_link_and_named_pages_are_kept_shown_where_one_mends_and_taken_back() throws Exception {
        send("http://localhost/heron.pdf", "oiling 40");
        String last = send("https://manual.example/heron", "threading 12\nerror signs, page 62")
                .getRedirectedUrl();

        assertThat(manuals.of("heron").orElseThrow().pages())
                .extracting(Manual.NamedPage::words)
                .containsExactly("threading, page 12", "error signs, page 62");
        assertThat(drawer.all(Manual.class)).hasSize(1);
        String trouble = mvc.perform(
                        post("/mend").with(csrf()).param("symptom", "JAM").param("machine", "heron"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(page(String.valueOf(trouble)))
                .contains("Its manual knows this machine", "https://manual.example/heron", "threading, page 12");

        drawer.undo(UUID.fromString(String.valueOf(last).replaceAll(".*done=", "")));
        assertThat(manuals.of("heron").orElseThrow().pages().get(0).words()).isEqualTo("oiling, page 40");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            javascript:alert(1) | threading 12 | A link begins with http:// or https://
            \"\"                | threading    | “threading” has no page.
            """)
    void what_will_not_do_is_said_and_stays_typed(String link, String pages, String why) throws Exception {
        MockHttpServletResponse refused = send(link.equals("\"\"") ? "" : link, pages);

        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentAsString()).contains(why, pages);
    }

    private MockHttpServletResponse send(String link, String pages) throws Exception {
        return mvc.perform(post("/drawer/machine/heron/manual")
                        .with(csrf())
                        .param("link", link)
                        .param("pages", pages))
                .andReturn()
                .getResponse();
    }

    private String page(String path) throws Exception {
        return mvc.perform(get(path)).andReturn().getResponse().getContentAsString();
    }
}
