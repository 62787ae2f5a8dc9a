package belonax.web.shared.drawer;

import belonax.web.shared.drawer.MendCase.Result;
import belonax.web.shared.drawer.MendCase.State;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** The troubles of every machine, and what cured them. */
@Component
public class CaseBook {
    private final DrawerStore drawer;

    CaseBook(DrawerStore drawer) {
        this.drawer = drawer;
    }

    /** Returns the cases of a machine, the newest first. */
    public List<Kept<MendCase>> of(String machineId) {
        List<Kept<MendCase>> cases = new ArrayList<>(drawer.all(MendCase.class).stream()
                .filter(it -> it.card().machineId().equals(machineId))
                .toList());
        Collections.reverse(cases);
        return cases;
    }

    /** Returns the case that is open on a machine, if one is. */
    public Optional<Kept<MendCase>> open(String machineId) {
        return of(machineId).stream()
                .filter(it -> it.card().state() == State.OPEN)
                .findFirst();
    }

    /** Returns how often each check found something on a machine that was put right. */
    public Map<String, Integer> cures(String machineId) {
        Map<String, Integer> cures = new TreeMap<>();
        for (Kept<MendCase> it : of(machineId)) {
            it.card().checks(Result.CURED).forEach(check -> cures.merge(check, 1, Integer::sum));
            it.card().checks(Result.STILL).forEach(check -> cures.merge(check, 1, Integer::sum));
        }
        return cures;
    }
}
