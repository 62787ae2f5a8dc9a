package belonax.web.mend;

import belonax.fault.Glance;
import belonax.fault.Glance.Look;
import belonax.machine.Dial;
import belonax.room.Words;
import belonax.room.needle.MachineNow;
import belonax.room.trouble.MendCase;
import belonax.web.shared.form.Parsed;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The glance list: what is looked at as it was found, before anything is touched.
 *
 * @param dial what is known of the dial: its usual band, and the last balance
 */
public record GlanceForm(List<Row> rows, String dial) {

    /** One part, with what can be seen of it. */
    public record Row(String name, String part, String right, String wrong) {}

    static GlanceForm of(MachineNow now) {
        Dial dial = now.machine().dial();
        String band = "usual from " + Words.number(dial.normalLow()) + " to " + Words.number(dial.normalHigh());
        return new GlanceForm(
                Glance.on(now.machine().bobbin()).stream()
                        .map(glance -> new Row(
                                glance.name(), glance.part(), glance.words(Look.RIGHT), glance.words(Look.WRONG)))
                        .toList(),
                now.dial().isPresent()
                        ? band + ", last " + Words.number(now.dial().getAsDouble())
                        : band);
    }

    /**
     * Returns what was seen of the parts, each under its own name; nothing of those that nobody looked at.
     *
     * @throws belonax.BadInput if one was seen in a way that there is not
     */
    static Map<Glance, Look> seen(Map<String, String> sent) {
        Map<Glance, Look> seen = new EnumMap<>(Glance.class);
        for (Glance glance : Glance.values()) {
            String look = sent.getOrDefault(glance.name(), "");
            if (!look.isBlank()) {
                seen.put(glance, Parsed.word(glance.name(), Look.class, look));
            }
        }
        return seen;
    }

    /** Returns what stood out, in words; null when nothing was looked at. */
    static @Nullable String words(MendCase mendCase) {
        if (mendCase.glance() == null || mendCase.glance().isEmpty() && mendCase.foundDial() == null) {
            return null;
        }
        StringBuilder words = new StringBuilder();
        for (Glance glance : Glance.values()) {
            Look look = mendCase.glance().get(glance);
            if (look == Look.WRONG) {
                words.append(words.isEmpty() ? "" : "; ")
                        .append(glance.part())
                        .append(": ")
                        .append(glance.words(look));
            }
        }
        if (mendCase.foundDial() != null) {
            words.append(words.isEmpty() ? "" : "; ")
                    .append("The dial stood at ")
                    .append(Words.number(mendCase.foundDial()));
        }
        return "As found: " + (words.isEmpty() ? "nothing stood out" : words) + ".";
    }
}
