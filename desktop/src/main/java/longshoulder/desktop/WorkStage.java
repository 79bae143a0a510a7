package longshoulder.desktop;

import java.util.Locale;

/** The stages of the work that the window has, in the order in which they are gone through. */
public enum WorkStage {
    BRIEF, FRAME, JOINTS, LENGTHS;

    /** What tests and texts call it. */
    String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
