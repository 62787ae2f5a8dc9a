package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** From an empty project to its last step, with the timer; in two tabs; by keyboard alone. */
class PlanJourneyIT extends RunningBelonax {
    private BrowserContext context;
    private Page page;

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
    void from_an_empty_project_to_its_last_step_with_the_timer(int width) {
        page.setViewportSize(width, width == 390 ? 844 : 800);
        page.navigate(address("/plan?another=true"));
        page.getByLabel("What are you making?").fill("bunting " + width);
        button("To its first step").click();
        step("flags", "quilting-cotton", "6");
        button("Add it and another").click();
        step("kite tails", "ripstop-nylon", "2");
        button("Add it and another").click();
        assertThat(page.locator("#part-cloth")).containsText("ripstop");
        step("hang the flags", "quilting-cotton", "3");
        page.getByLabel("flags", new Page.GetByLabelOptions().setExact(true)).check();
        button("Add it").first().click();

        assertThat(page.locator(".headline")).containsText(Pattern.compile("needle change"));
        assertThat(page.locator(".plan-row")).hasCount(3);
        assertThat(page.locator(".plan-run")).isVisible();
        button("Start step 1").click();
        assertThat(page.locator(".plan-done")).containsText("Thread: ");
        button("Sew it").click();
        assertThat(page.locator(".clock")).hasText(Pattern.compile("0:0[1-9]"));
        button("Pause").last().click();
        page.navigate(address("/plan"));
        for (int left = 2; left >= 0; left--) {
            page.locator("#minutes").fill("5");
            button("It is sewn").click();
            if (left > 0) {
                assertThat(page.locator(".plan-name")).containsText(left + " of 3 steps to sew");
                button("Start step 1").click();
            }
        }
        assertThat(page.locator(".headline")).hasText("All is sewn");
        button("Take it back").click();
        assertThat(page.locator(".plan-done")).isVisible();
    }

    @Test
    void two_tabs_are_told_and_nothing_is_lost() {
        page.navigate(address("/plan"));
        if (page.locator(".plan-name:has-text('cloak')").count() == 0) {
            page.getByText("Other projects").click();
            page.getByText("the carnival cloak and banners").click();
        }
        assertThat(page.locator(".plan-name")).containsText("cloak");
        Page other = context.newPage();
        other.navigate(page.url());
        page.locator(".plan-move[aria-label$=' later']:not([disabled])").first().click();
        assertThat(page.locator(".notice")).isVisible();

        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start step 1"))
                .click();

        assertThat(other.locator("[role=alert]").first()).isVisible();
        other.close();
    }

    @Test
    void a_step_is_added_moved_and_started_by_keyboard_alone() {
        page.navigate(address("/plan?another=true"));
        page.keyboard().press("Tab");
        page.locator("#called").focus();
        page.keyboard().type("pennants");
        page.keyboard().press("Enter");
        for (String name : new String[] {"first", "second"}) {
            assertThat(page.locator("#metres")).isVisible();
            page.locator("#called").focus();
            page.keyboard().type(name);
            page.keyboard().press("Tab");
            page.keyboard().type("3");
            page.keyboard().press("Enter");
            assertThat(page.locator(".plan-row").last()).containsText(Pattern.compile("[2-9] min"));
            if (name.equals("first")) {
                page.getByText("Add a step").focus();
                page.keyboard().press("Enter");
            }
        }
        Locator later = page.locator("[aria-label='first later']");
        later.focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.locator(".plan-row").first()).containsText("second");
        // The step that was moved keeps the keyboard, so that it goes back by one more key.
        assertThat(page.locator("[aria-label='first earlier']")).isFocused();
        page.keyboard().press("ArrowUp");
        assertThat(page.locator(".plan-row").first()).containsText("first");
        drag(page.locator(".plan-row").last(), page.locator(".plan-row").first());
        assertThat(page.locator(".plan-row").first()).containsText("second");
        assertThat(page.locator(".wishes")).containsText("costs nothing");
        button("Start step 1").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".plan-done")).containsText("second");
    }

    private void drag(Locator row, Locator to) {
        BoundingBox from = row.boundingBox();
        BoundingBox there = to.boundingBox();
        page.mouse().move(from.x + 120, from.y + from.height - 6);
        page.mouse().down();
        page.mouse().move(from.x + 120, from.y, new Mouse.MoveOptions().setSteps(4));
        page.mouse().move(there.x + 120, there.y + 5, new Mouse.MoveOptions().setSteps(12));
        page.mouse().up();
    }

    private void step(String name, String cloth, String metres) {
        assertThat(page.locator("#metres")).isVisible();
        String at = page.url().replaceAll("\\?.*", "");
        page.navigate(at + "?machine=heron&cloth=" + cloth + "&layers=2&number=25");
        page.locator("#called").fill(name);
        page.locator("#metres").fill(metres);
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
