package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import longshoulder.core.boards.BoardPlan;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.measure.Showing;
import longshoulder.core.words.Words;

/** Writes a board plan as JSON: lengths in millimetres, along the grain from the board's first end and across it from its lower edge. */
public final class BoardsJson {

    private BoardsJson() {}

    /** A plan as UTF-8. */
    public static byte[] toBytes(BoardPlan plan) {
        return Json.write(out -> {
            out.writeStartObject();
            out.writeArrayFieldStart("groups");
            for (BoardPlan.Group group : plan.groups()) {
                group(out, group);
            }
            out.writeEndArray();
            out.writeArrayFieldStart("boards");
            for (SawnBoard board : plan.boards()) {
                board(out, board);
            }
            out.writeEndArray();
            out.writeArrayFieldStart("missing");
            for (BoardPlan.Missing missing : plan.missing()) {
                out.writeStartObject();
                out.writeStringField("piece", missing.piece());
                out.writeStringField("why",
                        Words.showing(Showing.TENTH_MILLIMETRES).text("board.missing." + missing.why().id()));
                out.writeEndObject();
            }
            out.writeEndArray();
            out.writeEndObject();
        });
    }

    private static void group(JsonGenerator out, BoardPlan.Group group) throws IOException {
        out.writeStartObject();
        out.writeStringField("wood", group.wood());
        Json.millimetres(out, "thickness", group.thickness());
        out.writeNumberField("boards", group.boards());
        out.writeNumberField("leastBoards", group.leastBoards());
        out.writeNumberField("cost", group.cost());
        out.writeNumberField("leastCost", group.leastCost());
        out.writeBooleanField("proved", group.proved());
        out.writeEndObject();
    }

    private static void board(JsonGenerator out, SawnBoard board) throws IOException {
        out.writeStartObject();
        out.writeStringField("stock", board.stock().id());
        out.writeStringField("wood", board.stock().wood());
        Json.millimetres(out, "length", board.stock().length());
        Json.millimetres(out, "width", board.stock().width());
        Json.millimetres(out, "thickness", board.stock().thickness());
        out.writeArrayFieldStart("pieces");
        for (SawnBoard.Part piece : board.pieces()) {
            part(out, piece, true);
        }
        out.writeEndArray();
        out.writeArrayFieldStart("cuts");
        for (SawnBoard.Cut cut : board.cuts()) {
            cut(out, cut);
        }
        out.writeEndArray();
        out.writeArrayFieldStart("offcuts");
        for (SawnBoard.Part offcut : board.offcuts()) {
            part(out, offcut, false);
        }
        out.writeEndArray();
        out.writeEndObject();
    }

    private static void part(JsonGenerator out, SawnBoard.Part part, boolean piece) throws IOException {
        out.writeStartObject();
        out.writeStringField("id", part.id());
        if (piece) {
            out.writeStringField("piece", part.piece());
        }
        Json.millimetres(out, "x", part.x());
        Json.millimetres(out, "y", part.y());
        Json.millimetres(out, "length", part.length());
        Json.millimetres(out, "width", part.width());
        if (piece) {
            out.writeNumberField("layer", part.layer());
        }
        out.writeEndObject();
    }

    private static void cut(JsonGenerator out, SawnBoard.Cut cut) throws IOException {
        out.writeStartObject();
        out.writeStringField("part", cut.part());
        out.writeStringField("kind", cut.kind().id());
        Json.millimetres(out, "at", cut.at());
        out.writeArrayFieldStart("makes");
        out.writeString(cut.first());
        out.writeString(cut.second());
        out.writeEndArray();
        out.writeEndObject();
    }
}
