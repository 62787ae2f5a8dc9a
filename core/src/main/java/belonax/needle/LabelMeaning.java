package belonax.needle;

import belonax.Shown;
import belonax.needle.NeedleLabel.PrintedSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What the pieces of a label come to when they are put together. The first word on a matter stands. */
final class LabelMeaning {
    /** Read and named, never recommended: blades of industrial machines. */
    private static final Map<Integer, Integer> INDUSTRIAL = new TreeMap<>(Map.of(125, 20, 140, 22, 160, 23, 180, 24));

    private static final NeedleRange RANGE = NeedleRange.standard();
    /** Longer ones are words: a maker's name, not letters of the trade. */
    private static final int MAX_LETTERS = 4;

    private @Nullable NeedleSystem system;
    private @Nullable NeedleType point;
    private @Nullable NeedleType multiple;
    private final List<PrintedSize> sizes = new ArrayList<>();
    private final List<String> unreadLetters = new ArrayList<>();
    private OptionalDouble spacingMm = OptionalDouble.empty();
    private OptionalInt count = OptionalInt.empty();
    private boolean scarf;
    private boolean coated;
    private boolean systemUnknown;

    static Optional<PrintedSize> ofNm(int nm) {
        return NeedleSize.findNm(nm)
                .map(size -> new PrintedSize(size.nm(), size.trade()))
                .or(() -> Optional.ofNullable(INDUSTRIAL.get(nm)).map(trade -> new PrintedSize(nm, trade)));
    }

    static Optional<PrintedSize> ofTrade(int trade) {
        return NeedleSize.LADDER.stream()
                .filter(size -> size.trade() == trade)
                .map(size -> new PrintedSize(size.nm(), size.trade()))
                .findFirst()
                .or(() -> INDUSTRIAL.entrySet().stream()
                        .filter(entry -> entry.getValue() == trade)
                        .map(entry -> new PrintedSize(entry.getKey(), entry.getValue()))
                        .findFirst());
    }

    static String explained(NeedleType type) {
        String use = type.goodFor().isEmpty() ? "" : " for " + type.goodFor();
        return Shown.capital(type.words()) + ":" + use + ".";
    }

    /** Returns false if another system was named before. */
    boolean system(NeedleSystem named) {
        if (system != null && system != named) {
            return false;
        }
        system = named;
        return true;
    }

    /** Returns false if another point was named before. A universal point says less than any other. */
    boolean point(NeedleType named) {
        if (point != null && point != named && point != NeedleType.UNIVERSAL) {
            return false;
        }
        point = named;
        return true;
    }

    void multiple(NeedleType named) {
        if (multiple == null) {
            multiple = named;
        }
    }

    /** Keeps a size; a packet of several sizes is an assortment. */
    void size(PrintedSize named) {
        if (!sizes.contains(named)) {
            sizes.add(named);
        }
    }

    /** Keeps letters behind the system that nobody can read: what they mean, a point among it, is then unknown. */
    void unreadLetters(String letters) {
        boolean behindTheSystem = (system != null || scarf) && sizes.isEmpty();
        if (behindTheSystem && letters.length() <= MAX_LETTERS) {
            unreadLetters.add(letters);
        }
    }

    /** Tells whether the system of home machines or its H stands before. */
    boolean hasHomeSystem() {
        return system == NeedleSystem.H_130_705 || scarf;
    }

    void spacing(double mm) {
        spacingMm = OptionalDouble.of(mm);
    }

    void count(OptionalInt named) {
        count = named;
    }

    void scarf() {
        scarf = true;
    }

    /** Keeps that a system was named which we do not know. */
    void unknownSystem() {
        systemUnknown = true;
    }

    void coated() {
        coated = true;
    }

    boolean isCoated() {
        return coated;
    }

    OptionalInt count() {
        return count;
    }

    Optional<NeedleSystem> system() {
        return Optional.ofNullable(system);
    }

    /** Returns the first size that was read. */
    Optional<PrintedSize> size() {
        return sizes.stream().findFirst();
    }

    List<PrintedSize> sizes() {
        return List.copyOf(sizes);
    }

    Optional<NeedleType> type() {
        return isMultiple() ? Optional.of(multiple == null ? NeedleType.TWIN : multiple) : singlePoint();
    }

    Optional<Twin> twin() {
        return isMultiple() && spacingMm.isPresent() && !isTypeUnknown()
                ? Optional.of(new Twin(spacingMm.getAsDouble(), singlePoint().orElse(NeedleType.UNIVERSAL)))
                : Optional.empty();
    }

    /** Adds what only the whole label can tell. */
    void conclude(List<String> notes) {
        if (isTypeUnknown()) {
            notes.add("The packet holds a type whose letters we cannot read: " + String.join(" ", unreadLetters)
                    + ". Its point stays unknown, so it is never offered; look for a word or a picture on the packet.");
        }
        if (sizes.size() > 1) {
            notes.add("An assortment: "
                    + sizes.stream().map(PrintedSize::toString).collect(Collectors.joining(", "))
                    + ". Each size is kept as a packet of its own.");
        }
        if (isMultiple()) {
            concludeMultiple(notes);
        } else if (!isTypeUnknown() && point == null && singlePoint().equals(Optional.of(NeedleType.UNIVERSAL))) {
            notes.add("No letters for a point: that is how a universal needle is marked.");
        }
        if (system != null && !system.isDomestic()) {
            notes.add(system.label()
                    + " is an industrial system: it goes into a home machine only if that machine's own list"
                    + " names it.");
        }
        if (!isMultiple()) {
            singlePoint().ifPresent(type -> noteSizesNotMade(type, notes));
        }
        if (system == null && !systemUnknown && (point != null || !sizes.isEmpty())) {
            notes.add("The label does not tell the system. Nearly every home machine takes 130/705 H; look in your"
                    + " machine's manual.");
        }
    }

    private void noteSizesNotMade(NeedleType type, List<String> notes) {
        NeedleSystem of = system == null ? NeedleSystem.H_130_705 : system;
        List<NeedleSize> made = RANGE.sizesOf(of, type);
        sizes.stream()
                .filter(printedSize -> !made.isEmpty()
                        && printedSize.home().filter(made::contains).isEmpty())
                .forEach(printedSize ->
                        notes.add("We know of no " + type.words() + " needle of " + of.label() + " in " + printedSize
                                + "; they are made in "
                                + made.stream().map(NeedleSize::toString).collect(Collectors.joining(", "))
                                + ". Look at the packet once more."));
    }

    private void concludeMultiple(List<String> notes) {
        if (spacingMm.isEmpty()) {
            notes.add(
                    "The distance between the needles is not told; the packet gives it before the size, as in 4.0/80.");
        }
        notes.add(
                "It needs a second spool that turns the other way or stands apart, and it is not for buttonholes, eyelets or"
                        + " darning.");
    }

    private boolean isTypeUnknown() {
        return point == null && !unreadLetters.isEmpty();
    }

    private boolean isMultiple() {
        return multiple != null || spacingMm.isPresent();
    }

    /** A system that is made with one kind of point tells it by its name alone. */
    private Optional<NeedleType> singlePoint() {
        if (point != null) {
            return Optional.of(point);
        }
        if (isTypeUnknown()) {
            return Optional.empty();
        }
        if (system == NeedleSystem.HAX1SP) {
            return Optional.of(NeedleType.STRETCH);
        }
        boolean plainHome =
                system == NeedleSystem.H_130_705 || system == NeedleSystem.ELX705 || scarf && !systemUnknown;
        return plainHome ? Optional.of(NeedleType.UNIVERSAL) : Optional.empty();
    }
}
