package longshoulder.core.joint;

import java.util.function.UnaryOperator;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.geometry.Solid;

/**
 * A tenoned joint whose face shoulders are cut in by half a degree from their line to the cheek, so that the line closes first.
 * The line that shows stays where it is.
 */
public record Undercut(Joint joint) implements Wrapped {

    /** Into the rail for each unit from the line towards the cheek. */
    private static final double SLOPE = Math.tan(Math.toRadians(0.5));

    /** The joint with its shoulders undercut, where that is the rule of the house. */
    static Joint wrap(JointContext context, Joint joint) {
        boolean undercut = context.choice(HouseRules.UNDERCUT, "none").equals("half-a-degree");
        return undercut && !joint.tenons().isEmpty() && !(joint.plain() instanceof MouldedTenon)
                ? new Undercut(joint)
                : joint;
    }

    @Override
    public Solid removesFromRail() {
        RailEnd end = new RailEnd(meeting());
        double thickness = end.thickness();
        double outer = tenons().stream().mapToDouble(Tenon::outerCheek).max().orElse(thickness);
        double inner = tenons().stream().mapToDouble(Tenon::innerCheek).min().orElse(0);
        Solid front = end.intoRail((thickness - outer) * SLOPE, new Section(0, end.width(), outer, thickness))
                .clip(end.cheek(meeting().shoulder(), thickness, 1 / SLOPE, false));
        Solid back = end.intoRail(inner * SLOPE, new Section(0, end.width(), 0, inner))
                .clip(end.cheek(meeting().shoulder(), 0, -1 / SLOPE, true));
        return joint.removesFromRail().plus(front).plus(back);
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new Undercut(joint.fitted(fit));
    }
}
