package belonax.web.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.cloth.ClothPart;
import belonax.machine.FootKind;
import belonax.room.archive.Archive;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.PictureStore;
import belonax.room.drawer.Swatch;
import belonax.room.needle.SewingRoom;
import belonax.room.settings.SettingsStore;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ActiveProfiles;

/** Everything out, and in again. */
@SpringBootTest(properties = "belonax.home=target/archive-home")
@ActiveProfiles({"test", "demo"})
@DirtiesContext
class ArchiveTest {
    @Autowired
    private Archive archive;

    @Autowired
    private SewingRoom room;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private PictureStore pictures;

    @Autowired
    private SettingsStore settings;

    @Test
    void everything_comes_back_as_it_was() throws Exception {
        pictures.replace(Map.of());
        var swatch = drawer.all(Swatch.class).get(0);
        pictures.keep(swatch.id(), pictures.read(png()));
        byte[] before = archive.write();
        var machines = room.machines();

        Path aside = archive.empty();
        assertThat(room.machines()).isEmpty();
        assertThat(drawer.all(Packet.class)).isEmpty();
        assertThat(pictures.all()).isEmpty();
        archive.replace(before);

        assertThat(room.machines()).isEqualTo(machines);
        assertThat(withoutTimeAndPictures(archive.write())).isEqualTo(withoutTimeAndPictures(before));
        assertThat(pictures.all()).containsOnlyKeys(swatch.id());
        assertThat(withoutTimeAndPictures(Files.readAllBytes(aside))).isEqualTo(withoutTimeAndPictures(before));
    }

    @Test
    void an_archive_of_version_0_1_is_taken_in_whole() throws Exception {
        byte[] before = archive.write();

        archive.replace(Files.readAllBytes(Path.of("src/test/resources/belonax/web/version-0.1.0/archive.json")));

        assertThat(room.machines()).hasSize(4);
        assertThat(room.find("heron").orElseThrow().work().sewnMinutes()).isCloseTo(672, within(0.01));
        assertThat(room.find("badger").orElseThrow().work().sewnMinutes()).isCloseTo(1380, within(0.01));
        assertThat(drawer.all(Swatch.class)).hasSize(14);
        assertThat(drawer.all(Swatch.class).stream()
                        .filter(it -> it.card().name().equals("tent zip"))
                        .map(it -> it.card().part()))
                .containsExactly(ClothPart.HELPS);
        assertThat(room.find("heron").orElseThrow().card().footKinds())
                .contains(FootKind.NON_STICK, FootKind.QUARTER_INCH);
        archive.replace(before);
    }

    @Test
    void an_archive_that_will_not_do_changes_nothing() {
        byte[] good = archive.write();
        String text = new String(good, StandardCharsets.UTF_8);
        var machines = room.machines();
        var packets = drawer.all(Packet.class);

        refused(new byte[0], "no archive of Belonax");
        refused("hello".getBytes(StandardCharsets.UTF_8), "no JSON, or was cut short");
        refused("{}".getBytes(StandardCharsets.UTF_8), "no archive of Belonax");
        refused("[1,2]".getBytes(StandardCharsets.UTF_8), "no archive of Belonax");
        refused(Arrays.copyOf(good, good.length / 2), "cut short");
        refused(bytes(text.replace("\"version\" : 2", "\"version\" : 3")), "newer Belonax (version 3)");
        refused(bytes(text.replace("\"version\" : 2", "\"version\" : \"new\"")), "does not tell its version");
        refused(bytes(text.replace("\"machines\"", "\"engines\"")), "not as Belonax writes it");
        refused(bytes(text.replace("\"STRETCH\"", "\"SPRING\"")), "not as Belonax writes it");
        refused(bytes(text.replace("\"machine\" : \"heron\"", "\"machine\" : \"ghost\"")), "contradicts itself");
        refused(bytes(text.replace("\"tex\" : 16.7", "\"tex\" : 9000")), "makes no sense");
        refused(bytes(text.replaceAll("\"wear\" : \"[A-Z_]*\",", "")), "told only in part");
        refused(bytes("{\"belonax\":\"archive\",\"version\":1}"), "lacks a part");
        refused(new byte[Archive.MOST_BYTES + 1], "larger than 60 MB");
        assertThat(room.machines()).isEqualTo(machines);
        assertThat(drawer.all(Packet.class)).isEqualTo(packets);
        assertThat(settings.now().sizeSchool()).isNotNull();
    }

    private void refused(byte[] file, String why) {
        assertThatThrownBy(() -> archive.replace(file))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining(why);
    }

    private static String withoutTimeAndPictures(byte[] archive) {
        String text = new String(archive, StandardCharsets.UTF_8).replaceAll("\"madeAt\" : \"[^\"]*\"", "");
        return text.substring(0, text.indexOf("\"pictures\""));
    }

    private static byte[] png() throws java.io.IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
