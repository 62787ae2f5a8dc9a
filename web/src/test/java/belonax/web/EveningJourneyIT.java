package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** One evening, its presses counted from the page where each thing begins; typing is none. */
class EveningJourneyIT extends RunningBelonax {
    private BrowserContext context;
    private Page page;
    private int presses;

    @BeforeEach
    void open() {
        context = open(new Browser.NewContextOptions());
        page = context.newPage();
    }

    @AfterEach
    void close() {
        context.close();
    }

    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void own_cloth_spool_and_twin_hem_take_four_presses(int width) {
        begin(width, "/match?machine=heron&cloth=quilting-cotton");

        press(page.locator("#part-cloth"));
        page.getByLabel("Find a cloth by name or nature").fill("acrobat");
        press(label("acrobat's suit, crimson"));
        assertThat(page.locator("#part-cloth")).containsText("acrobat's suit");
        press(label("Moon grey"));
        assertThat(page.locator("#part-thread")).containsText("moon grey");
        press(label("a hem with your 4 mm twin"));

        assertThat(page.locator("#part-purpose")).containsText("a hem with a 4 mm twin");
        assertThat(page.locator(".headline")).containsText("stretch twin needle 4 mm, 75/11");
        org.assertj.core.api.Assertions.assertThat(presses).isLessThanOrEqualTo(4);
    }

    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void a_needle_is_changed_with_guidance_in_eleven_presses_and_nothing_is_typed(int width) {
        begin(width, "/match?machine=badger&cloth=" + (width == 390 ? "swim-knit" : "velvet"));

        press(page.getByText("step by step").first());
        assertThat(page.locator(".goes-in")).containsText("In goes");
        for (int step = 1; step <= 10; step++) {
            assertThat(page.locator(".fit-words")).containsText("Step " + step + " of ");
            press(page.locator("[data-next]"));
        }
        assertThat(page.locator(".notice")).containsText("Recorded.");
        assertThat(page.locator(".machine-strip")).containsText("0.0 of 8 h");
        org.assertj.core.api.Assertions.assertThat(presses).isLessThanOrEqualTo(11);
    }

    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void a_balance_with_three_strips_takes_eight_presses(int width) {
        begin(width, "/balance?cloth=corduroy-wide&layers=3&number=60&machine=" + (width == 390 ? "heron" : "badger"));

        press(button("To the first strip"));
        read("drawn up", "clean");
        read("dots", "clean");
        read("clean", "clean");
        page.locator("[data-action=KEEP]").waitFor();
        press(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Keep .*"))));

        assertThat(page.locator(".next-dial")).containsText("Balanced at");
        org.assertj.core.api.Assertions.assertThat(presses).isLessThanOrEqualTo(8);
    }

    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void from_a_thump_to_the_cure_and_back_to_sewing_takes_five_presses(int width) {
        begin(width, "/bench?machine=old-tin");
        press(button("Start sewing"));
        assertThat(page.locator(".clock")).hasText(Pattern.compile("0:0[1-9]"));
        presses = 0;

        press(button("thump"));
        press(button("Find out why"));
        assertThat(page.locator(".run-sentence")).containsText("a thump or pop at each stitch");
        press(button("Now the first check"));
        press(button("That was it, cured"));
        press(button("Back to sewing"));

        assertThat(page.locator(".clock")).isVisible();
        assertThat(button("Pause").last()).isVisible();
        org.assertj.core.api.Assertions.assertThat(presses).isLessThanOrEqualTo(5);
        button("Pause").last().click();
        assertThat(button("Go on sewing")).isVisible();
    }

    private void begin(int width, String path) {
        presses = 0;
        page.setViewportSize(width, width == 390 ? 844 : 800);
        page.navigate(address(path));
    }

    private void read(String top, String below) {
        press(page.locator(".tiles").first().getByText(top, new Locator.GetByTextOptions().setExact(true)));
        press(page.locator(".tiles").last().getByText(below, new Locator.GetByTextOptions().setExact(true)));
    }

    private void press(Locator what) {
        presses++;
        what.click();
    }

    private Locator label(String name) {
        return page.locator("#pickers .choice").filter(new Locator.FilterOptions().setHasText(name));
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
