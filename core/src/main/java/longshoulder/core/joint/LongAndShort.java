package longshoulder.core.joint;

import java.util.function.UnaryOperator;
import longshoulder.core.brief.JointKind;

/** A {@link MouldedTenon} for the rails of a frame: a full tenon with a long and a short shoulder. */
public record LongAndShort(Tenon tenon, Profile profile) implements MouldedTenon {

    static final JointType TYPE = new JointType(JointParameters.tenon(Mould.PARAMETERS,
            JointParameters.measure("rebate.width"), JointParameters.measure("rebate.depth")), LongAndShort::make,
            LongAndShort::argue);

    static Joint make(JointContext context) {
        Tenon tenon = new TenonRules(context).tenon();
        return new LongAndShort(tenon, Profile.of(context, tenon));
    }

    private static void argue(JointEvaluation evaluation) {
        evaluation.wantOnePlane("reason.longAndShort.frame");
    }

    @Override
    public JointKind kind() {
        return JointKind.LONG_AND_SHORT;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new LongAndShort(fit.apply(tenon), profile);
    }
}
