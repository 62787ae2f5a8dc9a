package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import belonax.room.archive.Archive;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A newcomer's first minute, in a sewing room with nothing in it. */
class NewcomerJourneyIT extends RunningBelonax {
    @Autowired
    private Archive archive;

    @BeforeEach
    void aRoomWithNothingInIt() {
        archive.empty();
    }

    @Test
    void three_questions_lead_to_the_first_answer() {
        try (BrowserContext context = open(new Browser.NewContextOptions().setViewportSize(390, 844))) {
            Page page = context.newPage();
            page.navigate(address("/"));
            assertThat(page).hasURL(Pattern.compile(".*/welcome"));

            page.getByLabel("mechanical").check();
            page.getByLabel("What its packet says").fill("size nothing");
            page.locator("#cloth").selectOption("swim-knit");
            button(page, "Which needle?").click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("Or leave this empty and tell it later.");
            assertThat(page.locator("#cloth")).hasValue("swim-knit");

            page.getByLabel("What its packet says").fill("15x1 90/14");
            button(page, "Which needle?").click();

            assertThat(page.locator(".headline")).hasText("Fit a stretch needle, 75/11");
            assertThat(page.locator(".machine-strip")).containsText("Universal 90/14");
        }
    }

    private static com.microsoft.playwright.Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
