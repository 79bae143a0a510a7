package longshoulder.core.brief;

import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Ratio;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * What was asked for.
 *
 * @param kind id of the kind of furniture, such as {@code table}
 * @param values by the name of the parameter; one that is left to the rule has none
 */
public record Brief(String kind, Map<String, Value> values) {

    public static final String TENON_LENGTH = "tenon.length";
    public static final String TENON_THICKNESS = "tenon.thickness";
    public static final String TENON_MEETING = "tenon.meeting";
    public static final String MORTISE_DEPTH = "mortise.depth";

    /** The step to which sizes are rounded that a rule chooses; nothing where they are left as they come. */
    public static final String STEP = "figures.step";
    /** How many are made as one job. */
    public static final String COPIES = "copies";
    private static final Length SIXTY_FOURTH = Length.ofInches(1, 64);

    /** Kept in the order of their names, and found by hash, since the plan of a large door looks up ten thousand values. */
    public Brief {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(new TreeMap<>(values)));
    }

    /** With another value for one parameter. */
    public Brief with(String parameter, Value value) {
        Map<String, Value> changed = new TreeMap<>(values);
        changed.put(parameter, value);
        return new Brief(kind, changed);
    }

    /** With one parameter left to the rule. */
    public Brief without(String parameter) {
        Map<String, Value> changed = new TreeMap<>(values);
        changed.remove(parameter);
        return new Brief(kind, changed);
    }

    /** With other values underneath: they hold where this has none. */
    public Brief over(Map<String, Value> usual) {
        if (usual.isEmpty()) {
            return this;
        }
        Map<String, Value> all = new HashMap<>(usual);
        all.putAll(values);
        return new Brief(kind, all);
    }

    /** The length given for a parameter, as the leaf of a reckoning; empty where it is left to the rule. */
    public Optional<Amount> measure(String parameter) {
        return values.get(parameter) instanceof Value.Measured(Length length)
                ? Optional.of(new Amount.Given(Label.of("parameter." + Address.parse(parameter).parameter()), length,
                        parameter))
                : Optional.empty();
    }

    /**
     * The length given for a parameter that is never left to the rule.
     *
     * @throws IllegalStateException if the brief has none: it was not made by its kind
     */
    public Amount required(String parameter) {
        return measure(parameter).orElseThrow(
                () -> new IllegalStateException("The brief of a (%s) lacks (%s).".formatted(kind, parameter)));
    }

    /** A length as given or as it usually stands. @throws java.util.NoSuchElementException if it is left to the rule */
    public Length length(Parameter.Measure parameter) {
        return values.get(parameter.name()) instanceof Value.Measured(Length length)
                ? length
                : (isInInches() ? parameter.imperial() : parameter.metric()).orElseThrow();
    }

    /** A proportion as given or as it usually stands. */
    public Ratio ratio(Parameter.Proportion parameter) {
        return values.get(parameter.name()) instanceof Value.Proportioned(Ratio ratio) ? ratio : parameter.usual();
    }

    /** An angle as given or as it usually stands. */
    public Angle angle(Parameter.Turn parameter) {
        return values.get(parameter.name()) instanceof Value.Turned(Angle angle) ? angle : parameter.usual();
    }

    /** The angle given for a parameter; none at all where nothing was given. */
    public Angle angle(String parameter) {
        return values.get(parameter) instanceof Value.Turned(Angle angle) ? angle : Angle.ZERO;
    }

    /** The option chosen for a joint alone, else for its type, else for the whole project; empty where there is none. */
    public Optional<String> choice(String joint, JointKind type, String parameter) {
        for (String name : Address.all(joint, type, parameter)) {
            Optional<String> chosen = choice(name);
            if (chosen.isPresent()) {
                return chosen;
            }
        }
        return Optional.empty();
    }

    /** The option chosen for a parameter; empty where there is none. */
    public Optional<String> choice(String parameter) {
        return values.get(parameter) instanceof Value.Chosen(String option) ? Optional.of(option) : Optional.empty();
    }

    /** Whether rules are those of a shop that works in inches: the step of sizes is a fraction of an inch. */
    public boolean isInInches() {
        return measure(STEP).map(Amount::value).filter(Length::isPositive)
                .filter(step -> step.toNearest(SIXTY_FOURTH).equals(step)).isPresent();
    }
}
