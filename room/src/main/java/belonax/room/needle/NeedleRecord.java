package belonax.room.needle;

import belonax.life.Sign;
import belonax.life.Wear;
import belonax.needle.Needle;
import belonax.needle.NeedleInUse;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * One needle of flesh and steel with what its events come to.
 *
 * @param keptAt the place where it is parked, in the owner's words
 * @param minutes at the needle, on the clock
 * @param mainWear the work that cost it most
 * @param machineId the machine it is in, or was in last
 * @param failed whether it broke, or was retired because of a sign
 * @param missing pieces of it that were not found yet
 * @param waits whether they wait for the service, since a whole turn by hand was silent
 * @param projects projects begun with it, big ones among them
 */
public record NeedleRecord(
        UUID id,
        Needle needle,
        NeedleState state,
        String keptAt,
        double effectiveHours,
        double minutes,
        boolean struck,
        boolean coated,
        Optional<Sign> lastSign,
        Wear mainWear,
        Optional<String> machineId,
        Optional<Instant> firstAt,
        Optional<Instant> lastAt,
        boolean failed,
        String missing,
        boolean waits,
        int projects,
        int bigProjects) {

    public NeedleInUse inUse() {
        return new NeedleInUse(needle, Math.min(1000, effectiveHours), struck);
    }

    /** Tells whether its life is over. */
    public boolean isOver() {
        return state == NeedleState.JARRED || state == NeedleState.BROKEN;
    }
}
