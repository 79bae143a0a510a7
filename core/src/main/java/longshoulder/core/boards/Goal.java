package longshoulder.core.boards;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What a board plan is to have as little of as possible. */
public enum Goal {
    /** Money. */
    COST,
    /** Wood in the boards that are begun. */
    WOOD,
    /** Boards. */
    BOARDS;

    /** The goal with a name. */
    public static Optional<Goal> find(String option) {
        return Stream.of(values()).filter(goal -> goal.option().equals(option)).findFirst();
    }

    /** What one board adds to what the plan is to have little of. */
    double weight(Stock board) {
        return switch (this) {
            case COST -> board.price().doubleValue();
            case WOOD -> board.length().toMillimetres() * board.width().toMillimetres() * 1e-6;
            case BOARDS -> 1;
        };
    }

    /** Its name where people type it. */
    public String option() {
        return name().toLowerCase(Locale.ROOT);
    }
}
