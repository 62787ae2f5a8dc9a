package belonax.web;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.room.needle.SewingRoom;
import belonax.web.shared.security.SecurityRules;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.core.env.Environment;

/** What a stranger on the same computer, or a page elsewhere, cannot do. */
@InTheDemoRoom
class SecurityTest {
    private final HttpClient client = HttpClient.newHttpClient();

    @LocalServerPort
    private int port;

    @Autowired
    private SewingRoom room;

    @Autowired
    private Environment environment;

    @Test
    void listens_on_the_loopback_address_only() {
        assertThat(environment.getProperty("server.address")).isEqualTo("127.0.0.1");
    }

    @Test
    void a_host_that_is_not_this_computer_is_refused() throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.getOutputStream()
                    .write("GET /match HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);

            assertThat(answer).startsWith("HTTP/1.1 421").contains("Open it as http://localhost");
        }
    }

    @Test
    void pages_may_run_nothing_but_our_own() throws Exception {
        HttpResponse<String> page = get("/match");

        assertThat(page.headers().firstValue("Content-Security-Policy"))
                .hasValue(SecurityRules.CONTENT_SECURITY_POLICY);
        assertThat(SecurityRules.CONTENT_SECURITY_POLICY)
                .doesNotContain("unsafe")
                .doesNotContain("http");
        assertThat(page.body()).doesNotContain("style=\"").doesNotContainPattern("<script(?![^>]*src=)");
        assertThat(page.headers().allValues("Set-Cookie"))
                .allMatch(text -> text.contains("HttpOnly") && text.contains("SameSite=Strict"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"/needles/fit", "/needles/undo", "/table"})
    void a_form_from_elsewhere_changes_nothing(String path) throws Exception {
        var before = room.machines();

        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(uri(path))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(BodyPublishers.ofString(
                                "machine=heron&place=0&system=130/705+H&type=JEANS&nm=90&back=/match"))
                        .build(),
                BodyHandlers.ofString());

        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(room.machines()).isEqualTo(before);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/actuator", "/actuator/env", "/actuator/heapdump", "/h2-console", "/no-such-page"})
    void what_is_not_offered_is_not_there(String path) throws Exception {
        HttpResponse<String> answer = get(path);

        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.body()).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @ParameterizedTest
    @CsvSource({
        "Origin, http://elsewhere.example",
        "Origin, null",
        "Sec-Fetch-Site, cross-site",
        "Sec-Fetch-Site, same-site"
    })
    void what_comes_from_another_page_writes_nothing_even_with_a_token(String header, String value) throws Exception {
        HttpResponse<String> page = get("/settings");
        String cookie = page.headers().firstValue("Set-Cookie").orElseThrow().replaceAll(";.*", "");
        String token = page.body().replaceAll("(?s).*name=\"_csrf\" value=\"([^\"]*)\".*", "$1");
        HttpRequest.Builder form = HttpRequest.newBuilder(uri("/settings/copies"))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("Cookie", cookie)
                .POST(BodyPublishers.ofString("_csrf=" + token));

        assertThat(client.send(form.copy().header(header, value).build(), BodyHandlers.ofString())
                        .statusCode())
                .isEqualTo(403);
        assertThat(client.send(
                                form.copy()
                                        .header("Origin", "http://localhost:" + port)
                                        .build(),
                                BodyHandlers.ofString())
                        .statusCode())
                .isEqualTo(302);
        HttpResponse<String> withAnothersToken = client.send(
                HttpRequest.newBuilder(uri("/settings/copies"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("Cookie", "belonax-browser=another")
                        .POST(BodyPublishers.ofString("_csrf=" + token))
                        .build(),
                BodyHandlers.ofString());
        assertThat(withAnothersToken.statusCode()).isEqualTo(403);
    }

    @Test
    void what_is_larger_than_its_page_takes_is_refused_by_a_page_of_ours_before_it_is_read() throws Exception {
        HttpResponse<String> refused = client.send(
                HttpRequest.newBuilder(uri("/drawer/packet"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("Origin", "http://localhost:" + port)
                        .POST(BodyPublishers.ofString("note=" + "x".repeat(5 << 20)))
                        .build(),
                BodyHandlers.ofString());

        assertThat(refused.statusCode()).isEqualTo(413);
        assertThat(refused.body()).contains("That is more than Belonax takes at once.", "Nothing was changed");
        assertThat(get("/too-large").statusCode()).isEqualTo(404);
    }

    @Test
    void a_form_of_a_page_that_was_open_too_long_is_offered_again_with_all_that_was_typed() throws Exception {
        HttpResponse<String> offered = client.send(
                HttpRequest.newBuilder(uri("/plan"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("Origin", "http://localhost:" + port)
                        .POST(BodyPublishers.ofString("called=a+%3Cquilt%3E&_csrf=old"))
                        .build(),
                BodyHandlers.ofString());

        assertThat(offered.statusCode()).isEqualTo(403);
        assertThat(offered.body())
                .contains("action=\"/plan\"", "name=\"called\" value=\"a &lt;quilt&gt;\"", "Send it again");
    }

    @Test
    void a_large_body_for_the_pairing_page_is_refused_before_it_is_read() throws Exception {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.getOutputStream()
                    .write(("POST /pair HTTP/1.1\r\nHost: localhost:" + port
                                    + "\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 9000000\r\n\r\ncode=A")
                            .getBytes(StandardCharsets.US_ASCII));
            byte[] answer = new byte[40];
            assertThat(socket.getInputStream().read(answer)).isPositive();

            assertThat(new String(answer, StandardCharsets.US_ASCII)).startsWith("HTTP/1.1 413");
        }
    }

    @Test
    void the_log_quotes_nothing_that_was_typed() throws Exception {
        for (String text : List.of(
                "/match?layers=secret-word&cloth=secret-word",
                "/needles/secret-word",
                "/plan/secret-word",
                "/balance/secret-word?machine=secret-word",
                "/drawer/swatch/secret-word",
                "/settings?units=secret-word")) {
            get(text);
        }
        Path log = Path.of(String.valueOf(environment.getProperty("logging.file.name")));

        assertThat(Files.exists(log) ? Files.readString(log) : "").doesNotContain("secret-word");
    }

    @Test
    void health_is_told_without_details() throws Exception {
        assertThat(get("/actuator/health").body()).isEqualTo("{\"status\":\"UP\"}");
    }

    @Test
    void a_body_over_a_mebibyte_is_refused_even_when_it_comes_in_pieces() throws Exception {
        byte[] large = "{\"a\":\"%s\"}".formatted("x".repeat(1 << 20)).getBytes(StandardCharsets.UTF_8);

        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(uri("/api/v1/match"))
                        .header("Content-Type", "application/json")
                        .POST(BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(large)))
                        .build(),
                BodyHandlers.ofString());

        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("larger than 1 MiB");
    }

    @Test
    void the_interface_describes_itself() throws Exception {
        String description = get("/v3/api-docs").body();

        assertThat(description).contains("/api/v1/match/check", "/api/v1/fabrics/{id}", "machineSystems");
    }

    private HttpResponse<String> get(String path) throws Exception {
        return client.send(
                HttpRequest.newBuilder(uri(path))
                        .header("Accept", "text/html,*/*")
                        .build(),
                BodyHandlers.ofString());
    }

    private URI uri(String path) {
        return URI.create("http://localhost:" + port + path);
    }
}
