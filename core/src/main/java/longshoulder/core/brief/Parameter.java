package longshoulder.core.brief;

import java.util.List;
import java.util.Optional;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;

/** Something that a kind of furniture asks for, under a name such as {@code overall.length}. */
public sealed interface Parameter {

    /** Dotted name, part of the file format: it never changes. */
    String name();

    /** What it stands at in a new brief; empty where it is left to the school. */
    Optional<Value> preset(boolean inches);

    /** Why a value cannot be taken; empty where it can. */
    Optional<Label> refusal(Value value);

    /**
     * A length.
     *
     * @param metric the default in a brief in millimetres; empty where it may be left to the school
     * @param imperial the default in a brief in inches
     * @param least the smallest allowed
     * @param greatest the largest allowed
     */
    record Measure(String name, Optional<Length> metric, Optional<Length> imperial, Length least,
            Length greatest) implements Parameter {

        @Override
        public Optional<Value> preset(boolean inches) {
            return (inches ? imperial : metric).map(Value.Measured::new);
        }

        @Override
        public Optional<Label> refusal(Value value) {
            return switch (value) {
                case Value.Measured(Length length) when length.isLessThan(least) || length.isGreaterThan(greatest) ->
                    Optional.of(Label.of("refused.bounds", Label.of("parameter." + name), length, least, greatest));
                case Value.Measured(Length _) -> Optional.empty();
                case Value.Chosen(String option) ->
                    Optional.of(Label.of("refused.notALength", Label.of("parameter." + name), option));
            };
        }
    }

    /** One of several ways; the first is the default. */
    record Choice(String name, List<String> options) implements Parameter {
        public Choice {
            options = List.copyOf(options);
        }

        @Override
        public Optional<Value> preset(boolean inches) {
            return Optional.of(new Value.Chosen(options.getFirst()));
        }

        @Override
        public Optional<Label> refusal(Value value) {
            return value instanceof Value.Chosen(String option) && options.contains(option)
                    ? Optional.empty()
                    : Optional.of(Label.of("refused.option", Label.of("parameter." + name), value.toString(),
                            String.join(", ", options)));
        }
    }
}
