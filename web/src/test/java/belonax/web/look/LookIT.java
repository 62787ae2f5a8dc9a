package belonax.web.look;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.practice.DrillId;
import belonax.practice.DrillKind;
import belonax.web.RunningBelonax;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;

/**
 * Looks at every page as its users will, at 1280x800 and at 390 px. Writes the pictures to {@code target/look} and lists
 * what is wrong. A new page is added to {@link #PAGES}.
 */
@Import(LookIT.AtHalfPastNine.class)
class LookIT extends RunningBelonax {
    /** Pictures that are kept show the same day each time. */
    @TestConfiguration
    static class AtHalfPastNine {
        @Bean
        @Primary
        Clock halfPastNine() {
            return Clock.fixed(Instant.parse("2026-11-25T09:30:00Z"), ZoneOffset.UTC);
        }
    }

    private static final Map<String, String> PAGES = pages();
    private static final List<String> DARK = List.of(
            "match",
            "match-conflict",
            "drawer",
            "drawer-packet",
            "drawer-clearance",
            "settings",
            "bench",
            "needles",
            "fit",
            "balance",
            "balance-sampler",
            "listen",
            "mend",
            "mend-case",
            "practice",
            "practice-told");
    /** Pages that are looked at with another machine on the table than the first. */
    private static final Map<String, String> MACHINES =
            Map.of("mend-case", "old-tin", "mend-history", "badger", "mend-care", "badger");

    private static final KeptPictures KEPT = new KeptPictures();
    private static final String EYES = eyes();
    private static final String AXE = """
            () => axe.run(document, {resultTypes: ['violations']})
              .then(it => it.violations.map(broken => `${broken.id}: ${broken.help}: ${broken.nodes[0].target}`))""";

    /** What a page and all it needs is over the wire, whether the browser knew some of it or not. */
    private static final String FIRST_VIEW = """
            () => performance.getEntries().filter(it => 'encodedBodySize' in it)
              .reduce((sum, it) => sum + it.encodedBodySize + 300, 0)""";

    private static final Path PICTURES = Path.of("../target/look");

    private static final int MAX_BYTES = 150 * 1024;

    @Test
    void nothing_is_wrong_to_the_eye() {
        List<String> findings = new ArrayList<>();
        try (BrowserContext context =
                browser.newContext(new Browser.NewContextOptions().setReducedMotion(ReducedMotion.REDUCE))) {
            Page page = context.newPage();
            watch(page, findings);
            PAGES.forEach((name, path) -> look(name, path, page, findings));
        }
        KEPT.writeWords();
        findings.forEach(System.out::println);

        assertThat(findings).isEmpty();
    }

    private static Map<String, String> pages() {
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("bench", "/bench");
        pages.put("sewing", "/sewing?noticed=CLICK");
        pages.put("listen", "/listen?machine=badger&tried=KNOCK");
        pages.put("fit", "/fit?step=6");
        pages.put("fit-end", "/fit?step=11");
        pages.put("fit-broken", "/fit/broken");
        pages.put("needles", "/needles");
        pages.put("needles-log", "/needles/log");
        pages.put("balance", "/balance");
        pages.put("balance-begin", "/balance?layers=2");
        pages.put("balance-pull", "/balance/pull?machine=badger");
        pages.put("balance-sampler", "/balance/sampler");
        pages.put("mend", "/mend?another=true");
        pages.put("mend-case", "/mend");
        pages.put("mend-history", "/mend/history");
        pages.put("mend-care", "/mend/care");
        pages.put("plan", "/plan");
        pages.put("plan-begin", "/plan?another=true");
        pages.put("practice", "/practice?drill=" + DrillId.of(DrillKind.STRIP, 2, 206));
        pages.put("practice-needle", "/practice?drill=" + DrillId.of(DrillKind.NEEDLE, 1, 12));
        pages.put("practice-label", "/practice?drill=" + DrillId.of(DrillKind.LABEL, 1, 3));
        pages.put("practice-told", "/practice?said=" + DrillId.of(DrillKind.STRIP, 1, 104_729));
        pages.put("match", "/match?cloth=swim-knit&machine=heron");
        pages.put("match-pick", "/match?pick=cloth&machine=heron");
        pages.put("match-conflict", "/match?cloth=poplin&number=80&numbering=TEX&purpose=TOPSTITCH&machine=heron");
        pages.put("match-twin", "/match?cloth=single-jersey&twin=4&purpose=HEM&machine=heron");
        pages.put("match-refused", "/match?cloth=poplin&layers=none&machine=heron");
        pages.put("match-strikes", "/match?cloth=poplin&width=4&machine=old-tin");
        pages.put("drawer", "/drawer");
        pages.put("drawer-packet", "/drawer/packet?text=130/705+H-S+ZWI+4.0/75");
        pages.put("drawer-packet-refused", "/drawer/packet?text=thimble");
        pages.put("drawer-spool", "/drawer/spool?text=50");
        pages.put("drawer-swatch", "/drawer/swatch?grams=5&length=20&width=20&rest=100&stretched=150&after=103");
        pages.put("drawer-loose", "/drawer/loose?shank=ROUND&shankMm=2&buttToEye=38.5");
        pages.put("drawer-gauge", "/drawer/gauge");
        pages.put(
                "drawer-stack",
                "/drawer/stack?cloth=quilting-cotton&layers=1&cloth=batting&layers=1&cloth=lawn&layers=2");
        pages.put("drawer-clearance", "/drawer/clearance?kind=2&spacing=4&nm=80&width=3");
        pages.put("drawer-machine", "/drawer/machine/heron");
        pages.put("drawer-bobbin", "/drawer/bobbin");
        pages.put("drawer-list", "/drawer/list");
        pages.put("drawer-ten-stitches", "/drawer/machine/badger/stitches");
        pages.put("drawer-buy", "/drawer/buy");
        pages.put("drawer-files", "/drawer/files");
        pages.put("settings", "/settings");
        pages.put("copies", "/settings/copies");
        pages.put("welcome", "/welcome");
        pages.put("pair", "/pair");
        pages.put("no-such-page", "/thimble");
        return pages;
    }

    /** A page is asked for once: what it looks like in the dark or on a phone is for its styles to say. */
    private void look(String name, String path, Page page, List<String> findings) {
        page.context().clearCookies();
        if (MACHINES.containsKey(name)) {
            page.context().addCookies(List.of(new Cookie("belonax-machine", MACHINES.get(name)).setUrl(address("/"))));
        }
        page.setViewportSize(1280, 800);
        page.navigate(address(path));
        page.waitForLoadState(LoadState.LOAD);
        page.evaluate("document.fonts.ready.then(() => true)");
        int bytes = ((Number) page.evaluate(FIRST_VIEW)).intValue();
        if (bytes > MAX_BYTES) {
            findings.add(name + ": " + bytes / 1024 + " KB over the wire at first view");
        }
        see(name + "-wide", page, findings);
        page.evaluate(AxeBuilder.getAxeScript());
        axe(name + "-wide", page, findings);
        if (DARK.contains(name)) {
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
            see(name + "-dark", page, findings);
            axe(name + "-dark", page, findings);
            page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
        }
        page.setViewportSize(390, 844);
        see(name + "-narrow", page, findings);
    }

    /** Listens to what a window says and asks for. */
    private void watch(Page page, List<String> findings) {
        page.onConsoleMessage(message -> {
            boolean expected =
                    message.text().contains("status of 404") || message.text().contains("status of 422");
            if ((message.type().equals("error") || message.type().equals("warning")) && !expected) {
                findings.add(page.url() + ": console: " + message.text());
            }
        });
        page.onRequest(request -> {
            if (!request.url().startsWith(address("/")) && !request.url().startsWith("data:")) {
                findings.add(page.url() + ": a request leaves the machine: " + request.url());
            }
        });
    }

    private static void see(String name, Page page, List<String> findings) {
        Path picture = PICTURES.resolve(name + ".png");
        take(picture, page);
        findings.addAll(KEPT.compare(name, page, picture));
        ((List<?>) page.evaluate(EYES)).forEach(item -> findings.add(name + ": " + item));
    }

    /** A browser that is pressed for time has now and then no picture to give: it is asked once more. */
    private static void take(Path picture, Page page) {
        Page.ScreenshotOptions to = new Page.ScreenshotOptions().setPath(picture);
        try {
            page.screenshot(to);
        } catch (PlaywrightException notJustNow) {
            page.waitForTimeout(500);
            page.screenshot(to);
        }
    }

    /** What axe looks at is the same at both widths, but for what is drawn in the dark. */
    private static void axe(String name, Page page, List<String> findings) {
        ((List<?>) page.evaluate(AXE)).forEach(item -> findings.add(name + ": " + item));
    }

    private static String eyes() {
        try (InputStream in = LookIT.class.getResourceAsStream("eyes.js")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
