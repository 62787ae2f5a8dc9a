package belonax.web.bench;

import belonax.life.FitCheck;
import belonax.room.needle.MachineNow;
import belonax.room.needle.NeedleNotes;
import java.util.List;

/** What a needle that was fitted lately wants to be looked at for. */
public record AfterChange(FitCheck check, int place, String words, String how) {
    static List<AfterChange> of(MachineNow now) {
        boolean several = now.places().size() > 1;
        return NeedleNotes.fitChecks(now).stream()
                .map(checkWanted -> new AfterChange(
                        checkWanted.check(),
                        checkWanted.place().number(),
                        checkWanted.check().words()
                                + (several ? ", " + checkWanted.place().name() : ""),
                        checkWanted
                                .check()
                                .how(now.machine().wheelTurn(), now.card().hasThreader())))
                .toList();
    }
}
