package pandel.files.serve;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/**
 * A QR code (ISO/IEC 18004) of an address, square by square, with the quiet zone of four that it needs around it.
 *
 * @param side squares to a side
 */
public record QrSquares(int side, BitMatrix squares) {

    /** The code of some words. */
    public static QrSquares of(String words) {
        try {
            BitMatrix made =
                    new QRCodeWriter().encode(words, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 4));
            return new QrSquares(made.getWidth(), made);
        } catch (WriterException e) {
            throw new IllegalArgumentException("Too long for a QR code: " + words, e);
        }
    }

    /** Whether a square is dark. */
    public boolean isDark(int column, int row) {
        return squares.get(column, row);
    }

    /** The code in half blocks for a terminal with light words on a dark ground, two rows to a line. */
    public String text() {
        StringBuilder text = new StringBuilder();
        for (int row = 0; row < side; row += 2) {
            for (int column = 0; column < side; column++) {
                boolean upper = !isDark(column, row);
                boolean lower = row + 1 < side && !isDark(column, row + 1);
                text.append(upper ? lower ? '█' : '▀' : lower ? '▄' : ' ');
            }
            text.append('\n');
        }
        return text.toString();
    }
}
