package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** The evening without scripts, and the same by keyboard alone: balance, thump, cure and back, seen by a second device. */
class PlainJourneyIT extends RunningBelonax {

    @Test
    void without_scripts_three_strips_are_balanced_and_a_thump_is_cured_by_plain_forms() {
        try (BrowserContext plain = open(new Browser.NewContextOptions().setJavaScriptEnabled(false))) {
            Page page = plain.newPage();
            balance(page, "badger", Locator::click);
            mend(page, "badger", Locator::click);
        }
    }

    @Test
    void the_keyboard_alone_balances_and_cures_and_another_device_sees_the_same_table() {
        try (BrowserContext first = open(new Browser.NewContextOptions());
                BrowserContext second = open(new Browser.NewContextOptions())) {
            Page page = first.newPage();
            balance(page, "heron", locator -> locator.press("Enter"));
            Page other = second.newPage();
            other.navigate(address("/bench?machine=heron"));
            assertThat(other.locator(".machine-strip")).containsText("3 layers of wide corduroy");
            assertThat(other.locator(".machine-strip")).containsText("Last balanced");
            mend(page, "heron", locator -> locator.press("Enter"));
        }
    }

    private void balance(Page page, String machine, Consumer<Locator> press) {
        page.navigate(address("/balance?cloth=corduroy-wide&layers=3&number=60&machine=" + machine));
        press.accept(button(page, "To the first strip"));
        page.locator("input[name=top][value=DOTS]").check();
        press.accept(page.locator("button[name=underside][value=CLEAN]"));
        assertThat(page.locator(".next-dial")).containsText("Turn down to");
        for (int i = 0; i < 4 && page.locator("[data-action=KEEP]").count() == 0; i++) {
            press.accept(button(page, "Both faces are clean"));
            page.waitForLoadState();
        }
        press.accept(page.locator("form[action$='/keep'] button"));
        assertThat(page.locator(".next-dial")).containsText("Balanced at");
    }

    private void mend(Page page, String machine, Consumer<Locator> press) {
        page.navigate(address("/mend?another=true&machine=" + machine));
        page.locator("input[name=symptom][value=THUMP]").check();
        press.accept(button(page, "What do I check first?"));
        press.accept(button(page, "Now the first check"));
        press.accept(button(page, "That was it, cured"));
        assertThat(page.locator(".check-title")).hasText("Cured");
        press.accept(button(page, "Back to sewing"));
        assertThat(page.locator(".clock")).isVisible();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
