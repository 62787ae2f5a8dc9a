package belonax.room.usecase;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The presses that were carried out, each with what it asked for and what was answered. */
@Component
class IdempotencyStore {
    /** No page stays open for longer. */
    private static final Duration KEPT = Duration.ofDays(60);

    private final JdbcTemplate database;
    private final Clock clock;

    IdempotencyStore(JdbcTemplate database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** A press that was carried out before. */
    record Done(String asked, String answer) {}

    /**
     * Writes a press down, or returns what was done when it came first. Whoever comes second waits here until the first is over.
     */
    Optional<Done> begin(UUID key, String asked) {
        try {
            database.update("insert into press (id, at, asked) values (?, ?, ?)", key, now(), asked);
            return Optional.empty();
        } catch (DuplicateKeyException carriedOut) {
            List<Done> before = database.query(
                    "select asked, answer from press where id = ?",
                    (row, number) -> new Done(row.getString(1), row.getString(2)),
                    key);
            return Optional.of(before.get(0));
        }
    }

    /** Locks a key until the transaction ends, whether or not it was written down before. */
    void hold(UUID key, String what) {
        if (begin(key, what).isPresent()) {
            // The insert was refused by a row that is committed, and a refused insert locks nothing.
            database.update("update press set at = ? where id = ?", now(), key);
        }
    }

    void answered(UUID key, String answer) {
        database.update("update press set answer = ? where id = ?", answer, key);
    }

    void forgetOld() {
        database.update("delete from press where at < ?", now().minus(KEPT));
    }

    private OffsetDateTime now() {
        return clock.instant().atOffset(ZoneOffset.UTC);
    }
}
