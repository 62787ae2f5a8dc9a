package belonax.web.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.room.card.DrawerStore;
import belonax.room.machine.Manual;
import belonax.room.machine.ManualFiles;
import belonax.room.machine.ManualShelf;
import belonax.web.InTheDemoRoom;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;

/** A machine's manual is kept with it, shown where one mends before a technician, and taken back like any card. */
@InTheDemoRoom
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

    @Test
    void a_pdf_is_kept_opened_at_its_pages_and_taken_back() throws Exception {
        byte[] manual = "%PDF-1.7 how Badger is threaded %%EOF".getBytes(StandardCharsets.ISO_8859_1);
        assertThat(sendPdf("no manual".getBytes(StandardCharsets.ISO_8859_1)).getContentAsString())
                .contains("That file is no PDF.");
        assertThat(sendPdf(Arrays.copyOf(manual, 20)).getContentAsString()).contains("That PDF was cut short");
        assertThat(sendPdf(new byte[ManualFiles.MAX_BYTES + 1]).getContentAsString())
                .contains("larger than 20 MB");

        String last = String.valueOf(sendPdf(manual).getRedirectedUrl());

        assertThat(mvc.perform(get("/drawer/machine/badger/manual.pdf"))
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray())
                .isEqualTo(manual);
        String trouble = mvc.perform(
                        post("/mend").with(csrf()).param("symptom", "JAM").param("machine", "badger"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(page(String.valueOf(trouble))).contains("/drawer/machine/badger/manual.pdf#page=12");

        drawer.undo(UUID.fromString(last.replaceAll(".*done=", "")));
        assertThat(mvc.perform(get("/drawer/machine/badger/manual.pdf"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }

    private MockHttpServletResponse sendPdf(byte[] pdf) throws Exception {
        return mvc.perform(multipart("/drawer/machine/badger/manual")
                        .file(new MockMultipartFile("file", "manual.pdf", "application/pdf", pdf))
                        .with(csrf())
                        .param("link", "")
                        .param("pages", "threading 12"))
                .andReturn()
                .getResponse();
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
