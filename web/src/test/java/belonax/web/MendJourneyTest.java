package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.annotation.DirtiesContext;

/** Skipped stitches on a swim knit from symptom to cure, with a second cause, and a case taken up again. */
@DirtiesContext
class MendJourneyTest extends RunningBelonax {
    private BrowserContext context;
    private Page page;

    @BeforeEach
    void open() {
        context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
        page = context.newPage();
    }

    @AfterEach
    void close() {
        context.close();
    }

    @Test
    void skipped_stitches_on_a_swim_knit_are_cured_and_a_second_cause_is_found_after_coming_back() {
        page.navigate(address("/mend"));
        page.getByText("skipped stitches").click();
        page.getByText("the top thread breaks").click();
        page.locator("#cloth").selectOption("swim-knit");
        button("What do I check first?").click();
        int causes = page.locator(".left li").count();

        while (!page.locator(".check-title").textContent().contains("point suit this cloth")) {
            button("Not it").click();
        }
        button("Found it, still wrong").click();
        assertThat(page.locator(".done-list li").last()).containsText("found and put right");

        page.navigate(address("/bench"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("go on"))
                .click();
        assertThat(page.locator(".run-sentence")).containsText("skipped stitches");
        org.assertj.core.api.Assertions.assertThat(page.locator(".left li").count())
                .isLessThanOrEqualTo(causes);
        button("That was it, cured").click();

        assertThat(page.locator(".check-title")).hasText("Cured");
        page.navigate(address("/mend/history"));
        assertThat(page.locator(".log")).containsText("cured:");
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
