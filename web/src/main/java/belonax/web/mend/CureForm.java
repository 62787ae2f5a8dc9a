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
            MendCase it, Records records, MachineNow now, MendNeedles.@Nullable Form needle, List<Kept<Spool>> sound) {
        return new CureForm(
                records,
                needle,
                records == Records.DIAL ? Words.typed(dialAgain(now)) : "",
                choices(sound),
                it.spool() == null ? "" : it.spool());
    }

    /** Returns the spools that can be on a machine. */
    static List<Choice> choices(List<Kept<Spool>> sound) {
        return sound.stream()
                .map(it ->
                        new Choice(it.id().toString(), Words.capital(it.card().words())))
                .toList();
    }

    /** Returns the spool that is most likely on a machine: the same thickness, fibre and build. */
    static String likelySpool(List<Kept<Spool>> sound, MachineNow now) {
        return sound.stream()
                .filter(it -> isOn(it, now))
                .map(it -> it.id().toString())
                .findFirst()
                .orElse("");
    }

    private static boolean isOn(Kept<Spool> it, MachineNow now) {
        return now.thread()
                .filter(on -> on.tex().value() == it.card().tex()
                        && on.fibre() == it.card().fibre()
                        && on.build() == it.card().build())
                .isPresent();
    }

    /** The last balance, or the middle of the usual band when that balance lies outside it. */
    private static double dialAgain(MachineNow now) {
        Dial dial = now.machine().dial();
        return now.dial().stream().filter(dial::isInBand).findFirst().orElseGet(dial::usualSetting);
    }
}
