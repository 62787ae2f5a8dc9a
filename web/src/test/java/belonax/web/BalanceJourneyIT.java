package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A balance by touch on a phone, a strip that was misread, and a nest. */
class BalanceJourneyIT extends RunningBelonax {
    private BrowserContext context;
    private Page page;

    @BeforeEach
    void open() {
        context = open(new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true));
        page = context.newPage();
        page.navigate(address("/balance?cloth=corduroy-wide&layers=3&number=60"));
        page.getByText("To the first strip").tap();
    }

    @AfterEach
    void close() {
        context.close();
    }

    @Test
    void three_strips_lead_to_a_balance_that_is_kept_by_touch() {
        assertThat(page.locator(".next-dial")).containsText("Set the dial to");
        read("drawn up", "clean");
        assertThat(page.locator(".next-dial")).containsText("Turn down to");
        read("dots", "clean");
        read("clean", "clean");

        page.locator("[data-action=KEEP]").waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep "))
                .tap();

        assertThat(page.locator(".next-dial")).containsText("Balanced at");
        assertThat(page.locator(".next-why")).containsText("Proven for this cloth");
    }

    @Test
    void where_the_bobbin_is_at_fault_putting_it_right_is_the_main_press_and_keeping_the_second() {
        for (int i = 0; i < 2; i++) {
            page.locator("#dial").fill("6.5");
            page.getByText("Both faces are clean").tap();
        }
        assertThat(page.locator("[data-action=KEEP]")).isVisible();
        assertThat(page.locator(".button-main").first()).containsText("begin again");
        assertThat(page.getByText("Keep 6½ all the same")).isVisible();

        page.locator(".button-main").first().tap();

        assertThat(page.locator(".next-dial")).containsText("Set the dial to");
        assertThat(page.locator(".strip-list li")).hasCount(0);
    }

    @Test
    void a_misread_strip_is_corrected_and_everything_after_it_is_worked_out_again() {
        read("clean", "loops");
        assertThat(page.locator(".next-dial")).containsText("Turn up to");

        page.getByText("I misread it").first().tap();
        assertThat(page.getByText("You read this strip anew")).isVisible();
        read("dots", "clean");

        assertThat(page.locator(".next-dial")).containsText("Turn down to");
        assertThat(page.locator(".strip-list li")).hasCount(1);
    }

    @Test
    void a_nest_is_sent_to_threading_and_the_third_to_a_technician() {
        read("clean", "a nest");
        assertThat(page.locator(".next-dial")).hasText("Thread it again ");
        assertThat(page.locator(".next-why")).containsText("the top thread is not in its discs");
        read("clean", "a nest");
        read("clean", "a nest");

        assertThat(page.locator(".next-dial")).containsText("Ask a technician");
    }

    private void read(String top, String below) {
        page.locator(".tiles").first().getByText(top, exact()).tap();
        page.locator(".tiles").last().getByText(below, exact()).tap();
    }

    private static com.microsoft.playwright.Locator.GetByTextOptions exact() {
        return new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true);
    }
}
