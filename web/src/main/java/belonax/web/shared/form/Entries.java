package belonax.web.shared.form;

import belonax.BadInput;
import belonax.BadInput.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;

/** The entries of one form as they were typed. Reading one that will not do is noted, and {@link #done} refuses them all. */
public final class Entries {
    private static final int LONGEST = 2000;

    private final MultiValueMap<String, String> typed;
    private final List<Problem> problems = new ArrayList<>();

    public Entries(MultiValueMap<String, String> typed) {
        this.typed = typed;
    }

    /** Returns what was typed, for showing it again. */
    public Map<String, String> shown() {
        Map<String, String> shown = new LinkedHashMap<>();
        typed.forEach((name, values) -> shown.put(name, String.join(",", values)));
        return shown;
    }

    /** Tells whether anything stands in this field. */
    public boolean has(String field) {
        return !Objects.requireNonNullElse(typed.getFirst(field), "").isBlank();
    }

    /**
     * Returns what was typed, stripped; empty when the field was left out.
     *
     * @throws BadInput if it is longer than anything that is typed into a form
     */
    public String text(String field) {
        String value = Objects.requireNonNullElse(typed.getFirst(field), "").strip();
        BadInput.unless(
                value.length() <= LONGEST, field, () -> "That is too long: use at most " + LONGEST + " characters.");
        return value;
    }

    /** Returns what was typed, or else this. */
    public String text(String field, String otherwise) {
        return typed.containsKey(field) ? text(field) : otherwise;
    }

    /** Returns a number; 0 and a problem when there is none. */
    public double number(String field, String advice) {
        if (!has(field)) {
            problems.add(new Problem(field, "This is missing. " + advice));
            return 0;
        }
        Double value = parsed(field, advice);
        return value == null ? 0 : value;
    }

    /** Returns a number, or null when nothing was typed. */
    public @Nullable Double optional(String field, String advice) {
        return has(field) ? parsed(field, advice) : null;
    }

    /** Returns a whole number; 0 and a problem when there is none. */
    public int whole(String field, String advice) {
        double value = number(field, advice);
        if (value != Math.rint(value) || Math.abs(value) > 1e9) {
            problems.add(new Problem(field, "Only whole numbers will do. " + advice));
            return 0;
        }
        return (int) value;
    }

    /** Returns a whole number, or null when nothing was typed. */
    public @Nullable Integer optionalWhole(String field, String advice) {
        return has(field) ? whole(field, advice) : null;
    }

    /** Returns one word of a closed set, or else the usual one when the field was left out. */
    public <E extends Enum<E>> E word(String field, Class<E> type, E usual) {
        if (!has(field)) {
            return usual;
        }
        E found = find(type, text(field));
        if (found == null) {
            problems.add(new Problem(
                    field, "“" + abridged(text(field)) + "” is not one of the choices. Pick one from the list."));
            return usual;
        }
        return found;
    }

    /** Returns one word of a closed set, or null when nothing was chosen. */
    public <E extends Enum<E>> @Nullable E optionalWord(String field, Class<E> type) {
        return has(field) ? word(field, type, Objects.requireNonNull(type.getEnumConstants())[0]) : null;
    }

    /** Returns all words of a closed set that were ticked. */
    public <E extends Enum<E>> List<E> words(String field, Class<E> type) {
        List<E> found = new ArrayList<>();
        for (String it : Objects.requireNonNullElse(typed.get(field), List.<String>of())) {
            E word = find(type, it);
            if (word != null) {
                found.add(word);
            } else if (!it.isBlank()) {
                problems.add(new Problem(field, "“" + abridged(it) + "” is not one of the choices."));
            }
        }
        return found;
    }

    /** Returns every value under this name. */
    public List<String> all(String field) {
        return List.copyOf(Objects.requireNonNullElse(typed.get(field), List.<String>of()));
    }

    public boolean ticked(String field) {
        return has(field) && !text(field).equals("false");
    }

    /** Builds a value of what was read; what the core refuses joins what could not be read. */
    public <T> T done(Supplier<T> value) {
        if (!problems.isEmpty()) {
            throw new BadInput(problems);
        }
        return value.get();
    }

    private @Nullable Double parsed(String field, String advice) {
        String text = text(field);
        try {
            double value = Double.parseDouble(text.replace(',', '.'));
            boolean plain = Double.isFinite(value) && text.matches("[-+]?[0-9.,]+");
            if (plain) {
                return value;
            }
        } catch (NumberFormatException notANumber) {
            // Told below.
        }
        problems.add(new Problem(field, "“" + abridged(text) + "” is not a number. " + advice));
        return null;
    }

    private static <E extends Enum<E>> @Nullable E find(Class<E> type, String text) {
        return Stream.of(Objects.requireNonNull(type.getEnumConstants()))
                .filter(it -> it.name().equals(text))
                .findFirst()
                .orElse(null);
    }

    private static String abridged(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
