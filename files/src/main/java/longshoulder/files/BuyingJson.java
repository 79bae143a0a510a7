package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.measure.Length;
import longshoulder.core.supply.BuyingList;

/** Writes a buying list as JSON: lengths in millimetres, volumes in cubic metres and board feet, weights in kilograms. */
public final class BuyingJson {

    private static final int DIGITS = 6;

    private BuyingJson() {}

    /** A list as UTF-8. */
    public static byte[] toBytes(BuyingList list) {
        return Json.write(out -> {
            out.writeStartObject();
            out.writeArrayFieldStart("boards");
            for (BuyingList.Line line : list.lines()) {
                board(out, line);
            }
            out.writeEndArray();
            out.writeArrayFieldStart("ready");
            for (BuyingList.Ready ready : list.ready()) {
                CutLine line = ready.line();
                out.writeStartObject();
                out.writeStringField("what", line.what().substring(line.what().indexOf('.') + 1));
                out.writeStringField("material", line.wood());
                out.writeNumberField("count", ready.count());
                size(out, line.finished().length().value(), line.finished().width().value(),
                        line.finished().thickness().value());
                out.writeEndObject();
            }
            out.writeEndArray();
            out.writeNumberField("price", list.price());
            out.writeEndObject();
        });
    }

    private static void board(JsonGenerator out, BuyingList.Line line) throws IOException {
        out.writeStartObject();
        out.writeStringField("stock", line.stock().id());
        out.writeStringField("wood", line.stock().wood());
        out.writeNumberField("count", line.count());
        size(out, line.stock().length(), line.stock().width(), line.stock().thickness());
        out.writeNumberField("cubicMetres", rounded(line.cubicMetres()));
        out.writeNumberField("boardFeet", rounded(line.boardFeet()));
        out.writeNumberField("price", line.price());
        if (line.kilograms().isPresent()) {
            out.writeNumberField("kilograms", rounded(line.kilograms().get()));
        }
        out.writeEndObject();
    }

    private static void size(JsonGenerator out, Length length, Length width, Length thickness) throws IOException {
        Json.millimetres(out, "length", length);
        Json.millimetres(out, "width", width);
        Json.millimetres(out, "thickness", thickness);
    }

    private static BigDecimal rounded(double value) {
        return BigDecimal.valueOf(value).setScale(DIGITS, RoundingMode.HALF_UP);
    }
}
