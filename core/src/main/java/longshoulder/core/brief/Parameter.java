package longshoulder.core.brief;

import java.util.List;
import java.util.Optional;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.LengthEntry;
import longshoulder.core.measure.Ratio;
import longshoulder.core.measure.Unit;
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
     * Reads what was typed or stands in a file.
     *
     * @param unit of a length that is given as a bare number
     * @throws EntryException if it is no value of this kind
     */
    Value read(String text, Unit unit) throws EntryException;

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
                case Value.Measured _ -> Optional.empty();
                case Value.Turned _,Value.Proportioned _,Value.Chosen _ ->
                    Optional.of(Label.of("refused.notALength", Label.of("parameter." + name), value.toString()));
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
            return value instanceof Value.Turned(Angle angle) && angle.compareTo(least) >= 0
                    && angle.compareTo(greatest) <= 0
                            ? Optional.empty()
                            : Optional.of(Label.of("refused.turn", Label.of("parameter." + name), value.toString(),
                                    least.toString(), greatest.toString()));
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
            return value instanceof Value.Proportioned(Ratio ratio) && ratio.compareTo(least) >= 0
                    && ratio.compareTo(greatest) <= 0
                            ? Optional.empty()
                            : Optional.of(Label.of("refused.turn", Label.of("parameter." + name), value, least,
                                    greatest));
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
                    : Optional.of(Label.of("refused.option", Label.of("parameter." + name), value.toString(),
                            String.join(", ", options)));
        }

        @Override
        public Value read(String text, Unit unit) {
            return new Value.Chosen(text);
        }
    }
}
