package belonax.room.balance;

import belonax.BadInput;
import belonax.balance.BalanceSetup;
import belonax.balance.PastBalance;
import belonax.balance.Strip;
import belonax.balance.StripObservation;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.machine.Machine;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleType;
import belonax.room.Words;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import belonax.room.event.SetupKept;
import belonax.thread.Tex;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * A search for a balance, with its strips: a page of the sampler book.
 *
 * @param dial where it ended balanced; null while it goes on, or when it was not the dial
 * @param screw where the slot of the bobbin's screw stood, as an hour of the clock, in runs from before its pull had a record of
 *     its own; shown as it was kept, never converted
 * @param touched what was turned before; null when it was not asked
 * @param foundDial where the dial stood before it was touched; null when it was not written down
 * @param simulated the seed of a machine that is not there; null on a real one
 * @param reader who reads its strips; null for whoever gave no name
 * @param sewnBefore minutes that the machine had sewn when the balance was kept; null before, and in runs from before that was kept
 */
@IsCard(CardKind.BALANCE)
public record BalanceRun(
        String machineId,
        String machineName,
        SetupKept sewn,
        @Nullable NeedleType needleType,
        @Nullable Integer needleNm,
        List<StripKept> strips,
        State state,
        @Nullable Double dial,
        @Nullable Integer screw,
        @Nullable Touched touched,
        @Nullable Double foundDial,
        LocalDate begunOn,
        @Nullable Long simulated,
        @Nullable String reader,
        @Nullable Double sewnBefore)
        implements Card {

    private static final int MOST = 40;

    /** How far it is. */
    public enum State {
        OPEN,
        KEPT,
        ENDED
    }

    /**
     * A strip as it was read.
     *
     * @param photo whether a photograph of it is kept
     */
    public record StripKept(
            UUID id, double dial, TopFace top, Underside underside, List<StripObservation> also, boolean photo) {
        public StripKept {
            also = List.copyOf(also);
            strip(dial, top, underside, also);
        }

        public Strip strip() {
            return strip(dial, top, underside, also);
        }

        public StripKept withPhoto() {
            return new StripKept(id, dial, top, underside, also, true);
        }

        private static Strip strip(double dial, TopFace top, Underside underside, List<StripObservation> also) {
            return new Strip(dial, top, underside, Set.copyOf(also));
        }
    }

    public BalanceRun {
        strips = List.copyOf(strips);
        BadInput.unless(
                strips.size() <= MOST, "strips", () -> "A run holds at most " + MOST + " strips. Begin a new one.");
        Card.checkLength("reader", reader == null ? "" : reader, 40);
        BadInput.unless(
                screw == null || screw >= 0 && screw <= 5,
                "screw",
                () -> "A slot points to one of six hours, 12 to 5.");
    }

    /** Returns the strips as the advisor reads them. */
    public List<Strip> read() {
        return strips.stream().map(StripKept::strip).toList();
    }

    /** Returns the same with one strip more, or with a strip read anew. */
    public BalanceRun with(StripKept strip) {
        List<StripKept> all = new ArrayList<>(strips);
        int at = strips.stream().map(StripKept::id).toList().indexOf(strip.id());
        if (at < 0) {
            all.add(strip);
        } else {
            all.set(at, strip);
        }
        return withStrips(all);
    }

    public BalanceRun without(UUID strip) {
        return withStrips(strips.stream()
                .filter(stripKept -> !stripKept.id().equals(strip))
                .toList());
    }

    public Optional<StripKept> find(UUID strip) {
        return strips.stream().filter(stripKept -> stripKept.id().equals(strip)).findFirst();
    }

    /** Returns a run that begins, with nothing sewn yet. */
    public static BalanceRun begun(
            String machineId,
            String machineName,
            SetupKept sewn,
            @Nullable NeedleType needleType,
            @Nullable Integer needleNm,
            Touched touched,
            @Nullable Double foundDial,
            LocalDate today) {
        return new BalanceRun(
                machineId,
                machineName,
                sewn,
                needleType,
                needleNm,
                List.of(),
                State.OPEN,
                null,
                null,
                touched,
                foundDial,
                today,
                null,
                null,
                null);
    }

    /** Returns the same as it ended. */
    public BalanceRun ended(State how, @Nullable Double at) {
        return but(draft -> {
            draft.state = how;
            draft.dial = at;
        });
    }

    /** Returns the same, read by this sewist. */
    public BalanceRun readBy(String name) {
        return but(draft -> draft.reader = name.isEmpty() ? null : name);
    }

    /** Returns who reads its strips; empty for whoever gave no name. */
    public String readBy() {
        return reader == null ? "" : reader;
    }

    /** Returns the same as it was kept, once the machine had sewn so many minutes. */
    BalanceRun kept(double at, double minutes) {
        return ended(State.KEPT, at).but(draft -> draft.sewnBefore = minutes);
    }

    /** Returns the same on a machine that is not there, of this seed. */
    BalanceRun simulatedBy(long seed) {
        return but(draft -> draft.simulated = seed);
    }

    /** Returns a new run of the same set-up: after the bobbin was put right, what was sewn before tells nothing any more. */
    public BalanceRun anew(LocalDate today) {
        return but(draft -> {
            draft.strips = List.of();
            draft.state = State.OPEN;
            draft.dial = null;
            draft.touched = Touched.NOTHING;
            draft.foundDial = null;
            draft.begunOn = today;
            draft.sewnBefore = null;
        });
    }

    /** What may differ in a copy. */
    private static final class Draft {
        private List<StripKept> strips;
        private State state;
        private @Nullable Double dial;
        private @Nullable Touched touched;
        private @Nullable Double foundDial;
        private LocalDate begunOn;
        private @Nullable Long simulated;
        private @Nullable String reader;
        private @Nullable Double sewnBefore;

        Draft(BalanceRun run) {
            strips = run.strips;
            state = run.state;
            dial = run.dial;
            touched = run.touched;
            foundDial = run.foundDial;
            begunOn = run.begunOn;
            simulated = run.simulated;
            reader = run.reader;
            sewnBefore = run.sewnBefore;
        }
    }

    private BalanceRun but(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return new BalanceRun(
                machineId,
                machineName,
                sewn,
                needleType,
                needleNm,
                draft.strips,
                draft.state,
                draft.dial,
                screw,
                draft.touched,
                draft.foundDial,
                draft.begunOn,
                draft.simulated,
                draft.reader,
                draft.sewnBefore);
    }

    /** Returns what is to be balanced, on this machine. */
    public BalanceSetup setup(Machine machine) {
        return new BalanceSetup(
                machine.dial(),
                machine.bobbin(),
                sewn.stackMm(),
                sewn.stitchWidthMm(),
                sewn.top().thread(),
                Optional.ofNullable(sewn.bobbin()).map(SetupKept.ThreadKept::thread));
    }

    /** Returns what it teaches about its machine, if it ended balanced on a real one. */
    public Optional<PastBalance> past() {
        return state == State.KEPT && dial != null && simulated == null
                ? Optional.of(new PastBalance(
                        dial,
                        sewn.stackMm(),
                        new Tex(sewn.top().tex()),
                        sewn.stitchWidthMm(),
                        sewn.top().build()))
                : Optional.empty();
    }

    /** Returns the needle in words, if one was in. */
    public String needleWords() {
        return needleType == null || needleNm == null ? "" : needleType.words() + " " + NeedleSize.ofNm(needleNm);
    }

    private BalanceRun withStrips(List<StripKept> all) {
        return but(draft -> draft.strips = all);
    }

    @Override
    public Optional<String> machine() {
        return Optional.of(machineId);
    }

    @Override
    public boolean isOpen() {
        return state == State.OPEN;
    }

    @Override
    public String words() {
        return Words.capital(sewn.stackWords()) + " on " + machineName;
    }

    @Override
    public String wordsToFind() {
        return String.join(
                        " ",
                        words(),
                        sewn.top().thread().words(),
                        needleWords(),
                        dial == null ? "" : "dial " + Words.number(dial),
                        state == State.KEPT ? "proven balanced" : "",
                        begunOn.toString(),
                        simulated == null ? "" : "simulated")
                .toLowerCase(Locale.ROOT);
    }
}
