package longshoulder.core.brief;

import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Ratio;

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

    /** A proportion, such as 1/4. */
    record Proportioned(Ratio ratio) implements Value {
        @Override
        public String toString() {
            return ratio.toString();
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
