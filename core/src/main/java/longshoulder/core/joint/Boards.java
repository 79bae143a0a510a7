package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.joint.Meeting.Part;
import longshoulder.core.joint.Meeting.PostFace;
import longshoulder.core.measure.Length;
import longshoulder.core.frame.Seat;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** Finds boards that are glued along their grain: the boards of a top or a slab, and the layers of a rail. */
final class Boards {

    /** How far a board is moved over to see whether it meets another, in millimetres. */
    private static final double SLICE = 0.5;

    private Boards() {}

    static List<Meeting> of(List<Piece> pieces) {
        List<Meeting> meetings = new ArrayList<>();
        for (int at = 0; at < pieces.size(); at++) {
            Piece board = pieces.get(at);
            for (int with = 0; isBoard(board) && with < pieces.size(); with++) {
                if (with != at && areGlued(board, pieces.get(with), at < with)) {
                    meeting(board, pieces.get(with)).ifPresent(meetings::add);
                }
            }
        }
        return meetings;
    }

    private static boolean isBoard(Piece piece) {
        return piece.role() == Role.LAYER || isWide(piece);
    }

    private static boolean isWide(Piece piece) {
        return piece.role() == Role.TOP || piece.role() == Role.SEAT || piece.role() == Role.SLAB;
    }

    /** A layer is glued to what it lies on, a board of a top to the next board. */
    private static boolean areGlued(Piece board, Piece other, boolean isFirst) {
        boolean parallel = Math.abs(board.pose().along().dot(other.pose().along())) > 1 - Tolerance.DIRECTION;
        boolean pair = board.role() == Role.LAYER
                ? !isWide(other) && !other.role().isPanel()
                        && (other.role() != Role.LAYER || isFirst)
                : board.role() == other.role() && isFirst;
        return parallel && pair;
    }

    private static Optional<Meeting> meeting(Piece board, Piece other) {
        return Stream.of(board, board.turned())
                .flatMap(seen -> Stream.of(Part.FACE_EDGE, Part.FAR_EDGE).flatMap(part -> touching(seen, part, other)))
                .findFirst();
    }

    private static Stream<Meeting> touching(Piece board, Part part, Piece other) {
        HalfSpace edge = part.of(board);
        return Stream.of(PostFace.values()).filter(face -> edge.faces(face.surface(other)))
                .filter(face -> board.body().moved(edge.normal().multiply(SLICE)).overlaps(other.body()))
                .map(face -> new Meeting(board, part, other, face, seat(board, other)));
    }

    private static Seat seat(Piece board, Piece other) {
        Amount nothing = new Amount.Ruled(Label.of("amount.setback"), Length.ZERO, Label.of("rule.measured"));
        return new Seat(board.id(), other.id(), nothing, nothing);
    }
}
