package belonax.web.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.room.archive.Copies;
import belonax.room.archive.Copy;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.event.Undo;
import belonax.web.InTheDemoRoom;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A copy is listed with what is in it, and two presses go back to it. */
@InTheDemoRoom
class CopiesPageTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Copies copies;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Undo undo;

    @Autowired
    private JdbcTemplate database;

    @Test
    void two_presses_go_back_and_one_more_takes_that_back() throws Exception {
        asked(post("/settings/copies"));
        Copy copy = copies.all().get(0);
        Kept<Swatch> cloth = drawer.all(Swatch.class).get(0);
        drawer.remove(cloth.id(), cloth.revision());

        assertThat(asked(get("/settings/copies"))).contains(copy.holds().words(), copy.size(), "the day&#39;s own");
        assertThat(asked(get("/settings/copies?back=" + copy.name())))
                .contains("What was done since leaves every page", "Leave it");
        String back = mvc.perform(
                        post("/settings/copies/back").param("copy", copy.name()).with(csrf()))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        assertThat(drawer.find(Swatch.class, cloth.id())).isPresent();
        String before = String.valueOf(back).replaceAll(".*before=", "");
        assertThat(asked(get(String.valueOf(back)))).contains("Everything is as it was in that copy", before);
        asked(post("/settings/copies/back").param("copy", before));
        assertThat(drawer.find(Swatch.class, cloth.id())).isEmpty();
    }

    @Test
    void a_copy_that_is_gone_is_told() throws Exception {
        Object told = mvc.perform(
                        post("/settings/copies/back").param("copy", "yesterday").with(csrf()))
                .andReturn()
                .getFlashMap()
                .get("refused");
        assertThat(String.valueOf(told)).contains("no such copy any more");
    }

    @Test
    void a_card_that_cannot_be_read_keeps_no_page_shut_and_is_put_aside() throws Exception {
        Spool like = drawer.all(Spool.class).get(0).card();
        UUID spool = drawer.add(like).card();
        int before = drawer.all(Spool.class).size();
        database.update("update drawer_card set body = ? where id = ?", "{\"colour\":7,", spool);
        drawer.add(like);

        for (String page : List.of("/drawer", "/bench", "/match", "/settings", "/drawer/buy")) {
            assertThat(asked(get(page))).as(page).contains("</html>");
        }
        assertThat(asked(get("/drawer"))).contains("Belonax cannot read <span>a spool</span>");
        assertThat(drawer.all(Spool.class)).hasSize(before);

        asked(post("/drawer/aside").param("card", spool.toString()));

        assertThat(asked(get("/drawer"))).doesNotContain("Belonax cannot read");
    }

    @Test
    void an_event_that_cannot_be_read_keeps_no_page_shut_and_is_taken_back() throws Exception {
        UUID action = database.queryForObject(
                "select action_id from event where kind = 'SEWN' and machine_id = 'heron' order by seq desc limit 1",
                UUID.class);
        database.update("update event set body = ? where action_id = ? and kind = 'SEWN'", "{\"minutes\":", action);

        for (String page :
                List.of("/bench", "/needles", "/needles/log", "/match", "/mend/care", "/settings", "/plan")) {
            assertThat(asked(get(page))).as(page).doesNotContain("Belonax made a mistake");
        }
        assertThat(asked(get("/needles/log"))).contains("omething that Belonax cannot read (sewn)");
        copies.make(Copy.Why.BEFORE_TABLE);

        undo.undo(action);

        assertThat(undo.canUndo(action)).isFalse();
        assertThat(asked(get("/bench"))).contains("Heron");
    }

    private String asked(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request.with(csrf())).andReturn().getResponse().getContentAsString();
    }
}
