package belonax.web.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.practice.Drill;
import belonax.practice.DrillId;
import belonax.practice.DrillKind;
import belonax.practice.Drills;
import belonax.room.balance.BalanceRun;
import belonax.room.card.DrawerStore;
import belonax.room.practice.PracticeBook;
import belonax.web.InTheDemoRoom;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.Cookie;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** One drill, four answers, the reason at once; by the page and over JSON. */
@InTheDemoRoom
class PracticePagesTest {
    private static final Cookie WREN = new Cookie("belonax-reader", "Wren");
    private static final Drill STRIP = Drills.make(DrillId.of(DrillKind.STRIP, 1, 4711));

    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private PracticeBook practice;

    private final ObjectMapper json = new ObjectMapper();

    @ParameterizedTest
    @EnumSource
    void each_kind_is_asked_with_four_answers_and_its_drawing_in_words(DrillKind kind) throws Exception {
        Document page = shown("/practice?kind=" + kind);

        assertThat(page.select(".practice-choices button")).hasSize(4);
        assertThat(page.select(".practice-text").isEmpty()).isEqualTo(kind.needsEyes());
        if (kind.needsEyes()) {
            assertThat(page.select(".practice-mat svg[role=img]").attr("aria-label"))
                    .isNotBlank();
        }
    }

    @Test
    void an_answer_is_told_at_once_with_its_reason_and_the_strip_cut_through_and_is_taken_back() throws Exception {
        Document told =
                shown(Objects.requireNonNull(answered(STRIP, STRIP.right()).getRedirectedUrl()));

        assertThat(told.select("h1").text()).isEqualTo("Right: " + STRIP.answer());
        assertThat(told.select(".practice-why").text()).isEqualTo(STRIP.why());
        assertThat(told.select(".practice-cut path")).hasSizeGreaterThanOrEqualTo(2);
        assertThat(told.text()).contains("1 read, 1 of them right");
        String change = told.select("input[name=change]").val();

        mvc.perform(post("/practice/undo").cookie(WREN).with(csrf()).param("change", change));

        assertThat(practice.find("Wren", STRIP.id().toString())).isEmpty();
    }

    @Test
    void a_wrong_answer_is_told_without_scolding_and_sent_twice_the_first_one_stands() throws Exception {
        int wrong = (STRIP.right() + 1) % Drill.CHOICES;
        answered(STRIP, wrong);
        Document told =
                shown(Objects.requireNonNull(answered(STRIP, STRIP.right()).getRedirectedUrl()));

        assertThat(told.select("h1").text()).isEqualTo("It is: " + STRIP.answer());
        assertThat(told.text()).contains("You said: " + STRIP.choices().get(wrong) + ".");
        assertThat(practice.sitting("Wren").answers()).isEqualTo(1);
    }

    @Test
    void a_name_that_the_browser_remembers_tells_who_reads_and_balance_asks_for_her_table() throws Exception {
        MockHttpServletResponse named = mvc.perform(
                        post("/practice/reader").with(csrf()).param("name", " Jo Wren "))
                .andReturn()
                .getResponse();
        Cookie reader = Objects.requireNonNull(named.getCookie("belonax-reader"));

        mvc.perform(post("/balance").cookie(reader).with(csrf()).param("cloth", "poplin"));

        assertThat(drawer.all(BalanceRun.class))
                .extracting(kept -> kept.card().readBy())
                .contains("Jo Wren");
        mvc.perform(post("/practice/reader").with(csrf()).param("name", "x".repeat(41)))
                .andExpect(flash().attributeExists("refused"));
    }

    @Test
    void over_json_a_drill_is_asked_without_its_answer_and_answered_once() throws Exception {
        String drill = mvc.perform(get("/api/v1/practice/drill?kind=STRIP&reader=Wren"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.kind").value("STRIP"))
                .andExpect(jsonPath("$.choices.length()").value(4))
                .andExpect(jsonPath("$.strip.stitches.length()").value(22))
                .andExpect(jsonPath("$.strip.stitches[0].hairAbove").isBoolean())
                .andExpect(jsonPath("$.text").isEmpty())
                .andExpect(jsonPath("$.why").doesNotExist())
                .andExpect(jsonPath("$.right").doesNotExist())
                .andReturn()
                .getResponse()
                .getContentAsString();
        JsonNode asked = json.readTree(drill);
        Drill same = Drills.make(DrillId.read(asked.get("id").asText()));

        for (int choice : new int[] {same.right(), (same.right() + 1) % 4}) {
            mvc.perform(sent(Map.of(
                            "id",
                            asked.get("id").asText(),
                            "choice",
                            asked.get("choices").get(choice).asText())))
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.right").value(true))
                    .andExpect(jsonPath("$.answer").value(same.answer()))
                    .andExpect(jsonPath("$.why").value(same.why()))
                    .andExpect(jsonPath("$.due").isString());
        }
    }

    @ParameterizedTest
    @CsvSource({"4b8f6a0e-1a2b-4c3d-8e9f-001122334455, id", "strip-0-000000000001-00000000, id", "KNOWN, choice"})
    void what_was_never_asked_or_offered_is_refused(String id, String field) throws Exception {
        mvc.perform(sent(Map.of("id", id.equals("KNOWN") ? STRIP.id().toString() : id, "choice", "sideways")))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.errors[0].field").value(field));
        mvc.perform(post("/api/v1/practice/answer")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{}"))
                .andExpect(status().isForbidden());
    }

    private MockHttpServletRequestBuilder sent(Map<String, String> body) throws Exception {
        return post("/api/v1/practice/answer")
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json.writeValueAsString(body));
    }

    private MockHttpServletResponse answered(Drill drill, int choice) throws Exception {
        return mvc.perform(post("/practice")
                        .cookie(WREN)
                        .with(csrf())
                        .param("drill", drill.id().toString())
                        .param("choice", Integer.toString(choice))
                        .param("press-key", UUID.randomUUID().toString()))
                .andReturn()
                .getResponse();
    }

    private Document shown(String path) throws Exception {
        return Jsoup.parse(mvc.perform(get(path).cookie(WREN).accept("text/html"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString());
    }
}
