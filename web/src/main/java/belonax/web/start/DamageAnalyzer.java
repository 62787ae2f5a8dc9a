package belonax.web.start;

import belonax.room.start.RoomDamaged;
import belonax.web.shared.Installed;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.core.env.Environment;

/** A database that does not open, or opens as less than it was, is told with the newest copy and the way back to it. */
class DamageAnalyzer implements FailureAnalyzer {
    /** What H2 answers to a file that it cannot read: damaged, not readable, not of its kind, an inner contradiction. */
    private static final Set<Integer> DAMAGED = Set.of(90028, 90030, 90031, 90048, 50000);

    private final Environment environment;

    DamageAnalyzer(Environment environment) {
        this.environment = environment;
    }

    @Override
    public @Nullable FailureAnalysis analyze(Throwable failure) {
        for (Throwable throwable = failure; throwable != null; throwable = throwable.getCause()) {
            if (throwable instanceof RoomDamaged damaged) {
                return told(String.valueOf(damaged.getMessage()), failure);
            }
            if (throwable instanceof SQLException told && DAMAGED.contains(told.getErrorCode())) {
                return told("The database does not open: it was cut short or damaged. It is left as it is.", failure);
            }
        }
        return null;
    }

    private FailureAnalysis told(String what, Throwable cause) {
        Path home = Path.of(environment.getProperty("belonax.home", "."));
        String starts = Installed.command(System.getProperties(), environment.matchesProfiles("demo"));
        return new FailureAnalysis(what, Damage.wayBack(home, starts), cause);
    }
}
