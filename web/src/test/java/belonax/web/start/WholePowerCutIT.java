package belonax.web.start;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.web.BelonaxApplication;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The whole application, pressed by a sewist and killed in the middle: what it confirmed is there, and is counted once. */
class WholePowerCutIT {
    private static final Pattern ADDRESS = Pattern.compile("http://localhost:\\d+");
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");
    private static final int PRESSES = 40;

    @TempDir
    private Path home;

    @Test
    void what_the_application_confirmed_outlives_a_power_cut() throws Exception {
        Process belonax = start();
        List<UUID> confirmed = new ArrayList<>();
        try {
            String address = ready(belonax);
            HttpClient sewist =
                    HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
            String token = token(sewist, address);
            for (int i = 0; i < PRESSES; i++) {
                confirmed.add(pressed(sewist, address, token));
            }
            // The cut comes in the middle of this one.
            CompletableFuture<?> cut = sewist.sendAsync(press(address, token), BodyHandlers.discarding());
            assertThat(cut).isNotNull();
        } finally {
            belonax.toHandle().destroyForcibly();
        }
        assertThat(belonax.waitFor(30, TimeUnit.SECONDS)).isTrue();

        try (Connection database = DriverManager.getConnection(
                "jdbc:h2:file:" + home.resolve("belonax") + ";WRITE_DELAY=0", "sewist", "")) {
            assertThat(actions(database)).containsAll(confirmed);
            // What is worked out beside the events agrees with them: neither is half-written.
            assertThat(number(database, "select effective_hours from needle where id = (" + FITTED + ")"))
                    .isCloseTo(
                            number(
                                    database,
                                    "select sum(cast(regexp_substr(body, '\"effectiveHours\":([^,}]*)', 1, 1, 'c', 1)"
                                            + " as double precision)) from event where kind = 'SEWN' and needle_id = ("
                                            + FITTED + ")"),
                            org.assertj.core.api.Assertions.within(1e-6));
        }
    }

    private static final String FITTED =
            "select needle_id from event where machine_id = 'heron' and kind = 'NEEDLE_IN' fetch first row only";

    private Process start() throws IOException {
        ProcessBuilder builder = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-Dspring.profiles.active=demo",
                        "-cp",
                        System.getProperty("java.class.path"),
                        BelonaxApplication.class.getName())
                .redirectError(ProcessBuilder.Redirect.DISCARD);
        builder.environment().put("BELONAX_HOME", home.toString());
        try (ServerSocket free = new ServerSocket(0)) {
            builder.environment().put("BELONAX_PORT", String.valueOf(free.getLocalPort()));
        }
        return builder.start();
    }

    private static String ready(Process belonax) throws IOException {
        BufferedReader out =
                new BufferedReader(new InputStreamReader(belonax.getInputStream(), StandardCharsets.UTF_8));
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            Matcher address = ADDRESS.matcher(line);
            if (address.find()) {
                return address.group();
            }
        }
        throw new AssertionError("Belonax did not start.");
    }

    private static String token(HttpClient sewist, String address) throws Exception {
        String page = sewist.send(
                        HttpRequest.newBuilder(URI.create(address + "/bench")).build(), BodyHandlers.ofString())
                .body();
        Matcher token = TOKEN.matcher(page);
        assertThat(token.find()).as(page).isTrue();
        return token.group(1);
    }

    private static UUID pressed(HttpClient sewist, String address, String token) throws Exception {
        HttpResponse<Void> answer = sewist.send(press(address, token), BodyHandlers.discarding());
        String to = answer.headers().firstValue("Location").orElse("");
        assertThat(to).contains("done=");
        return UUID.fromString(to.substring(to.indexOf("done=") + 5));
    }

    private static HttpRequest press(String address, String token) {
        return HttpRequest.newBuilder(URI.create(address + "/bench/sewn"))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString("_csrf=" + token + "&machine=heron&minutes=1&wear=ORDINARY"))
                .build();
    }

    private static List<UUID> actions(Connection database) throws SQLException {
        List<UUID> actions = new ArrayList<>();
        try (ResultSet rows = database.createStatement().executeQuery("select action_id from event")) {
            while (rows.next()) {
                actions.add(rows.getObject(1, UUID.class));
            }
        }
        return actions;
    }

    private static double number(Connection database, String query) throws SQLException {
        try (ResultSet rows = database.createStatement().executeQuery(query)) {
            rows.next();
            return rows.getDouble(1);
        }
    }
}
