package belonax.fault;

import belonax.BadInput;
import belonax.fault.Check.Who;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The causes and checks of the field, read from their tables once; a bad row stops the start with its line. */
public final class FaultTable {
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
        List<Cause> causes = new ArrayList<>();
        rows("causes.txt", 7).forEach(it -> causes.add(cause(it)));
        Map<String, Check> checks = new LinkedHashMap<>();
        rows("checks.txt", 9).forEach(it -> checks.put(it.get(0), check(it)));
        return new FaultTable(causes, checks);
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

    private static Cause cause(List<String> row) {
        Map<Symptom, Double> shows = new EnumMap<>(Symptom.class);
        pairs(row.get(4)).forEach((name, chance) -> shows.put(Symptom.valueOf(name), chance));
        Map<When, Double> whenAdds = new EnumMap<>(When.class);
        pairs(row.get(5)).forEach((name, logOdds) -> whenAdds.put(When.valueOf(name), logOdds));
        Map<Glance, Double> standsOut = new EnumMap<>(Glance.class);
        pairs(row.get(6)).forEach((name, chance) -> standsOut.put(Glance.valueOf(name), chance));
        return new Cause(
                row.get(0), row.get(1), Double.parseDouble(row.get(2)) / 100, row.get(3), shows, whenAdds, standsOut);
    }

    private static Check check(List<String> row) {
        boolean changes = row.get(3).equals("CHANGE");
        return new Check(
                row.get(0),
                row.get(1),
                Double.parseDouble(row.get(2)),
                changes,
                Who.valueOf(row.get(4)),
                row.get(5),
                sentences(row.get(6)),
                row.get(7),
                sentences(row.get(8)));
    }

    private static List<String> sentences(String text) {
        return text.isBlank()
                ? List.of()
                : Arrays.stream(text.split("(?<=[.?]);\\s*")).map(String::strip).toList();
    }

    private static Map<String, Double> pairs(String text) {
        Map<String, Double> pairs = new LinkedHashMap<>();
        for (String it : text.isBlank() ? new String[0] : text.split(",")) {
            String[] pair = it.strip().split("\\s+");
            pairs.put(pair[0], Double.parseDouble(pair[1]));
        }
        return pairs;
    }

    private static List<List<String>> rows(String file, int columns) {
        List<List<String>> rows = new ArrayList<>();
        int line = 0;
        try (InputStream in = Objects.requireNonNull(FaultTable.class.getResourceAsStream(file));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            for (String text = lines.readLine(); text != null; text = lines.readLine()) {
                line++;
                if (!text.isBlank() && !text.startsWith("#")) {
                    List<String> row = Arrays.stream(text.split("\\|", -1))
                            .map(String::strip)
                            .toList();
                    if (row.size() != columns) {
                        throw new IllegalStateException(file + ", line " + line + ": " + row.size()
                                + " columns instead of " + columns + ". Compare it with the line above it.");
                    }
                    rows.add(row);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }
}
