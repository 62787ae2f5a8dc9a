package belonax.web.mend;

import belonax.machine.Dial;
import belonax.room.Choice;
import belonax.room.Words;
import belonax.room.card.Kept;
import belonax.room.drawer.Spool;
import belonax.room.needle.MachineNow;
import belonax.room.trouble.MendCase;
import belonax.room.trouble.Records;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is asked beside a check, so that one press records all that goes with its answer.
 *
 * @param records what the answer changes beside the search
 * @param dial where the dial would stand again; empty when it is not asked
 * @param spool the spool that is on the machine; empty when it is none of the drawer's
 */
public record CureForm(
        Records records, MendNeedles.@Nullable Form needle, String dial, List<Choice> spools, String spool) {

    /**
     * Returns what is asked.
     *
     * @param needle the list of needles, where a needle goes with the answer
     * @param sound the spools that may be sewn with, where a spool does
     */
    static CureForm of(
            MendCase mendCase,
            Records records,
            MachineNow now,
            MendNeedles.@Nullable Form needle,
            List<Kept<Spool>> sound) {
        return new CureForm(
                records,
                needle,
                records == Records.DIAL ? Words.typed(dialAgain(now)) : "",
                choices(sound),
                mendCase.spool() == null ? "" : mendCase.spool());
    }

    /** Returns the spools that can be on a machine. */
    static List<Choice> choices(List<Kept<Spool>> sound) {
        return sound.stream()
                .map(kept -> new Choice(
                        kept.id().toString(), Words.capital(kept.card().words())))
                .toList();
    }

    /** Returns the spool that is most likely on a machine: the same thickness, fibre and build. */
    static String likelySpool(List<Kept<Spool>> sound, MachineNow now) {
        return sound.stream()
                .filter(kept -> isOn(kept, now))
                .map(kept -> kept.id().toString())
                .findFirst()
                .orElse("");
    }

    private static boolean isOn(Kept<Spool> kept, MachineNow now) {
        return now.thread()
                .filter(on -> on.tex().value() == kept.card().tex()
                        && on.fibre() == kept.card().fibre()
                        && on.build() == kept.card().build())
                .isPresent();
    }

    /** The last balance, or the middle of the usual band when that balance lies outside it. */
    private static double dialAgain(MachineNow now) {
        Dial dial = now.machine().dial();
        return now.dial().stream().filter(dial::isInBand).findFirst().orElseGet(dial::usualSetting);
    }
}
