package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Limits;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** The rail's end, half as thick, laid across the post in a notch of its own depth; the show side stays whole. */
public record HalfLap(Meeting meeting, Amount thickness) implements Joint {

    static final JointType TYPE = new JointType(List.of(JointParameters.measure("lap.thickness")), HalfLap::make,
            HalfLap::argue);

    static Joint make(JointContext context) {
        return new HalfLap(context.meeting(), context.givenOr("lap.thickness",
                () -> JointContext.share("amount.lapThickness", context.meeting().tenonPiece().thickness(), 1, 2,
                        "rule.halfLap")));
    }

    private static void argue(JointEvaluation evaluation) {
        Length rail = evaluation.railThickness();
        Length post = evaluation.meeting().referenceExtent().value();
        evaluation.sayIf(rail.equals(post), "reason.halfLap.equal", rail);
        evaluation.objectIf(!rail.equals(post), "reason.halfLap.unequal", rail, post);
        evaluation.objectIf(evaluation.hasOthers(), "reason.bridle.others");
    }

    @Override
    public JointKind kind() {
        return JointKind.HALF_LAP;
    }

    @Override
    public Amount addedLength() {
        return meeting.through();
    }

    @Override
    public Solid adds() {
        RailEnd end = new RailEnd(meeting);
        return end.beyondShoulder(mm(meeting.through()), 0, end.width(), 0, mm(thickness));
    }

    @Override
    public Solid removes() {
        RailEnd end = new RailEnd(meeting);
        return end.intoPost(mm(meeting.through()), 0, end.width(), 0, mm(thickness));
    }

    /** A lap that leaves either piece too little. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length rail = meeting.tenonPiece().thickness().value();
        Length most = inspection.brief().ratio(Limits.LAP).of(rail);
        return new Faults(this).above("lap-thick", "lap.thickness", thickness, most, rail)
                .below("lap-thin", "lap.thickness", thickness, rail.minus(most)).list();
    }

    @Override
    public void draw(Sketch sketch) {
        RailEnd end = new RailEnd(meeting);
        sketch.run(Side.BELOW, meeting.through(), 0, mm(meeting.through()), end.width())
                .thickness(thickness, 0, mm(thickness), end.width());
    }

    @Override
    public Vector2D middle() {
        return Vector2D.of(new RailEnd(meeting).width() / 2, mm(thickness) / 2);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put("lap.thickness", thickness);
        figures.put("lap.length", meeting.through());
        figures.put("lap.from-face", Amount.sum(Label.of("amount.lapFromFace")).plus(meeting.seat().setback())
                .plus(meeting.tenonPiece().thickness()).minus(thickness).amount());
        figures.put("from-end", Amount.sum(Label.of("amount.fromEnd")).plus(meeting.seat().drop()).amount());
        return figures;
    }
}
