package belonax.room.card;

import static org.assertj.core.api.Assertions.assertThat;

import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** Cards that were kept before the machine stood beside them are found by their machine after the migration. */
class CardsOfMachinesMigrationTest {
    @Test
    void the_machine_and_what_goes_on_are_read_out_of_the_cards_that_are_there() {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:mem:cards-of-machines;DB_CLOSE_DELAY=-1");
        JdbcTemplate db = new JdbcTemplate(source);
        Flyway.configure().dataSource(source).target("4").load().migrate();
        keep(db, "BALANCE", "{\"machineId\":\"heron\",\"sewn\":{\"cloth\":\"poplin\"},\"state\":\"KEPT\"}");
        keep(db, "CASE", "{\"machineId\":\"old-tin\",\"machineName\":\"Old Tin\",\"state\":\"OPEN\"}");
        keep(db, "PACKET", "{\"count\":3}");

        Flyway.configure().dataSource(source).load().migrate();

        assertThat(db.queryForList(
                        "select kind || ' ' || coalesce(machine, '-') || ' ' || is_open from drawer_card"
                                + " order by position",
                        String.class))
                .containsExactly("BALANCE heron FALSE", "CASE old-tin TRUE", "PACKET - FALSE");
    }

    private static void keep(JdbcTemplate db, String kind, String body) {
        db.update(
                "insert into drawer_card (id, kind, revision, removed, body) values (random_uuid(), ?, 0, false, ?)",
                kind,
                body);
    }
}
