package belonax.needle;

import belonax.BadInput;
import belonax.Shown;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A kind of needle that can lie in a drawer: system, type and size.
 *
 * @param twin spacing and point, present exactly for twin and triple needles
 */
public record Needle(NeedleSystem system, NeedleType type, NeedleSize size, Optional<Twin> twin) {

    public Needle {
        BadInput.unless(
                type.isMultiple() == twin.isPresent(),
                "twin",
                () -> type.isMultiple()
                        ? "A " + type.words() + " needle is named by the distance between its needles, such as 4.0 mm."
                        : "A " + type.words() + " needle is a single one; leave the spacing out.");
    }

    /** Returns a single needle. */
    public static Needle of(NeedleSystem system, NeedleType type, NeedleSize size) {
        return new Needle(system, type, size, Optional.empty());
    }

    /**
     * Returns a needle as it is written down by columns.
     *
     * @param nm the blade in hundredths of a millimetre
     * @param spacingMm distance of the outer needles; none for a single one
     * @param point the point of a twin's needles; universal where it is not told
     * @throws BadInput if there is no such needle
     */
    public static Needle of(
            NeedleSystem system, NeedleType type, int nm, Optional<Double> spacingMm, Optional<NeedleType> point) {
        Optional<Twin> twin = spacingMm.map(value -> new Twin(value, point.orElse(NeedleType.UNIVERSAL)));
        return new Needle(system, type, NeedleSize.ofNm(nm), twin);
    }

    /** Returns the kind of point at work: for a twin that of its needles, otherwise the type itself. */
    public NeedleType point() {
        return twin.map(Twin::point).orElse(type);
    }

    /** Returns the same kind of needle in another size. */
    public Needle inSize(NeedleSize other) {
        return new Needle(system, type, other, twin);
    }

    /** Tells whether it differs from another one in size alone. */
    public boolean isOfKind(Needle other) {
        return type == other.type
                && system == other.system
                && point() == other.point()
                && spacingMm() == other.spacingMm();
    }

    /** Returns the width of the eye in millimetres. */
    public double eyeWidthMm() {
        return point().eye().widthShare() * size.bladeMm();
    }

    /** Returns the distance between the outer needles in millimetres, 0 for a single one. */
    public double spacingMm() {
        return twin.map(Twin::spacingMm).orElse(0.0);
    }

    /** Returns where each needle on the shank stands across it, in millimetres from the first one on the left. */
    public List<Double> standMm() {
        return standMm(count(), spacingMm());
    }

    /** Returns where so many needles stand whose outer ones are so far apart, in millimetres from the first one on the left. */
    public static List<Double> standMm(int count, double spacingMm) {
        int gaps = Math.max(1, count - 1);
        return IntStream.range(0, count)
                .mapToObj(number -> spacingMm * number / gaps)
                .toList();
    }

    /** Returns how many needles stand on the shank. */
    public int count() {
        return type.count();
    }

    /** Returns the packet's code, such as {@code 130/705 H-S 75/11} or {@code 130/705 H-S ZWI 4.0/75}. */
    public String label() {
        return code() + " "
                + twin.map(otherTwin -> String.format(Locale.ROOT, "%.1f/%d", otherTwin.spacingMm(), size.nm()))
                        .orElseGet(size::toString);
    }

    /** Returns the packet's code without the size, such as {@code 130/705 H-S}. */
    public String code() {
        if (system != NeedleSystem.H_130_705) {
            return system == NeedleSystem.ELX705 && type == NeedleType.JERSEY ? "ELx705 SUK" : system.label();
        }
        String letters = twin.map(otherTwin ->
                        otherTwin.point().suffix() + " " + type.suffix().replaceFirst("^H ", ""))
                .orElseGet(type::suffix);
        return "130/705 " + letters;
    }

    /** Returns type and size in words, such as {@code stretch 75/11} or {@code stretch twin 4.0 mm, 75/11}. */
    public String words() {
        return twin.map(otherTwin -> String.format(
                        "%s %s %s mm, %s",
                        otherTwin.point().words(), type.words(), Shown.number(otherTwin.spacingMm()), size))
                .orElseGet(() -> type.words() + " " + size);
    }

    @Override
    public String toString() {
        return label();
    }
}
