package longshoulder.core.joint;

import java.util.function.UnaryOperator;
import longshoulder.core.brief.JointKind;
import longshoulder.core.reckoning.Amount;

/** A {@link MouldedTenon} for the rails of a frame: a full tenon with a long and a short shoulder. */
public record LongAndShort(Tenon tenon, Mould mould, Amount rebateWidth, Amount rebateDepth) implements MouldedTenon {

    static final JointType TYPE = new JointType(Asks.tenon(Mould.PARAMETERS,
            Asks.measure("rebate.width"), Asks.measure("rebate.depth")), LongAndShort::make, LongAndShort::argue);

    static Joint make(Setting setting) {
        Tenon tenon = new TenonRules(setting).tenon();
        // Centred, so that there is as much wood behind the tenon as before it.
        Amount beside = tenon.faceShoulder();
        return new LongAndShort(tenon, Mould.of(setting, beside), MouldedTenon.usualRebate(setting),
                Mould.beside(setting, "rebate.depth", beside));
    }

    private static void argue(Argument argument) {
        argument.wantOnePlane("reason.longAndShort.frame");
    }

    @Override
    public JointKind kind() {
        return JointKind.LONG_AND_SHORT;
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return new LongAndShort(fit.apply(tenon), mould, rebateWidth, rebateDepth);
    }
}
