package belonax.web.balance;

import belonax.balance.BobbinPull;
import belonax.balance.BobbinPull.Pull;
import belonax.machine.BobbinKind;
import belonax.machine.Threading.BobbinTurn;
import belonax.room.needle.MachineNow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is looked at before the first strip, worded for this machine. */
public record BeforeView(
        List<Look> looks, BobbinPull test, BobbinPull withSpring, List<Pull> pulls, boolean canBeAdjusted) {

    /** One look, with what it shows and what to do when it does not. */
    public record Look(String title, String right, String wrong) {}

    static BeforeView of(MachineNow machine) {
        BobbinKind bobbin = machine.machine().bobbin();
        Optional<BobbinTurn> turns = machine.card().threaded().bobbinTurns();
        List<Look> looks = new ArrayList<>();
        looks.add(new Look(
                "Foot up: the top thread runs free",
                "The discs are open.",
                "Thread it again with the foot up; threaded foot down is among the commonest faults."));
        looks.add(new Look(
                "Foot down: it grips and the needle bends",
                "The discs hold it.",
                "Draw a soft cord through the open discs, foot up. Wax and rust are a technician's."));
        looks.add(new Look(
                "The bobbin is even and firm, and not nearly empty",
                "It pulls alike all the way.",
                "Wind another: a soft one, or its last metre, pulls unevenly."));
        looks.add(
                bobbin == BobbinKind.SEALED
                        ? new Look(
                                turns.map(bobbinTurn -> "The bobbin turns " + bobbinTurn.words()
                                                + ", its thread under the spring")
                                        .orElse("The bobbin lies the way the cover shows, its thread under the spring"),
                                turns.isPresent() ? "So its owner wrote it down." : "It turns as the arrow says.",
                                "Turn it over and draw the thread into its slot.")
                        : new Look(
                                "Seen from the open side the bobbin turns "
                                        + turns.orElse(BobbinTurn.CLOCKWISE).words()
                                        + " when pulled, and the case clicks home",
                                "Its thread lies under the spring.",
                                "Turn it over, draw the thread under the spring, and seat the case against its stop."));
        return new BeforeView(
                looks,
                BobbinPull.of(bobbin, false),
                BobbinPull.of(bobbin, true),
                List.of(Pull.values()),
                bobbin == BobbinKind.REMOVABLE);
    }
}
