package longshoulder.desktop;

import javafx.scene.layout.BorderPane;
import longshoulder.desktop.model.Workbench;
import longshoulder.desktop.panel.CandidatesPane;
import longshoulder.desktop.panel.JointList;
import longshoulder.desktop.sheet.JointSheet;

/** The stage of the joints: all joints, the one that is worked on drawn large, and what it could be instead. */
final class JointsView extends BorderPane {

    private final JointSheet sheet;
    private final CandidatesPane candidates;

    JointsView(Workbench bench) {
        sheet = new JointSheet(bench);
        candidates = new CandidatesPane(bench);
        setId("joints");
        setLeft(new JointList(bench));
        setCenter(sheet);
        setRight(candidates);
    }

    /** Shown or hidden; while hidden nothing in it is worked out. */
    void show(boolean shown) {
        setVisible(shown);
        setManaged(shown);
        if (shown) {
            sheet.paint();
            candidates.refresh();
            sheet.requestFocus();
        }
    }
}
