package belonax.web.balance;

import belonax.balance.Strip;
import belonax.room.Words;
import belonax.room.balance.BalanceOpinion.Truth;
import belonax.room.balance.BalanceRun;
import java.util.ArrayList;
import java.util.List;

/** What a simulated machine really was, told when its run is over, and which strips were misread. */
public record Revealed(String words, List<String> misread) {

    static Revealed of(Truth truth, BalanceRun run) {
        String words =
                "What it really was: balanced from " + Words.number(truth.from()) + " to " + Words.number(truth.to())
                        + (run.dial() == null
                                ? "."
                                : run.dial() >= truth.from() && run.dial() <= truth.to()
                                        ? ", and you kept " + Words.number(run.dial()) + ": right."
                                        : ", and you kept " + Words.number(run.dial()) + ": not quite.");
        List<String> misread = new ArrayList<>();
        for (int i = 0; i < truth.shown().size() && i < run.strips().size(); i++) {
            Strip shown = truth.shown().get(i);
            BalanceRun.StripKept read = run.strips().get(i);
            if (shown.top() != read.top() || shown.underside() != read.underside()) {
                misread.add("Strip " + (i + 1) + " showed " + shown.top().words() + " on top and "
                        + shown.underside().words() + " below; you read "
                        + read.top().words() + " and "
                        + read.underside().words() + ".");
            }
        }
        if (misread.isEmpty() && !run.strips().isEmpty()) {
            misread.add("You read every strip right.");
        }
        if (!run.strips().isEmpty()) {
            misread.add("You sewed " + Words.count(run.strips().size(), "strip")
                    + "; somebody who reads each of them right needs " + truth.sure() + " for this machine.");
        }
        return new Revealed(words, misread);
    }
}
