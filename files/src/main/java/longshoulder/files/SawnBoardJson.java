package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import longshoulder.core.boards.Losses;
import longshoulder.core.boards.RowRefused;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.SawnBoard.Cut;
import longshoulder.core.boards.SawnBoard.Kind;
import longshoulder.core.boards.SawnBoard.Part;
import longshoulder.core.boards.Stock;
import longshoulder.core.boards.StockRow;
import longshoulder.core.measure.Showing;
import longshoulder.core.project.EditRefused;

/** Boards that are sawn, in a design file: the line of stock, what it costs to saw it, its pieces, cuts and offcuts. */
final class SawnBoardJson {

    private SawnBoardJson() {}

    static void write(JsonGenerator out, SawnBoard board) throws IOException {
        out.writeStartObject();
        Section.texts(out, "stock", StockRow.of(board.stock()).row());
        out.writeStringField("resawKerf", board.stock().resawKerf().toString());
        parts(out, "pieces", board.pieces());
        out.writeArrayFieldStart("cuts");
        for (Cut cut : board.cuts()) {
            out.writeStartObject();
            out.writeStringField("part", cut.part());
            out.writeStringField("kind", cut.kind().id());
            out.writeStringField("at", cut.at().toString());
            out.writeStringField("first", cut.first());
            out.writeStringField("second", cut.second());
            out.writeEndObject();
        }
        out.writeEndArray();
        parts(out, "offcuts", board.offcuts());
        out.writeEndObject();
    }

    private static void parts(JsonGenerator out, String name, List<Part> parts) throws IOException {
        out.writeArrayFieldStart(name);
        for (Part part : parts) {
            out.writeStartObject();
            out.writeStringField("id", part.id());
            out.writeStringField("piece", part.piece());
            out.writeStringField("x", part.x().toString());
            out.writeStringField("y", part.y().toString());
            out.writeStringField("length", part.length().toString());
            out.writeStringField("width", part.width().toString());
            out.writeNumberField("layer", part.layer());
            out.writeEndObject();
        }
        out.writeEndArray();
    }

    static SawnBoard read(JsonNode board, String place, Reading reading) {
        Map<String, String> row = new HashMap<>();
        board.path("stock").properties().forEach(text -> row.put(text.getKey(), text.getValue().asText()));
        try {
            Stock stock = StockRow.of(row).in(Losses.USUAL)
                    .withResawKerf(reading.length(board.path("resawKerf"), place + ".resawKerf"));
            List<Cut> cuts = new ArrayList<>();
            for (JsonNode cut : board.path("cuts")) {
                cuts.add(new Cut(cut.path("part").asText(), kind(cut.path("kind").asText()),
                        reading.length(cut.path("at"), place + ".cuts"), cut.path("first").asText(),
                        cut.path("second").asText()));
            }
            return new SawnBoard(stock, parts(board.path("pieces"), place, reading), cuts,
                    parts(board.path("offcuts"), place, reading));
        } catch (RowRefused refused) {
            throw reading.at(place, new EditRefused(refused.reason()), Showing.TENTH_MILLIMETRES);
        } catch (IllegalArgumentException broken) {
            throw reading.at(place, Sentence.of("sawn", String.valueOf(broken.getMessage())));
        }
    }

    /** The schema lets no other name through. */
    private static Kind kind(String id) {
        return Kind.valueOf(id.toUpperCase(Locale.ROOT));
    }

    private static List<Part> parts(JsonNode parts, String place, Reading reading) {
        List<Part> read = new ArrayList<>();
        for (JsonNode part : parts) {
            read.add(new Part(part.path("id").asText(), part.path("piece").asText(),
                    reading.length(part.path("x"), place), reading.length(part.path("y"), place),
                    reading.length(part.path("length"), place), reading.length(part.path("width"), place),
                    part.path("layer").asInt()));
        }
        return read;
    }
}
