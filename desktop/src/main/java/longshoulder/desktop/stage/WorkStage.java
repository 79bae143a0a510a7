package longshoulder.desktop.stage;

import longshoulder.core.plan.Plan;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.words.Texts;

/**
 * A stage of the work: all that the window has to know of it. A new stage is one class and a line in the list of stages; its texts are
 * {@code stage.ID} and {@code stage.ID.key}.
 */
public interface WorkStage {

    /** What nodes and texts call it, such as {@code frame}. */
    String id();

    /** What is settled there and what is open, in one line. */
    StageState state(Plan plan);

    /** Makes what the middle of the window shows; asked for once, when it is first gone to. */
    StageView view(Workbench bench, Documents documents);

    /** Whether the rod of the lit piece lies along the bottom of the window. */
    default boolean showsRod() {
        return true;
    }

    /** Whether cut list and reckoning stand at the side of the window. */
    default boolean showsColumn() {
        return true;
    }

    /** What people call it. */
    default String heading() {
        return Texts.get("stage." + id());
    }

    /** What it is for, and its key. */
    default String hint() {
        return Texts.get("stage." + id() + ".key");
    }
}
