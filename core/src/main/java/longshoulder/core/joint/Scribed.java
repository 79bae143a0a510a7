package longshoulder.core.joint;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import longshoulder.core.frame.Shape;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A tenoned joint on a face that was worked to a curve or a taper: the rail runs on to where the wood still is, so that its
 * shoulder is the very shape of the post.
 *
 * @param fill what the rail has beyond its shoulder besides the tenon, in the world
 */
public record Scribed(Joint joint, Solid fill) implements Wrapped {

    /** The joint scribed to what was worked away from its post. */
    static Joint wrap(Joint joint, Solid away) {
        if (away.isNothing() || joint.tenons().isEmpty()) {
            return joint;
        }
        Solid fill = fill(joint, away);
        return fill.isNothing() ? joint : new Scribed(joint, fill);
    }

    private static Solid fill(Joint joint, Solid away) {
        Meeting meeting = joint.meeting();
        RailEnd end = new RailEnd(meeting);
        Solid beyond = end.beyondShoulder(RailEnd.mm(meeting.through()),
                new Section(0, end.width(), 0, end.thickness()));
        Shape rail = meeting.rail().shape();
        for (HalfSpace face : List.of(rail.faceSide(), rail.back(), rail.faceEdge(), rail.farEdge())) {
            beyond = beyond.clip(face);
        }
        return beyond.and(away);
    }

    @Override
    public Solid adds() {
        return joint.adds().plus(fill.minus(joint.adds()));
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new Scribed(joint.fitted(fit), fill);
    }

    /** How far the scribed shoulder stands out beyond the square one where it stands out most. */
    Amount depth() {
        HalfSpace shoulder = meeting().shoulder();
        double most = fill.cells().stream().flatMap(cell -> cell.corners().stream()).mapToDouble(shoulder::distance)
                .max().orElse(0);
        return new Amount.Traced(Label.of("amount.scribeDepth"), Length.fromMillimetres(most),
                List.of(meeting().rail().width()), Label.of("rule.scribed"));
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>(joint.figures());
        figures.put("scribe.depth", depth());
        return figures;
    }
}
