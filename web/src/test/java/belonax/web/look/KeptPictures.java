package belonax.web.look;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The pictures in docs/screenshots with the words that stand on them. {@code ./look --keep} writes both anew; else every heading,
 * stop and label of today's page has to stand in the words that are kept, so that no picture is ever stale.
 */
final class KeptPictures {
    /** The name of a picture by the look that it is taken at. */
    private static final Map<String, String> NAMES = names();

    private static final boolean KEEP = Boolean.getBoolean("belonax.look.keep");
    private static final Path DOCS = Path.of("../docs/screenshots");
    private static final Path WORDS = Path.of("src/test/resources/belonax/web/look/words.txt");
    private static final String HEAD = "== ";

    private static final String MARKS = """
            () => [...document.querySelectorAll('h1, h2, h3, legend, label, summary, button, nav a, th, dt')]
              .filter(it => it.checkVisibility({visibilityProperty: true}) && !it.closest('.sr-only'))
              .map(it => it.innerText.trim()).filter(it => it)""";

    private final Map<String, String> words = new TreeMap<>();

    private static Map<String, String> names() {
        Map<String, String> names = new LinkedHashMap<>();
        names.put("plan-wide", "plan");
        names.put("match-wide", "match");
        names.put("match-narrow", "match-phone");
        names.put("match-dark", "match-dark");
        names.put("match-conflict-wide", "match-conflict");
        names.put("match-pick-wide", "sentence");
        names.put("bench-wide", "bench");
        names.put("fit-wide", "fit");
        names.put("balance-wide", "balance");
        names.put("sewing-narrow", "sewing-phone");
        names.put("listen-wide", "count-by-ear");
        names.put("mend-wide", "mend-begin");
        names.put("mend-case-wide", "mend");
        names.put("mend-care-wide", "care");
        names.put("needles-wide", "needle-book");
        names.put("drawer-wide", "drawer");
        names.put("drawer-packet-wide", "drawer-packet");
        names.put("practice-wide", "practice");
        names.put("drawer-buy-wide", "drawer-buy");
        return names;
    }

    /** Keeps a picture, or tells what stands on today's page and not in the words that are kept with it. */
    List<String> compare(String look, Page page, Path picture) {
        String name = NAMES.get(look);
        if (name == null) {
            return List.of();
        }
        if (KEEP) {
            words.put(name, page.innerText("body"));
            copy(picture, DOCS.resolve(name + ".png"));
            return List.of();
        }
        String kept = squeezed(kept().getOrDefault(name, ""));
        List<String> stale = new ArrayList<>();
        for (Object value : (List<?>) page.evaluate(MARKS)) {
            if (!kept.contains(squeezed(String.valueOf(value)))) {
                stale.add(look + ": the kept picture lacks “" + value + "”. Run ./look --keep and look at it.");
            }
        }
        return stale;
    }

    /** Writes the words of the pictures that were kept. */
    void writeWords() {
        if (!KEEP) {
            return;
        }
        StringBuilder all =
                new StringBuilder("# The words on each picture of docs/screenshots. Written by ./look --keep.\n");
        words.forEach((name, text) -> all.append('\n')
                .append(HEAD)
                .append(name)
                .append('\n')
                .append(text.strip())
                .append('\n'));
        try {
            Files.writeString(WORDS, all);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, String> kept() {
        Map<String, String> kept = new LinkedHashMap<>();
        try {
            for (String part : Files.readString(WORDS).split("(?m)^" + HEAD)) {
                int end = part.indexOf('\n');
                if (end > 0) {
                    kept.put(part.substring(0, end).strip(), part.substring(end));
                }
            }
            return kept;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void copy(Path from, Path to) {
        try {
            Files.copy(from, to, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String squeezed(String text) {
        return text.replaceAll("\\s+", " ");
    }
}
