package belonax.web.shared.pairing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.room.HandClock;
import jakarta.servlet.http.Cookie;
import java.time.Duration;
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
import org.springframework.mock.web.MockHttpServletRequest;
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
        HandClock clock() {
            return new HandClock();
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

    @Autowired
    private HandClock clock;

    @Test
    void a_code_holds_for_ten_minutes() {
        String code = pairing.newCode();
        clock.forward(Duration.ofMinutes(9));
        assertThat(pairing.code()).contains(code);

        clock.forward(Duration.ofMinutes(2));

        assertThat(pairing.code()).isEmpty();
        assertThatThrownBy(() -> pairing.pair(code, "late")).hasMessageContaining("No code holds");
    }

    @Test
    void a_device_that_was_not_seen_for_ninety_days_is_not_known_any_more() {
        String used = pairing.pair(pairing.newCode(), "used tablet");
        String unused = pairing.pair(pairing.newCode(), "tablet in a drawer");
        clock.forward(Duration.ofDays(60));
        assertThat(pairing.knows(used)).isTrue();
        assertThat(pairing.devices())
                .filteredOn(device -> device.name().equals("used tablet"))
                .extracting(Pairing.Device::seenAt)
                .containsExactly(clock.instant());

        clock.forward(Duration.ofDays(60));

        assertThat(pairing.knows(used)).isTrue();
        assertThat(pairing.knows(unused)).isFalse();
        assertThat(pairing.devices()).noneMatch(device -> device.name().equals("tablet in a drawer"));
    }

    @Test
    void only_a_device_that_the_owner_allows_may_do_what_concerns_the_whole_room() {
        String token = pairing.pair(pairing.newCode(), "studio tablet");
        UUID id = pairing.devices().stream()
                .filter(device -> device.name().equals("studio tablet"))
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(pairing.mayAll(token)).isFalse();
        pairing.allow(id, true);
        assertThat(pairing.mayAll(token)).isTrue();
        pairing.allow(id, false);
        assertThat(pairing.mayAll(token)).isFalse();
    }

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
        assertThat(pairing.devices()).noneMatch(device -> device.name().equals("late"));
    }

    @Test
    void a_device_that_was_sent_away_is_not_known_any_more() {
        String token = pairing.pair(pairing.newCode(), "old phone");
        assertThat(letsIn(fromTheNetwork("/match", token))).isTrue();

        pairing.sendAway(pairing.devices().get(0).id());

        assertThat(letsIn(fromTheNetwork("/match", token))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/", "/match", "/drawer", "/settings", "/drawer/files/archive.zip", "/actuator/health", "/v3/api-docs",
                "/pair/", "/pairs", "/fonts/../drawer", "/app/../drawer", "/app.css/../../drawer", "/fonts/a/b",
                        "/app%2e",
                "/icon.svg;/drawer", "//drawer"
            })
    void before_pairing_nothing_is_shown(String path) {
        assertThat(letsIn(fromTheNetwork(path, null))).isFalse();
    }

    @Test
    void before_pairing_the_code_can_be_named_and_nothing_else_sent() {
        assertThat(letsIn(fromTheNetwork("/api/v1/match", null))).isFalse();
        assertThat(letsIn(fromTheNetwork("/pair", null))).isTrue();
        assertThat(letsIn(fromTheNetwork("/fonts/bricolage-grotesque.woff2", null)))
                .isTrue();
        MockHttpServletRequest post = fromTheNetwork("/app.css", null);
        post.setMethod("POST");
        assertThat(letsIn(post)).isFalse();
    }

    @Test
    void at_the_computer_itself_nobody_is_asked() {
        MockHttpServletRequest request = fromTheNetwork("/match", null);
        request.setLocalAddr("127.0.0.1");

        assertThat(letsIn(request)).isTrue();
    }

    private boolean letsIn(MockHttpServletRequest request) {
        return new AccessPolicy(pairing).letsIn(request);
    }

    private static MockHttpServletRequest fromTheNetwork(String path, @org.jspecify.annotations.Nullable String token) {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setLocalAddr("192.0.2.7");
        if (token != null) {
            request.setCookies(new Cookie(AccessPolicy.COOKIE, token));
        }
        return request;
    }
}
