package belonax.web.shared.form;

import belonax.BadInput;
import belonax.BadInput.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
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
        return noted(() -> Parsed.whole(field, value, advice), 0);
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
        return noted(() -> Parsed.word(field, type, text(field)), usual);
    }

    /** Returns one word of a closed set, or null when nothing was chosen. */
    public <E extends Enum<E>> @Nullable E optionalWord(String field, Class<E> type) {
        return has(field) ? word(field, type, Objects.requireNonNull(type.getEnumConstants())[0]) : null;
    }

    /** Returns all words of a closed set that were ticked. */
    public <E extends Enum<E>> List<E> words(String field, Class<E> type) {
        List<E> found = new ArrayList<>();
        for (String it : all(field)) {
            if (!it.isBlank()) {
                noted(() -> found.add(Parsed.word(field, type, it)), false);
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
        try {
            return Parsed.number(field, text(field), advice);
        } catch (BadInput refused) {
            problems.addAll(refused.problems());
            return null;
        }
    }

    /** Reads something; what will not do is noted, and this is taken instead. */
    private <T> T noted(Supplier<T> reading, T instead) {
        try {
            return reading.get();
        } catch (BadInput refused) {
            problems.addAll(refused.problems());
            return instead;
        }
    }
}
