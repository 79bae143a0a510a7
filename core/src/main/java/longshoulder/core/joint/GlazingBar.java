package longshoulder.core.joint;

import java.util.List;
import java.util.function.UnaryOperator;
import longshoulder.core.brief.JointKind;
import longshoulder.core.measure.Length;

/** A {@link MouldedTenon} between bars of glazing: its stub is as thin as the thinnest tool makes it. */
public record GlazingBar(Tenon tenon, Profile profile) implements MouldedTenon {

    static final JointType TYPE = new JointType(JointParameters.all(List.of(JointParameters.measure("tenon.thickness"),
            JointParameters.measure("tenon.length"), JointParameters.measure("mortise.depth"),
            JointParameters.measure("rebate.width"),
            JointParameters.measure("rebate.depth")), Mould.PARAMETERS), GlazingBar::make, GlazingBar::argue);

    /** What is wider is no bar. */
    private static final Length WIDEST = Length.ofMillimetres(40);

    static Joint make(JointContext context) {
        Tenon tenon = new TenonRules(context).bar();
        return new GlazingBar(tenon, Profile.of(context, tenon));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.wantOnePlane("reason.bar.mould");
        evaluation.objectIf(evaluation.railWidth().isGreaterThan(WIDEST), "reason.bar.wide", evaluation.railWidth());
    }

    @Override
    public JointKind kind() {
        return JointKind.GLAZING_BAR;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new GlazingBar(fit.apply(tenon), profile);
    }
}
