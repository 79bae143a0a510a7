package longshoulder.core.frame;

import java.util.Optional;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.measure.Angle;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Planes a long face of a post off at an angle: one of its arrises stays, at the other the wood goes. Rails that end on the face
 * end on the new one, so that their shoulders follow.
 */
final class Bevelling {

    /** So much of the post has to be left, in millimetres. */
    private static final double LEAST = 1;

    private final Piece post;
    private final HalfSpace old;
    private final HalfSpace bevelled;

    private Bevelling(Piece post, HalfSpace old, HalfSpace bevelled) {
        this.post = post;
        this.old = old;
        this.bevelled = bevelled;
    }

    /** Empty where the two faces do not share an arris, or nothing would be left of the post at the other one. */
    static Optional<Frame> of(Alteration.Bevel asked, Frame frame) {
        Piece post = frame.piece(asked.piece());
        return asked.face().of(post)
                .flatMap(face -> asked.keeps().of(post).flatMap(keeps -> of(asked, frame, face, keeps)));
    }

    private static Optional<Frame> of(Alteration.Bevel asked, Frame frame, HalfSpace face, HalfSpace keeps) {
        Piece post = frame.piece(asked.piece());
        Vector3D.Unit along = post.pose().along();
        if (!post.isReal() || Math.abs(face.normal().dot(keeps.normal())) > 0.5) {
            return Optional.empty();
        }
        Vector3D.Unit sideways = along.cross(face.normal()).dot(keeps.normal()) > 0
                ? along.cross(face.normal()).normalize()
                : face.normal().cross(along).normalize();
        Vector3D arris = HalfSpace.meet(face, keeps, new HalfSpace(along, along.dot(post.pose().origin())));
        double turn = asked.angle().radians();
        HalfSpace bevelled = HalfSpace.through(arris,
                face.normal().multiply(Math.cos(turn)).subtract(sideways.multiply(Math.sin(turn))));
        Bevelling bevelling = new Bevelling(post, face, bevelled);
        return bevelling.isWhole(keeps, asked.angle())
                ? Optional.of(bevelling.applied(frame).describing(describe(asked)))
                : Optional.empty();
    }

    private static Feature describe(Alteration.Bevel asked) {
        return Feature.of(asked.piece(), Feature.Form.BEVEL, "bevel." + asked.face().id()).with("angle", asked.angle());
    }

    /** Whether some of the old face's depth is left at the arris where the wood goes. */
    private boolean isWhole(HalfSpace keeps, Angle angle) {
        boolean overWidth = Math.abs(keeps.normal().dot(post.pose().across())) > 0.5;
        double width = post.width().value().toMillimetres();
        double thickness = post.thickness().value().toMillimetres();
        return (overWidth ? width : thickness) * Math.tan(angle.radians()) < (overWidth ? thickness : width) - LEAST;
    }

    private Piece planed() {
        Shape s = post.shape();
        Shape other = new Shape(s.start(), s.finish(), at(s.faceSide()), at(s.back()), at(s.faceEdge()),
                at(s.farEdge()));
        Pose pose = post.pose();
        return new Piece(post.id(), post.role(), post.mark(), post.length(), post.width(), post.thickness(),
                new Pose(other.corners(other.start()).getFirst(), pose.along(), pose.across(), pose.out()), other);
    }

    private HalfSpace at(HalfSpace plane) {
        return plane.equals(old) ? bevelled : plane;
    }

    private Frame applied(Frame frame) {
        return Followers.follow(frame.replacing(planed()), post, this::at);
    }
}
