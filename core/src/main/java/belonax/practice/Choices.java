package belonax.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * The right answer among three others.
 *
 * @param right where the right one stands
 */
record Choices(List<String> words, int right) {
    /** Brings a list into an order of chance (R. Durstenfeld, Algorithm 235, 1964). */
    static void mix(List<?> list, RandomGenerator random) {
        for (int i = list.size() - 1; i > 0; i--) {
            Collections.swap(list, i, random.nextInt(i + 1));
        }
    }

    /** Mixes the right answer among the first three of the others that differ from it. */
    static Choices of(String right, List<String> others, RandomGenerator random) {
        List<String> all = new ArrayList<>(others.stream()
                .filter(other -> !other.equals(right))
                .distinct()
                .limit(Drill.CHOICES - 1L)
                .toList());
        all.add(right);
        mix(all, random);
        return new Choices(all, all.indexOf(right));
    }
}
