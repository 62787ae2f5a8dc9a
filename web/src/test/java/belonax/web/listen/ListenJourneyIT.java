package belonax.web.listen;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import belonax.sound.EnvelopeMeter;
import belonax.sound.Loudness;
import belonax.web.RunningBelonax;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

/** The microphone, simulated by the browser from a recording, and that recording itself: nothing but loudness leaves the tab. */
class ListenJourneyIT extends RunningBelonax {
    private static final int WAV_HEAD = 44;

    @TempDir
    private Path folder;

    @Autowired
    private Ears ears;

    private final ObjectMapper json = new ObjectMapper();
    private final List<Request> sent = new ArrayList<>();

    private Path recording() throws IOException {
        return Files.write(folder.resolve("machine.wav"), Recording.of(Scene.SEAMS));
    }

    @AfterEach
    void nothingIsListenedToAnyMore() {
        Silence.over(ears);
    }

    @Test
    void press_sew_count_keep_and_take_back() throws IOException {
        List<String> microphone = List.of(
                "--use-fake-ui-for-media-stream",
                "--use-fake-device-for-media-stream",
                "--use-file-for-fake-audio-capture=" + recording());
        try (Browser listening = browser(microphone);
                BrowserContext context = open(
                        listening,
                        new Browser.NewContextOptions()
                                .setViewportSize(390, 844)
                                .setPermissions(List.of("microphone")))) {
            Page page = context.newPage();
            page.onRequest(sent::add);
            page.navigate(address("/sewing?machine=badger"));
            button(page, "Count by ear").click();

            assertThat(page.locator("[data-ear-state]"))
                    .containsText("Runs, ", new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
            assertThat(page.locator("[data-ear-light]")).hasAttribute("data-runs", "true");
            assertThat(page.locator("[data-ear-line]"))
                    .hasText(
                            Pattern.compile("[4-9]\\d stitches"),
                            new LocatorAssertions.HasTextOptions().setTimeout(30_000));
            button(page, "Stop listening").click();

            assertThat(page.locator(".ear-headline")).hasText(Pattern.compile("\\d+ stitches in 0:\\d\\d"));
            button(page, "Count it").click();
            assertThat(page.getByText("Counted.")).isVisible();
            button(page, "Take it back").click();
            assertThat(button(page, "Count it")).isVisible();
            button(page, "Throw it away").click();
            assertThat(button(page, "Count by ear")).isVisible();
        }
        onlyLoudnessLeft();
    }

    /** No request carries samples: all bodies are entries of forms or two numbers for every five milliseconds. */
    private void onlyLoudnessLeft() throws IOException {
        long steps = 0;
        for (Request request : sent) {
            assertThat(request.url()).startsWith(address("/"));
            String body = request.postData();
            if (request.url().endsWith("/steps")) {
                JsonNode told = json.readTree(body);
                assertThat(told.fieldNames()).toIterable().containsExactly("from", "loud", "bright");
                assertThat(told.get("loud").size()).isEqualTo(told.get("bright").size());
                assertThat(told.get("from").asLong())
                        .as("no step more than was told before")
                        .isEqualTo(steps);
                steps += told.get("loud").size();
            } else if (body != null) {
                assertThat(body.length()).isLessThan(400);
            }
        }
        assertThat(steps).isBetween(5L * Loudness.PER_SECOND, 70L * Loudness.PER_SECOND);
    }

    @Test
    void a_recording_is_read_in_the_tab_and_its_envelope_is_the_cores_within_one_in_a_hundred() throws IOException {
        Path recording = recording();
        try (BrowserContext context = open(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
            Page page = context.newPage();
            page.onRequest(sent::add);
            page.navigate(address("/listen?machine=badger"));
            page.getByLabel("A recording as WAV").setInputFiles(recording);
            assertThat(page.locator(".ear-headline"))
                    .hasText(
                            Pattern.compile("4\\d\\d stitches in 0:5\\d"),
                            new LocatorAssertions.HasTextOptions().setTimeout(30_000));
            button(page, "Throw it away").click();
        }

        List<Loudness> byCore = envelope(recording);
        List<Loudness> byScript = told();
        for (int i = 0; i < byCore.size(); i++) {
            assertThat(byScript.get(i).loud())
                    .as("step " + i)
                    .isCloseTo(byCore.get(i).loud(), within(0.01 * byCore.get(i).loud() + 1e-5));
            assertThat(byScript.get(i).bright())
                    .as("step " + i)
                    .isCloseTo(
                            byCore.get(i).bright(), within(0.01 * byCore.get(i).bright() + 1e-5));
        }
    }

    private List<Loudness> told() throws IOException {
        List<Loudness> all = new ArrayList<>();
        for (Request request : sent) {
            if (request.url().endsWith("/steps")) {
                JsonNode told = json.readTree(request.postData());
                for (int i = 0; i < told.get("loud").size(); i++) {
                    all.add(new Loudness(
                            told.get("loud").get(i).asDouble(),
                            told.get("bright").get(i).asDouble()));
                }
            }
        }
        return all;
    }

    private static List<Loudness> envelope(Path recording) throws IOException {
        List<Loudness> steps = new ArrayList<>();
        EnvelopeMeter meter = new EnvelopeMeter(Recording.SAMPLE_RATE, steps::add);
        ByteBuffer samples = ByteBuffer.wrap(Files.readAllBytes(recording)).order(ByteOrder.LITTLE_ENDIAN);
        samples.position(WAV_HEAD);
        while (samples.remaining() >= 2) {
            meter.hear(samples.getShort() / 32_768.0);
        }
        return steps;
    }

    @Test
    void where_a_browser_gives_no_microphone_the_page_says_why() throws IOException {
        try (BrowserContext context = open(new Browser.NewContextOptions().setViewportSize(390, 844))) {
            context.addInitScript("Object.defineProperty(navigator, 'mediaDevices', { value: undefined })");
            Page page = context.newPage();
            page.navigate(address("/sewing?machine=badger"));
            button(page, "Count by ear").click();

            assertThat(page.getByRole(AriaRole.ALERT))
                    .containsText(
                            "A browser gives the microphone only on the computer that Belonax runs on, or over https.");
            page.navigate(address("/listen?machine=badger"));
            page.getByLabel("A recording as WAV")
                    .setInputFiles(
                            Files.writeString(folder.resolve("notes.wav"), "no sound but a good many letters of text"));
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("That is no WAV file");
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
