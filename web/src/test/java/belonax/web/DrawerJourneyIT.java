package belonax.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import belonax.web.files.ArchiveDocument;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** From the packet in the hand to the drawer to the needle; everything out and in again. */
class DrawerJourneyIT extends RunningBelonax {
    private BrowserContext context;
    private Page page;

    @BeforeEach
    void open() {
        context =
                open(new Browser.NewContextOptions().setViewportSize(1280, 800).setAcceptDownloads(true));
        page = context.newPage();
    }

    @AfterEach
    void close() {
        context.close();
    }

    @Test
    void a_packet_is_read_as_one_types_kept_offered_by_match_and_taken_out_again() {
        page.navigate(address("/drawer/packet"));
        page.locator("#text").pressSequentially("130/705 H-Q 75/11");
        assertThat(page.locator(".headline")).hasText("Quilting 75/11");
        assertThat(page.locator("#text")).isFocused();

        page.locator("#count").fill("3");
        button("Put it in the drawer").click();
        assertThat(page.locator("#shelves")).containsText("Quilting 75/11");

        page.navigate(address("/match?cloth=batting-sandwich&purpose=QUILTING&machine=heron"));
        assertThat(page.locator(".stock")).containsText("quilting 75/11 would do a shade better");
        assertThat(page.locator(".portraits")).containsText("3 in your drawer");

        page.navigate(address("/drawer?find=quilting"));
        page.locator(".packet-card").first().click();
        button("Take it out of the drawer").click();
        assertThat(page.locator("#shelves")).not().containsText("Quilting 75/11");
        button("Take it back").click();
        assertThat(page.locator("#shelves")).containsText("Quilting 75/11");
    }

    @Test
    void the_sentence_is_made_of_the_sewists_own_cloth_and_thread() {
        page.navigate(address("/match?machine=heron"));
        page.locator("#part-cloth").click();
        page.locator("#find").fill("kite");
        page.locator("#cloths").getByText("kite tails").click();
        assertThat(page.locator("#part-cloth")).containsText("kite tails");

        page.locator("#pickers").getByLabel("Moon grey").check();
        assertThat(page.locator("#part-thread")).containsText("moon grey polyester tex 16.7");
        assertThat(page.locator(".headline")).containsText("sharp needle");
    }

    @Test
    void everything_is_written_out_wiped_and_restored_the_same() {
        page.navigate(address("/drawer/files"));
        Path before = archive();

        page.locator("#word").fill("empty");
        button("Take everything out").click();
        assertThat(page.locator(".notice")).containsText("A copy of what was there before was made");
        page.navigate(address("/"));
        assertThat(page).hasURL(Pattern.compile(".*/welcome"));

        page.navigate(address("/drawer/files"));
        page.locator("#archiveFile").setInputFiles(before);
        button("Take it in").click();
        assertThat(page.locator(".notice")).isVisible();

        Assertions.assertThat(ArchiveDocument.withoutTime(archive())).isEqualTo(ArchiveDocument.withoutTime(before));
        page.navigate(address("/match?machine=heron"));
        assertThat(page.locator(".machine-strip")).containsText("Universal 80/12");
    }

    private Path archive() {
        Download download = page.waitForDownload(
                () -> page.getByText("Download everything as one file").click());
        return download.path();
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
