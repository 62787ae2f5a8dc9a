package belonax.web.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.room.balance.Sampler;
import belonax.room.balance.ScrapLog;
import belonax.room.card.BadCards;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.ClothShelf;
import belonax.room.event.Undo;
import belonax.room.needle.NeedleBook;
import belonax.room.needle.SewingRoom;
import belonax.room.needle.WorkLog;
import belonax.room.supply.NeedleSupply;
import belonax.room.trouble.CaseBook;
import belonax.web.WebSlice;
import belonax.web.shared.Layout;
import belonax.web.shared.sentence.Sentences;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.util.UriUtils;

/** The page in a sewing room that has no machine yet. */
@WebMvcTest(MatchPage.class)
@Import({WebSlice.class, Layout.class, BadCards.class, CaseBook.class, ClothShelf.class, Sampler.class, Sentences.class
})
class MatchPageTest {
    @Autowired
    private MockMvc mvc;

    @MockitoBean
    @SuppressWarnings("UnusedVariable") // Nothing is taken back.
    private Undo undo;

    @MockitoBean
    private SewingRoom room;

    @MockitoBean
    @SuppressWarnings("UnusedVariable") // An empty drawer.
    private DrawerStore drawer;

    @MockitoBean
    @SuppressWarnings("UnusedVariable") // Nothing broke.
    private NeedleBook book;

    @MockitoBean
    @SuppressWarnings("UnusedVariable") // No timer runs.
    private WorkLog work;

    @MockitoBean
    @SuppressWarnings("UnusedVariable") // No scrap was sewn.
    private ScrapLog scraps;

    @MockitoBean
    @SuppressWarnings("UnusedVariable") // No needle is at hand.
    private NeedleSupply supply;

    @BeforeEach
    void anEmptyRoom() {
        when(room.machines()).thenReturn(List.of());
        when(room.find(any())).thenReturn(Optional.empty());
    }

    @Test
    void five_reasons_stand_open_and_the_rest_one_press_away() throws Exception {
        String page = mvc.perform(get("/match?cloth=denim-heavy&layers=4&number=40&numbering=TEX"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String open = page.substring(page.indexOf("<ul class=\"reasons\">"));

        assertThat(open.substring(0, open.indexOf("</ul>")).split("<li ")).hasSize(1 + 5);
        assertThat(page).containsPattern("<details class=\"more\">\\s*<summary>\\d+ more reasons?</summary>");
    }

    @Test
    void answers_for_any_home_machine_and_offers_nothing_to_fit() throws Exception {
        mvc.perform(get("/match").param("cloth", "linen-loose").param("purpose", "OPENWORK"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("wing needle, 100/16")))
                .andExpect(content().string(containsString("a home machine")))
                .andExpect(content().string(not(containsString("Fit it now"))));
    }

    @Test
    void where_every_needle_is_one_to_avoid_it_says_what_to_do_instead_of_fitting_one() throws Exception {
        mvc.perform(get("/match")
                        .param("cloth", "jersey-bamboo")
                        .param("purpose", "HEM")
                        .param("twin", "2"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Better not. Nearest is a")))
                .andExpect(content().string(containsString("Instead:")))
                .andExpect(content().string(containsString("the stretch twin 2.5 mm, 75/11 is good then.")))
                .andExpect(content().string(not(containsString("Fit it now"))));
    }

    @Test
    void typed_words_are_shown_as_words() throws Exception {
        mvc.perform(get("/match").param("find", "<script>alert(1)</script>"))
                .andExpect(content().string(not(containsString("<script>alert"))));
    }

    @ParameterizedTest(name = "{0}={1}")
    @CsvSource({
        "cloth, moonsilk", "layers, 0", "layers, 2.5", "layers, ''", "crossing, 1", "number, 0", "number, thin",
        "number, 1e400", "numbering, FEET", "fibre, TIN", "purpose, DANCE", "width, -2", "twin, 5", "school, MINE"
    })
    void a_part_that_will_not_do_is_refused_with_a_sentence_and_kept(String part, String typed) throws Exception {
        mvc.perform(get("/match").param(part, typed))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString("That will not do yet.")))
                .andExpect(content()
                        .string(containsString(part + "=" + UriUtils.encode(typed, StandardCharsets.UTF_8) + "&amp;")));
    }
}
