package belonax.web.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The whole application, pressed by a sewist and killed in the middle: what it confirmed is there, and is counted once. */
class WholePowerCutIT {
    private static final int PRESSES = 40;

    @TempDir
    private Path home;

    @Test
    void what_the_application_confirmed_outlives_a_power_cut() throws Exception {
        List<UUID> confirmed = new ArrayList<>();
        Process process;
        try (InItsOwnProcess belonax = InItsOwnProcess.over(home, "demo")) {
            process = belonax.process();
            String token = belonax.token();
            for (int i = 0; i < PRESSES; i++) {
                confirmed.add(pressed(belonax, token));
            }
            // The cut comes in the middle of this one.
            CompletableFuture<?> cut = belonax.browser().sendAsync(press(belonax, token), BodyHandlers.discarding());
            assertThat(cut).isNotNull();
        }
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();

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

    private static UUID pressed(InItsOwnProcess belonax, String token) throws Exception {
        HttpResponse<Void> answer = belonax.browser().send(press(belonax, token), BodyHandlers.discarding());
        String to = answer.headers().firstValue("Location").orElse("");
        assertThat(to).contains("done=");
        return UUID.fromString(to.substring(to.indexOf("done=") + 5));
    }

    private static HttpRequest press(InItsOwnProcess belonax, String token) {
        return belonax.request("/bench/sewn")
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
