package belonax.needle;

import belonax.BadInput;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Reads what is printed on a packet of needles: system, letters, size numbers, spacing, in any order and in the spellings
 * that circulate. Slips are corrected and told; what cannot be read is listed, never guessed. Source: docs/craft.md,
 * "Reading a packet".
 */
public final class NeedleLabel {
    private static final int LONGEST = 200;

    /** Which part of a needle a piece of the label speaks of. */
    public enum Part {
        SYSTEM("shank and length"),
        SCARF("scarf"),
        POINT("point"),
        SIZE("blade"),
        SPACING("spacing"),
        COUNT("how many"),
        COATING("coating");

        private final String words;

        Part(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A piece of the label with what it says.
     *
     * @param printed as it stands on the packet, in capitals
     * @param meaning a whole sentence
     */
    public record Piece(Part part, String printed, String meaning) {}

    /**
     * A size as printed.
     *
     * @param nm blade in hundredths of a millimetre
     * @param trade the older trade number
     */
    public record PrintedSize(int nm, int trade) {
        /** Returns the size, if home machines sew with it. */
        public Optional<NeedleSize> home() {
            return NeedleSize.findNm(nm);
        }

        @Override
        public String toString() {
            return nm + "/" + trade;
        }
    }

    /**
     * What a label says. Whatever it does not say is empty.
     *
     * @param type empty where letters stand there that cannot be read
     * @param size the first of the sizes
     * @param sizes all sizes of an assortment, one of an ordinary packet
     * @param count how many needles the packet holds
     * @param corrections what was printed wrong and how it was taken
     * @param notes what is worth knowing about this needle
     * @param unread words that could not be read
     */
    public record Reading(
            Optional<NeedleSystem> system,
            Optional<NeedleType> type,
            Optional<PrintedSize> size,
            List<PrintedSize> sizes,
            Optional<Twin> twin,
            OptionalInt count,
            boolean coated,
            List<Piece> pieces,
            List<String> corrections,
            List<String> notes,
            List<String> unread) {

        public Reading {
            sizes = List.copyOf(sizes);
            pieces = List.copyOf(pieces);
            corrections = List.copyOf(corrections);
            notes = List.copyOf(notes);
            unread = List.copyOf(unread);
        }

        /** Tells whether letters stand behind the system that cannot be read, so that the kind is unknown and not plain. */
        public boolean isTypeUnknown() {
            boolean ofAHome = system.filter(needleSystem ->
                            needleSystem == NeedleSystem.H_130_705 || needleSystem == NeedleSystem.ELX705)
                    .isPresent();
            return type.isEmpty() && ofAHome;
        }

        /** Returns the needle, if the label tells enough of it; of an assortment the first. */
        public Optional<Needle> needle() {
            return needles().stream().findFirst();
        }

        /** Returns the needles that the packet holds, one a size, if the label tells enough of them. */
        public List<Needle> needles() {
            if (system.isEmpty() || type.isEmpty() || type.get().isMultiple() != twin.isPresent()) {
                return List.of();
            }
            return sizes.stream()
                    .flatMap(printedSize -> printedSize.home().stream())
                    .map(size -> new Needle(system.get(), type.get(), size, twin))
                    .toList();
        }
    }

    private NeedleLabel() {}

    /**
     * Reads a label.
     *
     * @throws BadInput if it is empty, longer than {@value #LONGEST} characters, or nothing on it can be read
     */
    public static Reading read(String text) {
        BadInput.unless(
                text.length() <= LONGEST,
                "text",
                () -> "That is longer than any packet's label (" + text.length()
                        + " characters). Type the line with the" + " system and the size, such as 130/705 H-S 75/11.");
        String plain = Normalizer.normalize(text, Normalizer.Form.NFKC)
                .toUpperCase(Locale.ROOT)
                .replace('×', 'X')
                .replaceAll("[‐‑‒–—−]", "-")
                .replaceAll("(\\d),(\\d)", "$1.$2")
                .replaceAll("[\\p{Cntrl}\\s]+", " ")
                .strip();
        Reading reading = new LabelScan(plain).reading();
        boolean nothing = reading.system().isEmpty()
                && reading.type().isEmpty()
                && reading.size().isEmpty()
                && reading.twin().isEmpty();
        BadInput.unless(
                !nothing,
                "text",
                () -> plain.isEmpty()
                        ? "Type what is printed on the packet, such as 130/705 H-S 75/11."
                        : "Nothing of a needle can be read in that. Type the system, the letters after it and the two"
                                + " numbers, such as 130/705 H-S 75/11.");
        return reading;
    }
}
