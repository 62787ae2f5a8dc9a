package belonax.web.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.ShelfPhoto;
import belonax.room.drawer.Spool;
import belonax.thread.Fibre;
import belonax.web.InTheDemoRoom;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.Objects;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;

/** A list typed at once: each line is read, all that is ticked is kept, or nothing. */
@InTheDemoRoom
class ListPagesTest {
    private static final String NEEDLES = "jeans 100/16, 4 left\n\nuniversal 70-80-90";

    @Autowired
    private MockMvc mvc;

    @Autowired
    private DrawerStore drawer;

    @Test
    void each_line_is_read_as_typed_and_nothing_is_kept_yet() throws Exception {
        int before = drawer.all(Packet.class).size();

        mvc.perform(post("/drawer/list").with(csrf()).param("what", "PACKETS").param("lines", NEEDLES + "\njeans"))
                .andExpect(content()
                        .string(allOf(
                                containsString("Jeans 100/16: 4 left"),
                                containsString("Universal 70/10, universal 80/12, universal 90/14: 5 left of each"),
                                containsString("No count is told: taken as 5, a full packet."),
                                containsString("Add the size, such as 80 or 80/12: it decides the eye."),
                                containsString("Put 4 in the drawer"))));

        assertThat(drawer.all(Packet.class)).hasSize(before);
    }

    @Test
    void what_is_ticked_is_kept_at_once_and_taken_back_at_once() throws Exception {
        int before = drawer.all(Packet.class).size();

        String done = Objects.requireNonNull(mvc.perform(post("/drawer/list")
                        .with(csrf())
                        .param("what", "PACKETS")
                        .param("lines", NEEDLES + "\nstretch 75")
                        .param("seen", "stretch 75", "jeans 100/16, 4 left")
                        .param("take", "jeans 100/16, 4 left")
                        .param("keep", "true"))
                .andExpect(redirectedUrlPattern("/drawer?done=*"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl());

        assertThat(drawer.all(Packet.class).stream()
                        .skip(before)
                        .map(kept -> kept.card().words() + " × " + kept.card().count()))
                .containsExactly(
                        "jeans 100/16 × 4", "universal 70/10 × 5", "universal 80/12 × 5", "universal 90/14 × 5");
        mvc.perform(post("/drawer/undo").with(csrf()).param("change", done.substring(done.indexOf('=') + 1)));
        assertThat(drawer.all(Packet.class)).hasSize(before);
    }

    @Test
    void a_ticked_line_that_cannot_be_read_keeps_everything_out_and_loses_nothing_typed() throws Exception {
        int before = drawer.all(Spool.class).size();

        mvc.perform(post("/drawer/list")
                        .with(csrf())
                        .param("what", "SPOOLS")
                        .param("lines", "navy polyester Tkt 120 200 m\npolyester 120")
                        .param("keep", "true"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content()
                        .string(allOf(
                                containsString("One ticked line cannot be read yet"),
                                containsString("navy polyester Tkt 120 200 m\npolyester 120"))));

        assertThat(drawer.all(Spool.class)).hasSize(before);
    }

    @Test
    void spools_keep_colour_fibre_and_metres_and_a_photograph_of_the_shelf_lies_beside_them() throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);

        mvc.perform(multipart("/drawer/list")
                        .file(new MockMultipartFile("picture", "shelf.png", "image/png", png.toByteArray()))
                        .with(csrf())
                        .param("what", "SPOOLS")
                        .param("lines", "2 x peach cotton 50/3, 500 m")
                        .param("keep", "true"))
                .andExpect(redirectedUrlPattern("/drawer?done=*"));

        assertThat(drawer.search(Spool.class, "peach")).hasSize(2).allSatisfy(kept -> {
            assertThat(kept.card().fibre()).isEqualTo(Fibre.COTTON);
            assertThat(kept.card().metresLeft()).isEqualTo(500);
            assertThat(kept.card().label()).isEqualTo("peach cotton 50/3, 500 m");
        });
        var photo = drawer.all(ShelfPhoto.class).get(0);
        mvc.perform(get("/drawer/shelf/" + photo.id() + "/picture"))
                .andExpect(content().contentType("image/jpeg"));
        mvc.perform(get("/drawer")).andExpect(content().string(containsString("Photographs of the shelf")));
        mvc.perform(post("/drawer/shelf/" + photo.id())
                .with(csrf())
                .param("remove", "true")
                .param("revision", "0"));
        assertThat(drawer.all(ShelfPhoto.class)).isEmpty();
    }

    @Test
    void the_search_finds_a_bobbin_by_its_name_with_its_spool_and_hides_what_does_not_fit() throws Exception {
        mvc.perform(get("/drawer").param("find", "blue, Heron"))
                .andExpect(content()
                        .string(allOf(
                                containsString("bobbin “blue, Heron”"),
                                containsString("Midnight blue"),
                                not(containsString("whose?")))));
        mvc.perform(get("/drawer").param("find", "whose?"))
                .andExpect(content()
                        .string(allOf(containsString("bobbin “whose?”"), not(containsString("Midnight blue")))));
    }
}
