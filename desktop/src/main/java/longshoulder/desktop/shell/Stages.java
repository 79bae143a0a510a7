package longshoulder.desktop.shell;

import java.util.List;
import longshoulder.desktop.brief.BriefStage;
import longshoulder.desktop.frame.FrameStage;
import longshoulder.desktop.joints.JointsStage;
import longshoulder.desktop.lengths.LengthsStage;
import longshoulder.desktop.stage.WorkStage;
import longshoulder.desktop.wood.WoodStage;

/** All stages of the work, in the order in which they are gone through. */
public final class Stages {

    public static final WorkStage BRIEF = new BriefStage();
    public static final WorkStage FRAME = new FrameStage();
    public static final WorkStage JOINTS = new JointsStage();
    public static final WorkStage LENGTHS = new LengthsStage();

    public static final WorkStage WOOD = new WoodStage();

    public static final List<WorkStage> ALL = List.of(BRIEF, FRAME, JOINTS, LENGTHS, WOOD);

    private Stages() {}
}
