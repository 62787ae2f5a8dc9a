package belonax.web.balance;

import belonax.balance.StripObservation;
import belonax.room.Words;
import belonax.room.balance.BalanceRun;
import belonax.room.balance.BalanceRun.State;
import belonax.room.card.Kept;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A page of the sampler book. */
public record SamplerView(
        String id,
        String title,
        String threads,
        @Nullable String needle,
        String result,
        boolean isProven,
        boolean isSimulated,
        String date,
        List<StripLine> strips) {

    /** Returns the strip that is drawn large: the last that was sewn, or null before the first. */
    public @Nullable StripLine shown() {
        return strips.isEmpty() ? null : strips.get(strips.size() - 1);
    }

    /** One strip. */
    public record StripLine(
            String id, int number, String dial, String top, String underside, String words, boolean photo) {}

    static SamplerView of(Kept<BalanceRun> kept) {
        BalanceRun balanceRun = kept.card();
        return new SamplerView(
                kept.id().toString(),
                balanceRun.words(),
                "top " + balanceRun.sewn().top().thread().words() + ", bobbin "
                        + (balanceRun.sewn().bobbin() == null
                                ? "the same"
                                : balanceRun.sewn().bobbin().thread().words()),
                balanceRun.needleWords().isEmpty() ? null : balanceRun.needleWords(),
                result(balanceRun),
                balanceRun.past().isPresent(),
                balanceRun.simulated() != null,
                Words.date(balanceRun.begunOn()),
                lines(balanceRun));
    }

    private static String result(BalanceRun balanceRun) {
        if (balanceRun.state() == State.KEPT && balanceRun.dial() != null) {
            return (balanceRun.simulated() == null ? "proven at " : "balanced at ") + Words.number(balanceRun.dial());
        }
        return balanceRun.state() == State.OPEN ? "under way" : "put aside";
    }

    private static List<StripLine> lines(BalanceRun run) {
        return java.util.stream.IntStream.range(0, run.strips().size())
                .mapToObj(i -> {
                    BalanceRun.StripKept strip = run.strips().get(i);
                    String also =
                            strip.also().stream().map(StripObservation::words).collect(Collectors.joining(", "));
                    return new StripLine(
                            strip.id().toString(),
                            i + 1,
                            Words.number(strip.dial()),
                            strip.top().name(),
                            strip.underside().name(),
                            "top " + strip.top().words() + ", below "
                                    + strip.underside().words() + (also.isEmpty() ? "" : ", " + also),
                            strip.photo());
                })
                .toList();
    }
}
