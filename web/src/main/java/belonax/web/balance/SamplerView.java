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
        BalanceRun it = kept.card();
        return new SamplerView(
                kept.id().toString(),
                it.words(),
                "top " + it.sewn().top().thread().words() + ", bobbin "
                        + (it.sewn().bobbin() == null
                                ? "the same"
                                : it.sewn().bobbin().thread().words()),
                it.needleWords().isEmpty() ? null : it.needleWords(),
                result(it),
                it.past().isPresent(),
                it.simulated() != null,
                Words.date(it.begunOn()),
                lines(it));
    }

    private static String result(BalanceRun it) {
        if (it.state() == State.KEPT && it.dial() != null) {
            return (it.simulated() == null ? "proven at " : "balanced at ") + Words.number(it.dial());
        }
        return it.state() == State.OPEN ? "under way" : "put aside";
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
