package belonax.web.shared.pairing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.jdbc.AutoConfigureTestDatabase;
import org.springframework.boot.test.autoconfigure.orm.jpa.DataJpaTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ActiveProfiles;

/** Who is let in from the home network. */
@DataJpaTest
@ActiveProfiles("test")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@Import({Pairing.class, PairingTest.Fixed.class})
class PairingTest {
    @TestConfiguration
    static class Fixed {
        @Bean
        Clock clock() {
            return Clock.fixed(Instant.parse("2026-11-25T09:30:00Z"), ZoneOffset.UTC);
        }

        @Bean
        RandomGenerator random() {
            return new Random(5);
        }

        @Bean
        Supplier<UUID> ids() {
            SplittableRandom random = new SplittableRandom(3);
            return () -> new UUID(random.nextLong(), random.nextLong());
        }
    }

    @Autowired
    private Pairing pairing;

    @Test
    void a_code_lets_one_device_in_and_is_used_up() {
        String code = pairing.newCode();

        String token = pairing.pair(" " + code.toLowerCase(java.util.Locale.ROOT) + " ", "sewing tablet");

        assertThat(pairing.knows(token)).isTrue();
        assertThat(pairing.knows(token + "x")).isFalse();
        assertThat(pairing.devices()).extracting(Pairing.Device::name).contains("sewing tablet");
        assertThat(pairing.code()).isEmpty();
        assertThatThrownBy(() -> pairing.pair(code, "another")).hasMessageContaining("No code holds");
    }

    @Test
    void after_five_wrong_guesses_the_code_is_dead() {
        String code = pairing.newCode();
        for (int i = 0; i < 5; i++) {
            assertThatThrownBy(() -> pairing.pair("AAAAAAAA", "thief"))
                    .isInstanceOf(BadInput.class)
                    .hasMessageContaining("That is not the code.");
        }

        assertThatThrownBy(() -> pairing.pair(code, "late")).hasMessageContaining("Make a new one");
        assertThat(pairing.devices()).noneMatch(it -> it.name().equals("late"));
    }

    @Test
    void a_device_that_was_sent_away_is_not_known_any_more() throws Exception {
        String token = pairing.pair(pairing.newCode(), "old phone");
        assertThat(status(fromTheNetwork("/match", token))).isEqualTo(200);

        pairing.sendAway(pairing.devices().get(0).id());

        assertThat(status(fromTheNetwork("/match", token))).isEqualTo(303);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/", "/match", "/drawer", "/settings", "/drawer/files/archive.json", "/actuator/health", "/v3/api-docs",
                "/pair/", "/pairs", "/fonts/../drawer", "/app/../drawer", "/app.css/../../drawer", "/fonts/a/b",
                        "/app%2e",
                "/icon.svg;/drawer", "//drawer"
            })
    void before_pairing_nothing_is_shown(String path) throws Exception {
        assertThat(status(fromTheNetwork(path, null))).isEqualTo(303);
    }

    @Test
    void before_pairing_the_interface_answers_with_a_problem_and_the_code_can_be_named() throws Exception {
        assertThat(status(fromTheNetwork("/api/v1/match", null))).isEqualTo(401);
        assertThat(status(fromTheNetwork("/pair", null))).isEqualTo(200);
        assertThat(status(fromTheNetwork("/fonts/bricolage-grotesque.woff2", null)))
                .isEqualTo(200);
        MockHttpServletRequest post = fromTheNetwork("/app.css", null);
        post.setMethod("POST");
        assertThat(status(post)).isEqualTo(303);
    }

    @Test
    void at_the_computer_itself_nobody_is_asked() throws Exception {
        MockHttpServletRequest request = fromTheNetwork("/match", null);
        request.setLocalAddr("127.0.0.1");

        assertThat(status(request)).isEqualTo(200);
    }

    private int status(MockHttpServletRequest request) throws ServletException, IOException {
        MockHttpServletResponse response = new MockHttpServletResponse();
        new PairedDevicesOnly(pairing).doFilter(request, response, new MockFilterChain());
        return response.getStatus();
    }

    private static MockHttpServletRequest fromTheNetwork(String path, @org.jspecify.annotations.Nullable String token) {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setLocalAddr("192.0.2.7");
        if (token != null) {
            request.setCookies(new Cookie(PairedDevicesOnly.COOKIE, token));
        }
        return request;
    }
}
