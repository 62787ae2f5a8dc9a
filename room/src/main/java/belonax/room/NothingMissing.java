package belonax.room;

import belonax.BadInput;
import java.lang.reflect.RecordComponent;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Finds the gaps in what was read from a file: a part that may not be missing, and is. */
public final class NothingMissing {
    private NothingMissing() {}

    /**
     * Looks through a value and all that it is made of.
     *
     * @throws BadInput naming the part that is missing
     */
    public static <T> T in(T value) {
        look(value, "it");
        return value;
    }

    private static void look(@Nullable Object value, String name) {
        if (value instanceof Record whole) {
            for (RecordComponent component : whole.getClass().getRecordComponents()) {
                part(whole, component);
            }
        } else if (value instanceof Iterable<?> several) {
            several.forEach(item -> present(item, name));
        } else if (value instanceof Map<?, ?> map) {
            map.values().forEach(item -> present(item, name));
        } else if (value instanceof Optional<?> perhaps) {
            perhaps.ifPresent(perhap -> look(perhap, name));
        }
    }

    private static void part(Record whole, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            Object part = component.getAccessor().invoke(whole);
            if (part != null || !component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                present(part, component.getName());
            }
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void present(@Nullable Object part, String name) {
        BadInput.unless(part != null, name, () -> "“" + name + "” is missing in it.");
        look(part, name);
    }
}
