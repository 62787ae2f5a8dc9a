package db.migration;

import belonax.room.CraftJson;
import belonax.room.event.ColumnEvent;
import belonax.room.event.SetupKept;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/**
 * Keeps every event as JSON of its own kind in place of columns that meant six things. Cut off half way it begins again where it
 * stood: rows are lifted once, and the old columns go together when all are lifted.
 */
public class V8__Typed_events extends BaseJavaMigration {
    private static final int AT_ONCE = 500;

    @Override
    public void migrate(Context context) {
        DataSource one = new SingleConnectionDataSource(context.getConnection(), true);
        JdbcTemplate rows = new JdbcTemplate(one);
        rows.execute("alter table event add column if not exists body varchar(4000)");
        rows.execute("alter table machine add column if not exists projection int default 0 not null");
        rows.execute("alter table needle add column if not exists projection int default 0 not null");
        rows.execute(
                "alter table needle add column if not exists minutes_since_in double precision default 0 not null");
        rows.execute("alter table needle add column if not exists checked varchar(80) default '' not null");
        List<Lifted> lifted = rows.query("select * from event where body is null order by seq", V8__Typed_events::lift);
        rows.batchUpdate("update event set body = ? where seq = ?", lifted, AT_ONCE, (update, otherLifted) -> {
            update.setString(1, otherLifted.body());
            update.setLong(2, otherLifted.seq());
        });
        setMachineMinutesRight(rows);
        rows.execute("alter table event drop column if exists"
                + " (effective_hours, tex, fibre, build, dial, minutes, wear, note, setup)");
        rows.execute("alter table event alter column body set not null");
    }

    /**
     * From now on the minutes of a machine follow from its events. Where they were counted otherwise so far, the difference is kept
     * as an event before all others.
     */
    private static void setMachineMinutesRight(JdbcTemplate rows) {
        rows.update("""
                insert into event (action_id, at, kind, machine_id, body)
                select random_uuid(), timestamp with time zone '2000-01-01 00:00:00+00', 'MINUTES_SET_RIGHT', m.id,
                  '{"machine":"' || m.id || '","sewnMinutes":' || (m.sewn_minutes - m.sewn)
                    || ',"lintyMinutes":' || (m.linty_minutes - m.linty) || '}'
                from (
                  select id, sewn_minutes, linty_minutes, coalesce(sum(done.minutes), 0) sewn,
                    coalesce(sum(case when done.linty then done.minutes else 0 end), 0) linty
                  from machine left join (
                    select machine_id, action_id, max(coalesce(minutes, 0)) minutes,
                      max(coalesce(note, '') = 'lint of the thread' or wear in ('BATTING', 'SOFT_KNIT')) linty
                    from event e where kind = 'SEWN' and not exists (select 1 from event u where u.undoes = e.action_id)
                    group by machine_id, action_id
                  ) done on done.machine_id = machine.id
                  group by id, sewn_minutes, linty_minutes
                ) m
                where (abs(m.sewn_minutes - m.sewn) > 0.001 or abs(m.linty_minutes - m.linty) > 0.001)
                  and not exists (select 1 from event k where k.kind = 'MINUTES_SET_RIGHT' and k.machine_id = m.id)""");
    }

    private record Lifted(long seq, String body) {}

    private static Lifted lift(ResultSet row, int number) throws SQLException {
        String setup = row.getString("setup");
        ColumnEvent event = new ColumnEvent(
                row.getObject("action_id", UUID.class),
                row.getTimestamp("at").toInstant(),
                row.getString("kind"),
                row.getString("machine_id"),
                row.getObject("place", Integer.class),
                row.getObject("needle_id", UUID.class),
                row.getObject("effective_hours", Double.class),
                row.getObject("tex", Double.class),
                row.getString("fibre"),
                row.getString("build"),
                row.getObject("dial", Double.class),
                row.getObject("undoes", UUID.class),
                row.getObject("minutes", Double.class),
                row.getString("wear"),
                row.getString("note"),
                instant(row.getObject("until_at", OffsetDateTime.class)),
                setup == null ? null : CraftJson.read(setup, SetupKept.class));
        return new Lifted(row.getLong("seq"), event.lifted());
    }

    private static @Nullable Instant instant(@Nullable OffsetDateTime time) {
        return time == null ? null : time.toInstant();
    }
}
