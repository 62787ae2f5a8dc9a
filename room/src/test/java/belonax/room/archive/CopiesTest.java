package belonax.room.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.alone.SmallDisk;
import belonax.cloth.ClothCatalogue;
import belonax.room.ChangedMeanwhile;
import belonax.room.InTheDemoRoom;
import belonax.room.RoomProperties;
import belonax.room.archive.Copy.Why;
import belonax.room.card.CardNames;
import belonax.room.card.DrawerStore;
import belonax.room.card.Kept;
import belonax.room.drawer.PictureStore;
import belonax.room.drawer.PictureStore.Picture;
import belonax.room.drawer.PicturedCards;
import belonax.room.drawer.Swatch;
import belonax.room.needle.MachineNow;
import belonax.room.needle.SewingRoom;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.FileSystemUtils;

/** Copies of the demo's room: made, opened, gone back to, and what may be wrong with them or the disk. */
@InTheDemoRoom
class CopiesTest {
    private static final UUID NOBODY = new UUID(5, 5);

    @Autowired
    private RoomProperties properties;

    @Autowired
    private SmallDisk disk;

    private Path home = Path.of("");

    @Autowired
    private Copies copies;

    @Autowired
    private DrawerStore drawer;

    @Autowired
    private SewingRoom room;

    @Autowired
    private PictureStore pictures;

    @Autowired
    private PicturedCards pictured;

    @Autowired
    private CardNames named;

    @Autowired
    private TransactionTemplate transactions;

    @BeforeEach
    void noCopies() throws IOException {
        home = properties.home();
        FileSystemUtils.deleteRecursively(home.resolve("copies"));
    }

    @AfterEach
    void emptyTheDisk() {
        disk.empty();
    }

    @Test
    void a_day_has_one_copy_and_going_back_to_it_is_taken_back() throws IOException {
        Kept<Swatch> cloth = drawer.all(Swatch.class).get(0);
        pictures.keep(cloth.id(), pictures.read(png()));
        copies.daily();
        copies.daily();
        assertThat(copies.trouble()).isEmpty();
        List<MachineNow> machines = room.machines();
        assertThat(copies.all()).filteredOn(copy -> copy.why() == Why.DAILY).hasSize(1);
        Copy daily = copies.all().stream()
                .filter(copy -> copy.why() == Why.DAILY)
                .findFirst()
                .orElseThrow();
        assertThat(daily.holds().words()).contains("4 machines", " picture");
        drawer.remove(cloth.id(), cloth.revision());
        UUID added = add("kite cloth");

        Copy before = copies.goBack(daily.name());

        assertThat(drawer.find(Swatch.class, cloth.id())).isPresent();
        assertThat(drawer.find(Swatch.class, added)).isEmpty();
        assertThat(pictures.find(cloth.id())).isPresent();
        assertThat(room.machines()).isEqualTo(machines);
        copies.goBack(before.name());
        assertThat(drawer.find(Swatch.class, cloth.id())).isEmpty();
        assertThat(drawer.find(Swatch.class, added)).isPresent();
        assertThat(before.why()).isEqualTo(Why.BEFORE_GOING_BACK);
    }

    @Test
    void a_picture_is_kept_with_its_card_or_not_at_all_and_goes_when_nothing_names_it() throws IOException {
        Kept<Swatch> cloth = drawer.all(Swatch.class).get(2);
        pictured.change(
                cloth.id(), cloth.revision(), cloth.card().withPicture(true), Optional.of(pictures.read(png())));
        byte[] first = pictures.find(cloth.id()).orElseThrow().jpeg();
        assertThatThrownBy(() ->
                        pictured.change(cloth.id(), cloth.revision(), cloth.card(), Optional.of(pictures.read(wide()))))
                .isInstanceOf(ChangedMeanwhile.class);
        Picture other = pictures.read(wide());
        assertThatThrownBy(() -> transactions.executeWithoutResult(status -> {
                    pictures.keep(cloth.id(), other);
                    pictures.keep(NOBODY, other);
                    throw new IllegalStateException("The commit never came.");
                }))
                .isInstanceOf(IllegalStateException.class);
        assertThat(pictures.find(cloth.id()).orElseThrow().jpeg()).isEqualTo(first);
        assertThat(pictures.find(NOBODY)).isEmpty();
        pictures.keep(NOBODY, other);
        UUID added = pictured.add(cloth.card().withPicture(true), Optional.of(other));
        UUID card = drawer.all(Swatch.class)
                .get(drawer.all(Swatch.class).size() - 1)
                .id();
        drawer.remove(cloth.id(), cloth.revision() + 1);
        drawer.undo(added);

        assertThat(pictures.tidy(named.all(), Instant.now()))
                .as("not those of today")
                .isZero();
        assertThat(pictures.tidy(named.all(), Instant.now().plus(Duration.ofDays(2))))
                .isEqualTo(2);

        assertThat(pictures.find(NOBODY)).isEmpty();
        assertThat(pictures.find(card)).isEmpty();
        assertThat(pictures.find(cloth.id()))
                .as("taking its removal back needs it")
                .isPresent();
    }

    @Test
    void pictures_that_did_not_change_take_their_room_once() throws IOException {
        UUID cloth = drawer.all(Swatch.class).get(1).id();
        pictures.keep(cloth, pictures.read(png()));

        Copy one = copies.make(Why.BEFORE_TABLE);
        Copy other = copies.make(Why.BEFORE_TABLE);

        Path picture = Path.of("pictures", cloth + ".jpg");
        Path first = home.resolve("copies").resolve(one.name()).resolve(picture);
        Path second = home.resolve("copies").resolve(other.name()).resolve(picture);
        assertThat(Files.getAttribute(first, "unix:ino"))
                .isEqualTo(Files.getAttribute(second, "unix:ino"))
                .isEqualTo(Files.getAttribute(home.resolve(picture), "unix:ino"));
        byte[] old = Files.readAllBytes(first);
        pictures.keep(cloth, pictures.read(wide()));
        assertThat(first).hasBinaryContent(old);
        assertThat(home.resolve(picture))
                .content(StandardCharsets.ISO_8859_1)
                .isNotEqualTo(new String(old, StandardCharsets.ISO_8859_1));
    }

    @Test
    void a_damaged_copy_is_told_and_changes_nothing() throws IOException {
        Copy copy = copies.make(Why.BEFORE_TABLE);
        Path document = home.resolve("copies").resolve(copy.name()).resolve("belonax.json.gz");
        byte[] whole = Files.readAllBytes(document);
        List<Kept<Swatch>> cloths = drawer.all(Swatch.class);

        for (byte[] values : List.of(new byte[0], new byte[whole.length], Arrays.copyOf(whole, whole.length / 2))) {
            Files.write(document, values);
            assertThatThrownBy(() -> copies.goBack(copy.name()))
                    .isInstanceOf(BadInput.class)
                    .hasMessageContaining("That copy is damaged");
        }
        Files.write(document, whole);
        assertThatThrownBy(() -> copies.goBack("../../somewhere")).hasMessageContaining("no such copy");
        assertThat(drawer.all(Swatch.class)).isEqualTo(cloths);
        assertThat(copies.goBack(copy.name()).why()).isEqualTo(Why.BEFORE_GOING_BACK);
    }

    @Test
    void twenty_hands_wait_while_the_whole_room_is_changed_and_none_fails() throws Exception {
        Copy copy = copies.make(Why.BEFORE_TABLE);
        AtomicInteger put = new AtomicInteger();
        try (var hands = new Hands()) {
            List<Future<?>> all = new ArrayList<>();
            for (int i = 0; i < 20; i++) {
                all.add(hands.does(() -> {
                    for (int n = 0; n < 15; n++) {
                        try {
                            add("cloth of many hands");
                            put.incrementAndGet();
                        } catch (ChangedMeanwhile told) {
                            // Waited too long: nothing was done, and it says so.
                        }
                    }
                }));
            }
            for (int i = 0; i < 4; i++) {
                copies.goBack(copy.name());
            }
            for (Future<?> future : all) {
                future.get();
            }
        }
        assertThat(put.get()).isPositive();
        copies.goBack(copy.name());
        assertThat(drawer.search(Swatch.class, "many hands")).isEmpty();
    }

    @Test
    void on_a_full_disk_nothing_is_written_all_is_read_and_writing_resumes_by_itself() {
        disk.leave(3 << 20);
        int cloths = drawer.all(Swatch.class).size();

        assertThatThrownBy(() -> add("a cloth too many"))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("The disk is full: 3 MB are free")
                .hasMessageContaining("Nothing was written; make room, then press again.");
        assertThatThrownBy(() -> copies.make(Why.BEFORE_TABLE)).hasMessageContaining("The disk is full");
        copies.daily();
        assertThat(drawer.all(Swatch.class)).hasSize(cloths);
        assertThat(room.machines()).isNotEmpty();

        disk.empty();
        add("a cloth once there is room");
        assertThat(drawer.all(Swatch.class)).hasSize(cloths + 1);
    }

    /** Hands at work; closing waits for them. */
    private static final class Hands implements AutoCloseable {
        private final ExecutorService all = Executors.newFixedThreadPool(20);

        Future<?> does(Runnable what) {
            return all.submit(what);
        }

        @Override
        public void close() {
            all.shutdown();
        }
    }

    private UUID add(String name) {
        return drawer.add(Swatch.of(ClothCatalogue.standard().get("swim-knit"), name))
                .card();
    }

    private static byte[] png() throws IOException {
        return png(40);
    }

    private static byte[] wide() throws IOException {
        return png(90);
    }

    private static byte[] png(int width) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, 30, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }
}
