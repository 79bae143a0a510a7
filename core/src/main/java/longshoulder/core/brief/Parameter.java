package longshoulder.core.brief;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Ratio;
import longshoulder.core.measure.Unit;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Typed;

/** Something that a kind of furniture asks for, under a name such as {@code overall.length}. */
public sealed interface Parameter {

    /** Dotted name, part of the file format: it never changes. */
    String name();

    /** Whether it is one of the sizes by which a piece of furniture is known, such as its height. */
    default boolean isOverall() {
        return this instanceof Measure && Stream.of("overall.", "size.", "seat.height", "beam.length", "foot.spread",
                "pot.diameter").anyMatch(name()::startsWith);
    }

    /** What it stands at in a new brief; empty where it is left to the rule. */
    Optional<Value> preset(boolean inches);

    /** Why a value cannot be taken; empty where it can. */
    Optional<Label> refusal(Value value);

    /**
     * Reads what was typed or stands in a file.
     *
     * @param unit of a length that is given as a bare number
     * @throws EntryException if it is no value of this kind
     */
    Value read(String text, Unit unit) throws EntryException;

    /**
     * Why a value is refused that ought to lie between two.
     *
     * @param given what the value holds; empty where it is of another kind
     */
    private static <T extends Comparable<T>> Optional<Label> beyond(String name, Value value, Optional<T> given,
            T least, T greatest) {
        return given.filter(one -> one.compareTo(least) >= 0 && one.compareTo(greatest) <= 0).isPresent()
                ? Optional.empty()
                : Optional.of(Label.of("refused.between", Label.of("parameter." + name), value, least, greatest));
    }

    /**
     * A length.
     *
     * @param metric the default in a brief in millimetres; empty where it may be left to the rule
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
                case Value.Measured _ -> Optional.empty();
                case Value.Turned _,Value.Proportioned _,Value.Chosen _ ->
                    Optional.of(
                            Label.of("refused.notALength", Label.of("parameter." + name), new Typed(value.toString())));
            };
        }

        @Override
        public Value read(String text, Unit unit) throws EntryException {
            return new Value.Measured(LengthEntry.read(text, unit));
        }
    }

    /** An angle from square or plumb; its default may be none at all. */
    record Turn(String name, Angle usual, Angle least, Angle greatest) implements Parameter {

        @Override
        public Optional<Value> preset(boolean inches) {
            return Optional.of(new Value.Turned(usual));
        }

        @Override
        public Optional<Label> refusal(Value value) {
            return beyond(name, value,
                    value instanceof Value.Turned(Angle angle) ? Optional.of(angle) : Optional.empty(),
                    least, greatest);
        }

        @Override
        public Value read(String text, Unit unit) throws EntryException {
            return new Value.Turned(Angle.read(text));
        }
    }

    /** A proportion, such as the share of a rail that a tenon may take. */
    record Proportion(String name, Ratio usual, Ratio least, Ratio greatest) implements Parameter {

        @Override
        public Optional<Value> preset(boolean inches) {
            return Optional.of(new Value.Proportioned(usual));
        }

        @Override
        public Optional<Label> refusal(Value value) {
            return beyond(name, value,
                    value instanceof Value.Proportioned(Ratio ratio) ? Optional.of(ratio) : Optional.empty(), least,
                    greatest);
        }

        @Override
        public Value read(String text, Unit unit) throws EntryException {
            return new Value.Proportioned(Ratio.read(text));
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
                    : Optional.of(Label.of("refused.option", Label.of("parameter." + name),
                            new Typed(value.toString()), new Typed(String.join(", ", options))));
        }

        @Override
        public Value read(String text, Unit unit) {
            return new Value.Chosen(text);
        }
    }
}
