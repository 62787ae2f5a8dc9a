package belonax.web.shared.sentence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import belonax.room.balance.BalanceRun;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Spool;
import belonax.room.event.SetupKept.ThreadKept;
import belonax.room.event.TableWork;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.settings.Settings;
import belonax.room.settings.SettingsStore;
import belonax.room.settings.Units;
import belonax.web.InTheDemoRoom;
import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.util.UriUtils;

/** What was said once is known everywhere: the sentence on every stop that speaks of work, in the address and on the table. */
@InTheDemoRoom
class SentencePagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private SewingRoom room;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private SettingsStore settings;

    @ParameterizedTest
    @ValueSource(strings = {"/match", "/bench", "/fit", "/fit/broken", "/balance?layers=2", "/mend?another=true"})
    void every_stop_of_the_evening_begins_with_what_lies_on_the_table(String stop) throws Exception {
        assertThat(words(page(stop)))
                .isEqualTo("I sew velvet 260 g/m² in 2 layers with midnight blue polyester tex 25 for a seam on Heron");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            cloth=swim-knit                        | swim knit 200 g/m², gives 90 % in 2 layers with midnight blue
            cloth=batting-sandwich                 | in 1 layer with midnight blue polyester tex 25
            layers=3                               | velvet 260 g/m² in 3 layers with midnight blue
            crossing=HEM_OVER_SEAM                 | velvet 260 g/m² in 2 layers, crossing: a plain hem over a plain seam
            number=40                              | with polyester tex 40 for a seam
            purpose=HEM                            | midnight blue polyester tex 25 for a hem on Heron
            purpose=HEM:4                          | for a hem with a 4 mm twin on Heron
            machine=badger                         | canvas 420 g/m² in 2 layers with sailcloth white
            also=canvas&alsoLayers=2&cloth=poplin  | poplin 115 g/m² in 2 layers over 2 of canvas
            """)
    void the_address_wins_for_what_it_tells_and_leaves_the_rest_as_it_lies(String told, String says) throws Exception {
        assertThat(words(page("/bench?" + told))).contains(says);
    }

    @Test
    void the_paths_to_the_stops_that_speak_of_work_carry_what_is_only_looked_at() throws Exception {
        assertThat(page("/match")).contains("href=\"/bench\"").contains("href=\"/drawer\"");

        String looking = page("/match?cloth=swim-knit");

        assertThat(looking).contains("href=\"/bench?cloth=swim-knit").contains("href=\"/drawer\"");
        assertThat(words(page(path(looking, "/balance")))).startsWith("I sew swim knit");
    }

    @Test
    void a_cloth_that_is_called_otherwise_elsewhere_is_found_under_its_name_here() throws Exception {
        assertThat(page("/sentence/cloths?find=stretchy&before=velvet&cloth=velvet"))
                .contains("Nothing is called “stretchy”. Here it is knit:")
                .contains("swim knit");
        assertThat(page("/sentence/cloths?find=qqq&before=velvet&cloth=velvet")).contains("No cloth fits those words.");
    }

    @Test
    void looking_lays_nothing_and_an_act_lays_what_was_looked_at() throws Exception {
        TableWork before = table("heron");
        String looking = page("/bench?cloth=swim-knit&purpose=HEM&width=3");
        assertThat(table("heron")).isEqualTo(before);

        press("/bench/timer", "machine=heron&press=start&table=" + sent(looking));

        TableWork laid = table("heron");
        assertThat(laid.words()).isEqualTo("2 layers of swim knit, a hem");
        assertThat(laid.stitchWidthMm()).isEqualTo(3);
        assertThat(laid.top().colour()).isEqualTo("midnight blue");
        assertThat(page("/match"))
                .contains("2 layers of swim knit, a hem</dt>")
                .contains("midnight blue polyester tex 25</span></dd>");
    }

    @Test
    void an_act_is_done_on_the_machine_of_its_page_which_stays_on_the_table() throws Exception {
        String badger = page("/fit?step=11&machine=badger&cloth=canvas");

        String cookie = mvc.perform(MockMvcRequestBuilders.post("/sewing")
                        .with(csrf())
                        .param("machine", "badger")
                        .param("table", UriUtils.decode(sent(badger), StandardCharsets.UTF_8)))
                .andReturn()
                .getResponse()
                .getHeader("Set-Cookie");
        press("/balance", "table=" + sent(badger));

        assertThat(cookie).startsWith("belonax-machine=badger;");
        assertThat(drawer.all(BalanceRun.class))
                .anyMatch(
                        kept -> kept.card().isOpen() && kept.card().machineId().equals("badger"));
        assertThat(table("heron").setup().cloth()).isEqualTo("velvet");
    }

    @Test
    void a_described_cloth_lies_there_as_it_was_described_whatever_the_units() throws Exception {
        String described = "cloth=described&structure=KNIT&weight=190&gives=60&density=TIGHT&traits=DELICATE&layers=3";
        press("/bench/timer", "machine=heron&press=start&table=" + sent(page("/bench?" + described)));
        TableWork laid = table("heron");
        assertThat(laid.stack().get(0).described()).isNotNull();

        Settings now = settings.now();
        settings.keep(new Settings(Units.IMPERIAL, now.light(), now.largerText(), now.sizeSchool(), now.retirement()));

        String page = page("/match?pick=cloth");
        assertThat(page).contains("value=\"5.6\"").contains("Weight, oz/yd²");
        assertThat(words(page)).contains("5.6 oz/yd², gives 60 % in 3 layers");
        settings.keep(now);
    }

    @Test
    void the_bobbin_is_wound_from_another_spool_and_balance_knows_it() throws Exception {
        UUID grey = drawer.all(Spool.class).stream()
                .filter(kept -> kept.card().colour().equals("moon grey"))
                .findFirst()
                .orElseThrow()
                .id();

        press("/balance", "machine=badger&table=" + sent(page("/balance?machine=badger&bobbin=" + grey)));

        assertThat(table("badger").bobbin()).isEqualTo(grey);
        assertThat(table("badger").setup().bobbin()).extracting(ThreadKept::tex).isEqualTo(16.7);
    }

    @Test
    void a_part_opens_one_panel_in_which_all_parts_are_picked_the_own_things_first() throws Exception {
        String open = page("/match?pick=thread");

        assertThat(open).contains("id=\"pickers\"").contains("a hem with your 4 mm twin");
        assertThat(open.indexOf("acrobat&#39;s suit")).isPositive().isLessThan(open.indexOf("value=\"batiste\""));
        assertThat(page("/match")).doesNotContain("id=\"pickers\"");
        assertThat(page("/match?pick=thread&closed=true")).doesNotContain("id=\"pickers\"");
        assertThat(page("/sentence?at=//elsewhere.example&pick=cloth"))
                .contains("action=\"/match\"")
                .doesNotContain("<html");
    }

    @Test
    void cloths_are_found_as_one_types() throws Exception {
        mvc.perform(get("/sentence/cloths").param("find", "kite"))
                .andExpect(content().string(containsString("ripstop nylon")))
                .andExpect(content().string(not(containsString("<html"))));
    }

    private TableWork table(String machine) {
        return room.find(machine).flatMap(MachineNow::table).orElseThrow();
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(URI.create(address))).andReturn().getResponse().getContentAsString();
    }

    private void press(String path, String entries) throws Exception {
        mvc.perform(post(URI.create(path))
                .with(csrf())
                .contentType("application/x-www-form-urlencoded")
                .content(entries));
    }

    /** Returns the words of the sentence, without its tags. */
    private static String words(String page) {
        String sentence = first(page, "(?s)<p class=\"sentence-words\">(.*?)</p>");
        return sentence.replaceAll("(?s)<[^>]*>", " ").replaceAll("\\s+", " ").strip();
    }

    /** Returns what the page's forms send along, as a browser would encode it. */
    private static String sent(String page) {
        String query = first(page, "name=\"table\"[^>]*value=\"([^\"]*)\"").replace("&amp;", "&");
        return URLEncoder.encode(query, StandardCharsets.UTF_8);
    }

    private static String path(String page, String stop) {
        return first(page, "href=\"(" + stop + "\\?[^\"]*)\"").replace("&amp;", "&");
    }

    private static String first(String page, String pattern) {
        Matcher found = Pattern.compile(pattern).matcher(page);
        assertThat(found.find()).as(pattern).isTrue();
        return found.group(1);
    }
}
