package longshoulder.core.joint;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/** What would mend a fault of a joint, as far as a joint can know: it knows its own parameters and the amounts it is made of. */
public sealed interface Mend {

    /** Gives parameters of the joint at fault values, by their names. */
    record Give(Label label, Map<String, Value> values) implements Mend {
        public Give {
            values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
        }
    }

    /** Leaves a parameter of the joint at fault, or its type, to the rule again, if it was given. */
    record Leave(String parameter) implements Mend {}

    /** Changes an amount by changing a given size that it adds up from. */
    record Change(Amount amount, Length by) implements Mend {}

    /** Gives a size of the whole furniture a length, if that lies within its bounds. */
    record Size(String parameter, Length length) implements Mend {}

    /** Gives one parameter a length, said in words of its own. */
    static Mend give(Label label, String parameter, Length length) {
        return new Give(label, Map.of(parameter, new Value.Measured(length)));
    }

    /** Gives one parameter of a joint a length, said by the parameter's name. */
    static Mend set(Joint joint, String parameter, Length length) {
        return give(Label.of("remedy.setAt", Label.of("parameter." + parameter), joint.id(), length), parameter,
                length);
    }

    /** Chooses an option. */
    static Mend choose(Label label, String parameter, String option) {
        return new Give(label, Map.of(parameter, new Value.Chosen(option)));
    }
}
