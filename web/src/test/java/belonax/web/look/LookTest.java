package belonax.web.look;

import static org.assertj.core.api.Assertions.assertThat;

import belonax.web.RunningBelonax;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Looks at every page as its users will, at 1280x800 and at 390 px. Writes the pictures to {@code target/look} and lists
 * what is wrong. A new page is added to {@link #PAGES}.
 */
class LookTest extends RunningBelonax {
    private static final Map<String, String> PAGES = pages();
    private static final Path PICTURES = Path.of("../target/look");

    @Test
    void nothing_is_wrong_to_the_eye() {
        List<String> findings = new ArrayList<>();
        PAGES.forEach((name, path) -> {
            look(name + "-wide", path, 1280, 800, findings);
            look(name + "-narrow", path, 390, 844, findings);
        });
        findings.forEach(System.out::println);

        assertThat(findings).isEmpty();
    }

    private static Map<String, String> pages() {
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("match", "/match?cloth=swim-knit&machine=heron");
        pages.put("match-conflict", "/match?cloth=denim-mid&number=80&purpose=TOPSTITCH&machine=badger");
        pages.put("match-twin", "/match?cloth=single-jersey&twin=4&purpose=HEM&machine=heron");
        pages.put("match-overlocker", "/match?cloth=sweatshirt-knit&machine=sparrow");
        pages.put("match-refused", "/match?cloth=poplin&layers=none&machine=heron");
        pages.put("no-such-page", "/thimble");
        return pages;
    }

    private void look(String name, String path, int width, int height, List<String> findings) {
        try (BrowserContext context =
                browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height))) {
            Page page = context.newPage();
            page.onConsoleMessage(it -> {
                boolean expected =
                        it.text().contains("status of 404") || it.text().contains("status of 422");
                if ((it.type().equals("error") || it.type().equals("warning")) && !expected) {
                    findings.add(name + ": console: " + it.text());
                }
            });
            page.onRequest(it -> {
                if (!it.url().startsWith(address("/")) && !it.url().startsWith("data:")) {
                    findings.add(name + ": a request leaves the machine: " + it.url());
                }
            });
            page.navigate(address(path));
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            page.screenshot(new Page.ScreenshotOptions().setPath(PICTURES.resolve(name + ".png")));
            Object sideways = page.evaluate("document.documentElement.scrollWidth - window.innerWidth");
            if (((Number) sideways).intValue() > 0) {
                findings.add(name + ": " + sideways + " px wider than the window");
            }
            new AxeBuilder(page)
                    .analyze()
                    .getViolations()
                    .forEach(it -> findings.add(name + ": " + it.getId() + ": " + it.getHelp() + ": "
                            + it.getNodes().get(0).getTarget()));
        }
    }
}
