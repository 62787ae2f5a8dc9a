package belonax.web.shared.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.room.needle.SewingRoom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** What a device of the home network gets to see before it is paired: the page to name the code on, and nothing else. */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles({"test", "demo"})
class UnpairedTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private SewingRoom room;

    @ParameterizedTest
    @ValueSource(
            strings = {"/", "/match", "/needles", "/drawer/files/archive.zip", "/settings", "/error", "/v3/api-docs"})
    void every_page_leads_to_pairing(String path) throws Exception {
        mvc.perform(get(path).with(fromTheNetwork()))
                .andExpect(status().isSeeOther())
                .andExpect(header().string("Location", "/pair"))
                .andExpect(content().string(""));
    }

    @Test
    void the_interface_tells_a_problem() throws Exception {
        mvc.perform(post("/api/v1/match")
                        .with(fromTheNetwork())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{}"))
                .andExpect(status().isUnauthorized())
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.title").value("Not paired"))
                .andExpect(jsonPath("$.detail")
                        .value("Open /pair on this device and name the code that Belonax printed."));
    }

    @Test
    void a_form_changes_nothing_whatever_it_brings() throws Exception {
        var before = room.machines();

        mvc.perform(post("/bench/sewn")
                        .with(fromTheNetwork())
                        .with(csrf())
                        .param("machine", "heron")
                        .param("minutes", "30"))
                .andExpect(status().isSeeOther());

        assertThat(room.machines()).isEqualTo(before);
    }

    @Test
    void the_page_to_name_the_code_on_is_shown() throws Exception {
        mvc.perform(get("/pair").with(fromTheNetwork())).andExpect(status().isOk());
    }

    private static RequestPostProcessor fromTheNetwork() {
        return request -> {
            request.setLocalAddr("192.0.2.7");
            request.setRemoteAddr("192.0.2.9");
            return request;
        };
    }
}
