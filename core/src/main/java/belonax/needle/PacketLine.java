package belonax.needle;

import belonax.BadInput;
import belonax.needle.NeedleLabel.PrintedSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * One line of a list of packets, read as it was typed: what the packet says and how many needles are left, as in "jeans
 * 100/16, 4 left". Source: docs/craft.md, "Reading a packet".
 *
 * @param system what the line says, else what the machine takes
 * @param type empty where its letters cannot be read
 * @param letters the letters that cannot be read; empty where the type is known
 * @param sizes one, or all of an assortment; never none
 * @param each how many are left of each size
 * @param taken what was taken because the line does not say it, whole sentences
 */
public record PacketLine(
        NeedleSystem system,
        Optional<NeedleType> type,
        String letters,
        List<NeedleSize> sizes,
        Optional<Twin> twin,
        int each,
        boolean coated,
        List<String> taken) {
    private static final int USUAL_COUNT = 5;
    private static final int MOST = 500;
    private static final Pattern LEFT = Pattern.compile(
            "(?<!\\d)(\\d{1,3})\\s*(?:LEFT|NEEDLES? LEFT|OF THEM)\\b|^\\s*(\\d{1,3})\\s*[X×*]\\s+(?=[A-Z0-9])|\\s[X×*]\\s*(\\d{1,3})\\s*$");

    /**
     * Reads a line.
     *
     * @param usual the system where the line names none
     * @throws BadInput if no needle, no size, or only sizes of industrial machines can be read in it
     */
    public static PacketLine read(String line, NeedleSystem usual) {
        String upper = line.toUpperCase(Locale.ROOT);
        Matcher left = LEFT.matcher(upper);
        OptionalInt counted = left.find() ? number(left.toMatchResult()) : OptionalInt.empty();
        String label =
                counted.isPresent() ? upper.substring(0, left.start()) + " " + upper.substring(left.end()) : upper;
        NeedleLabel.Reading reading = NeedleLabel.read(label.strip().replaceAll("[\\s,;]+$", ""));
        List<NeedleSize> sizes = sizes(reading);
        List<String> taken = new ArrayList<>(reading.corrections());
        Optional<NeedleType> type = type(reading, taken);
        Optional<Twin> twin = type.filter(NeedleType::isMultiple).flatMap(needleType -> twin(reading));
        if (counted.isEmpty() && reading.count().isEmpty()) {
            taken.add("No count is told: taken as " + USUAL_COUNT + ", a full packet.");
        }
        int each = counted.orElse(reading.count().orElse(USUAL_COUNT * sizes.size()));
        int shared = counted.isPresent() ? each : Math.max(1, each / sizes.size());
        BadInput.unless(shared <= MOST, "line", () -> "A packet holds 0 to " + MOST + " needles. Count them.");
        return new PacketLine(
                reading.system().orElse(usual),
                type,
                type.isPresent() ? "" : String.join(" ", reading.unread()),
                sizes,
                twin,
                shared,
                reading.coated(),
                taken);
    }

    /** Returns what it says in words, such as "jeans 100/16". */
    public String words() {
        String kind = type.map(NeedleType::words).orElseGet(() -> "unknown kind (" + letters + ")");
        String spacing =
                twin.map(otherTwin -> " " + otherTwin.spacingMm() + " mm").orElse("");
        return kind + spacing + " " + sizes.stream().map(NeedleSize::toString).collect(Collectors.joining(", "));
    }

    private static OptionalInt number(MatchResult match) {
        for (int i = 1; i <= match.groupCount(); i++) {
            if (match.group(i) != null) {
                return OptionalInt.of(Integer.parseInt(match.group(i)));
            }
        }
        return OptionalInt.empty();
    }

    private static List<NeedleSize> sizes(NeedleLabel.Reading reading) {
        BadInput.unless(
                !reading.sizes().isEmpty(), "line", () -> "Add the size, such as 80 or 80/12: it decides the eye.");
        List<NeedleSize> sizes = reading.sizes().stream()
                .map(PrintedSize::home)
                .flatMap(Optional::stream)
                .toList();
        BadInput.unless(
                !sizes.isEmpty(),
                "line",
                () -> reading.sizes().get(0) + " is a size for industrial machines. Leave it out of a home drawer.");
        return sizes;
    }

    private static Optional<NeedleType> type(NeedleLabel.Reading reading, List<String> taken) {
        boolean lettersUnread = reading.unread().stream().anyMatch(text -> text.matches("[A-Z][A-Z-]*"));
        if (reading.type().isPresent()) {
            return reading.type();
        }
        if (lettersUnread || reading.isTypeUnknown() && !reading.unread().isEmpty()) {
            taken.add("Letters that cannot be read: it is kept as a kind that nobody knows, and never offered.");
            return Optional.empty();
        }
        taken.add("No kind is told: taken as universal.");
        return Optional.of(NeedleType.UNIVERSAL);
    }

    private static Optional<Twin> twin(NeedleLabel.Reading reading) {
        BadInput.unless(
                reading.twin().isPresent(), "line", () -> "Add the spacing of the points in mm, such as twin 4.0/75.");
        return reading.twin();
    }
}
