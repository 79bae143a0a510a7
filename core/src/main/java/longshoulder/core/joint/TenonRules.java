package longshoulder.core.joint;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** The sizes of a stopped tenon, by the default schools unless the maker gave them. */
final class TenonRules {

    private static final Label SIXTH = Label.of("rule.edgeShoulder");

    private final Project project;

    TenonRules(Project project) {
        this.project = project;
    }

    /** The tenon of a meeting before it is known what else enters the post. */
    StoppedTenon alone(Meeting meeting) {
        Amount thickness = thickness(meeting);
        Amount edgeShoulder = edgeShoulder(meeting);
        Amount width = Amount.sum(Label.of("amount.tenonWidth")).plus(meeting.rail().width()).minus(2, edgeShoulder)
                .amount();
        Amount length = wantedLength(meeting);
        return new StoppedTenon(meeting, thickness, width, length, depth(length), faceShoulder(meeting, thickness),
                edgeShoulder, Optional.empty(), Optional.empty());
    }

    private Amount thickness(Meeting meeting) {
        return given(Brief.TENON_THICKNESS).orElseGet(() -> {
            Amount third = new Amount.Share(Label.of("amount.thirdOfRail"), meeting.rail().thickness(), 1, 3,
                    Label.of("rule.third"));
            return new Amount.Nearest(Label.of("amount.tenonThickness"), third, project.tools().chisels(),
                    Label.of("rule.nearestChisel"));
        });
    }

    private Amount wantedLength(Meeting meeting) {
        return given(Brief.TENON_LENGTH).orElseGet(() -> new Amount.Share(Label.of("amount.tenonLength"),
                meeting.postExtent(), 2, 3, Label.of("rule.twoThirds")));
    }

    /** The mortise that goes with a tenon of this length. */
    Amount depth(Amount length) {
        return given(Brief.MORTISE_DEPTH)
                .orElseGet(() -> Amount.sum(Label.of("amount.mortiseDepth")).plus(length).plus(glueRoom()).amount());
    }

    private static Amount glueRoom() {
        return new Amount.Ruled(Label.of("amount.glueRoom"), Length.ofMicrometres(1_500), Label.of("rule.glueRoom"));
    }

    private static Amount edgeShoulder(Meeting meeting) {
        Amount sixth = new Amount.Share(Label.of("amount.sixthOfWidth"), meeting.rail().width(), 1, 6, SIXTH);
        Amount least = new Amount.Ruled(Label.of("amount.leastEdgeShoulder"), Length.ofMillimetres(6), SIXTH);
        Amount most = new Amount.Ruled(Label.of("amount.mostEdgeShoulder"), Length.ofMillimetres(12), SIXTH);
        Amount capped = new Amount.Least(Label.of("amount.sixthCapped"), List.of(sixth, most), SIXTH);
        return new Amount.Greatest(Label.of("amount.edgeShoulder"), List.of(least, capped), SIXTH);
    }

    /** Centred in the rail's thickness. */
    private static Amount faceShoulder(Meeting meeting, Amount thickness) {
        Amount both = Amount.sum(Label.of("amount.bothFaceShoulders")).plus(meeting.rail().thickness())
                .minus(thickness).amount();
        return new Amount.Share(Label.of("amount.faceShoulder"), both, 1, 2, Label.of("rule.centred"));
    }

    private Optional<Amount> given(String parameter) {
        return project.brief().measure(parameter);
    }
}
