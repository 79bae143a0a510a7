package longshoulder.core.boards;

/** What a board plan is to have as little of as possible. */
public enum Goal {
    /** Money. */
    COST,
    /** Wood in the boards that are begun. */
    WOOD,
    /** Boards. */
    BOARDS
}
