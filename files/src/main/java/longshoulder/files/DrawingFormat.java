package longshoulder.files;

import java.util.List;
import java.util.Locale;
import longshoulder.core.drawing.Page;

/** The kinds of file that a drawing can be written as. */
public enum DrawingFormat {
    PDF, SVG, DXF;

    /** How names of such files end, such as ".pdf". */
    public String suffix() {
        return "." + name().toLowerCase(Locale.ROOT);
    }

    /** A page as a file of this kind. */
    public byte[] toBytes(String title, Page page) {
        return switch (this) {
            case PDF -> PdfPen.toBytes(title, List.of(page));
            case SVG -> SvgPen.toBytes(page);
            case DXF -> DxfPen.toBytes(page);
        };
    }
}
