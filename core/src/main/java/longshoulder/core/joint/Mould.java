package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A moulding along the inner edge of a frame's show side. The end of the piece that meets it is scribed over it, so its front
 * shoulder stands farther on by the moulding's width.
 *
 * @param width on the face
 * @param depth from the face down
 * @param bevelled whether it slopes from the face to the edge, or is a plain step
 * @param mitred whether it is cut away where the rail comes and both mouldings meet in a mitre, instead of being scribed over
 */
public record Mould(Amount width, Amount depth, boolean bevelled, boolean mitred) {

    static final List<Parameter> PARAMETERS = List.of(JointParameters.measure("mould.width"),
            JointParameters.measure("mould.depth"),
            JointParameters.choice("mould.form", "bevelled", "square"),
            JointParameters.choice("mould.corner", "scribed", "mitred"));

    /** As chosen for a joint; no deeper than the wood beside the tenon or tongue. */
    static Mould of(JointContext context, Amount beside) {
        Amount width = context.givenOr("mould.width",
                () -> JointContext.ruled("amount.mouldWidth",
                        context.rule(Length.ofMillimetres(6), Length.ofInches(1, 4)), "rule.mould"));
        return new Mould(width, beside(context, "mould.depth", beside),
                context.choice("mould.form", "bevelled").equals("bevelled"),
                context.choice("mould.corner", "scribed").equals("mitred"));
    }

    /** A depth from a face: all the wood beside the tenon, or what was given, but never more than that. */
    static Amount beside(JointContext context, String parameter, Amount beside) {
        return context.given(parameter).<Amount>map(given -> new Amount.Least(given.label(),
                List.of(given, beside), Label.of("rule.besideTenon"))).orElse(beside);
    }

    /** What the end of the rail has to fill of it, or what is taken from the post where the rail comes. */
    Solid lip(RailEnd end, boolean onRail) {
        double run = mm(width);
        double from = end.thickness() - mm(depth);
        Solid block = onRail
                ? end.beyondShoulder(run, 0, end.width(), from, end.thickness())
                : end.intoPost(run, 0, end.width(), from, end.thickness());
        if (mitred) {
            return mitred(end, block);
        }
        HalfSpace mouth = onRail ? end.meeting().shoulder() : end.meeting().surface();
        return bevelled && run > 0 ? block.clip(end.cheek(mouth, from, mm(depth) / run, true)) : block;
    }

    /** Without the corners at its edges, which stay with the moulding of the post; an edge at the post's end has no corner. */
    private static Solid mitred(RailEnd end, Solid block) {
        Solid inner = block.clip(end.across(0, end.width(), -1));
        return end.meeting().seat().drop().value().isPositive() ? inner.clip(end.across(0, 0, 1)) : inner;
    }

    /** One that takes more than half of the piece along which it runs. */
    Optional<Fault> fault(Joint joint, Inspection inspection) {
        Length post = joint.meeting().postExtent().value();
        return new Faults(joint)
                .above("mould-wide", "mould.width", width, inspection.brief().ratio(Limits.CUT).of(post), post)
                .list().stream()
                .findFirst();
    }

    /** In the plan, on the show side. */
    void draw(Sketch sketch, RailEnd end) {
        sketch.depth(Side.ABOVE, width, 0, mm(width), end.thickness()).thicknessInPlan(depth,
                end.thickness() - mm(depth), end.thickness(), mm(width));
    }

    void addTo(Map<String, Amount> figures) {
        figures.put("mould.width", width);
        figures.put("mould.depth", depth);
    }
}
