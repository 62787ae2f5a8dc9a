package belonax.room.drawer;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;

/**
 * How a picture is to be turned to stand upright: a phone stores it as its chip lay, and says beside it how it was held.
 *
 * @param quarters quarter turns clockwise, 0 to 3
 * @param mirrored whether it is mirrored left to right before that
 */
record ExifOrientation(int quarters, boolean mirrored) {
    private static final ExifOrientation AS_IT_IS = new ExifOrientation(0, false);

    /** Returns what the file says; as it is where it says nothing that can be read. */
    static ExifOrientation turns(byte[] file) {
        try {
            Metadata told = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
            ExifIFD0Directory exif = told.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? of(exif.getInt(ExifIFD0Directory.TAG_ORIENTATION))
                    : AS_IT_IS;
        } catch (ImageProcessingException | MetadataException | IOException unread) {
            return AS_IT_IS;
        }
    }

    /** The eight ways of the standard for such files. */
    private static ExifOrientation of(int orientation) {
        return switch (orientation) {
            case 2 -> new ExifOrientation(0, true);
            case 3 -> new ExifOrientation(2, false);
            case 4 -> new ExifOrientation(2, true);
            case 5 -> new ExifOrientation(3, true);
            case 6 -> new ExifOrientation(1, false);
            case 7 -> new ExifOrientation(1, true);
            case 8 -> new ExifOrientation(3, false);
            default -> AS_IT_IS;
        };
    }

    /** Returns the picture as it stands upright. */
    BufferedImage drawn(BufferedImage lying) {
        if (equals(AS_IT_IS)) {
            return lying;
        }
        int width = lying.getWidth();
        int height = lying.getHeight();
        boolean swaps = quarters % 2 == 1;
        BufferedImage standing =
                new BufferedImage(swaps ? height : width, swaps ? width : height, BufferedImage.TYPE_INT_RGB);
        AffineTransform turn = new AffineTransform();
        turn.translate(standing.getWidth() / 2.0, standing.getHeight() / 2.0);
        turn.quadrantRotate(quarters);
        turn.scale(mirrored ? -1 : 1, 1);
        turn.translate(-width / 2.0, -height / 2.0);
        Graphics2D pen = standing.createGraphics();
        pen.setColor(Color.WHITE);
        pen.drawImage(lying, turn, null);
        pen.dispose();
        return standing;
    }
}
