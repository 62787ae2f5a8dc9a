package belonax;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.Supplier;

/**
 * This input will not do. The message says what was given, what is possible and what to do, in one or two sentences
 * that can stand on the screen as they are. Any other exception is our own mistake.
 */
public final class BadInput extends RuntimeException {

    /**
     * One thing that is wrong.
     *
     * @param field where, in the caller's own names, such as {@code thread.tex}; empty when it is the whole input
     * @param message what to do about it, a whole sentence
     */
    public record Problem(String field, String message) {}

    private final transient List<Problem> problems;
    private final transient OptionalInt entry;

    /** Refuses the whole input. */
    public BadInput(String message) {
        this("", message);
    }

    /** Refuses one field of the input. */
    public BadInput(String field, String message) {
        this(List.of(new Problem(field, message)));
    }

    /** Refuses the input for several reasons at once, so that they can be mended in one go. */
    public BadInput(List<Problem> problems) {
        this(problems, OptionalInt.empty());
    }

    private BadInput(List<Problem> problems, OptionalInt entry) {
        super(problems.stream().map(Problem::message).collect(joining(" ")));
        this.problems = List.copyOf(problems);
        this.entry = entry;
    }

    /** Returns what is wrong, never empty. */
    public List<Problem> problems() {
        return problems;
    }

    /** Returns which entry of a list is refused, from 0; empty where it is no list's. */
    public OptionalInt entry() {
        return entry;
    }

    /** Returns the same refusal for an entry of a list: {@code tex} becomes {@code threads[2].tex}. */
    public BadInput inEntry(String list, int index) {
        return new BadInput(under(list + "[" + index + "]").problems, OptionalInt.of(index));
    }

    /** Returns the same refusal for a part that the caller knows under a longer name: {@code tex} becomes {@code thread.tex}. */
    public BadInput under(String parent) {
        return new BadInput(problems.stream()
                .map(problem -> new Problem(join(parent, problem.field()), problem.message()))
                .toList());
    }

    /** Refuses the field unless the statement holds. State what must hold, so that NaN is refused too. */
    public static void unless(boolean holds, String field, Supplier<String> message) {
        if (!holds) {
            throw new BadInput(field, message.get());
        }
    }

    private static String join(String parent, String field) {
        return field.isEmpty() ? parent : parent + "." + field;
    }
}
