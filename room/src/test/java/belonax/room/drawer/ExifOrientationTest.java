package belonax.room.drawer;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A mark in one corner of a lying picture stands, once it is upright, where the one who held the phone saw it. */
class ExifOrientationTest {
    private static final int WIDTH = 30;
    private static final int HEIGHT = 20;
    private static final int MARK = 0xFF0000;

    /** Where the standard says that the first row and the first column of the file are, seen upright. */
    @ParameterizedTest(name = "orientation {0}")
    @CsvSource({
        "1, 30, 20, 0, 0",
        "2, 30, 20, 29, 0",
        "3, 30, 20, 29, 19",
        "4, 30, 20, 0, 19",
        "5, 20, 30, 0, 0",
        "6, 20, 30, 19, 0",
        "7, 20, 30, 19, 29",
        "8, 20, 30, 0, 29",
        "99, 30, 20, 0, 0"
    })
    void each_of_the_eight_ways_is_turned_upright(int orientation, int width, int height, int x, int y)
            throws IOException {
        BufferedImage upright = ExifOrientation.turns(jpeg(orientation)).drawn(marked());

        assertThat(upright.getWidth()).isEqualTo(width);
        assertThat(upright.getHeight()).isEqualTo(height);
        assertThat(upright.getRGB(x, y) & 0xFFFFFF).isEqualTo(MARK);
    }

    @Test
    void a_file_that_says_nothing_stays_as_it_is() {
        BufferedImage picture = marked();

        assertThat(ExifOrientation.turns(new byte[] {1, 2, 3}).drawn(picture)).isSameAs(picture);
    }

    private static BufferedImage marked() {
        BufferedImage lying = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        lying.setRGB(0, 0, MARK);
        return lying;
    }

    /** A JPEG with the one entry of a phone's notes that matters here, put right behind the file's first two bytes. */
    private static byte[] jpeg(int orientation) throws IOException {
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(marked(), "jpg", plain);
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.write(plain.toByteArray(), 0, 2);
        all.writeBytes(exif);
        all.write(plain.toByteArray(), 2, plain.size() - 2);
        return all.toByteArray();
    }
}
