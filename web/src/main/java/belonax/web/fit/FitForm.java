package belonax.web.fit;

import belonax.BadInput;
import belonax.needle.Needle;
import belonax.needle.NeedleLabel;
import belonax.needle.NeedleLabel.PrintedSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.NeedleSource;
import belonax.room.drawer.NeedleSupply.Change;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleBook.Goes;
import belonax.web.shared.form.Entries;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Between what is said at the end of a change and the change. */
final class FitForm {
    private FitForm() {}

    static Map<String, String> usual(MachineNow machine, int place) {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("goes", Goes.PARK.name());
        all.put("place", String.valueOf(place));
        return all;
    }

    /**
     * Builds the change.
     *
     * @throws BadInput naming what will not do
     */
    static Change change(Entries entries, MachineNow machine, int place) {
        Optional<UUID> expectedOut = DrawerStore.uuid(entries.text("expected"));
        Goes goes = entries.word("goes", Goes.class, Goes.PARK);
        Optional<NeedleSource> owned = NeedleSource.ofWord(entries.text("from"));
        return entries.done(() -> new Change(
                machine.id(),
                place,
                expectedOut,
                owned.orElseGet(() -> new NeedleSource.Other(
                        typed(entries, machine), read(entries.text("label")).coated())),
                goes,
                entries.text("where"),
                entries.ticked("failed")));
    }

    /** A needle that lies in no packet of the drawer: read off what is printed, the machine's first system where it is silent. */
    private static Needle typed(Entries entries, MachineNow machine) {
        BadInput.unless(
                entries.has("label"),
                "from",
                () -> "Say which needle went in: choose one of yours, or type its packet.");
        NeedleLabel.Reading reading = read(entries.text("label"));
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
                        .filter(it -> type.isMultiple() == reading.twin().isPresent())
                        .map(it -> new Needle(system, type, it, reading.twin())))
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
