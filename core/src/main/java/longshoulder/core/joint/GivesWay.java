package longshoulder.core.joint;

/** What a tenon does where another competes for the middle of its post. */
public enum GivesWay {
    /** It follows the rule: mitred to the other, or stopped short of it. */
    BY_SCHOOL,
    /** It stops short of the other, whatever the rule: its end cannot be mitred. */
    SHORTENED,
    /** It keeps its length, and the other stops short of it. */
    NEVER
}
