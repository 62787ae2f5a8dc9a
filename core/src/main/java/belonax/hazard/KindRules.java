package belonax.hazard;

import belonax.needle.Needle;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * The places in the model's list of the rules that speak of one kind of needle, parted by what they ask. Matches are many and
 * kinds are few, so this is worked out once for a kind.
 */
final class KindRules {
    /** Every rule that speaks of the kind. */
    final int[] all;
    /** Those that job and kind settle between them. */
    final int[] settled;
    /** Those that ask for nothing but size and eye. */
    final int[] byEyeAndSize;
    /** Those that ask for more of the needle. */
    final int[] byNeedle;
    /** Those that ask for its hours and what it struck. */
    final int[] byPast;

    KindRules(List<Factor> factors, Needle anyOfTheKind) {
        Predicate<Factor> speaks = factor -> factor.speaksOfKindOf(anyOfTheKind);
        Predicate<Factor> past = factor -> factor.part() == Part.NEEDLE_WEAR;
        Predicate<Factor> others = past.negate().and(Predicate.not(Factor::asksEyeAndSizeAlone));
        all = places(factors, speaks);
        settled = places(factors, speaks.and(others).and(Predicate.not(Factor::asksTheNeedle)));
        byEyeAndSize = places(factors, speaks.and(past.negate()).and(Factor::asksEyeAndSizeAlone));
        byNeedle = places(factors, speaks.and(others).and(Factor::asksTheNeedle));
        byPast = places(factors, speaks.and(past));
    }

    private static int[] places(List<Factor> factors, Predicate<Factor> which) {
        return IntStream.range(0, factors.size())
                .filter(i -> which.test(factors.get(i)))
                .toArray();
    }
}
