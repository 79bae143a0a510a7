package longshoulder.core.joint;

import longshoulder.core.frame.Facing;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Seat;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A place where two pieces meet: most often the end of a rail stands on a long face of a post; a panel may stand with an edge in
 * a groove of it, or one piece may cross the other.
 *
 * @param tenonPiece the piece that comes in; as it is seen from the post, so that its width lies along the post where it can
 * @param part which part of it meets the post
 * @param mortisePiece the piece that it stands on
 * @param face which face of the post it stands on
 * @param seat how the rail sits there, in the maker's figures
 */
public record Meeting(Piece tenonPiece, Part part, Piece mortisePiece, PostFace face, Seat seat) {

    /** Stable name, such as {@code apron-front/leg-front-left}: it survives changes of size. */
    public String id() {
        return tenonPiece.id() + "/" + mortisePiece.id();
    }

    /** Into the post: the outward direction of the rail's end or edge; for a crossing, the way in which the rail is let in. */
    public Vector3D.Unit inward() {
        return switch (part) {
            case START -> tenonPiece.pose().along().negate();
            case FINISH -> tenonPiece.pose().along();
            case FACE_EDGE -> tenonPiece.pose().across().negate();
            case FAR_EDGE -> tenonPiece.pose().across();
            case MIDDLE -> surface().normal().negate();
        };
    }

    /** The same meeting of a rail that was really cut otherwise. */
    Meeting with(Piece built) {
        boolean turned = Math.abs(built.pose().out().dot(tenonPiece.pose().out())) < 0.5;
        return new Meeting(turned ? built.turned() : built, part, mortisePiece, face, seat);
    }

    /** How thick the post is in the direction in which a tenon enters. */
    public Amount postExtent() {
        return face.isEdge() ? mortisePiece.width() : mortisePiece.thickness();
    }

    /** How far it is through the post along the rail: more than the post is thick where the rail comes in at a lean. */
    public Amount through() {
        return isSquare()
                ? postExtent()
                : new Amount.Scaled(Label.of("amount.throughPost"), postExtent(),
                        1 / Math.abs(surface().normal().dot(inward())), Label.of("rule.throughPost"));
    }

    /** How thick the post is across the rail's thickness. */
    public Amount referenceExtent() {
        return reference().isEdge() ? mortisePiece.width() : mortisePiece.thickness();
    }

    /** The post's face that looks the way of the rail's face side: what the mortise is gauged from. */
    public PostFace reference() {
        return PostFace.looking(mortisePiece, tenonPiece.pose().out());
    }

    /** The end of the post that is nearest to the rail's face edge: what places along the post are measured from. */
    public Part postEnd() {
        Vector3D.Unit edgeward = tenonPiece.pose().across().negate();
        return mortisePiece.pose().along().dot(edgeward) > 0 ? Part.FINISH : Part.START;
    }

    /** Which way that end of the post points, as one stands before the furniture. */
    public Facing postEndFacing() {
        return Facing.of(postEnd() == Part.FINISH
                ? mortisePiece.pose().along()
                : mortisePiece.pose().along().negate());
    }

    /** The plane of the rail's end or edge; the rail's body lies inside. At a crossing it is the post's own surface. */
    public HalfSpace shoulder() {
        return part == Part.MIDDLE ? surface().complement() : part.of(tenonPiece);
    }

    /** How far the rail's end stands out past the post's inner face, in millimetres; less than nothing where it does not. */
    public double beyondInnerFace() {
        HalfSpace inner = reference().opposite().surface(mortisePiece);
        return tenonPiece.shape().corners(shoulder()).stream().mapToDouble(inner::distance).max().orElse(0);
    }

    /** Whether the rail stands square on the post. */
    public boolean isSquare() {
        return Tolerance.isParallel(surface().normal(), inward());
    }

    /** The surface of the post that the shoulder butts; the post lies inside the half space. */
    public HalfSpace surface() {
        return face.surface(mortisePiece);
    }

    /** What of a rail meets the post: an end along its own grain, a long edge, or its middle where the two cross. */
    public enum Part {
        START, FINISH, FACE_EDGE, FAR_EDGE, MIDDLE;

        /** Whether it is one of the two ends along the grain, which have shoulders. */
        public boolean isEnd() {
            return this == START || this == FINISH;
        }

        /** The plane of this part of a piece; the piece lies inside. @throws IllegalArgumentException for the middle */
        HalfSpace of(Piece piece) {
            return switch (this) {
                case START -> piece.shape().start();
                case FINISH -> piece.shape().finish();
                case FACE_EDGE -> piece.shape().faceEdge();
                case FAR_EDGE -> piece.shape().farEdge();
                case MIDDLE -> throw new IllegalArgumentException("A piece's middle is no plane.");
            };
        }
    }

    /** The long faces of a post. */
    public enum PostFace {
        FACE_SIDE, BACK, FACE_EDGE, FAR_EDGE;

        /** Whether it is one of the two narrow faces, square to the width. */
        public boolean isEdge() {
            return this == FACE_EDGE || this == FAR_EDGE;
        }

        /** The plane of this face of a post; the post lies inside the half space. */
        public HalfSpace surface(Piece mortisePiece) {
            return switch (this) {
                case FACE_SIDE -> mortisePiece.shape().faceSide();
                case BACK -> mortisePiece.shape().back();
                case FACE_EDGE -> mortisePiece.shape().faceEdge();
                case FAR_EDGE -> mortisePiece.shape().farEdge();
            };
        }

        /** The face of a post that looks most nearly in a direction. */
        static PostFace looking(Piece mortisePiece, Vector3D.Unit direction) {
            double out = mortisePiece.pose().out().dot(direction);
            double across = mortisePiece.pose().across().dot(direction);
            if (Math.abs(out) >= Math.abs(across)) {
                return out > 0 ? FACE_SIDE : BACK;
            }
            return across > 0 ? FAR_EDGE : FACE_EDGE;
        }

        /** The face on the other side of the post. */
        public PostFace opposite() {
            return switch (this) {
                case FACE_SIDE -> BACK;
                case BACK -> FACE_SIDE;
                case FACE_EDGE -> FAR_EDGE;
                case FAR_EDGE -> FACE_EDGE;
            };
        }
    }
}
