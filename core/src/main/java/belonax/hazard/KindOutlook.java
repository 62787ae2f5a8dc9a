package belonax.hazard;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import java.util.ArrayList;
import java.util.List;

/** One job and one kind of needle: what they decide between them is summed; size and past are left to ask. */
final class KindOutlook {
    private final Outlook outlook;
    private final Needle example;
    private final List<Firing> factors;
    private final List<Firing> askingTheNeedle = new ArrayList<>();
    private final List<Firing> askingItsPast = new ArrayList<>();
    private final SizeTable sizes;
    private final Sums settled = Sums.ordinary();

    /** Any needle of the kind will do, since the factors summed here look at nothing else of it. */
    KindOutlook(Outlook outlook, List<Firing> firing, NeedleInUse anyOfTheKind) {
        this.outlook = outlook;
        this.example = anyOfTheKind.needle();
        this.factors = firing;
        List<Firing> settledByTheKind = new ArrayList<>();
        List<Firing> sizeRules = new ArrayList<>();
        for (Firing it : firing) {
            if (it.factor().part() == Part.NEEDLE_WEAR) {
                askingItsPast.add(it);
            } else if (it.factor().asksEyeAndSizeAlone()) {
                sizeRules.add(it);
            } else {
                (it.factor().asksTheNeedle() ? askingTheNeedle : settledByTheKind).add(it);
            }
        }
        settled.addAll(settledByTheKind, anyOfTheKind);
        sizes = outlook.sizes(example.point(), sizeRules);
    }

    List<Firing> factors() {
        return factors;
    }

    boolean isOfKind(Needle needle) {
        return needle.system() == example.system()
                && needle.type() == example.type()
                && needle.point() == example.point();
    }

    Verdict limit() {
        return settled.limit();
    }

    Prediction with(NeedleInUse needle) {
        Sums sums = settled.copy();
        sums.add(sizes.of(needle));
        sums.addAll(askingTheNeedle, needle);
        if (!needle.isNew()) {
            sums.addAll(askingItsPast, needle);
        }
        return new Prediction(outlook, needle, sums.hazards(), sums.limit());
    }
}
