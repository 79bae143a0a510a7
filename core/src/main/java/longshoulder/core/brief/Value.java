package longshoulder.core.brief;

import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;

/** What the maker gave for a parameter. */
public sealed interface Value {

    /** A length, such as 1500 mm. */
    record Measured(Length length) implements Value {
        @Override
        public String toString() {
            return length.toString();
        }
    }

    /** An angle, such as 7°. */
    record Turned(Angle angle) implements Value {
        @Override
        public String toString() {
            return angle.toString();
        }
    }

    /** One of the options of a choice, such as {@code mitred}. */
    record Chosen(String option) implements Value {
        @Override
        public String toString() {
            return option;
        }
    }
}
