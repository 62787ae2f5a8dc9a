package belonax.web.match;

import static org.hamcrest.Matchers.greaterThanOrEqualTo;
import static org.hamcrest.Matchers.hasItem;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.web.WebSlice;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;

@WebMvcTest(CatalogueApi.class)
@Import(WebSlice.class)
class CatalogueApiTest {
    @Autowired
    private MockMvc mvc;

    @Test
    void the_tables_of_the_trade_are_told() throws Exception {
        mvc.perform(get("/api/v1/fabrics")).andExpect(jsonPath("$.length()", greaterThanOrEqualTo(60)));
        mvc.perform(get("/api/v1/needle-types"))
                .andExpect(jsonPath("$.length()").value(14));
        mvc.perform(get("/api/v1/needle-systems")).andExpect(jsonPath("$[*].system", hasItem("HAx1SP")));
        mvc.perform(get("/api/v1/needle-sizes"))
                .andExpect(jsonPath("$[0].trade").value(8));
    }

    @Test
    void one_cloth_is_told_by_its_id() throws Exception {
        mvc.perform(get("/api/v1/fabrics/swim-knit"))
                .andExpect(jsonPath("$.structure").value("KNIT"))
                .andExpect(jsonPath("$.stretchPercent").value(90.0))
                .andExpect(jsonPath("$.note").isNotEmpty());
    }

    @Test
    void an_unknown_cloth_is_a_problem_in_plain_words() throws Exception {
        mvc.perform(get("/api/v1/fabrics/moon-silk"))
                .andExpect(status().isNotFound())
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.detail").value("No cloth has that id. /api/v1/fabrics lists those there are."));
    }
}
