package belonax.web.shared.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.room.event.ActionLog;
import belonax.web.InTheDemoRoom;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;

/** Forms and their keys, as a browser sends them: every press is committed by itself. */
@InTheDemoRoom
class IdempotencyInterceptorTest {
    private static final Pattern KEY = Pattern.compile("name=\"press-key\" value=\"([^\"]+)\"");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private ActionLog log;

    @Test
    void every_form_that_records_carries_a_key_of_its_own_and_one_that_asks_carries_none() throws Exception {
        String page = mvc.perform(get("/bench")).andReturn().getResponse().getContentAsString();
        Set<String> keys = new HashSet<>();
        int forms = 0;
        for (String form : page.split("<form")) {
            if (form.contains("method=\"post\"")) {
                forms++;
                Matcher key = KEY.matcher(form);
                assertThat(key.find())
                        .as(form.substring(0, Math.min(200, form.length())))
                        .isTrue();
                keys.add(key.group(1));
            }
        }
        assertThat(forms).isGreaterThan(4);
        assertThat(keys).hasSize(forms);
        mvc.perform(get("/drawer/clearance"))
                .andExpect(content().string(not(containsString("get\" name=\"press-key"))));
    }

    @Test
    void back_and_send_again_is_one_press_with_one_answer() throws Exception {
        String key = UUID.randomUUID().toString();
        long before = told("Sewn 7 min");

        MvcResult first = sewn(key, "7");
        MvcResult again = sewn(key, "7");

        assertThat(again.getResponse().getRedirectedUrl())
                .isEqualTo(first.getResponse().getRedirectedUrl())
                .contains("done=");
        assertThat(told("Sewn 7 min")).isEqualTo(before + 1);
    }

    /** The log shows so many of the newest, so that all of them are no count. */
    private long told(String words) {
        return log.last().stream()
                .filter(action -> action.words().contains(words))
                .count();
    }

    @Test
    void the_same_key_with_other_values_is_refused_and_what_was_done_stands() throws Exception {
        String key = UUID.randomUUID().toString();
        sewn(key, "8");
        UUID before = log.last().get(0).id();

        mvc.perform(post("/bench/sewn")
                        .with(csrf())
                        .param("press-key", key)
                        .param("machine", "heron")
                        .param("minutes", "80"))
                .andExpect(status().is3xxRedirection())
                .andExpect(flash().attribute("refused", containsString("what was recorded then stands")));
        assertThat(log.last().get(0).id()).isEqualTo(before);
        assertThat(told("Sewn 80 min")).isZero();
    }

    @Test
    void what_was_refused_is_sent_again_with_the_same_key_once_it_is_mended() throws Exception {
        String key = UUID.randomUUID().toString();
        long before = told("Sewn 9 min");

        sewn(key, "long");
        assertThat(told("Sewn 9 min")).isEqualTo(before);
        sewn(key, "9");

        assertThat(told("Sewn 9 min")).isEqualTo(before + 1);
    }

    private MvcResult sewn(String key, String minutes) throws Exception {
        return mvc.perform(post("/bench/sewn")
                        .with(csrf())
                        .param("press-key", key)
                        .param("machine", "heron")
                        .param("minutes", minutes))
                .andExpect(status().is3xxRedirection())
                .andReturn();
    }
}
