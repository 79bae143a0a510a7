package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;

/**
 * A short tenon for a rail that other joints hold: a quarter of the post, at least 6. Behind a drawer rail the post may be
 * notched for the end of a runner.
 *
 * @param runnerHeight of the notch, from the rail's face edge; nothing without a notch
 * @param runnerDepth how far the notch goes into the post
 */
public record StubTenon(Tenon tenon, Amount runnerHeight, Amount runnerDepth) implements Joint {

    static final JointType TYPE = new JointType(JointParameters.without(HouseRules.LENGTH,
            JointParameters.tenon(JointParameters.all(JointParameters.place(), Bolted.PARAMETERS),
                    JointParameters.measure("runner.height"),
                    JointParameters.measure("runner.depth"))),
            StubTenon::make, StubTenon::argue);

    static Joint make(JointContext context) {
        Amount height = context.givenOr("runner.height",
                () -> JointContext.ruled("amount.runnerNotch", Length.ZERO, "rule.noRunner"));
        Amount depth = context.givenOr("runner.depth", () -> height.value().isPositive()
                ? JointContext.ruled("amount.runnerDepth",
                        context.rule(Length.ofMillimetres(6), Length.ofInches(1, 4)), "rule.runner")
                : JointContext.ruled("amount.runnerDepth", Length.ZERO, "rule.noRunner"));
        return new StubTenon(new TenonRules(context).stub(), height, depth);
    }

    private static void argue(JointEvaluation evaluation) {
        Length post = evaluation.postExtent();
        evaluation.sayIf(!evaluation.isStout(), "reason.stub.thin", post);
        evaluation.object("reason.stub.short", post.times(1, 4));
    }

    @Override
    public JointKind kind() {
        return JointKind.STUB_TENON;
    }

    @Override
    public Meeting meeting() {
        return tenon.meeting();
    }

    @Override
    public Amount addedLength() {
        return tenon.length();
    }

    @Override
    public Solid adds() {
        return tenon.adds();
    }

    /** A notch for a runner is seen. */
    @Override
    public boolean isOpen() {
        return runnerHeight.value().isPositive();
    }

    @Override
    public Solid removes() {
        return isOpen() ? tenon.removes().plus(notch()) : tenon.removes();
    }

    /** From the rail's back inwards through the post: the runner lies against the rail there. */
    private Solid notch() {
        double through = mm(meeting().referenceExtent()) + mm(meeting().postExtent());
        return new RailEnd(meeting()).intoPost(mm(runnerDepth), 0, mm(runnerHeight), -through, 0);
    }

    @Override
    public List<Tenon> tenons() {
        return List.of(tenon);
    }

    @Override
    public GivesWay givesWay() {
        return GivesWay.BY_SCHOOL;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new StubTenon(fit.apply(tenon), runnerHeight, runnerDepth);
    }

    /** A stub too short to hold its rail, and a notch for a runner that weakens the post. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length rail = meeting().tenonPiece().width().value();
        return new Faults(this)
                .below("stub-short", Brief.TENON_LENGTH, tenon.length(), inspection.brief().length(Limits.STUB))
                .deep("runner.depth", runnerDepth, inspection)
                .above("runner-high", "runner.height", runnerHeight, rail, rail.plus(rail)).list();
    }

    @Override
    public void draw(Sketch sketch) {
        tenon.draw(sketch);
        tenon.drawShoulders(sketch, true);
        sketch.width(runnerHeight, 0, mm(runnerHeight), mm(runnerDepth));
        if (isOpen()) {
            sketch.depth(Side.ABOVE, runnerDepth, 0, mm(runnerDepth), 0);
        }
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = StoppedTenon.figures(tenon);
        figures.put("runner.height", runnerHeight);
        figures.put("runner.depth", runnerDepth);
        return figures;
    }
}
