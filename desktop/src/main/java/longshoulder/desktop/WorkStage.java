package longshoulder.desktop;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** The stages of the work, in the order in which they are gone through. */
public enum WorkStage {
    BRIEF, FRAME, JOINTS, LENGTHS, WOOD, MARKING, CUTTING, FITTING, BENCH;

    /** What tests and texts call it. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether this version works it out; the others have their place and say what will stand there. */
    public boolean isWorkedOut() {
        return compareTo(LENGTHS) <= 0;
    }

    static List<WorkStage> all() {
        return Arrays.asList(values());
    }
}
