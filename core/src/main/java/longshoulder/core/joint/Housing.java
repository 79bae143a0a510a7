package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.List;
import java.util.Map;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;

/** The whole end of the rail let into the post, by a quarter of it unless given: for shelves and lower drawer rails. */
public record Housing(Meeting meeting, Amount depth) implements Joint {

    static final JointType TYPE = new JointType(List.of(JointParameters.measure("housing.depth")), Housing::make,
            Housing::argue);

    static Joint make(JointContext context) {
        return new Housing(context.meeting(), context.givenOr("housing.depth",
                () -> context.snapped(JointContext.share("amount.housingDepth", context.meeting().postExtent(), 1, 4,
                        "rule.housing"))));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.housing.whole", evaluation.railWidth());
        evaluation.object("reason.housing.pull");
    }

    @Override
    public JointKind kind() {
        return JointKind.HOUSING;
    }

    @Override
    public Amount addedLength() {
        return depth;
    }

    @Override
    public Solid adds() {
        RailEnd end = new RailEnd(meeting);
        return end.beyondShoulder(mm(depth), 0, end.width(), 0, end.thickness());
    }

    @Override
    public Solid removes() {
        RailEnd end = new RailEnd(meeting);
        return end.intoPost(mm(depth), 0, end.width(), 0, end.thickness());
    }

    /** A housing of more than half of the post leaves too little of it. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length post = meeting.postExtent().value();
        return new Faults(this)
                .above("cut-deep", "housing.depth", depth, inspection.brief().ratio(Limits.CUT).of(post), post)
                .list();
    }

    @Override
    public void draw(Sketch sketch) {
        sketch.run(Side.BELOW, depth, 0, mm(depth), new RailEnd(meeting).width());
    }

    @Override
    public Map<String, Amount> figures() {
        return Map.of("housing.depth", depth);
    }
}
