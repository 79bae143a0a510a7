package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;
import static longshoulder.core.kind.FrameBuilder.at;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.FrameBuilder.Section;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A stand for a pot: two frames that cross, each of two leaning legs and a cross rail whose forked ends straddle them. The rails
 * cross in a half-lap that stays dry, so that the stand comes apart.
 *
 * <p>Where they are narrowest, at their tops, the legs' inner faces are the pot's diameter and a clearance at each side apart, so
 * that it can be let down between them; on demand they are so at the height of the seat, for a pot that narrows above it. Of a pot
 * that is not straight the diameter is measured at its foot, its belly and its rim ({@link PotContour}). Instead of the pot the
 * length of the cross rails between their shoulders can be given.
 */
final class Stand {

    private static final List<Parameter> PARAMETERS = new KindParameters()
            .length("pot.diameter", 300, 12 * 16, 60, 1000)
            .length("pot.clearance", 3, 2, 0, 30).way("pot.between", "tops", "seat")
            .way("pot.shape", "straight", "contour").length("pot.foot", 220, 9 * 16, 40, 1000)
            .length("pot.belly", 300, 12 * 16, 40, 1000).length("pot.belly-height", 120, 5 * 16, 5, 1000)
            .length("pot.height", 260, 10 * 16, 10, 1500).way("stand.given", "pot", "rail")
            .length("rail.between", 330, 13 * 16, 60, 1200).way("seat.measured", "plumb", "along")
            .length("seat.height", 320, 12 * 16 + 8, 60, 1500)
            .length("leg.above", 90, 56, 0, 500).angle("stand.lean", 8, 25).length("leg.width", 40, 26, 15, 150)
            .length("leg.thickness", 34, 22, 12, 120).length("rail.width", 48, 32, 15, 200)
            .length("rail.thickness", 34, 22, 12, 120).tenons().list();

    static final Kind KIND = new SetOut("stand", PARAMETERS, brief -> new Stand(brief).frame());

    private final FrameBuilder builder = new FrameBuilder();
    private final Brief brief;
    private final Amount clear;
    private final Amount between;
    private final Amount seat;
    private final Amount height;
    private final Angle lean;
    private final PotContour pot;

    private Stand(Brief brief) {
        this.brief = brief;
        lean = brief.angle("stand.lean");
        seat = seat(brief, lean);
        pot = new PotContour(brief, lean);
        Amount room = pot.room(isClearAtTops());
        pot.aboveBelly().ifPresent(above -> builder.clear("rail-long", above));
        if (brief.choice("stand.given").equals(Optional.of("rail"))) {
            between = brief.required("rail.between");
            clear = isClearAtTops()
                    ? Amount.sum(Label.of("amount.potClear")).plus(between).minus(2, run()).amount()
                    : between;
            builder.fit("rail-long", Amount.sum(Label.of("amount.potSpare")).plus(clear).minus(room).amount());
        } else {
            clear = room;
            between = isClearAtTops()
                    ? Amount.sum(Label.of("amount.betweenLegs")).plus(clear).plus(2, run()).amount()
                    : clear;
        }
        height = Amount.sum(Label.of("amount.standHeight")).plus(seat).plus(brief.required("leg.above")).amount();
    }

    /** Plumb, as given, or along the inner edge of a leg: then its cosine. */
    private static Amount seat(Brief brief, Angle lean) {
        Amount given = brief.required("seat.height");
        return lean.isZero() || !brief.choice("seat.measured").equals(Optional.of("along"))
                ? given
                : new Amount.Scaled(Label.of("amount.seatPlumb"), given, Math.cos(lean.radians()),
                        Label.of("rule.seatPlumb"));
    }

    private boolean isClearAtTops() {
        return !lean.isZero() && !brief.choice("pot.between").equals(Optional.of("seat"));
    }

    /** How far the inner face of a leg leans in from the height of the seat to its top. */
    private Amount run() {
        return new Amount.Scaled(Label.of("amount.legRun"), brief.required("leg.above"), Math.tan(lean.radians()),
                Label.of("rule.legRun"));
    }

    Frame frame() {
        frame("long", "1", FrameBuilder.RIGHT, FrameBuilder.FRONT, "left", "right");
        frame("cross", "2", FrameBuilder.BACK, FrameBuilder.RIGHT, "front", "back");
        double r = mm(between) / 2;
        potFigures();
        builder.figure(View.FRONT, at(-r, 0, 0), at(-r, 0, mm(seat)), Side.LEFT, 0, seat);
        builder.figure(View.FRONT, at(-r, 0, 0), at(-r, 0, mm(height)), Side.LEFT, 1, height);
        builder.figure(View.FRONT, at(r, 0, mm(seat)), at(r, 0, mm(height)), Side.RIGHT, 0,
                brief.required("leg.above"));
        builder.figure(View.FRONT, at(r, 0, mm(seat) - mm(brief.required("rail.width"))), at(r, 0, mm(seat)),
                Side.RIGHT, 0, brief.required("rail.width"));
        builder.figure(View.PLAN, at(-r, mm(brief.required("rail.thickness")) / -2, 0),
                at(-r, mm(brief.required("rail.thickness")) / 2, 0), Side.LEFT, 0,
                brief.required("rail.thickness"));
        return builder.frame();
    }

    /** The pot, and the legs where they leave it its room. */
    private void potFigures() {
        Amount widest = pot.widest();
        double half = mm(widest) / 2;
        double level = mm(isClearAtTops() ? height : seat);
        builder.figure(View.FRONT, at(-half, 0, level), at(half, 0, level), Side.ABOVE, 1, widest);
        builder.figure(View.FRONT, at(-mm(clear) / 2, 0, level), at(mm(clear) / 2, 0, level), Side.ABOVE, 0, clear);
    }

    /** One of the two frames: it runs along an axis, and its face sides look along another. */
    private void frame(String name, String number, Vector3D.Unit axis, Vector3D.Unit face, String low,
            String high) {
        Piece near = leg("leg-" + low, "A" + number + "a", axis.negate(), face);
        Piece far = leg("leg-" + high, "A" + number + "b", axis, face);
        boolean forward = FrameBuilder.DOWN.cross(face).dot(axis) > 0;
        Vector3D.Unit along = FrameBuilder.DOWN.cross(face).normalize();
        Section section = new Section(brief.required("rail.width"), brief.required("rail.thickness"));
        Pose rough = new Pose(face.multiply(-mm(section.thickness()) / 2).add(at(0, 0, mm(seat))), along,
                FrameBuilder.DOWN, face);
        String id = "rail-" + name;
        builder.between(id, Role.RAIL, "B" + number, section, rough,
                List.of(between, brief.required("rail.width"), seat), inner(forward ? near : far),
                inner(forward ? far : near));
        builder.joint(id, near.id(), JointKind.BRIDLE);
        builder.joint(id, far.id(), JointKind.BRIDLE);
        builder.assemble("frame-" + name, overLegs(), height, List.of(near.id(), far.id(), id));
    }

    /** Over the outer edges of two legs, half way up: with equal splay the mean of the widths at the top and at the floor. */
    private Amount overLegs() {
        Amount width = brief.required("leg.width");
        double spread = mm(seat) - mm(height) / 2;
        return new Amount.Traced(Label.of("amount.overLegsMiddle"), Length.fromMillimetres(mm(between)
                + 2 * mm(width) / Math.cos(lean.radians()) + 2 * spread * Math.tan(lean.radians())),
                List.of(between, width, seat, height), Label.of("rule.planes"));
    }

    private static HalfSpace inner(Piece leg) {
        return leg.shape().farEdge();
    }

    /** Its face edge is its outer edge; the inner edge passes the seat's height at half of the clear width. */
    private Piece leg(String id, String mark, Vector3D.Unit outwards, Vector3D.Unit face) {
        Amount width = brief.required("leg.width");
        Amount thickness = brief.required("leg.thickness");
        Vector3D.Unit out = outwards.multiply(Math.cos(lean.radians()))
                .add(FrameBuilder.UP.multiply(Math.sin(lean.radians()))).normalize();
        HalfSpace innerEdge = HalfSpace.through(outwards.multiply(mm(between) / 2).add(at(0, 0, mm(seat))),
                out.negate());
        Vector3D.Unit across = out.negate();
        Vector3D.Unit along = across.cross(face).normalize();
        HalfSpace floor = new HalfSpace(FrameBuilder.DOWN, 0);
        HalfSpace top = new HalfSpace(FrameBuilder.UP, mm(height));
        boolean upwards = along.getZ() > 0;
        Shape shape = new Shape(upwards ? floor : top, upwards ? top : floor,
                new HalfSpace(face, mm(thickness) / 2), new HalfSpace(face.negate(), mm(thickness) / 2),
                innerEdge.complement().moved(mm(width)), innerEdge);
        Pose pose = new Pose(shape.corners(shape.start()).getFirst(), along, across, face);
        Amount length = lean.isZero()
                ? height
                : new Amount.Scaled(Label.of("amount.alongLean"), height, 1 / Math.cos(lean.radians()),
                        Label.of("rule.alongLean"));
        return builder.add(lean.isZero()
                ? new Piece(id, Role.LEG, mark, length, width, thickness, pose)
                : new Piece(id, Role.LEG, mark, length, width, thickness, pose, shape));
    }
}
