package belonax.web.drawer.csv;

import belonax.BadInput;
import belonax.BadInput.Problem;
import belonax.room.card.Card;
import belonax.room.settings.Units;
import belonax.web.shared.form.FormBinding;
import belonax.web.shared.form.Problems;
import belonax.web.shared.form.Sheet;
import belonax.web.shared.form.SheetCell;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.validation.BindingResult;
import org.springframework.validation.FieldError;
import org.springframework.validation.ObjectError;

/**
 * A table of one kind of card as CSV. Its columns are the entries of the form for that card, so that a file is read by the
 * very rules of the form. A cell that a spreadsheet would take for a formula is written with an apostrophe before it.
 *
 * @param columns the form's entry by the name of its column
 * @param form the form itself
 * @param build makes a card of a form
 * @param lists entries of which a cell holds several, parted by spaces or commas
 */
record CsvTable<F, T extends Card>(Map<String, String> columns, Class<F> form, Build<F, T> build, List<String> lists) {
    /** Makes a card of a form and of what a row holds beside it. */
    interface Build<F, T> {
        T of(F form, Map<String, String> entries, Units units);
    }

    /** Returns the rows as CSV, with a first line of column names. */
    String write(List<Map<String, String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(columns.keySet());
            for (Map<String, String> row : rows) {
                printer.printRecord(columns.values().stream()
                        .map(entry -> SheetCell.written(row.getOrDefault(entry, "")))
                        .toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /**
     * Reads every row, or none.
     *
     * @throws BadInput naming each row that will not do
     */
    List<T> read(byte[] file, Units units) {
        List<T> cards = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        Sheet sheet = Sheet.read(file, names());
        checkColumns(sheet.columns());
        for (Sheet.Row row : sheet.rows()) {
            Map<String, String> entries = entries(row);
            BindingResult bound = FormBinding.bind(form, entries);
            Problems.read(bound, () -> build.of(form.cast(bound.getTarget()), entries, units))
                    .ifPresent(cards::add);
            bound.getAllErrors().forEach(objectError -> problems.add(problem(row, objectError)));
        }
        if (!problems.isEmpty()) {
            throw new BadInput(problems);
        }
        return cards;
    }

    private Problem problem(Sheet.Row row, ObjectError wrong) {
        String entry = wrong instanceof FieldError ofEntry ? ofEntry.getField() : "";
        return new Problem("file", "Row " + row.line() + ", " + column(entry) + ": " + wrong.getDefaultMessage());
    }

    private void checkColumns(List<String> found) {
        List<String> unknown = found.stream()
                .filter(text -> !columns.containsKey(text))
                .limit(5)
                .toList();
        BadInput.unless(
                !found.isEmpty() && unknown.isEmpty(),
                "file",
                () -> "The first line names columns that are not known here"
                        + (unknown.isEmpty()
                                ? ""
                                : ": "
                                        + unknown.stream()
                                                .map(CsvTable::abridged)
                                                .collect(Collectors.joining(", ")))
                        + ". Known are " + names() + ".");
    }

    private Map<String, String> entries(Sheet.Row row) {
        Map<String, String> entries = new LinkedHashMap<>();
        columns.forEach((name, entry) -> {
            if (row.cells().containsKey(name)) {
                String cell = row.get(name);
                entries.put(entry, lists.contains(entry) ? String.join(",", cell.split("[ ,;]+")) : cell);
            }
        });
        return entries;
    }

    private String column(String entry) {
        return columns.entrySet().stream()
                .filter(column -> column.getValue().equals(entry))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(entry.isEmpty() ? "the row" : entry);
    }

    private String names() {
        return String.join(", ", columns.keySet());
    }

    private static String abridged(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }

    /** Returns columns in their order: name, entry, name, entry … */
    static Map<String, String> columns(String... pairs) {
        Map<String, String> columns = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            columns.put(pairs[i], pairs[i + 1]);
        }
        return columns;
    }
}
