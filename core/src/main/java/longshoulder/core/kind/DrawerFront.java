package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Feature;
import longshoulder.core.frame.Piece;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.kind.FrameBuilder.Lie;
import longshoulder.core.kind.FrameBuilder.Section;
import longshoulder.core.kind.FrameBuilder.Size;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A drawer in the front of a table, in the place of its apron: a flat rail lapped-dovetailed into the tops of the legs, another
 * stub-tenoned below it, and two runners from that one to the back apron or its inner layer.
 *
 * <p>Opening = apron's width − both rails' thickness.
 */
final class DrawerFront {

    static final String UPPER = "rail-drawer-upper";
    static final String LOWER = "rail-drawer-lower";

    private final Brief brief;
    private final Map<String, Piece> legs;
    private final FrameBuilder builder = new FrameBuilder();
    private final double under;
    private final double front;

    /**
     * @param under height of the underside of the top, in millimetres
     * @param front where the fronts of the rails lie, along the depth
     */
    DrawerFront(Brief brief, Map<String, Piece> legs, double under, double front) {
        this.brief = brief;
        this.legs = legs;
        this.under = under;
        this.front = front;
    }

    static boolean isAsked(Brief brief) {
        return brief.choice("drawer").equals(Optional.of("front"));
    }

    /** The clear height between the two rails. */
    static Amount opening(Brief brief) {
        return Amount.sum(Label.of("amount.drawerOpening")).plus(brief.required("apron.width"))
                .minus(2, brief.required("apron.thickness")).amount();
    }

    static Map<String, Value> usual() {
        Value dovetail = new Value.Chosen(JointKind.LAPPED_DOVETAIL.id());
        Value stub = new Value.Chosen(JointKind.STUB_TENON.id());
        return Map.of(joint(UPPER, "left"), dovetail, joint(UPPER, "right"), dovetail, joint(LOWER, "left"), stub,
                joint(LOWER, "right"), stub);
    }

    /** The runners lie against the legs and have no joints. */
    static List<Feature> features() {
        return Stream.of("left", "right").map(end -> Feature.of(runner(end), Feature.Form.FIXING, "fixing.legs"))
                .toList();
    }

    private static String runner(String end) {
        return "runner-" + end;
    }

    private static String joint(String rail, String end) {
        return Address.of(rail + "/leg-front-" + end, JointKind.CHOICE);
    }

    /**
     * The rails and the runners.
     *
     * @param back the back apron, or its inner layer
     */
    List<Piece> pieces(Piece back) {
        Piece upper = rail(UPPER, "B1", FrameBuilder.DOWN, under);
        Piece lower = rail(LOWER, "B3", FrameBuilder.UP, under - mm(brief.required("apron.width")));
        return List.of(upper, lower, runner("left", lower, back), runner("right", lower, back));
    }

    private Piece rail(String id, String mark, Vector3D.Unit faceSide, double height) {
        Vector3D.Unit across = FrameBuilder.BACK;
        Vector3D.Unit along = across.cross(faceSide).normalize();
        Amount width = brief.required("drawer-rail.width");
        Amount thickness = brief.required("apron.thickness");
        Pose rough = new Pose(Vector3D.of(0, frontAt(height), height), along, across, faceSide);
        boolean right = along.getX() > 0;
        return builder.between(id, Role.RAIL, mark, new Section(width, thickness), rough,
                List.of(brief.required("overall.length"), brief.required("overhang.ends"),
                        brief.required("leg.width")),
                leg(right ? "left" : "right").shape().looking(along),
                leg(right ? "right" : "left").shape().looking(along.negate()));
    }

    /** Where legs lean to the front, a rail that lies lower lies farther to the front, as far behind their faces as the upper one. */
    private double frontAt(double height) {
        return front + face(height) - face(under);
    }

    /** Where the front face of a leg is at a height, half way across it. */
    private double face(double height) {
        Piece leg = leg("left");
        HalfSpace face = leg.shape().looking(FrameBuilder.FRONT);
        Vector3D middle = leg.middleAt(height);
        return middle.getY() - face.distance(middle) / face.normal().getY();
    }

    private Piece leg(String end) {
        return Objects.requireNonNull(legs.get("leg-front-" + end));
    }

    /** On its edge beside the inner faces of the legs, its upper edge level with the lower rail's face side. */
    private Piece runner(String end, Piece lower, Piece back) {
        Amount size = brief.required("apron.thickness");
        double from = frontAt(under - mm(brief.required("apron.width"))) + mm(lower.width());
        HalfSpace behind = back.shape().back();
        double to = behind.offset() / behind.normal().getY();
        Amount length = new Amount.Traced(Label.of("amount.runner"), Length.fromMillimetres(to - from),
                List.of(brief.required("overall.depth"), lower.width()), Label.of("rule.planes"));
        double low = under - mm(brief.required("apron.width"));
        Vector3D.Unit inwards = end.equals("left") ? FrameBuilder.RIGHT : FrameBuilder.LEFT;
        HalfSpace face = leg(end).shape().looking(inwards);
        // Where legs lean, their face stands farthest in at the runner's upper edge.
        double x = -face.distance(Vector3D.of(0, from, low + mm(size))) / face.normal().getX();
        return builder.lay(runner(end), Role.RUNNER, end.equals("left") ? "R1" : "R2", new Size(length, size, size),
                new Lie(inwards, FrameBuilder.UP), Vector3D.of(end.equals("left") ? x : x - mm(size), from, low));
    }
}
