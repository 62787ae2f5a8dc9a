package belonax.web.start;

import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;

/** Says what stopped the start, and what to do, on the console; the log holds the rest. */
class PlainFailureReporter implements FailureAnalysisReporter {
    @Override
    public void report(FailureAnalysis analysis) {
        System.err.println(analysis.getDescription().strip()
                + (analysis.getAction() == null
                        ? ""
                        : " " + analysis.getAction().strip()));
    }
}
