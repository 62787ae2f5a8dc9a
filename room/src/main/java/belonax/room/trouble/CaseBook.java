package belonax.room.trouble;

import belonax.fault.CheckId;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.trouble.MendCase.Result;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** The troubles of every machine, and what cured them. */
@Component
public class CaseBook {
    private static final int MOST = 200;

    private final DrawerStore drawer;

    CaseBook(DrawerStore drawer) {
        this.drawer = drawer;
    }

    /** Returns the cases of a machine, the newest first. */
    public List<Kept<MendCase>> of(String machineId) {
        return drawer.ofMachine(MendCase.class, machineId, MOST);
    }

    /** Returns the case that is open on a machine, if one is. */
    public Optional<Kept<MendCase>> open(String machineId) {
        return drawer.open(MendCase.class, machineId);
    }

    /** Returns how often each check found something on a machine that was put right. */
    public Map<CheckId, Integer> cures(String machineId) {
        Map<CheckId, Integer> cures = new TreeMap<>();
        for (Kept<MendCase> kept : of(machineId)) {
            kept.card().checks(Result.CURED).forEach(check -> cures.merge(check, 1, Integer::sum));
            kept.card().checks(Result.STILL).forEach(check -> cures.merge(check, 1, Integer::sum));
        }
        return cures;
    }
}
