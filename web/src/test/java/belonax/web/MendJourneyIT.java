package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** From the symptom to the cure, with two causes at once, taken up again, or to a technician. */
class MendJourneyIT extends RunningBelonax {
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
    void skipped_stitches_on_a_swim_knit_are_followed_from_the_symptom_to_the_cure() {
        begin("swim-knit", "skipped stitches");
        glance("straight, all the way up");
        assertThat(page.locator(".check-title")).containsText("point suit this cloth");
        assertThat(page.locator(".step-picture")).hasCount(3);
        assertThat(page.locator("#in option:checked")).containsText("stretch 75/11");

        button("That was it, cured").click();

        assertThat(page.locator(".check-title")).hasText("Cured");
        assertThat(page.locator(".machine-strip")).containsText("Stretch 75/11");
        page.navigate(address("/mend/history"));
        assertThat(page.locator(".log")).containsText("cured: Does the needle's point suit this cloth?");
    }

    @Test
    void of_two_causes_at_once_the_second_is_found_without_starting_again() {
        begin("poplin", "a nest below", "the top thread breaks");
        glance("it catches or jerks");
        List<String> asked = new ArrayList<>();
        answerUntil("Does the thread catch anywhere?", "Not it", asked);
        button("Found it, still wrong").click();
        assertThat(page.locator(".done-list li").last()).containsText("found and put right, it still does it");
        answerUntil("Thread the top again, foot up", "Not it", asked);
        button("That was it, cured").click();

        assertThat(page.locator(".check-title")).hasText("Cured");
        assertThat(page.locator(".done-list [data-found=true]")).hasCount(2);
        org.assertj.core.api.Assertions.assertThat(asked)
                .doesNotHaveDuplicates()
                .hasSizeLessThan(6);
    }

    @Test
    void a_case_is_taken_up_again_days_later_with_what_was_ruled_out() {
        begin("fleece", "tension comes and goes");
        glance("straight, all the way up");
        String first = page.locator(".check-title").textContent();
        button("Not it").click();
        page.locator(".done-list li").waitFor();
        context.close();

        open();
        page.navigate(address("/bench"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("go on"))
                .click();

        assertThat(page.locator(".run-sentence")).containsText("tension comes and goes");
        assertThat(page.locator(".done-list li")).containsText(first);
        assertThat(page.locator(".check-title")).not().hasText(first);
        button("Put it aside").click();
        assertThat(page.locator(".check-title")).hasText("Put aside");
        assertThat(page.locator(".machine-strip")).not().containsText("Open trouble");
        button("Go on with it").click();
        assertThat(page.locator(".machine-strip")).containsText("Open trouble");
    }

    @Test
    void a_jam_begins_with_the_plug_smoke_ends_there_and_an_overlocker_has_checks_of_its_own() {
        begin("fleece", "it jams");
        assertThat(page.locator(".check-title")).hasText("Take out what is caught, plug out");
        assertThat(page.locator(".step-list")).containsText("Never force the wheel");

        begin("fleece", "a hot smell, smoke, sparks or tingling");
        assertThat(page.locator(".check-title")).hasText("Plug out, now");
        assertThat(page.locator(".answers")).hasCount(0);

        page.navigate(address("/mend?another=true&machine=sparrow"));
        assertThat(page.getByText("a nest below")).hasCount(0);
        page.getByText("loops hang off the edge", new Page.GetByTextOptions().setExact(true))
                .click();
        button("What do I check first?").click();
        button("Now the first check").click();
        assertThat(page.locator(".check-title")).hasText("The loopers' tensions");
    }

    @Test
    void when_what_is_left_is_a_technicians_the_note_is_printed() throws IOException {
        begin("poplin", "skipped stitches", "the bobbin thread is not picked up");
        glance("straight, all the way up");
        answerUntil("Ask a technician", "Not it", new ArrayList<>());

        Download note = page.waitForDownload(() -> page.getByText("The note to take along (PDF)")
                .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.ALT))));

        try (PDDocument pdf = Loader.loadPDF(note.path().toFile())) {
            String text = new PDFTextStripper().getText(pdf);
            org.assertj.core.api.Assertions.assertThat(text)
                    .contains("For the technician: Heron")
                    .contains("skipped stitches, the bobbin thread is not picked up")
                    .contains("Is the needle all the way up, the right way round?")
                    .contains("the hook's timing is out");
            org.assertj.core.api.Assertions.assertThat(pdf.getNumberOfPages()).isLessThan(3);
        }
    }

    private void begin(String cloth, String... symptoms) {
        page.navigate(address("/mend?another=true&cloth=" + cloth));
        for (String symptom : symptoms) {
            page.getByText(symptom, new Page.GetByTextOptions().setExact(true)).click();
        }
        button("What do I check first?").click();
    }

    private void glance(String seen) {
        page.getByText(seen).click();
        button("Now the first check").click();
        page.locator(".answers").waitFor();
    }

    private void answerUntil(String title, String answer, List<String> asked) {
        for (int i = 0; i < 40; i++) {
            String now = page.locator(".check-title").textContent();
            if (now.equals(title)) {
                return;
            }
            asked.add(now);
            button(answer).click();
            page.waitForFunction("was => document.querySelector('.check-title').textContent !== was", now);
        }
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
