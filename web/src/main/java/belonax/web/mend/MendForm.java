package belonax.web.mend;

import belonax.fault.CheckId;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.machine.Dial;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.supply.NeedleSource;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.MendCase.State;
import belonax.room.trouble.TroubleBook.Answer;
import belonax.web.shared.form.Ask;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What is told of a trouble before the first check. */
public record MendForm(
        @Nullable List<Symptom> symptom,
        @Nullable List<When> when,
        @Nullable SearchSchool school) {

    static MendForm usual() {
        return new MendForm(null, null, SearchSchool.LIKELIEST_PER_MINUTE);
    }

    /**
     * Builds the case.
     *
     * @param work what is sewn
     * @throws belonax.BadInput if no symptom is told
     */
    MendCase started(MachineNow machine, TableWork work, LocalDate today) {
        UUID spool = work.top().spool();
        return new MendCase(
                machine.id(),
                machine.machine().name(),
                Objects.requireNonNullElse(symptom, List.of()),
                Objects.requireNonNullElse(when, List.of()),
                Objects.requireNonNullElse(school, SearchSchool.LIKELIEST_PER_MINUTE),
                work.setup().cloth(),
                work.setup().stackWords(),
                work.setup().layers(),
                spool == null ? null : spool.toString(),
                work,
                null,
                null,
                List.of(),
                State.OPEN,
                today);
    }

    /**
     * What goes with the answer to a check.
     *
     * @param in a word of the list of needles
     */
    public record Found(
            @Ask(Dial.READ_IT) @Nullable Double dial,
            @Nullable UUID needle,
            @Nullable String in,
            @Nullable UUID spool) {

        /** Returns the answer; a word of the list of needles is looked up. */
        Answer answer(CheckId check, Result result, Function<String, Optional<NeedleSource>> needles) {
            return new Answer(
                    check,
                    result,
                    dial,
                    Optional.ofNullable(needle),
                    needles.apply(Objects.requireNonNullElse(in, "")),
                    Optional.ofNullable(spool));
        }
    }

    /** Where the dial stood when nothing had been touched yet. */
    public record AsFound(@Ask(Dial.READ_IT) @Nullable Double dial) {}
}
