package longshoulder.files;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import longshoulder.core.papers.LabelPages;
import longshoulder.core.papers.LabelSheet;
import longshoulder.core.papers.PieceLabel;

/** Labels for the pieces as PDF, each with a code that a phone can read. */
public final class LabelsPdf {

    private LabelsPdf() {}

    /** All labels on sheets. */
    public static byte[] toBytes(String title, List<PieceLabel> labels, LabelSheet sheet) {
        return PdfPen.toBytes(title,
                new LabelPages(PaperTypeface.SHIPPED, LabelsPdf::code).sheets(labels, sheet));
    }

    /** The squares of a code, without a margin: the label has its own. */
    static boolean[][] code(String text) {
        try {
            BitMatrix matrix = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0,
                    Map.of(EncodeHintType.MARGIN, 0, EncodeHintType.CHARACTER_SET, StandardCharsets.UTF_8.name()));
            boolean[][] squares = new boolean[matrix.getHeight()][matrix.getWidth()];
            for (int row = 0; row < squares.length; row++) {
                for (int column = 0; column < squares[row].length; column++) {
                    squares[row][column] = matrix.get(column, row);
                }
            }
            return squares;
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("The text (%s) has no room in a code.".formatted(text), tooLong);
        }
    }
}
