package belonax.web.balance;

import belonax.BadInput;
import belonax.balance.BalanceSetup;
import belonax.balance.PastBalance;
import belonax.balance.Reader;
import belonax.balance.Reading;
import belonax.balance.Strip;
import belonax.balance.StripObservation;
import belonax.balance.TopFace;
import belonax.balance.Underside;
import belonax.machine.BobbinKind;
import belonax.machine.Dial;
import belonax.thread.Build;
import belonax.thread.SewingThread;
import belonax.thread.Tex;
import belonax.web.shared.api.ApiBody;
import belonax.web.shared.api.ApiRefusal;
import belonax.web.shared.api.DialBody;
import belonax.web.shared.api.ThreadBody;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** What {@code POST /tension/next} takes. */
record TensionBody(
        @Nullable DialBody dial,
        @Nullable Case bobbin,
        @Nullable Double stackMm,
        @Nullable Double stitchWidthMm,
        @Nullable ThreadBody top,
        @Nullable ThreadBody bobbinThread,
        @Nullable List<PastBody> past,
        @Nullable List<StripBody> strips,
        @Nullable Map<Reading, @Nullable Map<Reading, @Nullable Double>> reader)
        implements ApiBody {

    private static final double USUAL_STACK_MM = 0.7;
    private static final double USUAL_TEX = 25;

    /** How the bobbin sits; a machine with loopers has none to balance against. */
    enum Case {
        REMOVABLE,
        SEALED
    }

    /** A balance that was found before. */
    record PastBody(
            @Nullable Double dial,
            @Nullable Double stackMm,
            @Nullable Double topTex,
            @Nullable Double stitchWidthMm,
            @Nullable Build topBuild) {

        PastBalance balance(String at) {
            double where = required(at + ".dial", dial, "Send where the dial stood.");
            double stack = required(at + ".stackMm", stackMm, "Send the thickness of what was sewn.");
            double tex = required(at + ".topTex", topTex, "Send the top thread's tex.");
            return inside(
                    at,
                    () -> new PastBalance(
                            where,
                            stack,
                            new Tex(tex),
                            Objects.requireNonNullElse(stitchWidthMm, 0.0),
                            Objects.requireNonNullElse(topBuild, Build.SPUN)));
        }
    }

    /** A strip as it was read. */
    record StripBody(
            @Nullable Double dial,
            @Nullable TopFace top,
            @Nullable Underside underside,
            @Nullable List<StripObservation> also) {

        Strip strip(String at) {
            double where = required(at + ".dial", dial, "Send the dial at which the strip was sewn.");
            if (top == null) {
                throw ApiRefusal.missing(at + ".top", "Send what the top shows, such as CLEAN.");
            }
            if (underside == null) {
                throw ApiRefusal.missing(at + ".underside", "Send what the underside shows, such as CLEAN.");
            }
            if (also != null && also.contains(null)) {
                throw ApiRefusal.missing(at + ".also", "Send words such as PUCKER, or leave it out.");
            }
            return inside(at, () -> new Strip(where, top, underside, also == null ? Set.of() : Set.copyOf(also)));
        }
    }

    /**
     * Returns the set-up to be balanced.
     *
     * @throws BadInput if a value makes no sense
     */
    BalanceSetup setup() {
        Dial its = dial == null ? Dial.numbered() : dial.dial();
        return new BalanceSetup(
                its,
                bobbin == Case.SEALED ? BobbinKind.SEALED : BobbinKind.REMOVABLE,
                Objects.requireNonNullElse(stackMm, USUAL_STACK_MM),
                Objects.requireNonNullElse(stitchWidthMm, 0.0),
                top == null ? SewingThread.spunPolyester(USUAL_TEX) : top.thread("top"),
                Optional.ofNullable(bobbinThread).map(threadBody -> threadBody.thread("bobbinThread")));
    }

    List<PastBalance> pastBalances() {
        List<PastBalance> all = new ArrayList<>();
        List<PastBody> given = Objects.requireNonNullElse(past, List.<PastBody>of());
        for (int i = 0; i < given.size(); i++) {
            all.add(present("past[" + i + "]", given.get(i)).balance("past[" + i + "]"));
        }
        return all;
    }

    /** Returns the strips; each was sewn within the dial's range. */
    List<Strip> sewn(Dial its) {
        List<StripBody> given = Objects.requireNonNullElse(strips, List.<StripBody>of());
        List<Strip> all = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            String at = "strips[" + i + "]";
            Strip strip = present(at, given.get(i)).strip(at);
            BadInput.unless(
                    strip.dial() >= its.min() && strip.dial() <= its.max(),
                    at + ".dial",
                    () -> "That dial does not go there: it runs from " + its.min() + " to " + its.max() + ".");
            all.add(strip);
        }
        return all;
    }

    /** Returns how these strips were read; rows that are left out are the field's. */
    Reader howRead() {
        Map<Reading, Map<Reading, Double>> rows = new EnumMap<>(Reading.class);
        Objects.requireNonNullElse(reader, Map.<Reading, @Nullable Map<Reading, @Nullable Double>>of())
                .forEach((truly, seen) -> rows.put(truly, row("reader." + truly, present("reader." + truly, seen))));
        return Reader.of(rows);
    }

    private static Map<Reading, Double> row(String at, Map<Reading, @Nullable Double> seen) {
        Map<Reading, Double> row = new EnumMap<>(Reading.class);
        seen.forEach((reading, chance) -> row.put(reading, present(at + "." + reading, chance)));
        return row;
    }

    private static <T> T present(String at, @Nullable T entry) {
        if (entry == null) {
            throw ApiRefusal.missing(at, "Leave it out, or send it whole.");
        }
        return entry;
    }

    private static double required(String field, @Nullable Double value, String whatToSend) {
        if (value == null) {
            throw ApiRefusal.missing(field, whatToSend);
        }
        return value;
    }

    private static <T> T inside(String parent, Supplier<T> value) {
        try {
            return value.get();
        } catch (BadInput e) {
            throw e.under(parent);
        }
    }
}
