package belonax.web.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import belonax.BadInput;
import belonax.cloth.ClothPart;
import belonax.machine.FootKind;
import belonax.needle.Needle;
import belonax.needle.NeedleSize;
import belonax.needle.NeedleSystem;
import belonax.needle.NeedleType;
import belonax.room.RoomProperties;
import belonax.room.archive.Archive;
import belonax.room.archive.Copies;
import belonax.room.archive.Copy;
import belonax.room.card.DrawerStore;
import belonax.room.drawer.Packet;
import belonax.room.drawer.PictureStore;
import belonax.room.drawer.Swatch;
import belonax.room.machine.ManualFiles;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import belonax.room.settings.SettingsStore;
import belonax.web.InTheDemoRoom;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

/** Everything out, and in again. */
@InTheDemoRoom
class ArchiveTest {
    @Autowired
    private RoomProperties home;

    @Autowired
    private Archive archive;

    @Autowired
    private SewingRoom room;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private PictureStore pictures;

    @Autowired
    private ManualFiles manuals;

    @Autowired
    private SettingsStore settings;

    @Autowired
    private Copies copies;

    @TempDir
    private Path temporary;

    @Test
    void everything_comes_back_as_it_was() throws Exception {
        var swatch = drawer.all(Swatch.class).get(0);
        pictures.keep(swatch.id(), pictures.read(png()));
        byte[] pdf = "%PDF-1.7 how Heron is threaded %%EOF".getBytes(StandardCharsets.UTF_8);
        UUID manual = manuals.keep(pdf);
        var machines = room.machines();
        UUID change = drawer.change(Swatch.class, swatch.id(), otherSwatch -> otherSwatch.withMetres(1.5))
                .change();
        Path before = written();
        Copy aside = archive.empty();
        assertThat(room.machines()).isEmpty();
        assertThat(drawer.all(Packet.class)).isEmpty();
        assertThat(pictures.find(swatch.id())).isEmpty();
        assertThat(manuals.find(manual)).isEmpty();
        archive.replace(before);

        assertThat(room.machines()).isEqualTo(machines);
        assertThat(withoutTime(written())).isEqualTo(withoutTime(before));
        copies.goBack(aside.name());
        assertThat(withoutTime(written())).isEqualTo(withoutTime(before));
        assertThat(drawer.canUndo(change)).isTrue();
        drawer.undo(change);
        assertThat(drawer.all(Swatch.class).get(0).card()).isEqualTo(swatch.card());
        assertThat(pictures.find(swatch.id())).isPresent();
        assertThat(manuals.find(manual).orElseThrow()).hasBinaryContent(pdf);
        assertThat(home.home()).isDirectoryNotContaining("glob:**/incoming*");
    }

    @Test
    @Tag("thorough")
    void what_is_written_while_another_sews_is_one_moment() throws Exception {
        var hands = Executors.newSingleThreadExecutor();
        var done = new AtomicBoolean();
        Path before = written();
        Future<?> sewing = hands.submit(() -> {
            while (!done.get()) {
                Needle needle = Needle.of(NeedleSystem.H_130_705, NeedleType.JEANS, NeedleSize.ofNm(90));
                room.fit(
                        "heron",
                        0,
                        needle,
                        Optional.empty(),
                        room.get("heron").places().get(0).fitted().map(MachineNow.Fitted::needleId));
            }
        });
        List<Path> files = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            files.add(written());
        }
        done.set(true);
        hands.shutdown();
        sewing.get();

        for (Path file : files) {
            archive.replace(file);
            assertThat(withoutTime(written())).isEqualTo(withoutTime(file));
        }
        archive.replace(before);
    }

    @Test
    void an_archive_of_version_0_1_is_taken_in_whole() throws Exception {
        Path before = written();

        archive.replace(Path.of("src/test/resources/belonax/web/version-0.1.0/archive.json"));

        assertThat(room.machines()).hasSize(4);
        assertThat(room.find("heron").orElseThrow().work().sewnMinutes()).isCloseTo(672, within(0.01));
        assertThat(room.find("badger").orElseThrow().work().sewnMinutes()).isCloseTo(1380, within(0.01));
        assertThat(drawer.all(Swatch.class).stream()
                        .filter(kept -> kept.card().name().equals("tent zip"))
                        .map(kept -> kept.card().part()))
                .containsExactly(ClothPart.HELPS);
        assertThat(room.find("heron").orElseThrow().card().footKinds())
                .contains(FootKind.NON_STICK, FootKind.QUARTER_INCH);
        archive.replace(before);
    }

    @Test
    void one_document_with_its_pictures_in_it_still_comes_in() throws Exception {
        var swatch = drawer.all(Swatch.class).get(0);
        Path before = written();
        String picture = Base64.getEncoder().encodeToString(png());
        String old = document(before).replace("\"version\" : 4", "\"version\" : 2");
        old = old.substring(0, old.lastIndexOf('}')) + ",\"pictures\":{\"" + swatch.id() + "\":\"" + picture + "\"}}";

        archive.replace(file(bytes(old)));

        assertThat(withoutTime(written())).isEqualTo(withoutTime(before));
        assertThat(pictures.find(swatch.id())).isPresent();
    }

    @Test
    void an_archive_that_will_not_do_changes_nothing() throws Exception {
        Path good = written();
        String text = document(good);
        var swatch = drawer.all(Swatch.class).get(1);
        pictures.keep(swatch.id(), pictures.read(png()));
        var machines = room.machines();
        var packets = drawer.all(Packet.class);

        refused(new byte[0], "no archive of Belonax");
        refused(bytes("hello"), "no archive, or was cut short");
        refused(bytes("{}"), "no archive of Belonax");
        refused(bytes("[1,2]"), "no archive of Belonax");
        refused(Arrays.copyOf(Files.readAllBytes(good), 4000), "cut short");
        refused(zip("other.json", bytes("{}")), "no archive of Belonax");
        refused(zip(ArchiveDocument.NAME, bytes("{}"), "pictures/../../evil.jpg", png()), "does not write");
        String picture = "pictures/" + swatch.id() + ".jpg";
        refused(zip(ArchiveDocument.NAME, bytes(text), picture, bytes("no picture")), "no picture that can be read");
        String ghost = text.replace("\"machine\" : \"heron\"", "\"machine\" : \"ghost\"");
        refused(zip(ArchiveDocument.NAME, bytes(ghost), picture, png()), "contradicts itself");
        said(text.replace("\"version\" : 4", "\"version\" : 5"), "newer Belonax (version 5)");
        said(text.replace("\"version\" : 4", "\"version\" : \"new\""), "does not tell its version");
        said(text.replace("\"machines\"", "\"engines\""), "not as Belonax writes it");
        said(text.replace("\"STRETCH\"", "\"SPRING\""), "not as Belonax writes it");
        said(text.replace("\"tex\" : 16.7", "\"tex\" : 9000"), "makes no sense");
        said(text.replaceAll("\"wear\" : \"[A-Z_]*\",", ""), "told only in part");
        said("{\"belonax\":\"archive\",\"version\":1}", "lacks a part");
        assertThat(room.machines()).isEqualTo(machines);
        assertThat(drawer.all(Packet.class)).isEqualTo(packets);
        assertThat(pictures.find(swatch.id())).isPresent();
        assertThat(settings.now().sizeSchool()).isNotNull();
        assertThat(home.home()).isDirectoryNotContaining("glob:**/incoming*");
    }

    private void said(String document, String why) throws IOException {
        refused(zip(ArchiveDocument.NAME, bytes(document)), why);
    }

    private void refused(byte[] archived, String why) throws IOException {
        Path file = file(archived);
        assertThatThrownBy(() -> archive.replace(file))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining(why);
    }

    private Path written() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        archive.write(out);
        return file(out.toByteArray());
    }

    private Path file(byte[] bytes) throws IOException {
        return Files.write(Files.createTempFile(temporary, "room", ".archive"), bytes);
    }

    private static String document(Path archive) throws IOException {
        return ArchiveDocument.of(archive);
    }

    private static String withoutTime(Path archive) throws IOException {
        return ArchiveDocument.withoutTime(archive);
    }

    private static byte[] zip(Object... namesAndBytes) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (int i = 0; i < namesAndBytes.length; i += 2) {
                zip.putNextEntry(new ZipEntry((String) namesAndBytes[i]));
                zip.write((byte[]) namesAndBytes[i + 1]);
            }
        }
        return out.toByteArray();
    }

    private static byte[] png() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
