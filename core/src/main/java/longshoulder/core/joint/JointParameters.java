package longshoulder.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Parameter;
import longshoulder.core.measure.Length;

/** Words for what a type of joint asks for. */
final class JointParameters {

    private JointParameters() {}

    /** A length that may be left to the rule. */
    static Parameter measure(String name) {
        return new Parameter.Measure(name, Optional.empty(), Optional.empty(), Length.ZERO,
                Length.ofMillimetres(300));
    }

    static Parameter choice(String name, String... options) {
        return new Parameter.Choice(name, List.of(options));
    }

    static Parameter choice(String name, List<String> options) {
        return new Parameter.Choice(name, options);
    }

    /** What all tenons ask for, then what this one asks for besides. */
    static List<Parameter> tenon(List<Parameter> more, Parameter... others) {
        return all(List.of(measure("tenon.thickness"), choice(HouseRules.THICKNESS, HouseRules.THICKNESSES),
                measure("tenon.length"), choice(HouseRules.LENGTH, HouseRules.LENGTHS), measure("mortise.depth"),
                choice("mortise.ends", "square", "round"), measure(TenonRules.END_THICKNESS)),
                all(List.of(others), more));
    }

    /** Where one tenon stands on its rail: its width, and the shoulders beside it; what is left out follows by rule. */
    static List<Parameter> place() {
        return List.of(measure(TenonRules.WIDTH), measure(TenonRules.NEAR), measure(TenonRules.FAR),
                measure(TenonRules.FACE));
    }

    /** Without what would change nothing. */
    static List<Parameter> without(String name, List<Parameter> parameters) {
        return parameters.stream().filter(parameter -> !parameter.name().equals(name)).toList();
    }

    static List<Parameter> all(List<Parameter> first, List<Parameter> second) {
        return Stream.concat(first.stream(), second.stream()).toList();
    }
}
