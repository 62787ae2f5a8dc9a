package belonax.web.shared.form;

import belonax.BadInput;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table that came in as CSV, its first line naming the columns. What a spreadsheet writes otherwise (semicolons, a column twice,
 * cells beyond the last column) is told instead of guessed at.
 *
 * @param columns their names as they stand there
 */
public record Sheet(List<String> columns, List<Row> rows) {
    private static final int MAX_ROWS = 2000;
    private static final int MAX_BYTES = 2 << 20;
    private static final int SHOWN = 40;

    /**
     * A row.
     *
     * @param line where it stands in the file, the line of names being 1
     * @param cells by the names of their columns
     */
    public record Row(long line, Map<String, String> cells) {
        /** Returns a cell; nothing where the column is not there. */
        public String get(String column) {
            return cells.getOrDefault(column, "");
        }
    }

    /**
     * Reads a table.
     *
     * @param known what its columns may be, as a sentence lists them
     * @throws BadInput naming what it is instead, or the line that will not do, and what to do about it
     */
    public static Sheet read(byte[] file, String known) {
        BadInput.unless(
                file.length <= MAX_BYTES, "file", () -> "That file is larger than 2 MB. Send fewer rows at once.");
        String text = text(file);
        refuseOtherSeparators(text, known);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            List<String> columns = new ArrayList<>();
            List<Row> rows = new ArrayList<>();
            for (CSVRecord cSVRecord : parser) {
                if (columns.isEmpty()) {
                    columns.addAll(cSVRecord.toList());
                    refuseTwice(columns);
                } else {
                    rows.add(row(cSVRecord, columns));
                    BadInput.unless(
                            rows.size() <= MAX_ROWS,
                            "file",
                            () -> "That file has more than " + MAX_ROWS + " rows. Split it.");
                }
            }
            BadInput.unless(!rows.isEmpty(), "file", () -> "That file has no rows below its first line.");
            return new Sheet(columns, rows);
        } catch (IOException | UncheckedIOException e) {
            throw new BadInput("file", "That file is no CSV table. Its first line names the columns: " + known + ".");
        }
    }

    private static Row row(CSVRecord record, List<String> columns) {
        long extra = record.stream()
                .skip(columns.size())
                .filter(text -> !text.isEmpty())
                .count();
        BadInput.unless(
                extra == 0,
                "file",
                () -> "Row " + record.getRecordNumber()
                        + " has more cells than the first line has names. Put text that"
                        + " holds a comma into quotation marks.");
        Map<String, String> cells = new LinkedHashMap<>();
        for (int i = 0; i < columns.size() && i < record.size(); i++) {
            cells.put(columns.get(i), SheetCell.read(record.get(i)));
        }
        return new Row(record.getRecordNumber(), cells);
    }

    private static void refuseTwice(List<String> columns) {
        Set<String> seen = new HashSet<>();
        for (String column : columns) {
            BadInput.unless(
                    column.isEmpty() || seen.add(column),
                    "file",
                    () -> "The first line names “" + abridged(column) + "” twice. Leave one of the two columns out.");
        }
    }

    private static void refuseOtherSeparators(String text, String known) {
        String first = text.lines().findFirst().orElse("");
        for (char letter : new char[] {';', '\t'}) {
            BadInput.unless(
                    first.indexOf(letter) < 0 || first.indexOf(',') >= 0,
                    "file",
                    () -> "The cells of that file are parted by " + (letter == ';' ? "semicolons" : "tabs")
                            + ". Save it with commas; numbers then have a point: " + known + ".");
        }
    }

    private static String text(byte[] file) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw new BadInput(
                    "file", "That file is no text in UTF-8. Save the table as CSV in UTF-8 and send it again.");
        }
    }

    static String abridged(String text) {
        return text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
    }
}
