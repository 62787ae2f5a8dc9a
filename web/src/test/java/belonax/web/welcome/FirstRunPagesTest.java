package belonax.web.welcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import belonax.machine.BobbinClass;
import belonax.machine.BobbinKind;
import belonax.machine.BobbinMaterial;
import belonax.machine.Past;
import belonax.room.archive.Archive;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.WoundBobbin;
import belonax.room.needle.SewingRoom;
import belonax.web.InTheDemoRoom;
import java.net.URI;
import java.util.Objects;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.result.MockMvcResultMatchers;

/** A machine comes into the room: what it is, where it comes from, which bobbins it takes. */
@InTheDemoRoom
class FirstRunPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private SewingRoom room;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private Archive archive;

    @BeforeEach
    void aRoomWithNothingInIt() {
        archive.empty();
    }

    @Test
    void a_second_hand_machine_is_cleaned_and_run_in_before_anybody_judges_it() throws Exception {
        send("/welcome", "kind=MECHANICAL&past=SECOND_HAND&name=Wren&cloth=poplin&thread=ORDINARY");

        assertThat(page("/bench?machine=wren"))
                .contains("Which needle is in it?")
                .contains("I cannot say: fit a fresh one")
                .contains("Run it in first")
                .contains("Before you judge it")
                .contains("Learn what moves: each lever, dial and foot once by hand")
                .contains("let it run a while without thread");
        String done = send("/bench/run-in", "machine=wren");
        assertThat(page("/bench?machine=wren")).doesNotContain("Before you judge it");
        assertThat(room.find("wren").orElseThrow().work().past()).isEqualTo(Past.IN_USE);
        send("/bench/undo", "change=" + done.replaceAll(".*done=", ""));
        assertThat(page("/bench?machine=wren")).contains("Before you judge it");
    }

    @Test
    void a_new_machine_is_not_due_for_service() throws Exception {
        send("/welcome", "kind=COMPUTER_CONTROLLED&past=NEW&name=Tern&cloth=poplin&thread=ORDINARY");
        send("/welcome", "kind=COMPUTER_CONTROLLED&past=IN_USE&name=Rook&cloth=poplin&thread=ORDINARY");

        assertThat(page("/bench?machine=tern"))
                .contains("New 0 months ago")
                .doesNotContain("Nobody knows of a service");
        assertThat(page("/bench?machine=rook")).contains("Nobody knows of a service");
    }

    @Test
    void a_thread_is_told_by_its_look_and_who_does_not_know_is_told_what_it_is_taken_for() throws Exception {
        String thick = send("/welcome", "kind=MECHANICAL&name=Wren&cloth=canvas&thread=THICK");
        assertThat(page(thick)).contains("polyester tex 80");

        String unknown = send("/welcome", "kind=MECHANICAL&name=Wren&cloth=canvas&thread=UNKNOWN");
        assertThat(page(unknown)).contains("a thread taken as polyester tex 25");
    }

    @Test
    void the_kind_of_a_machine_sets_what_follows_and_an_overlocker_has_no_bobbin() throws Exception {
        assertThat(page("/drawer/machine?kind=OVERLOCKER&name=Finch"))
                .contains("value=\"Finch\"")
                .contains("left needle, right needle")
                .doesNotContain("The bobbin sits");
        send(
                "/drawer/machine",
                "kind=OVERLOCKER&name=Finch&systems=HAX1SP&places=left,right&dialMin=0&dialMax=9&dialStep=0.25"
                        + "&normalLow=3&normalHigh=5&plateOn=0&plateName=plate&plateSlot=9&footOn=0&footName=foot&footSlot=9"
                        + "&footKind=");
        assertThat(room.find("finch").orElseThrow().machine().bobbin()).isEqualTo(BobbinKind.NONE);
    }

    @Test
    void a_bobbin_is_held_against_what_each_machine_names() throws Exception {
        send(
                "/drawer/machine",
                "kind=MECHANICAL&name=Wren&systems=H_130_705&places=needle&dialMin=0&dialMax=9&dialStep=0.25&normalLow=3"
                        + "&normalHigh=5&plateOn=0&plateName=plate&plateSlot=7&footOn=0&footName=foot&footSlot=7&footKind="
                        + "&bobbin=REMOVABLE&bobbinMaterial=METAL&bobbinClass=class+15");
        var bobbin = drawer.add(new WoundBobbin(null, "L", "x", null, BobbinMaterial.METAL));

        assertThat(page("/drawer/bobbin/" + bobbin.card()))
                .contains("Not for Wren: it takes " + BobbinClass.CLASS_15.words())
                .contains("<option value=\"" + BobbinClass.L.words() + "\" selected=\"selected\"");
    }

    @Test
    void ten_stitches_under_a_foot_tell_what_to_set_and_match_says_it() throws Exception {
        send("/welcome", "kind=MECHANICAL&name=Wren&cloth=poplin&thread=ORDINARY");

        send("/drawer/machine/wren/stitches", "revision=1&foot=standard+foot&set=2.5&ten=20");

        assertThat(page("/drawer/machine/wren/stitches"))
                .contains("2.5 on the machine sews 2 mm.")
                .containsPattern("(?s)2\\.5 mm</th><td>3\\.1</td>");
        assertThat(page("/match?cloth=poplin&machine=wren")).contains("set 2.5 under the standard foot");
        mvc.perform(post("/drawer/machine/wren/stitches")
                        .with(csrf())
                        .param("revision", "2")
                        .param("foot", "standard foot")
                        .param("set", "2.5")
                        .param("ten", "900"))
                .andExpect(MockMvcResultMatchers.status().isUnprocessableEntity());
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(URI.create(address))).andReturn().getResponse().getContentAsString();
    }

    private String send(String address, String form) throws Exception {
        return Objects.requireNonNull(mvc.perform(post(address)
                        .with(csrf())
                        .contentType("application/x-www-form-urlencoded")
                        .content(form))
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
    }
}
