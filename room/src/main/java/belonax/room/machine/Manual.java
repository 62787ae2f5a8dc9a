package belonax.room.machine;

import belonax.BadInput;
import belonax.room.card.Card;
import belonax.room.card.CardKind;
import belonax.room.card.IsCard;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Where a machine's manual is read: a link to it or the file itself, and the pages that are looked up again and again.
 *
 * @param link a web address; empty where there is none
 * @param file the name of its PDF among the {@link ManualFiles}; null where none was kept
 */
@IsCard(CardKind.MANUAL)
public record Manual(
        String machineId,
        String link,
        List<NamedPage> pages,
        @Nullable UUID file) implements Card {
    private static final int MAX_PAGES = 40;
    private static final Pattern NAMED = Pattern.compile("^(.+?)\\s*[:,]?\\s+(?:p\\.?\\s*|page\\s+)?(\\d{1,4})$");

    /** A page with what stands on it. */
    public record NamedPage(String about, int page) {
        public NamedPage {
            Card.checkLength("pages", about, 80);
            BadInput.unless(
                    page >= 1 && page <= 9999,
                    "pages",
                    () -> "A page is a number from 1. Look at the foot of the page.");
        }

        public String words() {
            return about + ", page " + page;
        }
    }

    public Manual {
        pages = List.copyOf(pages);
        link = link.strip();
        Card.checkLength("link", link, 500);
        BadInput.unless(
                link.isEmpty() || link.matches("https?://\\S+"),
                "link",
                () -> "A link begins with http:// or https:// and holds no spaces. Copy it from the browser.");
        int count = pages.size();
        BadInput.unless(count <= MAX_PAGES, "pages", () -> "Name at most " + MAX_PAGES + " pages.");
    }

    /**
     * Reads it as it is typed, a page a line: what stands there, and its number.
     *
     * @throws BadInput naming a line that has no number
     */
    public static Manual typed(String machineId, String link, String pages, @Nullable UUID file) {
        return new Manual(
                machineId,
                link,
                pages.lines()
                        .map(String::strip)
                        .filter(text -> !text.isEmpty())
                        .map(Manual::page)
                        .toList(),
                file);
    }

    private static NamedPage page(String line) {
        Matcher named = NAMED.matcher(line);
        BadInput.unless(
                named.matches(),
                "pages",
                () -> "“" + line + "” has no page. Type what stands there and its number, such as “oiling 40”.");
        return new NamedPage(named.group(1), Integer.parseInt(named.group(2)));
    }

    @Override
    public Optional<String> machine() {
        return Optional.of(machineId);
    }

    @Override
    public String words() {
        return "the manual";
    }

    @Override
    public String wordsToFind() {
        return words().toLowerCase(Locale.ROOT);
    }
}
