package belonax.room.archive;

import belonax.room.RoomProperties;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Copies a database that already holds something aside before it is changed to a new version. */
@Component
class BackupBeforeMigration implements FlywayMigrationStrategy {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneOffset.UTC);

    private final DataSource dataSource;
    private final Clock clock;
    private final Path home;

    BackupBeforeMigration(DataSource dataSource, Clock clock, RoomProperties properties) {
        this.dataSource = dataSource;
        this.clock = clock;
        this.home = properties.home();
    }

    @Override
    public void migrate(Flyway flyway) {
        boolean holdsSomething = flyway.info().current() != null;
        if (holdsSomething && flyway.info().pending().length > 0) {
            Path copy = home.resolve("before-migration-" + STAMP.format(clock.instant()) + ".zip");
            new JdbcTemplate(dataSource).update("backup to ?", copy.toString());
        }
        flyway.migrate();
    }
}
