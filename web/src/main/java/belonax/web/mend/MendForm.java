package belonax.web.mend;

import belonax.BadInput;
import belonax.cloth.Cloth;
import belonax.cloth.Stack;
import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.fault.When;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.ClothShelf;
import belonax.room.drawer.NeedleSource;
import belonax.room.needle.MachineNow;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.MendCase.Result;
import belonax.room.trouble.MendCase.State;
import belonax.room.trouble.TroubleBook.Answer;
import belonax.web.shared.form.Entries;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Between what is told of a trouble and a case. */
@Component
class MendForm {
    static final String READ_THE_DIAL = "Read the dial off the machine: a number within its range.";

    private final ClothShelf cloths;
    private final DrawerStore drawer;
    private final Clock clock;

    MendForm(ClothShelf cloths, DrawerStore drawer, Clock clock) {
        this.cloths = cloths;
        this.drawer = drawer;
        this.clock = clock;
    }

    /** Returns the entries as they are usual, where nothing was typed. */
    Map<String, String> usual(Map<String, String> typed, MachineNow machine) {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("cloth", "quilting-cotton");
        all.put("layers", "2");
        all.put("spool", CureForm.likelySpool(drawer, machine));
        all.put("school", SearchSchool.LIKELIEST_PER_MINUTE.name());
        all.putAll(typed);
        return all;
    }

    /**
     * Builds the case.
     *
     * @throws BadInput naming all that will not do
     */
    MendCase started(Entries entries, MachineNow machine) {
        Cloth cloth = cloths.get(entries.text("cloth"));
        int layers = entries.whole("layers", "Count the layers under the foot.");
        List<Symptom> symptoms = entries.words("symptom", Symptom.class);
        List<When> when = entries.words("when", When.class);
        SearchSchool school = entries.word("school", SearchSchool.class, SearchSchool.LIKELIEST_PER_MINUTE);
        return entries.done(() -> {
            Stack stack = Stack.of(cloth, layers);
            return new MendCase(
                    machine.id(),
                    machine.machine().name(),
                    symptoms,
                    when,
                    school,
                    cloth.id(),
                    stack.words(),
                    layers,
                    entries.has("spool") ? entries.text("spool") : null,
                    null,
                    null,
                    List.of(),
                    State.OPEN,
                    LocalDate.now(clock));
        });
    }

    /**
     * Reads what a check came to.
     *
     * @param needles what a word of the list of needles names
     * @throws BadInput naming what will not do
     */
    static Answer answer(
            String check, Result result, Entries entries, Function<String, Optional<NeedleSource>> needles) {
        Double dial = entries.optional("dial", READ_THE_DIAL);
        return entries.done(() -> new Answer(
                check,
                result,
                dial,
                DrawerStore.uuid(entries.text("needle")),
                needles.apply(entries.text("in")),
                DrawerStore.uuid(entries.text("spool"))));
    }
}
