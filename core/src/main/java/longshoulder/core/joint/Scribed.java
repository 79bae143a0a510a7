package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Limits;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Pose;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A tenoned joint on a face that was worked to a curve or a taper: the rail runs on to where the wood still is, so that its
 * shoulder is the very shape of the post.
 *
 * @param fill what the rail has beyond its shoulder besides the tenon, in the world
 */
public record Scribed(Joint joint, Solid fill) implements Wrapped {

    /** Offsets are given at the edges and at the quarters of the width between them. */
    private static final int STATIONS = 4;

    /** Half of how thick a slice is looked at, in millimetres. */
    private static final double SLICE = 0.001;

    /** The joint scribed to what was worked away from its post. */
    static Joint wrap(Joint joint, Solid away) {
        if (away.isNothing() || joint.tenons().isEmpty() || joint.plain() instanceof MouldedTenon) {
            return joint;
        }
        Solid fill = fill(joint, away);
        return fill.isNothing() ? joint : new Scribed(joint, fill);
    }

    private static Solid fill(Joint joint, Solid away) {
        Meeting meeting = joint.meeting();
        RailEnd end = new RailEnd(meeting);
        Solid beyond = end.beyondShoulder(mm(meeting.through()),
                new Section(0, end.width(), 0, end.thickness()));
        Shape rail = meeting.tenonPiece().shape();
        for (HalfSpace face : List.of(rail.faceSide(), rail.back(), rail.faceEdge(), rail.farEdge())) {
            beyond = beyond.clip(face);
        }
        Solid room = beyond.intersection(away);
        return new Solid(room.cells().stream().filter(cell -> isOpen(Solid.of(Optional.of(cell)), meeting, away))
                .toList());
    }

    /**
     * Whether no wood of the post stands between the rail's shoulder and a part of what was worked away: what was taken from the other
     * side of the post, such as the arch under a foot, is no place for the rail.
     */
    private static boolean isOpen(Solid part, Meeting meeting, Solid away) {
        Vector3D middle = part.centreOfMass();
        HalfSpace shoulder = meeting.shoulder();
        Vector3D foot = middle.subtract(shoulder.normal().multiply(shoulder.distance(middle)));
        return meeting.mortisePiece().body().within(foot, middle) - away.within(foot, middle) < SLICE;
    }

    /** The tenon gives way to what fills the room, which is cut by few planes: the other way round it would be cut by every facet of a rounded tenon. */
    @Override
    public Solid adds() {
        return joint.adds().minus(fill).plus(fill);
    }

    /** The shoulder may stand out farther than the tenon, where the post was worked away deeper than that is long. */
    @Override
    public Amount addedLength() {
        Amount tenon = joint.addedLength();
        Amount shoulder = depth();
        return shoulder.value().isGreaterThan(tenon.value()) ? shoulder : tenon;
    }

    @Override
    public List<Fault> faults(Inspection inspection) {
        List<Fault> faults = new ArrayList<>(joint.faults(inspection));
        Length bare = Length.fromMillimetres(Math.max(0, farthest(fill.intersection(joint.adds()))));
        Length tenon = joint.tenons().stream().map(one -> one.length().value()).min(Comparator.naturalOrder())
                .orElse(Length.ZERO);
        Length held = tenon.minus(bare);
        if (held.isLessThan(inspection.brief().length(Limits.STUB)) && bare.isPositive()) {
            faults.add(Fault.inRail(this, "tenon-bare", held.isPositive() ? Level.RISK : Level.STOP,
                    held.isPositive()
                            ? Label.of("finding.tenonBare", id(), bare, tenon, held)
                            : Label.of("finding.tenonMisses", id(), bare, tenon),
                    new Mend.Size(Brief.TENON_LENGTH, tenon.plus(bare))));
        }
        return faults;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new Scribed(joint.fitted(fit), fill);
    }

    /** How far the scribed shoulder stands out beyond the square one where it stands out most. */
    private Amount depth() {
        return traced(Label.of("amount.scribeDepth"), farthest(fill));
    }

    /** The same at a station: so many quarters of the rail's width from its face edge. */
    private Amount station(int quarters) {
        Pose pose = meeting().tenonPiece().pose();
        double place = mm(meeting().tenonPiece().width()) * quarters / STATIONS;
        Vector3D at = pose.toWorld(0, place, 0);
        return traced(Label.of("amount.scribeStation", quarters, STATIONS),
                farthest(fill.clip(HalfSpace.through(at, pose.across()).moved(SLICE))
                        .clip(HalfSpace.through(at, pose.across().negate()).moved(SLICE))));
    }

    private double farthest(Solid part) {
        HalfSpace shoulder = meeting().shoulder();
        return part.cells().stream().flatMap(cell -> cell.corners().stream()).mapToDouble(shoulder::distance).max()
                .orElse(0);
    }

    private Amount traced(Label label, double millimetres) {
        return new Amount.Traced(label, Length.fromMillimetres(millimetres), List.of(meeting().tenonPiece().width()),
                Label.of("rule.scribed"));
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>(joint.figures());
        figures.put("scribe.depth", depth());
        for (int i = 0; i <= STATIONS; i++) {
            figures.put("scribe.station-" + i, station(i));
        }
        return figures;
    }
}
