package longshoulder.core.joint;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** The sizes of a tenon, by the default schools unless the maker gave them for the joint or the whole project. */
final class TenonRules {

    private static final Label SIXTH = Label.of("rule.edgeShoulder");

    private final Setting setting;
    private final Meeting meeting;

    TenonRules(Setting setting) {
        this.setting = setting;
        this.meeting = setting.meeting();
    }

    /** Centred, with equal shoulders at both edges, before it is known what else enters the post. */
    Tenon tenon() {
        return tenon(edgeShoulder(), edgeShoulder());
    }

    /** With shoulders of these widths beside the rail's face edge and beside its far edge. */
    Tenon tenon(Amount near, Amount far) {
        Amount thickness = thickness();
        Amount width = near.equals(far)
                ? Amount.sum(Label.of("amount.tenonWidth")).plus(meeting.rail().width()).minus(2, near).amount()
                : Amount.sum(Label.of("amount.tenonWidth")).plus(meeting.rail().width()).minus(near).minus(far)
                        .amount();
        Amount length = wantedLength();
        return new Tenon(meeting, thickness, width, length, depth(length), centred(thickness), near, Optional.empty(),
                Tenon.Line.RAIL, List.of());
    }

    /** One cheek in line with the rail's back; the one shoulder is on the show side. */
    Tenon bareFaced() {
        Tenon four = tenon();
        Amount shoulder = Amount.sum(Label.of("amount.faceShoulder")).plus(meeting.rail().thickness())
                .minus(four.thickness()).amount();
        return four.at(four.edgeShoulder(), four.width(), shoulder);
    }

    /** Short: a quarter of the post, and at least 6. */
    Tenon stub() {
        Amount length = setting.givenOr(Brief.TENON_LENGTH, () -> new Amount.Greatest(Label.of("amount.tenonLength"),
                List.of(Setting.share("amount.quarterOfPost", meeting.postExtent(), 1, 4, "rule.stub"),
                        Setting.ruled("amount.leastStub", Length.ofMillimetres(6), "rule.stub")),
                Label.of("rule.stub")));
        return tenon().runs(length, depth(length));
    }

    private Amount thickness() {
        return setting.givenOr(Brief.TENON_THICKNESS, () -> {
            Amount third = new Amount.Share(Label.of("amount.thirdOfRail"), meeting.rail().thickness(), 1, 3,
                    Label.of("rule.third"));
            return new Amount.Nearest(Label.of("amount.tenonThickness"), third, setting.project().tools().chisels(),
                    Label.of("rule.nearestChisel"));
        });
    }

    private Amount wantedLength() {
        return setting.givenOr(Brief.TENON_LENGTH, () -> new Amount.Share(Label.of("amount.tenonLength"),
                meeting.postExtent(), 2, 3, Label.of("rule.twoThirds")));
    }

    /** The mortise that goes with a tenon of this length. */
    Amount depth(Amount length) {
        return setting.givenOr(Brief.MORTISE_DEPTH,
                () -> Amount.sum(Label.of("amount.mortiseDepth")).plus(length).plus(glueRoom()).amount());
    }

    private static Amount glueRoom() {
        return new Amount.Ruled(Label.of("amount.glueRoom"), Length.ofMicrometres(1_500), Label.of("rule.glueRoom"));
    }

    Amount edgeShoulder() {
        Amount sixth = new Amount.Share(Label.of("amount.sixthOfWidth"), meeting.rail().width(), 1, 6, SIXTH);
        Amount least = new Amount.Ruled(Label.of("amount.leastEdgeShoulder"), Length.ofMillimetres(6), SIXTH);
        Amount most = new Amount.Ruled(Label.of("amount.mostEdgeShoulder"), Length.ofMillimetres(12), SIXTH);
        Amount capped = new Amount.Least(Label.of("amount.sixthCapped"), List.of(sixth, most), SIXTH);
        return new Amount.Greatest(Label.of("amount.edgeShoulder"), List.of(least, capped), SIXTH);
    }

    /** Centred in the rail's thickness. */
    private Amount centred(Amount thickness) {
        Amount both = Amount.sum(Label.of("amount.bothFaceShoulders")).plus(meeting.rail().thickness())
                .minus(thickness).amount();
        return new Amount.Share(Label.of("amount.faceShoulder"), both, 1, 2, Label.of("rule.centred"));
    }
}
