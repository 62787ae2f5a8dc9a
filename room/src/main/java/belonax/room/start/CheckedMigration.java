package belonax.room.start;

import belonax.room.RoomProperties;
import belonax.room.archive.CopyFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Before the first page: a database that a newer Belonax wrote is left alone, one of an older version is copied aside before it is
 * changed, and one that holds less than it did at the last copy is not taken for whole.
 */
@Component
class CheckedMigration implements FlywayMigrationStrategy {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);

    private final DataSource dataSource;
    private final Clock clock;
    private final Path home;
    private final boolean goesBack;

    CheckedMigration(DataSource dataSource, Clock clock, RoomProperties properties, Environment environment) {
        this.dataSource = dataSource;
        this.clock = clock;
        this.home = properties.home();
        this.goesBack = environment.containsProperty(GoBackAtStart.TO);
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfoService found = flyway.info();
        if (Arrays.stream(found.all()).map(MigrationInfo::getState).anyMatch(MigrationState.FUTURE_SUCCESS::equals)) {
            throw new RoomDamaged(
                    "A newer Belonax wrote this data folder, so this one leaves it as it is. Start the newer one.");
        }
        boolean holdsSomething = found.current() != null;
        if (holdsSomething && found.pending().length > 0) {
            Path copy = home.resolve("before-migration-" + STAMP.format(clock.instant()) + ".zip");
            new JdbcTemplate(dataSource).update("backup to ?", copy.toString());
        }
        flyway.migrate();
        if (!goesBack) {
            checkNothingIsMissing();
        }
    }

    /** A database file that was cut short opens as it was some time before. */
    private void checkNothingIsMissing() {
        if (!Files.exists(home.resolve(RoomProperties.DATABASE))) {
            return; // A room that lives in memory, as in a test.
        }
        int atLeast = new CopyFolder(home).eventsAtLeast().orElse(0);
        Integer found = new JdbcTemplate(dataSource).queryForObject("select count(*) from event", Integer.class);
        int there = found == null ? 0 : found;
        if (there < atLeast) {
            throw new RoomDamaged("The database was cut short: of the " + atLeast
                    + " happenings at the last copy it holds " + there + ". It is left as it is.");
        }
    }
}
