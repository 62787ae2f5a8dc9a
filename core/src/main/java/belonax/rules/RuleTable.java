package belonax.rules;

import belonax.BadInput;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A table in a file: one row a line, columns parted by upright strokes; blank lines and those that begin with # are passed over.
 *
 * @param file its name, for what is wrong with it
 * @param columns what its columns are, parted as in the file
 */
public record RuleTable(String file, String columns) {

    /**
     * Reads the rows of a file beside a class.
     *
     * @throws IllegalStateException naming file, line and what to write, if a row will not do
     */
    public <T> List<T> read(Class<?> beside, Function<Row, T> row) {
        try (InputStream in = beside.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException(file + " is missing from the core. Build Belonax again.");
            }
            return read(
                    new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))
                            .lines()
                            .toList(),
                    row);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Reads rows out of lines.
     *
     * @throws IllegalStateException naming file, line and what to write, if a row will not do
     */
    public <T> List<T> read(List<String> lines, Function<Row, T> row) {
        List<T> rows = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            if (!line.isBlank() && !line.startsWith("#")) {
                rows.add(read(line, i + 1, row));
            }
        }
        return rows;
    }

    private <T> T read(String line, int number, Function<Row, T> row) {
        List<String> fields = parts(line);
        int wanted = parts(columns).size();
        try {
            if (fields.size() != wanted) {
                throw new IllegalArgumentException(fields.size() + " columns instead of " + wanted + ".");
            }
            return row.apply(new Row(fields));
        } catch (IllegalArgumentException | BadInput e) {
            throw new IllegalStateException(
                    file + ", line " + number + ": " + e.getMessage() + " Write: " + columns + ".", e);
        }
    }

    private static List<String> parts(String line) {
        return Stream.of(line.split("\\|", -1)).map(String::strip).toList();
    }

    /** One row. What cannot be read of it is refused with the word that stands there. */
    public record Row(List<String> fields) {
        public Row {
            fields = List.copyOf(fields);
        }

        public String text(int column) {
            return fields.get(column);
        }

        public double number(int column) {
            return number(text(column));
        }

        /** Returns a number; nothing where nothing stands. */
        public OptionalDouble optional(int column) {
            return text(column).isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(number(column));
        }

        /** Returns one word of a closed set. */
        public <E extends Enum<E>> E word(int column, Class<E> type) {
            return word(text(column), type);
        }

        /** Returns words of a closed set, parted by blanks or commas. */
        public <E extends Enum<E>> Set<E> words(int column, Class<E> type) {
            Set<E> words = EnumSet.noneOf(type);
            Stream.of(text(column).split("[\\s,]+"))
                    .filter(string -> !string.isEmpty())
                    .forEach(string -> words.add(word(string, type)));
            return words;
        }

        /** Returns words of a closed set, each with its number, parted by commas. */
        public <E extends Enum<E>> Map<E, Double> numbers(int column, Class<E> type) {
            Map<E, Double> numbers = new EnumMap<>(type);
            for (String string : text(column).split(",")) {
                String[] pair = string.strip().split("\\s+");
                if (pair.length == 2) {
                    numbers.put(word(pair[0], type), number(pair[1]));
                } else if (!string.isBlank()) {
                    throw new IllegalArgumentException("“" + string.strip() + "” is no word with its number.");
                }
            }
            return numbers;
        }

        /** Returns sentences, parted by semicolons after their stops. */
        public List<String> sentences(int column) {
            return text(column).isEmpty()
                    ? List.of()
                    : Stream.of(text(column).split("(?<=[.?]);\\s*"))
                            .map(String::strip)
                            .toList();
        }

        private static double number(String text) {
            try {
                return Double.parseDouble(text);
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException("“" + text + "” is no number.", e);
            }
        }

        private static <E extends Enum<E>> E word(String text, Class<E> type) {
            return Stream.of(type.getEnumConstants())
                    .filter(value -> value.name().equals(text))
                    .findFirst()
                    .orElseThrow(() ->
                            new IllegalArgumentException("“" + text + "” is none of " + EnumSet.allOf(type) + "."));
        }
    }
}
