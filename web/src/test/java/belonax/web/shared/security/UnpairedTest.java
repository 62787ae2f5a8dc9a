package belonax.web.shared.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.room.needle.SewingRoom;
import belonax.web.InTheDemoRoom;
import belonax.web.shared.pairing.AccessPolicy;
import belonax.web.shared.pairing.Pairing;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.Cookie;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** What a device of the home network gets to see before it is paired: the page to name the code on, and nothing else. */
@InTheDemoRoom
class UnpairedTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private SewingRoom room;

    @Autowired
    private Pairing pairing;

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

    @Test
    void an_error_page_tells_a_stranger_nothing_of_the_room() throws Exception {
        String page = mvc.perform(get("/error")
                        .accept(MediaType.TEXT_HTML)
                        .requestAttr(RequestDispatcher.ERROR_STATUS_CODE, 404)
                        .with(request -> {
                            request.setDispatcherType(DispatcherType.ERROR);
                            return fromTheNetwork().postProcessRequest(request);
                        }))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat(page).doesNotContain("Heron", "Badger", "Sparrow", "dial", "In the machine");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/drawer/files/empty?word=empty",
                "/drawer/files/archive",
                "/settings/copies",
                "/settings/copies/back?copy=x",
                "/settings/devices/away?device=6f9619ff-8b86-d011-b42d-00c04fc964ff",
                "/settings/devices/code",
                "/drawer/files/SPOOLS"
            })
    void a_paired_tablet_sews_and_leaves_the_whole_room_to_the_computer_unless_it_is_allowed(String path)
            throws Exception {
        String token = pairing.pair(pairing.newCode(), "tablet");
        UUID device = pairing.devices().get(pairing.devices().size() - 1).id();
        var machines = room.machines();

        mvc.perform(post(path).with(fromTheNetwork()).with(csrf()).cookie(new Cookie(AccessPolicy.COOKIE, token)))
                .andExpect(flash().attribute("refused", containsString("it is done at the computer itself")));
        assertThat(room.machines()).isEqualTo(machines);
        mvc.perform(post("/table?machine=heron")
                        .with(fromTheNetwork())
                        .with(csrf())
                        .cookie(new Cookie(AccessPolicy.COOKIE, token)))
                .andExpect(flash().attributeCount(0));
        pairing.sendAway(device);
    }

    private static RequestPostProcessor fromTheNetwork() {
        return request -> {
            request.setLocalAddr("192.0.2.7");
            request.setRemoteAddr("192.0.2.9");
            return request;
        };
    }
}
