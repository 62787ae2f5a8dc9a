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

/** From the sentence to the needle in the machine, as a sewist goes. */
class MatchJourneyIT extends RunningBelonax {
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
    void change_the_cloth_read_the_answer_fit_the_needle_and_take_it_back() {
        page.navigate(address("/match?machine=heron&cloth=quilting-cotton"));
        assertThat(headline()).hasText("Keep the universal needle, 80/12");

        page.locator("#part-cloth").click();
        page.getByLabel("Find a cloth by name or nature").fill("acrobat");
        page.locator("#cloths")
                .getByText("swim knit", new Locator.GetByTextOptions().setExact(true))
                .click();

        assertThat(headline()).hasText("Fit a stretch needle, 75/11");
        assertThat(page).hasURL(Pattern.compile(".*cloth=swim-knit.*"));
        assertThat(page.locator(".hazards")).containsText("universal 80/12 now: avoid");

        button("Put the parked one in").click();
        assertThat(strip()).containsText("Stretch 75/11");
        assertThat(headline()).hasText("Keep the stretch needle, 75/11");
        page.navigate(address("/match?cloth=canvas&machine=heron"));
        assertThat(strip()).containsText("Stretch 75/11");

        page.goBack();
        button("Take it back").click();
        assertThat(strip()).containsText("Universal 80/12");
        assertThat(page.getByText("Taken back")).isVisible();
    }

    @Test
    void the_keyboard_alone_changes_the_thread_and_comes_back_to_where_it_was() {
        page.navigate(address("/match?cloth=denim-mid&machine=badger"));

        page.locator("#part-thread").focus();
        page.keyboard().press("Enter");
        page.locator("#pickers").waitFor();
        page.getByText("Another one, by its number").press("Enter");
        page.getByLabel("Number on the spool").fill("80");
        page.keyboard().press("Enter");

        assertThat(page.locator("#part-thread")).isFocused();
        assertThat(page.locator("#part-thread")).containsText("polyester corespun tex 80");
        assertThat(headline()).hasText("Fit a topstitch needle, 100/16");
        page.locator("#part-purpose").focus();
        page.keyboard().press("Enter");
        page.locator("#pickers").waitFor();
        page.keyboard().press("Escape");
        assertThat(page.locator("#part-purpose")).isFocused();
    }

    @Test
    void without_scripts_the_sentence_is_a_form_and_the_needle_is_fitted_all_the_same() {
        try (BrowserContext plain = open(new Browser.NewContextOptions().setJavaScriptEnabled(false))) {
            page = plain.newPage();
            page.navigate(address("/match?machine=old-tin"));

            page.locator("#part-layers").click();
            page.getByLabel("Layers of it under the foot").fill("4");
            button("Done").click();
            assertThat(page.locator("#part-layers")).hasText("4 layers");

            page.locator("#part-cloth").click();
            page.getByLabel("Find a cloth by name or nature").fill("microfibre");
            page.keyboard().press("Enter");
            page.locator("#cloths").getByLabel("microfibre").check();
            button("Done").click();
            assertThat(headline()).hasText(Pattern.compile("(Fit a|Keep the) sharp needle, .*"));

            button("Put in a new one")
                    .or(button("Fit it now"))
                    .or(button("Put the parked one in"))
                    .click();
            assertThat(strip()).containsText("Sharp");
        }
    }

    @Test
    void what_will_not_do_is_told_beside_the_sentence_and_stays_as_it_was_typed() {
        page.navigate(address("/match?cloth=poplin&layers=two&machine=heron"));

        assertThat(page.getByRole(AriaRole.ALERT))
                .containsText("“two” is not a number. Count the layers under the foot: 1 to 32.");
        assertThat(page.locator("#layers")).hasValue("two");
    }

    @Test
    void another_machine_is_put_on_the_table_and_the_overlocker_shows_both_needles() {
        page.navigate(address("/match"));

        page.getByText("Other machine").locator("visible=true").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Sparrow.*")))
                .click();

        assertThat(strip()).containsText("Left needle");
        assertThat(strip()).containsText("Right needle");
        page.navigate(address("/match"));
        assertThat(page.locator(".answer")).containsText("HAx1SP");
        assertThat(page.getByText("right needle").last()).isVisible();
    }

    private Locator headline() {
        return page.locator(".headline");
    }

    private Locator strip() {
        return page.locator(".machine-strip");
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
