package longshoulder.core.joint;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A tenoned joint whose face shoulders are cut in by half a degree from their line to the cheek, so that the line closes first.
 * The line that shows stays where it is.
 */
public record Undercut(Joint joint) implements Joint {

    /** Into the rail for each unit from the line towards the cheek. */
    private static final double SLOPE = Math.tan(Math.toRadians(0.5));

    /** The joint with its shoulders undercut, where that is the school of the house. */
    static Joint wrap(Setting setting, Joint joint) {
        boolean undercut = setting.choice(HouseRules.UNDERCUT, "none").equals("half-a-degree");
        return undercut && !joint.tenons().isEmpty() && !(joint instanceof MouldedTenon) ? new Undercut(joint) : joint;
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
    public Meeting meeting() {
        return joint.meeting();
    }

    @Override
    public JointKind kind() {
        return joint.kind();
    }

    @Override
    public Amount addedLength() {
        return joint.addedLength();
    }

    @Override
    public Solid adds() {
        return joint.adds();
    }

    @Override
    public Solid removes() {
        return joint.removes();
    }

    @Override
    public Solid loosePart() {
        return joint.loosePart();
    }

    @Override
    public Vector3D.Unit homeward() {
        return joint.homeward();
    }

    @Override
    public Vector3D looseWay() {
        return joint.looseWay();
    }

    @Override
    public String looseParts() {
        return joint.looseParts();
    }

    @Override
    public List<Tenon> tenons() {
        return joint.tenons();
    }

    @Override
    public boolean isOpen() {
        return joint.isOpen();
    }

    @Override
    public boolean isThrough() {
        return joint.isThrough();
    }

    @Override
    public GivesWay givesWay() {
        return joint.givesWay();
    }

    @Override
    public Optional<Wedging> wedged() {
        return joint.wedged();
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new Undercut(joint.fitted(fit));
    }

    @Override
    public Joint plain() {
        return joint.plain();
    }

    @Override
    public Map<String, Amount> figures() {
        return joint.figures();
    }
}
