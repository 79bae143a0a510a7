package longshoulder.core.joint;

import longshoulder.core.brief.JointKind;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;

/** A {@link Dovetail} let into the end of the post from above, over half of the rail's width: for the rail above a drawer. */
public record LappedDovetail(Meeting meeting, Amount length, Amount entry, Amount root, Amount near,
        Amount spread) implements Dovetail {

    static final JointType TYPE = new JointType(PARAMETERS, LappedDovetail::make, LappedDovetail::argue);

    static Joint make(JointContext context) {
        Amount entry = context.givenOr("tail.entry",
                () -> JointContext.share("amount.tailEntry", context.meeting().tenonPiece().width(), 1, 2,
                        "rule.lapped"));
        Amount length = Dovetail.usualLength(context);
        Amount root = Dovetail.usualRoot(context);
        return new LappedDovetail(context.meeting(), length, entry, root, Dovetail.usualNear(context, root),
                Dovetail.usualSpread(context, length));
    }

    private static void argue(JointEvaluation evaluation) {
        Length drop = evaluation.meeting().seat().drop().value();
        evaluation.sayIf(!drop.isPositive(), "reason.lapped.above");
        evaluation.objectIf(drop.isPositive(), "reason.lapped.drop", drop);
        evaluation.objectIf(evaluation.railWidth().isGreaterThan(evaluation.railThickness().times(2)),
                "reason.lapped.wide",
                evaluation.railWidth());
    }

    @Override
    public JointKind kind() {
        return JointKind.LAPPED_DOVETAIL;
    }
}
