package belonax.room;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that stands still until somebody moves it. */
public final class HandClock extends Clock {
    private static final Instant BEGIN = Instant.parse("2026-11-25T09:30:00Z");
    private Instant now = BEGIN;

    public void forward(Duration by) {
        now = now.plus(by);
    }

    public void back() {
        now = BEGIN;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }

    @Override
    public Instant instant() {
        return now;
    }
}
