package belonax.web.balance;

import belonax.BadInput;
import belonax.balance.StripObservation;
import belonax.balance.TopFace;
import belonax.balance.Touched;
import belonax.balance.Underside;
import belonax.machine.Dial;
import belonax.needle.Needle;
import belonax.room.balance.BalanceBook.Reading;
import belonax.room.balance.BalanceRun;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.web.shared.form.Ask;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is said before the first strip beside the sentence. */
public record BalanceForm(
        @Nullable Touched touched,

        @Ask("Type where the dial stands now, or leave it empty.") @Nullable
        Double found) {

    /**
     * Builds the run.
     *
     * @throws belonax.BadInput if no strip can be sewn with that
     */
    BalanceRun run(MachineNow machine, TableWork work, LocalDate today) {
        Optional<Needle> needle = machine.fitted().map(fitted -> fitted.needle().needle());
        BalanceRun run = BalanceRun.begun(
                machine.id(),
                machine.machine().name(),
                work.setup(),
                needle.map(Needle::type).orElse(null),
                needle.map(otherNeedle -> otherNeedle.size().nm()).orElse(null),
                Objects.requireNonNullElse(touched, Touched.NOTHING),
                found,
                today);
        run.setup(machine.machine()); // Refuses what no strip can be sewn with.
        return run;
    }

    /** What was seen on a strip. */
    public record Seen(
            @Nullable UUID strip,

            @Ask(value = Dial.READ_IT, needed = true) @Nullable
            Double dial,

            @Nullable TopFace top,
            @Nullable Underside underside,
            @Nullable List<StripObservation> also,
            @Nullable Boolean bothClean) {

        /**
         * Reads it.
         *
         * @throws BadInput naming what is missing
         */
        Reading reading() {
            if (Boolean.TRUE.equals(bothClean)) {
                return reading(TopFace.CLEAN, Underside.CLEAN);
            }
            if (top == null && underside != Underside.NEST || underside == null) {
                throw new BadInput("read", "Tap what you see on both faces, top and underside; then it is read.");
            }
            return reading(top == null ? TopFace.CLEAN : top, underside);
        }

        private Reading reading(TopFace above, Underside below) {
            return new Reading(
                    Optional.ofNullable(strip),
                    Objects.requireNonNull(dial),
                    above,
                    below,
                    Objects.requireNonNullElse(also, List.of()));
        }
    }

    /** Where the dial stands. */
    public record AtDial(
            @Ask(value = Dial.READ_IT, needed = true) @Nullable
            Double dial) {}
}
