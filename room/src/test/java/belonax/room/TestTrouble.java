package belonax.room;

import belonax.fault.SearchSchool;
import belonax.fault.Symptom;
import belonax.room.trouble.MendCase;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** A trouble that begins at a machine. */
public final class TestTrouble {
    private TestTrouble() {}

    public static MendCase at(String machine, Symptom symptom) {
        return new MendCase(
                machine,
                machine,
                List.of(symptom),
                List.of(),
                SearchSchool.LIKELIEST_PER_MINUTE,
                "poplin",
                "2 layers of poplin",
                2,
                null,
                null,
                Map.of(),
                null,
                List.of(),
                MendCase.State.OPEN,
                LocalDate.of(2026, 11, 25));
    }
}
