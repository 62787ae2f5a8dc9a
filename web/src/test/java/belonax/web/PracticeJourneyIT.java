package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A sitting of practice: by keys at the table, by thumb on a phone, and without scripts. */
class PracticeJourneyIT extends RunningBelonax {
    private static final Pattern TOLD = Pattern.compile("^(Right|It is): .+");

    @Test
    void keys_one_to_four_answer_and_the_space_bar_goes_on() {
        try (BrowserContext context = open(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
            Page page = context.newPage();
            page.navigate(address("/practice?kind=STRIP"));
            for (int i = 1; i <= 8; i++) {
                assertThat(page.locator(".practice-face")).hasCount(2);
                page.keyboard().press(Integer.toString(1 + i % 4));
                assertThat(page.locator("h1")).hasText(TOLD);
                assertThat(page.locator(".practice-why")).isInViewport();
                assertThat(page.locator(".practice-head")).containsText(i + " read");
                if (i < 8) {
                    page.keyboard().press(" ");
                }
            }
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("I slipped: take it back"))
                    .click();
            assertThat(page.locator(".practice-head")).containsText("7 read");
            assertThat(page.locator(".practice-choices")).isVisible();
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void by_thumb_with_or_without_scripts_and_under_a_name_of_her_own(boolean scripts) {
        try (BrowserContext context =
                open(new Browser.NewContextOptions().setViewportSize(390, 844).setJavaScriptEnabled(scripts))) {
            Page page = context.newPage();
            page.navigate(address("/practice"));
            page.getByText("Who reads here?").click();
            page.getByLabel("Your name").fill("Wren " + scripts);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("That is me"))
                    .click();
            assertThat(page.locator(".practice-head")).containsText("a sitting is 5 minutes");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("labels"))
                    .click();
            assertThat(page.locator(".practice-text")).not().isEmpty();
            assertThat(page.locator(".drill-choice").last()).isInViewport();
            page.locator(".drill-choice").first().click();
            assertThat(page.locator("h1")).hasText(TOLD);
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Next one"))
                    .click();
            assertThat(page.locator(".practice-choices")).isVisible();
            assertThat(page.locator(".practice-head")).containsText("1 read");
        }
    }
}
