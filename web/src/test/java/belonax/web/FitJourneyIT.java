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
import org.junit.jupiter.api.Test;

/** A needle changed by keyboard alone, one that broke, and two tabs at once. */
class FitJourneyIT extends RunningBelonax {
    private BrowserContext context;
    private Page page;

    @BeforeEach
    void open() {
        context = open(new Browser.NewContextOptions().setViewportSize(1280, 800));
        page = context.newPage();
    }

    @AfterEach
    void close() {
        context.close();
    }

    @Test
    void a_needle_is_changed_by_keyboard_alone() {
        page.navigate(address("/fit?step=1"));
        for (int step = 1; step <= 10; step++) {
            assertThat(page.locator(".fit-words")).containsText("Step " + step + " of 10");
            page.waitForLoadState(); // Its script listens from then on.
            page.keyboard().press("Space");
        }
        assertThat(page.getByText("What went in, and where does the old one go?"))
                .isVisible();

        page.locator("#label").focus();
        page.keyboard().type("jersey 90");
        page.locator("#where").focus();
        page.keyboard().type("felt card, row 3");
        page.keyboard().press("Enter");

        assertThat(page.locator(".machine-strip")).containsText("Jersey 90/14");
        page.navigate(address("/needles"));
        assertThat(page.locator(".book")).containsText("felt card, row 3");
        page.goBack();
        button("Take it back").click();
        assertThat(page.locator(".machine-strip")).containsText("Universal 80/12");
    }

    @Test
    void a_needle_breaks_and_the_room_recovers() {
        page.navigate(address("/bench"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("it broke"))
                .click();
        page.getByLabel("the blade").check();
        button("Record it").click();
        assertThat(page.locator(".headline strong")).hasText("Not ready: no needle in the machine");

        page.navigate(address("/needles"));
        assertThat(page.getByText("Pieces still missing")).isVisible();
        button("Found").click();
        assertThat(page.getByText("Pieces still missing")).isHidden();

        page.navigate(address("/needles"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Put into Heron")))
                .first()
                .click();
        page.navigate(address("/bench"));
        assertThat(page.locator(".bench .portrait-name")).not().hasText("No needle");
    }

    @Test
    void two_tabs_that_change_the_needle_at_once_end_in_one_truth() {
        Page other = context.newPage();
        page.navigate(address("/fit?step=11"));
        other.navigate(address("/fit?step=11"));

        change(page, "stretch 75");
        record(other, "jeans 90");

        assertThat(other.locator(".refusal")).containsText("changed in another window");
        assertThat(other.locator(".machine-strip")).containsText("Stretch 75/11");
    }

    private void change(Page tab, String label) {
        record(tab, label);
        tab.waitForURL("**/bench**");
    }

    private void record(Page tab, String label) {
        tab.locator("#label").fill(label);
        tab.getByLabel("into the sharps jar").check();
        tab.getByText("Record the change").click();
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
