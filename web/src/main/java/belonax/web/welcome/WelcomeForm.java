package belonax.web.welcome;

import belonax.machine.Machine;
import belonax.machine.MachineBuilder;
import belonax.machine.MachineKind;
import belonax.needle.Needle;
import belonax.room.machine.MachineCard;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A newcomer's three answers.
 *
 * @param needle what its packet says; empty when nobody can tell
 */
record WelcomeForm(
        @Nullable MachineKind kind,
        @Nullable String name,
        @Nullable String needle,
        @Nullable String cloth) {
    static final String USUAL_CLOTH = "quilting-cotton";

    static WelcomeForm usual() {
        return new WelcomeForm(MachineKind.COMPUTER_CONTROLLED, null, null, USUAL_CLOTH);
    }

    /**
     * Reads the needle; empty when nothing was typed.
     *
     * @throws belonax.BadInput if it cannot be read or tells no size
     */
    Optional<Needle> fitted() {
        return FirstNeedle.of(Objects.requireNonNullElse(needle, "").strip());
    }

    /** The system that is in the machine is taken to be on its list; the drawer tells how to correct that. */
    MachineCard card() {
        String called = name == null || name.isBlank() ? "My machine" : name.strip();
        MachineBuilder machine =
                Machine.described(called, Objects.requireNonNullElse(kind, MachineKind.COMPUTER_CONTROLLED));
        fitted().ifPresent(it -> machine.systems(List.of(it.system())));
        return MachineCard.of(machine.build(), "");
    }
}
