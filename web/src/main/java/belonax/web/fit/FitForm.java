package belonax.web.fit;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleLabel.PrintedSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook.Disposal;
import belonax.room.supply.NeedleSource;
import belonax.room.supply.NeedleSupply.Change;
import belonax.room.supply.NeedleSupply.Choices;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is said at the end of a change.
 *
 * @param expected the needle that the page showed in that place
 * @param from the {@link NeedleSource} that was chosen
 */
public record FitForm(
        @Nullable Integer place,
        @Nullable UUID expected,
        @Nullable String from,
        @Nullable String label,
        @Nullable Disposal goes,
        @Nullable String where,
        @Nullable Boolean failed) {

    /** Returns it with the needle that was named, and the place where one was parked last. */
    static FitForm usual(int place, GoesIn in, Choices choices) {
        Optional<String> source = in.needle()
                .flatMap(needle -> Optional.ofNullable(choices.sourceOf().get(needle)));
        return new FitForm(
                place,
                null,
                source.orElse(null),
                source.isPresent() ? null : in.needle().map(FitForm::printed).orElse(null),
                Disposal.PARK,
                choices.lastPlace(),
                null);
    }

    /** Returns what the packet of a needle says. */
    private static String printed(Needle needle) {
        return needle.type().isMultiple() || needle.system() == NeedleSystem.H_130_705
                ? needle.label()
                : needle.type().words() + " " + needle.label();
    }

    /**
     * Builds the change.
     *
     * @param work what it is changed for
     * @throws BadInput naming what will not do
     */
    Change change(MachineNow machine, TableWork work) {
        return new Change(
                machine.id(),
                Objects.requireNonNullElse(place, 0),
                Optional.ofNullable(expected),
                NeedleSource.ofWord(Objects.requireNonNullElse(from, ""))
                        .orElseGet(() -> new NeedleSource.Other(
                                typed(printed(), machine), read(printed()).coated())),
                Objects.requireNonNullElse(goes, Disposal.PARK),
                Objects.requireNonNullElse(where, "").strip(),
                Boolean.TRUE.equals(failed),
                Optional.of(work));
    }

    private String printed() {
        return Objects.requireNonNullElse(label, "").strip();
    }

    /** A needle that lies in no packet of the drawer: read off what is printed, the machine's first system where it is silent. */
    private static Needle typed(String label, MachineNow machine) {
        BadInput.unless(
                !label.isEmpty(), "from", () -> "Say which needle went in: choose one of yours, or type its packet.");
        NeedleLabel.Reading reading = read(label);
        NeedleSystem system =
                reading.system().orElse(machine.machine().systems().get(0));
        BadInput.unless(
                !reading.isTypeUnknown(),
                "label",
                () ->
                        "Its letters cannot be read, and a needle of an unknown kind is not guessed. Look for a word or a picture on"
                                + " the packet, such as jeans or stretch, and type that.");
        NeedleType type = reading.type().orElse(NeedleType.UNIVERSAL);
        return reading.needle()
                .or(() -> reading.size()
                        .flatMap(PrintedSize::home)
                        .filter(size -> type.isMultiple() == reading.twin().isPresent())
                        .map(size -> new Needle(system, type, size, reading.twin())))
                .orElseThrow(() -> new BadInput("label", "Add the size, such as 80/12, and for a twin the spacing."));
    }

    private static NeedleLabel.Reading read(String label) {
        try {
            return NeedleLabel.read(label);
        } catch (BadInput e) {
            throw new BadInput("label", String.valueOf(e.getMessage()));
        }
    }
}
