package belonax.web.welcome;

import belonax.machine.Machine;
import belonax.machine.MachineBuilder;
import belonax.machine.MachineKind;
import belonax.machine.Past;
import belonax.needle.Needle;
import belonax.needle.NeedleSystem;
import belonax.room.machine.MachineCard;
import belonax.thread.UsualThread;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A newcomer's answers.
 *
 * @param past where the machine comes from
 * @param needle what its packet says; empty when nobody can tell
 * @param thread what the thread looks like
 */
public record WelcomeForm(
        @Nullable MachineKind kind,
        @Nullable Past past,
        @Nullable String name,
        @Nullable String needle,
        @Nullable String cloth,
        @Nullable UsualThread thread) {
    static final String USUAL_CLOTH = "quilting-cotton";

    static WelcomeForm usual() {
        return new WelcomeForm(
                MachineKind.COMPUTER_CONTROLLED, Past.IN_USE, null, null, USUAL_CLOTH, UsualThread.ORDINARY);
    }

    /**
     * Reads the needle; empty when nothing was typed.
     *
     * @throws belonax.BadInput if it cannot be read or tells no size
     */
    Optional<Needle> fitted() {
        return FirstNeedle.of(Objects.requireNonNullElse(needle, "").strip());
    }

    /** Returns where the machine comes from. */
    Past from() {
        return Objects.requireNonNullElse(past, Past.IN_USE);
    }

    /** Returns what the thread looks like. */
    UsualThread threadLook() {
        return Objects.requireNonNullElse(thread, UsualThread.UNKNOWN);
    }

    /** The system that is in the machine is taken to be on its list; the drawer tells how to correct that. */
    MachineCard card() {
        String called = name == null || name.isBlank() ? "My machine" : name.strip();
        MachineBuilder machine =
                Machine.described(called, Objects.requireNonNullElse(kind, MachineKind.COMPUTER_CONTROLLED));
        List<NeedleSystem> systems = fitted().map(Needle::system).map(List::of).orElse(List.of());
        if (!systems.isEmpty()) {
            machine.systems(systems);
        }
        return MachineCard.of(machine.build(), "");
    }
}
