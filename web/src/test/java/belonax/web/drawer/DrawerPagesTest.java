package belonax.web.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.room.archive.Copies;
import belonax.room.archive.Copy;
import belonax.room.card.Card;
import belonax.room.card.CardArchive;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.Spool;
import belonax.room.drawer.Swatch;
import belonax.room.needle.SewingRoom;
import belonax.web.InTheDemoRoom;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;

/** Every page of the drawer: what it answers, what it refuses, and that nothing typed is lost. */
@InTheDemoRoom
class DrawerPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Copies copies;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private CardArchive archive;

    @Autowired
    private SewingRoom room;

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            /drawer                                                          | Midnight blue
            /drawer?find=knit                                                | suit lining mesh
            /drawer/packet?text=100/15                                       | it is read as 100/16
            /drawer/packet?text=130/705 H-S 75/11                            | Put it in the drawer
            /drawer/packet?text=SUK                                          | To keep it, type the rest too
            /drawer/spool?text=50                                            | 200 m of it weigh 4 g if it is tex 20 (wt), 12 g if it is tex 60 (Tkt).
            /drawer/spool?length=200&grams=5                                 | 5 g net on 200 m
            /drawer/swatch?grams=3&length=20&width=20                        | Light, 75 g/m²
            /drawer/swatch?rest=100&stretched=150&after=103                  | gives 50 %, 94 % of it goes back
            /drawer/swatch?pile=7&layers=10                                  | a layer is 0.7 mm thick, measured
            /drawer/swatch?readScale=true&length=20&width=20                 | (simulated)
            /drawer/swatch?readGauge=true                                    | You pulled with
            /drawer/swatch?like=poplin                                       | value="115"
            /drawer/loose?shank=ROUND&shankMm=2&buttToEye=38.5               | A ruler cannot part 130 R from 135x17
            /drawer/gauge                                                    | 85.60 × 53.98 mm
            /drawer/stack?cloth=canvas&layers=4                              | 3.4 mm thick, 1680 g/m²
            /drawer/clearance?kind=2&spacing=3&nm=80                         | Up to 2.2 mm wide
            /drawer/clearance?kind=2&spacing=4&nm=80&width=3                 | It would strike
            /drawer/machine                                                  | Put it in the drawer
            /drawer/machine/heron                                            | second drawer, green folder
            /drawer/bobbin                                                   | A wound bobbin
            /drawer/buy                                                      | Starting from nothing
            /drawer/files                                                    | Download everything as one file
            /settings                                                        | ./start --lan
            /welcome                                                         | Three questions
            /pair                                                            | Pair this device
            /match?cloth=single-jersey&also=batting&alsoLayers=1             | over 1 of cotton batting
            /match?cloth=described&structure=KNIT&weight=200&gives=80        | stretch needle
            /match?cloth=described&structure=KNIT&weight=x                   | “x” is not a number
            /match?cloth=poplin&width=4&machine=old-tin                      | it would strike
            /match?cloth=single-jersey&twin=triple-3&machine=heron           | triple needle 3 mm
            /match?cloth=denim-heavy&layers=12                               | too high for the foot
            /match?cloth=denim-heavy&layers=12                               | Instead:
            /match?cloth=canvas&number=210                                   | no ordinary eye takes this thread
            /match?cloth=denim-light&crossing=HEM_OVER_SEAM&pick=layers      | a plain hem over a plain seam: 6 layers
            /match?cloth=quilting-cotton&purpose=PIECING                     | Piecing: universal 70 to 80, say some
            /match?cloth=quilting-cotton&purpose=PIECING                     | quarter-inch foot
            /match?cloth=single-jersey&machine=sparrow                       | an overlock seam
            /match?cloth=shirting&purpose=BUTTONHOLE&machine=sparrow         | not the machine for it
            /match?cloth=poplin&number=80&numbering=TEX                      | Cloth and thread disagree
            /match?cloth=batting-sandwich                                    | 1 layer
            /match?cloth=denim-mid&number=50&strands=2                       | tex 50, doubled
            /drawer/packet?text=130/705+H-K+80/12                            | A type whose letters we cannot read: K
            /drawer/packet?text=130/705+H+75-90                              | An assortment: universal 75/11, universal 90/14
            """)
    void a_page_answers(String path, String says) throws Exception {
        mvc.perform(get(URI.create(path.replace(" ", "%20").replace("+", "%20"))))
                .andExpect(content().string(containsString(says)));
    }

    @Test
    void a_needle_that_would_strike_is_not_offered_to_be_fitted() throws Exception {
        mvc.perform(get("/match?cloth=poplin&width=4&machine=old-tin"))
                .andExpect(content().string(containsString("Not like this:")))
                .andExpect(content().string(not(containsString("Fit it now"))));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            /drawer/packet?text=thimble                          | Nothing of a needle can be read in that
            /drawer/spool?text=sky                               | No fineness can be read in that
            /drawer/spool?length=long&text=50                    | “long” is not a number
            /drawer/swatch?grams=3&length=20                     | This is missing
            /drawer/swatch?rest=100&stretched=90&after=95        | Pulled, the mark is at least as long as at rest
            /drawer/swatch?pile=7&layers=0                       | count them
            /drawer/loose?shankMm=40&buttToEye=38                | A shank is 1.6 to 2.1 mm thick
            /drawer/stack?cloth=poplin&layers=99                 | Count the layers under the foot: 1 to 32
            /drawer/stack?cloth=moon&layers=1                    | Choose one from the list
            /drawer/clearance?slot=70                            | The slot of a plate or foot is 0.5 to 15 mm wide
            """)
    void what_will_not_do_is_told(String path, String says) throws Exception {
        mvc.perform(get(path))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString(says)));
    }

    @Test
    void a_label_of_ten_thousand_characters_is_refused() throws Exception {
        for (String path : new String[] {"/drawer/packet", "/drawer/spool"}) {
            mvc.perform(get(path).param("text", "9".repeat(10_000)))
                    .andExpect(status().isUnprocessableEntity())
                    .andExpect(content().string(containsString("That is longer than any")));
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            packet  | system=H_130_705&type=STRETCH&nm=81&count=5            | No needle is made in size 81
            packet  | system=H_130_705&type=TWIN&nm=75&count=many            | “many” is not a number
            packet  | system=H_130_705&type=SPOON&nm=75&count=5              | is not one of the choices
            spool   | colour=&tex=25                                         | Name the colour
            spool   | colour=red&tex=thick                                   | “thick” is not a number
            spool   | colour=red&tex=25&boughtYear=19                        | Type the year
            bobbin  | marked=x&metresLeft=9999                               | A bobbin holds 0 to 500 metres
            machine | name=&systems=H_130_705&plateName=p&plateSlot=7      | This is missing
            swatch  | name=blue&weight=0                                     | A cloth weighs between 3 and 3000
            """)
    void what_is_not_kept_stays_typed_and_nothing_is_stored(String what, String typed, String says) throws Exception {
        int before = count();

        mvc.perform(post("/drawer/" + what)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString(says)));

        Assertions.assertThat(count()).isEqualTo(before);
    }

    @Test
    void cards_are_kept_changed_and_taken_out_by_their_forms() throws Exception {
        Kept packet = first(Packet.class);
        form("/drawer/packet/" + packet.id(), "revision=0&system=H_130_705&type=UNIVERSAL&nm=80&count=6");
        form("/drawer/packet/" + packet.id(), "revision=1&remove=true");
        Assertions.assertThat(drawer.find(Packet.class, packet.id())).isEmpty();

        Kept spool = first(Spool.class);
        form("/drawer/spool/" + spool.id() + "/snap", "revision=0&result=SEVERAL_PLACES");
        mvc.perform(get("/drawer/spool/" + spool.id()))
                .andExpect(content().string(containsString("It is dead along its length: throw it out.")))
                .andExpect(content().string(containsString("over its end")));
        mvc.perform(get("/match?machine=heron")).andExpect(content().string(not(containsString("Midnight blue"))));
        form("/drawer/bobbin", "spool=" + spool.id() + "&marked=blue&bobbinClass=steel");
        mvc.perform(get("/drawer/spool/" + spool.id())).andExpect(content().string(containsString("bobbin “blue”")));
    }

    @Test
    void a_swatch_is_kept_with_its_picture_and_one_that_is_none_is_refused() throws Exception {
        MockMultipartFile notAPicture =
                new MockMultipartFile("picture", "x.png", "image/png", "<svg/>".getBytes(StandardCharsets.UTF_8));
        int before = drawer.all(Swatch.class).size();

        mvc.perform(multipart("/drawer/swatch")
                        .file(notAPicture)
                        .param("name", "blue")
                        .param("weight", "120")
                        .with(csrf()))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString("no picture that can be read")))
                .andExpect(content().string(containsString("value=\"blue\"")));
        Assertions.assertThat(drawer.all(Swatch.class)).hasSize(before);

        Kept swatch = first(Swatch.class);
        mvc.perform(get("/drawer/swatch/" + swatch.id()))
                .andExpect(content().string(containsString("Which needle for it?")));
        mvc.perform(get("/match?cloth=" + swatch.id())).andExpect(content().string(containsString("acrobat")));
        mvc.perform(get("/drawer/swatch/" + new UUID(4, 4) + "/picture")).andExpect(status().isNotFound());
    }

    @Test
    void plate_and_foot_are_changed_and_the_strip_shows_them() throws Exception {
        String all =
                "revision=1&name=Heron&kind=COMPUTER_CONTROLLED&systems=H_130_705&flatSide=BACK&wheelTurn=TOWARDS_YOU"
                        + "&bobbin=SEALED&power=NORMAL&oiling=NEVER&places=needle&dialKind=NUMBERED&dialMin=0&dialMax=9&dialStep=0.25"
                        + "&normalLow=3&normalHigh=5&plateName=zigzag+plate&plateSlot=7&plateName=straight+plate&plateSlot=0"
                        + "&plateOn=1&footName=quarter-inch+foot&footSlot=1.5&footOn=0";

        form("/drawer/machine/heron", all);

        mvc.perform(get("/match?machine=heron&twin=4&cloth=single-jersey"))
                .andExpect(content().string(containsString("straight, quarter-inch")))
                .andExpect(content().string(containsString("would strike")));
        Assertions.assertThat(room.find("heron").orElseThrow().machine().plate().slotMm())
                .isZero();
    }

    @Test
    void what_is_gone_or_changed_elsewhere_leads_back_with_a_sentence() throws Exception {
        UUID nobody = new UUID(9, 9);
        for (String what : new String[] {"packet", "spool", "swatch", "bobbin", "machine"}) {
            mvc.perform(get("/drawer/" + what + "/" + nobody))
                    .andExpect(redirectedUrl("/drawer"))
                    .andExpect(flash().attribute("refused", "It is no longer in the drawer."));
        }
        mvc.perform(post("/drawer/packet/" + first(Packet.class).id())
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content("revision=7&system=H_130_705&type=UNIVERSAL&nm=80&count=6"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString("in another window")))
                .andExpect(content().string(containsString("value=\"6\"")));
    }

    @Test
    void a_table_comes_in_as_one_act_is_noticed_twice_and_taken_back_whole() throws Exception {
        int before = drawer.all(Spool.class).size();
        MockMultipartFile table = new MockMultipartFile(
                "file",
                "spools.csv",
                "text/csv",
                "colour,tex\nquince,25\nmedlar,40\n".getBytes(StandardCharsets.UTF_8));

        Object changes = mvc.perform(
                        multipart("/drawer/files/SPOOLS").file(table).with(csrf()))
                .andExpect(redirectedUrl("/drawer"))
                .andReturn()
                .getFlashMap()
                .get("cameIn");

        assertThat(drawer.all(Spool.class)).hasSize(before + 2);
        assertThat(copies.all().get(0).why()).isEqualTo(Copy.Why.BEFORE_TABLE);
        mvc.perform(multipart("/drawer/files/SPOOLS").file(table).with(csrf()))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().string(containsString("lies in the drawer already, row by row")));
        mvc.perform(get("/drawer").flashAttr("cameIn", changes))
                .andExpect(content().string(containsString("Take it back")));
        form("/drawer/undo", "change=" + String.valueOf(changes).replaceAll("[\\[\\] ]", ""));
        assertThat(drawer.all(Spool.class)).hasSize(before);
    }

    @Test
    void settings_are_kept_and_honoured() throws Exception {
        form("/settings", "units=IMPERIAL&light=DARK&largerText=true&sizeSchool=CLOTH_FIRST");

        mvc.perform(get("/drawer"))
                .andExpect(content().string(containsString("oz/yd²")))
                .andExpect(content().string(containsString("data-light=\"DARK\"")))
                .andExpect(content().string(containsString("data-text=\"LARGER\"")));
        mvc.perform(get("/match?cloth=swim-knit&machine=heron"))
                .andExpect(content().string(containsString("Zigzag 10 stitches per inch (2.5)")))
                .andExpect(content().string(containsString("75/11")))
                .andExpect(content().string(containsString("Ranked cloth first, as you chose")));
        for (String path : List.of("/drawer", "/drawer/swatch", "/drawer/bobbin", "/drawer/machine", "/mend/care")) {
            assertThat(words(path)).doesNotContainPattern("\\d (mm|cm|g/m²)");
        }
        mvc.perform(get("/drawer/files/CLOTHS.csv")).andExpect(content().string(containsString("weight_oz_yd2")));
        form("/settings", "units=METRIC&light=SYSTEM&sizeSchool=INTERSECT");
    }

    /** Returns what a page says, without the spacing of twin needles, which is sold in millimetres everywhere. */
    private String words(String path) throws Exception {
        String page = mvc.perform(get(path)).andReturn().getResponse().getContentAsString();
        return page.replaceAll("<[^>]*>", " ").replaceAll("twin \\d mm", "twin");
    }

    @ParameterizedTest
    @CsvSource({
        "/drawer/print/machine.pdf, application/pdf", "/drawer/print/labels.pdf, application/pdf",
        "/drawer/print/ladder.pdf, application/pdf", "/drawer/gauge.pdf, application/pdf",
        "/drawer/files/archive.zip, application/zip", "/drawer/files/SPOOLS.csv, text/csv;charset=UTF-8"
    })
    void files_are_what_they_say(String path, String type) throws Exception {
        byte[] file = mvc.perform(get(path))
                .andExpect(status().isOk())
                .andExpect(header().string("Content-Type", type))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();

        Assertions.assertThat(file.length).isGreaterThan(200);
        if (type.endsWith("pdf")) {
            Assertions.assertThat(new String(file, 0, 5, StandardCharsets.US_ASCII))
                    .isEqualTo("%PDF-");
        }
    }

    private record Kept(UUID id) {}

    private <T extends Card> Kept first(Class<T> type) {
        return new Kept(drawer.all(type).get(0).id());
    }

    private int count() {
        return archive.content().size() + room.machines().size();
    }

    private void form(String path, String typed) throws Exception {
        mvc.perform(post(path)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(typed))
                .andExpect(status().is3xxRedirection())
                .andExpect(redirectedUrlPattern("/**"));
    }
}
