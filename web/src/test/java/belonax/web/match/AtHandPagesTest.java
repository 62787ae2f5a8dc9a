package belonax.web.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.match.SpoolRank;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.needle.SewingRoom;
import belonax.web.InTheDemoRoom;
import belonax.web.shared.NeedleWord;
import java.net.URI;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** What the sewist owns comes first on Match: needles, spools, and what a scrap showed. */
@InTheDemoRoom
class AtHandPagesTest {
    private static final Needle UNIVERSAL_70 =
            Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_70);

    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private SewingRoom room;

    @Test
    void an_owned_needle_that_does_nearly_as_well_is_the_first_offer_with_its_count() throws Exception {
        drawer.all(Packet.class).forEach(kept -> drawer.remove(kept.id(), kept.revision()));
        assertThat(headline(page("/match?cloth=poplin&machine=badger&spool=&number=25")))
                .isEqualTo("Fit a universal needle, 75/11");

        drawer.add(Packet.of(UNIVERSAL_70, 4, false, ""));

        String page = page("/match?cloth=poplin&machine=badger&spool=&number=25");
        assertThat(headline(page)).isEqualTo("Fit a universal needle, 70/10");
        assertThat(page).contains("4 in your drawer; universal 75/11 would do a shade better");
    }

    @Test
    void a_parked_needle_with_hours_left_is_put_back_in_by_one_press() throws Exception {
        String page = page("/match?cloth=softshell&machine=heron");
        assertThat(page).contains("one parked with 0.8 h (blue tin)").contains("Put the parked one in");
        String parked = first(page, "name=\"parked\" value=\"([^\"]+)\"");
        String out = first(page, "name=\"out\" value=\"([^\"]+)\"");

        press(
                "/needles/fit",
                "machine=heron&place=0&needle=130/705+H~SHARP~80&parked=" + parked + "&out=" + out
                        + "&table=cloth%3Dsoftshell&back=/match");

        assertThat(room.find("heron").orElseThrow().fitted().orElseThrow().needleId())
                .hasToString(parked);
    }

    @Test
    void every_portrait_that_may_be_used_can_be_fitted_and_a_size_beside_it_too() throws Exception {
        String page = page("/match?cloth=poplin&machine=heron&width=");

        int portraits = page.split("<figcaption>", -1).length - 1;
        int avoided = page.split(" · avoid</span>", -1).length - 1;
        int fits = page.split("class=\"portrait-fit\"", -1).length - 1;
        assertThat(fits).isBetween(portraits - avoided - 1, portraits - avoided);
        assertThat(page).contains("One size smaller or bigger").contains("Fit size ");
    }

    @Test
    void what_a_scrap_showed_is_kept_counts_and_is_taken_back() throws Exception {
        Needle advised = Needle.of(NeedleSystem.H_130_705, NeedleType.UNIVERSAL, NeedleSize.NM_80);
        assertThat(headline(page("/match?cloth=poplin&machine=heron")))
                .as("the fitted one does nearly as well")
                .isEqualTo("Keep the universal needle, 80/12");

        String done = press(
                "/match/scrap",
                "machine=heron&showed=HOLES&needle=" + NeedleWord.inAddress(advised) + "&table=cloth%3Dpoplin");

        assertThat(page(done)).contains("Take it back");
        assertThat(headline(page("/match?cloth=poplin&machine=heron"))).doesNotContain("80/12");
        press("/needles/undo", "back=%2Fmatch&action=" + done.replaceAll(".*done=", ""));
        assertThat(headline(page("/match?cloth=poplin&machine=heron"))).contains("80/12");
    }

    @Test
    void where_a_limit_stands_in_the_way_the_answer_says_so_in_one_sentence() throws Exception {
        String page = page("/match?cloth=waxed-cotton&number=60&spool=&purpose=BUTTONHOLE&machine=badger");

        assertThat(headline(page)).isEqualTo("Not like this: the needle would strike");
        assertThat(page).doesNotContain("in your drawer;");
    }

    @Test
    void a_twin_is_not_held_against_a_single_needle() throws Exception {
        assertThat(page("/match?cloth=single-jersey&twin=4&purpose=HEM&machine=heron"))
                .contains("Universal 80/12 in the machine sews 1 line, and this is for 2 lines.")
                .doesNotContain("universal 80/12</span> now:");
    }

    @Test
    void spools_stand_in_order_of_what_suits_the_cloth_each_with_why() throws Exception {
        String page = page("/match?cloth=swim-knit&machine=heron&pick=thread");

        assertThat(page)
                .contains("gives with the cloth")
                .contains(SpoolRank.SHADES)
                .contains(SpoolRank.FIBRES)
                .contains(SpoolRank.BOBBIN);
    }

    @Test
    void a_cloth_remembers_that_it_was_washed_before_cutting() throws Exception {
        var cloth = drawer.all(Swatch.class).stream()
                .filter(kept -> kept.card().cloth("x").stretchPercent() < 8)
                .findFirst()
                .orElseThrow();
        Spool some = drawer.all(Spool.class).get(0).card();
        assertThat(some.isSound()).isTrue();
        String cotton = "&number=25&fibre=COTTON&machine=heron";
        assertThat(page("/match?cloth=" + cloth.id() + cotton))
                .contains("cloth can be shrunk beforehand, thread cannot");

        String edit = page("/drawer/swatch/" + cloth.id());
        assertThat(edit).contains("washed before cutting: it shrinks no more");
        press(
                "/drawer/swatch/" + cloth.id(),
                "revision=" + cloth.revision() + "&name=kite&structure=WOVEN&weight=60&density=TIGHT&washed=true");

        assertThat(page("/match?cloth=" + cloth.id() + cotton))
                .contains("This cloth was washed before cutting and shrinks no more");
    }

    private static String headline(String page) {
        return first(page, "(?s)<p class=\"headline\">(.*?)</p>")
                .replaceAll("<[^>]*>", "")
                .replaceAll("\\s+", " ")
                .strip();
    }

    private static String first(String text, String pattern) {
        Matcher found = Pattern.compile(pattern, Pattern.DOTALL).matcher(text);
        assertThat(found.find()).as(pattern).isTrue();
        return found.group(1);
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(URI.create(address))).andReturn().getResponse().getContentAsString();
    }

    private String press(String path, String entries) throws Exception {
        return Objects.requireNonNull(mvc.perform(post(URI.create(path))
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(entries))
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
    }
}
