package longshoulder.core.joint;

import longshoulder.core.brief.JointKind;
import longshoulder.core.reckoning.Amount;

/** A {@link Dovetail} that slides in over the whole width of the rail. */
public record SlidingDovetail(Meeting meeting, Amount length, Amount entry, Amount root, Amount near,
        Amount spread) implements Dovetail {

    static final JointType TYPE = new JointType(PARAMETERS, SlidingDovetail::make, SlidingDovetail::argue);

    static Joint make(JointContext context) {
        Amount entry = context.givenOr("tail.entry", () -> context.meeting().tenonPiece().width());
        Amount length = Dovetail.usualLength(context);
        Amount root = Dovetail.usualRoot(context);
        return new SlidingDovetail(context.meeting(), length, entry, root, Dovetail.usualNear(context, root),
                Dovetail.usualSpread(context, length));
    }

    static void argue(JointEvaluation evaluation) {
        evaluation.say("reason.sliding.pull");
        evaluation.objectIf(evaluation.postExtent().isLessThan(evaluation.railWidth()), "reason.sliding.long",
                evaluation.railWidth());
    }

    @Override
    public JointKind kind() {
        return JointKind.SLIDING_DOVETAIL;
    }
}
