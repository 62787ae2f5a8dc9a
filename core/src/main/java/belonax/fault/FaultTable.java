package belonax.fault;

import belonax.fault.Check.Needs;
import belonax.fault.Check.Who;
import belonax.hazard.Part;
import belonax.rules.RuleTable;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** The causes and checks of the field, read from their tables once; a bad row stops the start with its line. */
public final class FaultTable {
    private static final RuleTable CAUSES = new RuleTable(
            "causes.txt",
            "id | what it is | per cent of all troubles | check | blames | grows with | symptom chance, ... | when log-odds, ... | glance chance, ...");
    private static final RuleTable CHECKS = new RuleTable(
            "checks.txt",
            "id | title | minutes | LOOK or CHANGE | who | needs | on record | tools | steps | found when | cautions");

    /** Whether a check changes something or only looks. */
    private enum Kind {
        LOOK,
        CHANGE
    }

    private final List<Cause> causes;
    private final Map<CheckId, Check> checks;

    private FaultTable(List<Cause> causes, Map<CheckId, Check> checks) {
        this.causes = List.copyOf(causes);
        this.checks = checks;
    }

    /** Returns the tables that Belonax ships. */
    public static FaultTable standard() {
        Map<CheckId, Check> checks =
                byId(CheckId.class, "checks.txt", CHECKS.read(FaultTable.class, FaultTable::check), Check::id);
        List<Cause> causes = CAUSES.read(FaultTable.class, row -> cause(row, checks));
        byId(CauseId.class, "causes.txt", causes, Cause::id);
        return new FaultTable(causes, checks);
    }

    List<Cause> causes() {
        return causes;
    }

    /** Returns every check, in the order of its table. */
    public List<Check> checks() {
        return List.copyOf(checks.values());
    }

    public Check check(CheckId id) {
        return Objects.requireNonNull(checks.get(id));
    }

    /** Sorts rows by their ids; every id has exactly one. */
    private static <I extends Enum<I>, R> Map<I, R> byId(Class<I> ids, String file, List<R> rows, Function<R, I> id) {
        Map<I, R> all = new EnumMap<>(ids);
        for (R row : rows) {
            if (all.put(id.apply(row), row) != null) {
                throw new IllegalStateException(file + ": " + id.apply(row) + " has two rows. Leave one.");
            }
        }
        Set<I> missing = EnumSet.allOf(ids);
        missing.removeAll(all.keySet());
        if (!missing.isEmpty()) {
            throw new IllegalStateException(file + ": no row for " + missing + ". Add it, or take the name out.");
        }
        return all;
    }

    private static Cause cause(RuleTable.Row row, Map<CheckId, Check> checks) {
        return new Cause(
                row.word(0, CauseId.class),
                row.text(1),
                row.number(2) / 100,
                Objects.requireNonNull(checks.get(row.word(3, CheckId.class))),
                row.text(4).isEmpty() ? Optional.empty() : Optional.of(row.word(4, Part.class)),
                row.text(5).isEmpty() ? Known.NOTHING : row.word(5, Known.class),
                row.numbers(6, Symptom.class),
                row.numbers(7, When.class),
                row.numbers(8, Glance.class));
    }

    private static Check check(RuleTable.Row row) {
        return new Check(
                row.word(0, CheckId.class),
                row.text(1),
                row.number(2),
                row.word(3, Kind.class) == Kind.CHANGE,
                row.word(4, Who.class),
                row.text(5).isEmpty() ? Needs.NOTHING : row.word(5, Needs.class),
                row.text(6).isEmpty() ? OnRecord.NOTHING : row.word(6, OnRecord.class),
                row.text(7),
                row.sentences(8),
                row.text(9),
                row.sentences(10));
    }
}
