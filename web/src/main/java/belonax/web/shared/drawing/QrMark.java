package belonax.web.shared.drawing;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/**
 * A QR mark.
 *
 * @param size modules a side, with the quiet zone
 * @param path its dark modules, one unit each
 */
public record QrMark(int size, String path) {
    private static final int QUIET = 2;

    /** Returns the mark that leads to an address. */
    public static QrMark of(String address) {
        BitMatrix matrix = matrix(address);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < matrix.getHeight(); y++) {
            for (int x = 0; x < matrix.getWidth(); x++) {
                if (matrix.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return new QrMark(matrix.getWidth(), path.toString());
    }

    /** Returns the mark for a console: two rows of modules a line. */
    public static String forConsole(String address) {
        BitMatrix matrix = matrix(address);
        StringBuilder text = new StringBuilder();
        for (int y = 0; y < matrix.getHeight(); y += 2) {
            for (int x = 0; x < matrix.getWidth(); x++) {
                boolean above = matrix.get(x, y);
                boolean below = y + 1 < matrix.getHeight() && matrix.get(x, y + 1);
                text.append(above ? below ? ' ' : '▄' : below ? '▀' : '█');
            }
            text.append('\n');
        }
        return text.toString();
    }

    private static BitMatrix matrix(String address) {
        try {
            return new QRCodeWriter()
                    .encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, QUIET));
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }
}
