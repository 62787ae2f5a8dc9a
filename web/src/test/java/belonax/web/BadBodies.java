package belonax.web;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/**
 * Spoils a good body in every way that a caller gets wrong: each field missing, null, of another type, out of range; and the
 * body as a whole. The arguments are what is wrong, the status to expect, the path and the body.
 */
public final class BadBodies {
    private final String path;
    private final Map<String, String> good = new LinkedHashMap<>();
    private final List<String> required = new ArrayList<>();
    private final List<Arguments> all = new ArrayList<>();

    private BadBodies(String path) {
        this.path = path;
    }

    public static BadBodies of(String path) {
        return new BadBodies(path);
    }

    /** Adds a number that the call cannot do without, with values that make no sense. */
    public BadBodies number(String field, String value, String... senseless) {
        required.add(field);
        return optionalNumber(field, value, senseless);
    }

    /** Adds a number that may be left out, with values that make no sense. */
    public BadBodies optionalNumber(String field, String value, String... senseless) {
        good.put(field, value);
        spoil(field, 400, "\"" + value + "\"", "true", "{}", "[]", "NaN");
        spoil(field, 422, "1e999", "-1e999", "\"NaN\"", "\"Infinity\"");
        spoil(field, 422, senseless);
        return this;
    }

    /** Adds a text that the call cannot do without, with texts that make no sense. */
    public BadBodies text(String field, String value, String... senseless) {
        required.add(field);
        good.put(field, "\"" + value + "\"");
        spoil(field, 400, "7", "true", "{}", "[]", "1.5");
        for (String text : senseless) {
            spoil(field, 422, "\"" + text + "\"");
        }
        return this;
    }

    /** Adds a word of a closed set. */
    public BadBodies word(String field, String value) {
        required.add(field);
        good.put(field, "\"" + value + "\"");
        spoil(
                field,
                400,
                "7",
                "0",
                "true",
                "{}",
                "[]",
                "\"\"",
                "\"" + value.toLowerCase(java.util.Locale.ROOT) + "\"",
                "\"NOSUCH\"");
        return this;
    }

    public Stream<Arguments> stream() {
        String body = body(Map.of());
        for (String text : required) {
            add(400, text + " missing", bodyWithout(text));
            add(400, text + " null", body(Map.of(text, "null")));
        }
        String inner = body.substring(1, body.length() - 1);
        String field = good.keySet().iterator().next();
        add(400, "nothing", "");
        add(400, "blanks", "  ");
        add(400, "null", "null");
        add(400, "a list", "[" + body + "]");
        add(400, "a text", "\"text\"");
        add(400, "a number", "7");
        add(400, "a form", "a=b&c=d");
        add(400, "cut short", body.substring(0, body.length() - 1));
        add(400, "bytes after the end", body + " more");
        add(400, "two objects", body + body);
        add(400, "a trailing comma", "{" + inner + ",}");
        add(400, "single quotes", body.replace('"', '\''));
        add(400, "a comment", "/* hello */" + body);
        add(400, "an unknown property", "{" + inner + ",\"colour\":\"red\"}");
        add(400, "a property in capitals", "{" + inner + ",\"" + field.toUpperCase(java.util.Locale.ROOT) + "\":1}");
        add(400, "a doubled property", "{" + inner + "," + inner + "}");
        add(400, "deep nesting", "[".repeat(3000) + "]".repeat(3000));
        add(400, "not UTF-8 letters in quotes left open", "{\"" + field + "\":\"\u0000");
        return all.stream();
    }

    private void spoil(String field, int status, String... values) {
        for (String value : values) {
            all.add(Arguments.of(field + " " + value, status, path, Map.of(field, value)));
        }
    }

    private void add(int status, String what, String body) {
        all.add(Arguments.of(what, status, path, body));
    }

    /** Returns the body of one of these arguments: what is spoilt is put into the good body. */
    @SuppressWarnings("unchecked")
    public Arguments whole(Arguments arguments) {
        Object last = arguments.get()[3];
        return last instanceof Map<?, ?> change
                ? Arguments.of(
                        arguments.get()[0], arguments.get()[1], arguments.get()[2], body((Map<String, String>) change))
                : arguments;
    }

    private String body(Map<String, String> changes) {
        return good.entrySet().stream()
                .map(entry -> "\"" + entry.getKey() + "\":" + changes.getOrDefault(entry.getKey(), entry.getValue()))
                .collect(Collectors.joining(",", "{", "}"));
    }

    private String bodyWithout(String field) {
        return good.entrySet().stream()
                .filter(entry -> !entry.getKey().equals(field))
                .map(entry -> "\"" + entry.getKey() + "\":" + entry.getValue())
                .collect(Collectors.joining(",", "{", "}"));
    }
}
