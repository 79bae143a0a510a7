package longshoulder.core.finding;

/** The part of the work that a finding belongs to. */
public enum Concern {
    /** The pieces and where they stand. */
    FRAME,
    /** How they are joined. */
    JOINTS,
    /** How long they are between their shoulders. */
    LENGTHS
}
