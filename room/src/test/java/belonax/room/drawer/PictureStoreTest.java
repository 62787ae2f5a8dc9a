package belonax.room.drawer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import belonax.BadInput;
import belonax.room.RoomProperties;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PictureStoreTest {
    private static final UUID CARD = new UUID(1, 2);

    @TempDir
    private Path home;

    private PictureStore pictures;

    @BeforeEach
    void open() {
        pictures = new PictureStore(new RoomProperties(home));
    }

    @Test
    void a_picture_is_drawn_anew_small_and_without_what_came_with_it() throws IOException {
        byte[] upload = picture("png", 2000, 1000);

        pictures.keep(CARD, pictures.read(upload));

        byte[] kept = pictures.find(CARD).orElseThrow().jpeg();
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(shown.getWidth()).isLessThanOrEqualTo(640);
        assertThat(shown.getWidth()).isEqualTo(2 * shown.getHeight());
        assertThat(kept).startsWith((byte) 0xFF, (byte) 0xD8);
        assertThat(home.resolve(PictureStore.FOLDER)).isDirectoryContaining("glob:**/" + CARD + ".jpg");
    }

    @Test
    void what_is_no_picture_is_refused_and_nothing_is_stored() throws IOException {
        byte[] jpeg = picture("jpg", 300, 300);
        byte[] hugePng = picture("png", 10, 10);
        hugePng[16] = 0x7F; // The header claims a width of two thousand million pixels.

        refused("<svg xmlns='http://www.w3.org/2000/svg'><script/></svg>".getBytes(StandardCharsets.UTF_8));
        refused("%PDF-1.7".getBytes(StandardCharsets.UTF_8));
        refused(new byte[0]);
        refused(new byte[5000]);
        refused(picture("gif", 10, 10));
        refused(picture("bmp", 10, 10));
        refused(Arrays.copyOf(jpeg, 20));
        refused(hugePng);
        assertThat(home.resolve(PictureStore.FOLDER)).doesNotExist();
    }

    private void refused(byte[] upload) {
        assertThatThrownBy(() -> pictures.read(upload))
                .isInstanceOf(BadInput.class)
                .hasMessageEndingWith(".");
    }

    private static byte[] picture(String format, int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }
}
