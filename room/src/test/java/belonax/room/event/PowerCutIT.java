package belonax.room.event;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Properties;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.config.YamlPropertiesFactoryBean;
import org.springframework.core.io.ClassPathResource;

/** A power cut in the middle of writing loses nothing that was confirmed: a writer on the application's own store is killed. */
class PowerCutIT {
    private static final int CUTS = Integer.getInteger("belonax.cuts", 8);

    @TempDir
    private Path home;

    /** Two rooms at a time, because a writer mostly waits for its own start. */
    @Test
    void power_cuts_lose_nothing_that_was_confirmed() throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(2);
        try {
            for (Future<Integer> room : hands.invokeAll(
                    List.<Callable<Integer>>of(() -> cutAgainAndAgain(98), () -> cutAgainAndAgain(99)))) {
                assertThat(room.get()).as("confirmed changes").isGreaterThan(CUTS / 2 * 3);
            }
        } finally {
            hands.shutdownNow();
        }
    }

    private int cutAgainAndAgain(int seed) throws Exception {
        String url = url(home.resolve("room-" + seed));
        Flyway.configure().dataSource(url, "sewist", "").load().migrate();
        Random random = new Random(seed);
        List<UUID> confirmed = new ArrayList<>();

        for (int cut = 0; cut < CUTS / 2; cut++) {
            confirmed.addAll(writeUntilKilled(url, 3 + random.nextInt(60)));
        }

        System.out.println(CUTS / 2 + " power cuts, " + confirmed.size() + " changes confirmed");
        assertThat(stored(url)).containsAll(confirmed);
        return confirmed.size();
    }

    /** The address of the database as the application itself has it. */
    private static String url(Path home) {
        YamlPropertiesFactoryBean yaml = new YamlPropertiesFactoryBean();
        yaml.setResources(new ClassPathResource("room.yaml"));
        Properties properties = java.util.Objects.requireNonNull(yaml.getObject());
        return properties.getProperty("spring.datasource.url").replace("${belonax.home}", home.toString());
    }

    private static List<UUID> writeUntilKilled(String url, int lines) throws IOException, InterruptedException {
        Process writer = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-Xshare:auto",
                        "-cp",
                        System.getProperty("java.class.path"),
                        PowerCutWriter.class.getName(),
                        url)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        List<UUID> confirmed = new ArrayList<>();
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(writer.getInputStream(), StandardCharsets.US_ASCII))) {
            String line = out.readLine();
            while (line != null) {
                if (line.length() == 36) {
                    confirmed.add(UUID.fromString(line));
                }
                if (confirmed.size() == lines) {
                    writer.toHandle().destroyForcibly(); // The process itself would close its output at once, too.
                }
                line = out.readLine();
            }
        }
        assertThat(writer.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(writer.exitValue()).as("killed, not ended").isEqualTo(137);
        return confirmed;
    }

    private static Set<UUID> stored(String url) throws SQLException {
        Set<UUID> stored = new HashSet<>();
        try (Connection database = DriverManager.getConnection(url, "sewist", "");
                ResultSet rows = database.createStatement().executeQuery("select action_id from event")) {
            while (rows.next()) {
                stored.add(rows.getObject(1, UUID.class));
            }
        }
        return stored;
    }
}
