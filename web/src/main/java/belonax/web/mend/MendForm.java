package belonax.web.mend;

import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.fault.CheckId;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.machine.Dial;
import belonax.room.drawer.NeedleSource;
import belonax.room.needle.MachineNow;
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
record MendForm(
        @Nullable List<Symptom> symptom,
        @Nullable List<When> when,
        @Nullable String cloth,

        @Ask(value = "Count the layers under the foot.", needed = true) @Nullable
        Integer layers,

        @Nullable String spool,
        @Nullable SearchSchool school) {

    /** Returns what is usual: the spool that is likely on the machine. */
    static MendForm usual(String likelySpool) {
        return new MendForm(null, null, "quilting-cotton", 2, likelySpool, SearchSchool.LIKELIEST_PER_MINUTE);
    }

    /**
     * Builds the case.
     *
     * @param named finds a cloth by its id
     * @throws belonax.BadInput naming all that will not do
     */
    MendCase started(MachineNow machine, Function<String, Cloth> named, LocalDate today) {
        Cloth chosen = named.apply(Objects.requireNonNullElse(cloth, ""));
        Stack stack = Stack.of(chosen, Objects.requireNonNull(layers));
        return new MendCase(
                machine.id(),
                machine.machine().name(),
                Objects.requireNonNullElse(symptom, List.of()),
                Objects.requireNonNullElse(when, List.of()),
                Objects.requireNonNullElse(school, SearchSchool.LIKELIEST_PER_MINUTE),
                chosen.id(),
                stack.words(),
                stack.layers(),
                spool == null || spool.isBlank() ? null : spool,
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
    record Found(
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
    record AsFound(@Ask(Dial.READ_IT) @Nullable Double dial) {}
}
