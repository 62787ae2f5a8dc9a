package belonax.web.start;

import org.flywaydb.core.api.FlywayException;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** A data folder that another version of Belonax wrote is not touched. */
class OtherVersionAnalyzer extends AbstractFailureAnalyzer<FlywayException> {
    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, FlywayException cause) {
        return new FailureAnalysis(
                "Another version of Belonax wrote this data folder, so it is left as it is.",
                "Start that version, or point BELONAX_HOME at another folder; belonax.log in the folder tells more. For the demo,"
                        + " remove var/demo.",
                cause);
    }
}
