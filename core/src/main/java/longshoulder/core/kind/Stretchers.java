package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import longshoulder.core.brief.Brief;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.kind.FrameBuilder.Section;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Stretchers low between four legs that may lean: all round as a box, or one along each end and one between these, as an H. They
 * stand in the middle of the legs.
 */
final class Stretchers {

    private final Brief brief;
    private final Map<String, Piece> legs;
    private final Amount overLegsLength;
    private final Amount overLegsDepth;
    private final FrameBuilder builder = new FrameBuilder();
    private final Amount height;
    private final Section section;

    /** Between legs that stand over so much of length and depth where they are plumb. */
    Stretchers(Brief brief, Map<String, Piece> legs, Amount overLegsLength, Amount overLegsDepth) {
        this.brief = brief;
        this.legs = legs;
        this.overLegsLength = overLegsLength;
        this.overLegsDepth = overLegsDepth;
        height = brief.required("stretcher.height");
        section = new Section(brief.required("stretcher.width"), brief.required("stretcher.thickness"));
    }

    /** The pieces, and which of them must agree in their shoulder lengths. */
    List<Piece> pieces() {
        String form = brief.choice("stretchers").orElse("none");
        List<Piece> all = new ArrayList<>();
        if (!form.equals("none")) {
            all.add(end("left", FrameBuilder.LEFT, "D1"));
            all.add(end("right", FrameBuilder.RIGHT, "D2"));
        }
        if (form.equals("box")) {
            all.add(side("front", FrameBuilder.FRONT, "E1"));
            all.add(side("back", FrameBuilder.BACK, "E2"));
        }
        if (form.equals("h")) {
            all.add(middle(all.get(0), all.get(1)));
        }
        return all;
    }

    static List<List<String>> spans(Brief brief) {
        return switch (brief.choice("stretchers").orElse("none")) {
            case "box" -> List.of(List.of("stretcher-left", "stretcher-right"),
                    List.of("stretcher-front", "stretcher-back"));
            case "h" -> List.of(List.of("stretcher-left", "stretcher-right"));
            default -> List.of();
        };
    }

    private Piece end(String side, Vector3D.Unit out, String mark) {
        Amount.SumBuilder between = between("stretcher-" + side, overLegsDepth)
                .minus(2, brief.required("leg.depth"));
        return between(between.amount(), "stretcher-" + side, mark, out, leg("leg-front-" + side),
                leg("leg-back-" + side));
    }

    private Piece side(String side, Vector3D.Unit out, String mark) {
        Amount.SumBuilder between = between("stretcher-" + side, overLegsLength)
                .minus(2, brief.required("leg.width"));
        return between(between.amount(), "stretcher-" + side, mark, out, leg("leg-" + side + "-left"),
                leg("leg-" + side + "-right"));
    }

    private static Amount.SumBuilder between(String id, Amount overLegs) {
        return Amount.sum(Label.of("amount.shoulder", id)).plus(overLegs);
    }

    private Piece leg(String id) {
        return Objects.requireNonNull(legs.get(id));
    }

    private Piece between(Amount length, String id, String mark, Vector3D.Unit out, Piece one, Piece other) {
        return laid(length, id, mark, out, centre(one), one, other, List.of(one.width(), other.width(), height));
    }

    /** Between the other two, half way from front to back: from the middle of a leg to that of another, less half of each stretcher. */
    private Piece middle(Piece left, Piece right) {
        Vector3D place = centre(leg("leg-front-left")).lerp(centre(leg("leg-back-left")), 0.5);
        Amount length = between("stretcher-middle", overLegsLength).minus(brief.required("leg.width"))
                .minus(section.thickness()).amount();
        return laid(length, "stretcher-middle", "E1", FrameBuilder.FRONT, place, left, right,
                List.of(left.thickness(), height));
    }

    /** @param length what it comes to between plumb legs with square faces */
    private Piece laid(Amount length, String id, String mark, Vector3D.Unit out, Vector3D place, Piece one, Piece other,
            List<Amount> hangsOn) {
        Vector3D.Unit along = FrameBuilder.DOWN.cross(out).normalize();
        Vector3D origin = place.subtract(out.multiply(mm(section.thickness()) / 2))
                .add(FrameBuilder.UP.multiply(mm(section.width())));
        boolean forward = along.dot(centre(other).subtract(centre(one))) > 0;
        Piece from = forward ? one : other;
        Piece to = forward ? other : one;
        Piece traced = builder.between(id, Role.STRETCHER, mark, section,
                new Pose(origin, along, FrameBuilder.DOWN, out),
                hangsOn, from.shape().looking(along), to.shape().looking(along.negate()));
        boolean asReckoned = Math.abs(mm(traced.length()) - mm(length)) < Tolerance.LENGTH;
        return asReckoned && traced.slanted().isEmpty() ? traced.endingFarther(0, 0, length) : traced;
    }

    private Vector3D centre(Piece piece) {
        return piece.middleAt(mm(height));
    }
}
