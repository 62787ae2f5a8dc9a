package belonax.balance;

import belonax.machine.Dial;
import java.util.DoubleSummaryStatistics;
import java.util.List;

/**
 * Where everyday thread is usually balanced on this machine: the dial's marked band, and after five balances about where they
 * stood. Source: docs/craft.md, "Balance".
 */
record UsualBand(double low, double high) {
    private static final int ENOUGH = 5;
    /** About so far from what was balanced before, in numbers of a dial from 0 to 9, is still usual. */
    private static final double ABOUT = 1;

    static UsualBand of(BalanceSetup setup, List<PastBalance> past) {
        Dial dial = setup.dial();
        DoubleSummaryStatistics stood = past.stream()
                .filter(pastBalance -> BalanceSetup.isOrdinary(pastBalance.thread()))
                .mapToDouble(PastBalance::dial)
                .summaryStatistics();
        double about = ABOUT * setup.numberOnDial();
        return stood.getCount() < ENOUGH
                ? new UsualBand(dial.normalLow(), dial.normalHigh())
                : new UsualBand(stood.getMin() - about, stood.getMax() + about);
    }
}
