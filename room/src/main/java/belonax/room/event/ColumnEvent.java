package belonax.room.event;

import belonax.room.CraftJson;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An event as versions up to 0.2 kept it, in columns that meant another thing for every kind. It is lifted to the JSON that the
 * first typed events were kept in; when a kind changes later, what was lifted here is lifted again like every other.
 */
public record ColumnEvent(
        UUID action,
        Instant at,
        String kind,
        @Nullable String machine,
        @Nullable Integer place,
        @Nullable UUID needle,
        @Nullable Double effectiveHours,
        @Nullable Double tex,
        @Nullable String fibre,
        @Nullable String build,
        @Nullable Double dial,
        @Nullable UUID undoes,
        @Nullable Double minutes,
        @Nullable String wear,
        @Nullable String note,
        @Nullable Instant until,
        @Nullable SetupKept setup) {
    private static final String SHEDS = "lint of the thread";
    private static final String FAILED = "failed";

    /** Returns the event as JSON. */
    public String lifted() {
        Map<String, Object> body = new LinkedHashMap<>();
        putIfKnown(body, "machine", machine);
        putIfKnown(body, "place", place);
        putIfKnown(body, "needle", needle);
        putOwn(body);
        return CraftJson.write(body);
    }

    private void putOwn(Map<String, Object> body) {
        switch (kind) {
            case "NEEDLE_IN" -> putIfKnown(body, "packet", text().length() == 36 ? text() : null);
            case "PARKED" -> body.put("where", text());
            case "JARRED" -> body.put("failed", text().equals(FAILED));
            case "BROKE" -> {
                body.put("missing", text());
                putIfKnown(body, "sewn", setup);
            }
            case "SEWN" -> {
                body.put("minutes", number(minutes));
                body.put("effectiveHours", number(effectiveHours));
                body.put("wear", wear == null ? "ORDINARY" : wear);
                body.put("sheds", text().equals(SHEDS));
            }
            case "SIGN" -> body.put("sign", text());
            case "FIT_CHECKED", "CURED" -> body.put("check", text());
            case "THREADED" -> {
                body.put("tex", number(tex));
                putIfKnown(body, "fibre", fibre);
                putIfKnown(body, "build", build);
                body.put("quality", text().isEmpty() ? "GOOD" : text());
            }
            case "BALANCED", "DIAL_SET" -> {
                body.put("dial", number(dial));
                putIfKnown(body, "sewn", setup);
            }
            case "CLEANED", "OILED", "SERVICED" -> {
                body.put("sewnMinutes", number(minutes));
                body.put("lintyMinutes", number(effectiveHours));
            }
            case "SNOOZED" -> {
                body.put("what", text());
                putIfKnown(body, "until", until);
            }
            case "UNDONE" -> putIfKnown(body, "undoes", undoes);
            default -> {
                // Of anything else nothing more was kept.
            }
        }
    }

    private String text() {
        return note == null ? "" : note;
    }

    private static double number(@Nullable Double value) {
        return value == null ? 0 : value;
    }

    private static void putIfKnown(Map<String, Object> body, String name, @Nullable Object value) {
        if (value != null) {
            body.put(name, value);
        }
    }
}
