package belonax.hazard;

import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import java.util.List;

/** One job and one kind of needle: what they decide between them is summed; size and past are left to ask. */
final class KindOutlook {
    private final Outlook outlook;
    private final FiringRules rules;
    private final KindRules ofKind;
    private final Needle example;
    private final SizeTable sizes;
    private final Sums settled = Sums.ordinary();

    /** Any needle of the kind will do, since the rules summed here look at nothing else of it. */
    KindOutlook(Outlook outlook, FiringRules rules, KindRules ofKind, NeedleInUse anyOfTheKind) {
        this.outlook = outlook;
        this.rules = rules;
        this.ofKind = ofKind;
        this.example = anyOfTheKind.needle();
        rules.addTo(settled, ofKind.settled, anyOfTheKind);
        sizes = outlook.sizes(example.point(), ofKind.byEyeAndSize);
    }

    /** Returns the rules that may fire on needles of the kind. */
    List<Firing> factors() {
        return rules.among(ofKind.all);
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
        rules.addTo(sums, ofKind.byNeedle, needle);
        if (!needle.isNew()) {
            rules.addTo(sums, ofKind.byPast, needle);
        }
        return new Prediction(outlook, needle, sums.hazards(), sums.limit());
    }
}
