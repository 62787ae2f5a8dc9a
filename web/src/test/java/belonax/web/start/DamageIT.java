package belonax.web.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.cloth.ClothCatalogue;
import belonax.room.RoomProperties;
import belonax.room.archive.Copies;
import belonax.room.archive.Copy;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Swatch;
import belonax.web.BelonaxApplication;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** A damaged data folder is told as what it is, and the way back leads to the newest copy. */
@ExtendWith(OutputCaptureExtension.class)
class DamageIT {
    private static final String KEPT = "the cloth that was kept";

    @TempDir
    private Path home;

    private Copy copy = new Copy("", Instant.EPOCH, Copy.Why.DAILY, new Copy.Holds(0, 0, 0, 0, 0, 0), 0);

    @BeforeEach
    void aRoomWithACopy() {
        started(belonax -> {
            belonax.getBean(DrawerStore.class)
                    .add(Swatch.of(ClothCatalogue.standard().get("swim-knit"), KEPT));
            copy = belonax.getBean(Copies.class).make(Copy.Why.DAILY);
        });
    }

    @Test
    void a_database_that_is_missing_or_was_overwritten_is_never_begun_anew() throws IOException {
        Path database = home.resolve(RoomProperties.DATABASE);
        byte[] whole = Files.readAllBytes(database);

        Files.delete(database);
        assertThatThrownBy(this::preflight)
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("The database is missing from")
                .hasMessageContaining("--copies=" + copy.name());
        assertThat(database).doesNotExist();
        for (byte[] values : new byte[][] {new byte[0], new byte[whole.length]}) {
            Files.write(database, values);
            assertThatThrownBy(this::preflight)
                    .hasMessageContaining("was overwritten or emptied")
                    .hasMessageContaining("The newest copy is of");
        }
    }

    @Test
    void a_database_that_was_cut_short_does_not_start_and_going_back_brings_the_copy(CapturedOutput said)
            throws IOException {
        Path database = home.resolve(RoomProperties.DATABASE);
        cut(database, 3);
        assertThatThrownBy(() -> started(any -> {})).isNotNull();
        assertThat(said.getErr())
                .contains("The database", "It is left as it is.", "--copies=" + copy.name())
                .doesNotContain("\tat ");

        CopiesCommand.setAside(home, copy.name(), Clock.systemUTC());
        started(DamageIT::holdsTheCloth, "belonax.go-back-to=" + copy.name());
        started(DamageIT::holdsTheCloth);
        assertThat(CopiesCommand.list(home, "./start --own")).contains(copy.name(), "1 card");
    }

    @Test
    void a_database_of_a_newer_belonax_is_left_alone(CapturedOutput said) {
        started(belonax -> new JdbcTemplate(belonax.getBean(DataSource.class))
                .update(
                        "insert into \"flyway_schema_history\" select 999, '999', 'of tomorrow', \"type\", 'V999__of_tomorrow.sql',"
                                + " 7, \"installed_by\", \"installed_on\", 1, true from \"flyway_schema_history\""
                                + " order by \"installed_rank\" desc limit 1"));

        assertThatThrownBy(() -> started(any -> {})).isNotNull();

        assertThat(said.getErr()).contains("A newer Belonax wrote this data folder", "The newest copy is of");
    }

    @Test
    void a_database_that_lost_what_the_last_copy_held_is_not_taken_for_whole(CapturedOutput said) throws IOException {
        Files.writeString(home.resolve("copies").resolve("events"), "17");

        assertThatThrownBy(() -> started(any -> {})).isNotNull();

        assertThat(said.getErr())
                .contains("The database was cut short: of the 17 happenings at the last copy it holds 0");
    }

    private static void holdsTheCloth(ConfigurableApplicationContext belonax) {
        assertThat(belonax.getBean(DrawerStore.class).all(Swatch.class))
                .extracting(kept -> kept.card().name())
                .containsExactly(KEPT);
    }

    private void preflight() {
        Damage.check(home, "./start --own");
    }

    private static void cut(Path file, int parts) throws IOException {
        try (RandomAccessFile open = new RandomAccessFile(file.toFile(), "rw")) {
            open.setLength(open.length() / parts);
        }
    }

    private void started(Consumer<ConfigurableApplicationContext> then, String... properties) {
        List<String> arguments = new ArrayList<>(List.of(
                "--belonax.home=" + home, "--belonax.copies=false", "--spring.profiles.active=own", "--server.port=0"));
        for (String property : properties) {
            arguments.add("--" + property);
        }
        try (ConfigurableApplicationContext belonax = new SpringApplicationBuilder(BelonaxApplication.class)
                .web(WebApplicationType.SERVLET)
                .run(arguments.toArray(String[]::new))) {
            then.accept(belonax);
        }
    }
}
