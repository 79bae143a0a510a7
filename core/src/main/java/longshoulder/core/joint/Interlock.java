package longshoulder.core.joint;

import java.util.List;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * Two tenons that run past each other in a post: one above, one below. What both want of its height is halved between them, less
 * a clearance; the one whose name comes first is nearer to the post's end.
 *
 * @param tenon the one that is made
 * @param other the one that it shares the post with
 */
record Interlock(Tenon tenon, Tenon other) {

    private static final Label RULE = Label.of("rule.meeting.interlocked");

    /** Whether their heights can be compared: both are square to the post and gauged from one end of it. */
    static boolean isPossible(Tenon tenon, Tenon other) {
        return tenon.meeting().isSquare() && other.meeting().isSquare()
                && tenon.meeting().postEnd() == other.meeting().postEnd();
    }

    /** The tenon with its share of the height. */
    Tenon shared() {
        Amount half = new Amount.Share(Label.of("amount.halfClearance"),
                JointContext.ruled("amount.clearance", Joinery.CLEARANCE, "rule.clearance"), 1, 2, RULE);
        Amount from = tenon.mortiseFromEnd();
        Amount to = tenon.mortiseToEnd();
        if (tenon.id().compareTo(other.id()) < 0) {
            Amount width = Amount.sum(Label.of("amount.tenonWidth")).plus(middle()).minus(half).minus(from).amount();
            return tenon.at(tenon.edgeShoulder(), width, tenon.faceShoulder());
        }
        Amount lower = Amount.sum(Label.of("amount.edgeShoulder")).plus(tenon.edgeShoulder()).plus(middle()).plus(half)
                .minus(from).amount();
        Amount width = Amount.sum(Label.of("amount.tenonWidth")).plus(to).minus(middle()).minus(half).amount();
        return tenon.at(lower, width, tenon.faceShoulder());
    }

    /** Of the height that both want, from the post's end. */
    private Amount middle() {
        Amount from = new Amount.Greatest(Label.of("amount.sharedFrom"),
                List.of(tenon.mortiseFromEnd(), other.mortiseFromEnd()), RULE);
        Amount to = new Amount.Least(Label.of("amount.sharedTo"), List.of(tenon.mortiseToEnd(), other.mortiseToEnd()),
                RULE);
        return new Amount.Share(Label.of("amount.sharedMiddle"),
                Amount.sum(Label.of("amount.sharedBoth")).plus(from).plus(to).amount(), 1, 2, RULE);
    }
}
