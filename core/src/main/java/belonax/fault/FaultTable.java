package belonax.fault;

import belonax.BadInput;
import belonax.fault.Check.Who;
import belonax.table.Table;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The causes and checks of the field, read from their tables once; a bad row stops the start with its line. */
public final class FaultTable {
    private static final Table CAUSES = new Table(
            "causes.txt",
            "id | what it is | per cent of all troubles | check | symptom chance, ... | when log-odds, ... | glance chance, ...");
    private static final Table CHECKS = new Table(
            "checks.txt", "id | title | minutes | LOOK or CHANGE | who | tools | steps | found when | cautions");

    /** Whether a check changes something or only looks. */
    private enum Kind {
        LOOK,
        CHANGE
    }

    private final List<Cause> causes;
    private final Map<String, Check> checks;

    private FaultTable(List<Cause> causes, Map<String, Check> checks) {
        this.causes = List.copyOf(causes);
        this.checks = checks;
        for (Cause it : causes) {
            if (!checks.containsKey(it.check())) {
                throw new IllegalStateException("causes.txt: no check " + it.check() + " finds " + it.id() + ".");
            }
        }
    }

    /** Returns the tables that Belonax ships. */
    public static FaultTable standard() {
        Map<String, Check> checks = new LinkedHashMap<>();
        CHECKS.read(FaultTable.class, FaultTable::check).forEach(it -> checks.put(it.id(), it));
        return new FaultTable(CAUSES.read(FaultTable.class, FaultTable::cause), checks);
    }

    List<Cause> causes() {
        return causes;
    }

    /** Returns every check, in the order of its table. */
    public List<Check> checks() {
        return List.copyOf(checks.values());
    }

    /**
     * Returns a check.
     *
     * @throws BadInput if there is none with this id
     */
    public Check check(String id) {
        Check check = checks.get(id);
        if (check == null) {
            throw new BadInput(
                    "No check is called “" + id + "”. The checks are: " + String.join(", ", checks.keySet()) + ".");
        }
        return check;
    }

    private static Cause cause(Table.Row row) {
        return new Cause(
                row.text(0),
                row.text(1),
                row.number(2) / 100,
                row.text(3),
                row.numbers(4, Symptom.class),
                row.numbers(5, When.class),
                row.numbers(6, Glance.class));
    }

    private static Check check(Table.Row row) {
        return new Check(
                row.text(0),
                row.text(1),
                row.number(2),
                row.word(3, Kind.class) == Kind.CHANGE,
                row.word(4, Who.class),
                row.text(5),
                row.sentences(6),
                row.text(7),
                row.sentences(8));
    }
}
