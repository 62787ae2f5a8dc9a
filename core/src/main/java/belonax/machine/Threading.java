package belonax.machine;

import belonax.BadInput;
import java.util.List;
import java.util.Optional;

/**
 * How one machine is threaded, as its owner ordered it from the manual.
 *
 * @param guides the places that the top thread passes, in their order; empty where nobody told
 * @param bobbinTurns which way the bobbin turns when its thread is drawn, seen from its open side
 */
public record Threading(List<String> guides, Optional<BobbinTurn> bobbinTurns) {
    /** Nothing is told. */
    public static final Threading UNTOLD = new Threading(List.of(), Optional.empty());

    private static final int MOST = 16;
    private static final int LONGEST = 60;

    /** Which way a bobbin turns. */
    public enum BobbinTurn {
        CLOCKWISE("clockwise"),
        ANTICLOCKWISE("anticlockwise");

        private final String words;

        BobbinTurn(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Threading {
        guides = guides.stream()
                .map(String::strip)
                .filter(text -> !text.isEmpty())
                .toList();
        int count = guides.size();
        BadInput.unless(count <= MOST, "guides", () -> "Name at most " + MOST + " guides, in the order of the thread.");
        BadInput.unless(
                guides.stream().allMatch(guide -> guide.length() <= LONGEST),
                "guides",
                () -> "Name each guide on a line of its own, in a few words.");
    }
}
