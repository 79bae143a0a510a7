package longshoulder.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;

/** What the file of a joint says of its type: what it asks for, how it is made, and what speaks for it and against it. */
public final class JointType {

    private final List<Parameter> parameters;
    private final Function<JointContext, Joint> making;
    private final Consumer<JointEvaluation> arguing;

    JointType(List<Parameter> parameters, Function<JointContext, Joint> making, Consumer<JointEvaluation> arguing) {
        this.parameters = List.copyOf(parameters);
        this.making = making;
        this.arguing = arguing;
    }

    /** The type of a kind; a new joint is a new file and one more line here. */
    public static JointType of(JointKind kind) {
        return switch (kind) {
            case STOPPED_TENON -> StoppedTenon.TYPE;
            case HAUNCHED_TENON -> HaunchedTenon.TYPE;
            case DIVIDED_TENON -> DividedTenon.TYPE;
            case THROUGH_TENON -> ThroughTenon.TYPE;
            case BLIND_WEDGED_TENON -> BlindWedgedTenon.TYPE;
            case TUSKED_TENON -> TuskedTenon.TYPE;
            case STUB_TENON -> StubTenon.TYPE;
            case LOOSE_TENON -> LooseTenon.TYPE;
            case HOUSING -> Housing.TYPE;
            case LAPPED_DOVETAIL -> LappedDovetail.TYPE;
            case SLIDING_DOVETAIL -> SlidingDovetail.TYPE;
            case TAPERED_DOVETAIL -> TaperedDovetail.TYPE;
            case BRIDLE -> Bridle.TYPE;
            case HALF_LAP -> HalfLap.TYPE;
            case CROSS_LAP -> CrossLap.TYPE;
            case GROOVE -> Groove.TYPE;
            case EDGE_JOINT -> EdgeJoint.TYPE;
            case COPE_AND_STICK -> CopeAndStick.TYPE;
            case LONG_AND_SHORT -> LongAndShort.TYPE;
            case GLAZING_BAR -> GlazingBar.TYPE;
        };
    }

    /** What it asks for; every length may be left to the rule. */
    public List<Parameter> parameters() {
        return parameters;
    }

    /** What it asks for under a name; empty if it does not. */
    public Optional<Parameter> parameter(String name) {
        return parameters.stream().filter(parameter -> parameter.name().equals(name)).findFirst();
    }

    Joint make(JointContext context) {
        return making.apply(context);
    }

    void argue(JointEvaluation evaluation) {
        arguing.accept(evaluation);
    }
}
