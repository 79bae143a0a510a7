package longshoulder.core.joint;

import longshoulder.core.brief.JointKind;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;

/** A {@link Dovetail} let into the end of the post from above, over half of the rail's width: for the rail above a drawer. */
public record LappedDovetail(Meeting meeting, Amount length, Amount entry, double slope) implements Dovetail {

    static final JointType TYPE = new JointType(PARAMETERS, LappedDovetail::make, LappedDovetail::argue);

    static Joint make(JointContext context) {
        Amount entry = context.givenOr("tail.entry",
                () -> JointContext.share("amount.tailEntry", context.meeting().rail().width(), 1, 2, "rule.lapped"));
        return new LappedDovetail(context.meeting(), Dovetail.usualLength(context), entry,
                Dovetail.chosenSlope(context));
    }

    private static void argue(Argument argument) {
        Length drop = argument.meeting().seat().drop().value();
        argument.sayIf(!drop.isPositive(), "reason.lapped.above");
        argument.objectIf(drop.isPositive(), "reason.lapped.drop", drop);
        argument.objectIf(argument.railWidth().isGreaterThan(argument.railThickness().times(2)), "reason.lapped.wide",
                argument.railWidth());
    }

    @Override
    public JointKind kind() {
        return JointKind.LAPPED_DOVETAIL;
    }
}
