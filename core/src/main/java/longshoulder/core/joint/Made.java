package longshoulder.core.joint;

import java.util.function.UnaryOperator;
import longshoulder.core.geometry.Solid;

/** A joint whose solids are worked out once, since pieces, skins, checks and drawings all ask for them. */
record Made(Joint joint, Solid adds, Solid removes, Solid removesFromRail) implements Wrapped {

    static Joint of(Joint joint) {
        return new Made(joint, joint.adds(), joint.removes(), joint.removesFromRail());
    }

    @Override
    public Joint fitted(UnaryOperator<Tenon> fit) {
        return of(joint.fitted(fit));
    }
}
