package belonax.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The whole application with its demo data on a port of its own, and a browser before it. */
@InTheDemoRoom
public abstract class RunningBelonax {
    private static Playwright playwright;
    protected static Browser browser;

    private final List<String> complaints = new ArrayList<>();

    @LocalServerPort
    private int port;

    private static final List<String> OFFLINE = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    @BeforeAll
    static void openBrowser() {
        playwright = Playwright.create();
        browser = browser(List.of());
    }

    /** Opens a browser with some switches more. */
    protected static Browser browser(List<String> switches) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(Stream.concat(OFFLINE.stream(), switches.stream())
                                .toList()));
    }

    @AfterAll
    static void closeBrowser() {
        browser.close();
        playwright.close();
    }

    /** Opens a window whose console is listened to. */
    protected BrowserContext open(Browser.NewContextOptions options) {
        return open(browser, options);
    }

    /** Does the same in another browser. */
    protected BrowserContext open(Browser in, Browser.NewContextOptions options) {
        BrowserContext context = in.newContext(options);
        context.onConsoleMessage(message -> {
            // A refusal is an answer, and what was asked is given up when the next key asks anew.
            boolean isUsual = message.text().startsWith("Failed to load resource: the server responded")
                    || message.text().startsWith("htmx:sendAbort")
                    || message.text().startsWith("htmx:afterRequest");
            if (!isUsual && (message.type().equals("error") || message.type().equals("warning"))) {
                complaints.add(message.page().url() + ": " + message.text());
            }
        });
        return context;
    }

    /** Neither a page nor a swap makes the browser complain, of a refused style or anything else. */
    @AfterEach
    void theConsoleStaysSilent() {
        assertThat(complaints).isEmpty();
    }

    protected String address(String path) {
        return "http://localhost:" + port + path;
    }
}
