package longshoulder.desktop;

import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import longshoulder.desktop.model.Workbench;
import longshoulder.desktop.panel.CandidatesPane;
import longshoulder.desktop.panel.JointList;
import longshoulder.desktop.sheet.JointSheet;
import longshoulder.desktop.sheet.KeyPlan;

/** The stage of the joints: all joints, the one that is worked on drawn large, and what it could be instead. */
final class JointsView extends BorderPane implements StageView {

    private final JointSheet sheet;
    private final CandidatesPane candidates;
    private final KeyPlan keyPlan;

    JointsView(Workbench bench) {
        sheet = new JointSheet(bench);
        candidates = new CandidatesPane(bench);
        setId("joints");
        keyPlan = new KeyPlan(bench);
        JointList list = new JointList(bench);
        VBox.setVgrow(list, Priority.ALWAYS);
        setLeft(new VBox(keyPlan, list));
        bench.planProperty().addListener((observed, was, is) -> refreshKeyPlan());
        bench.pieceProperty().addListener((observed, was, is) -> refreshKeyPlan());
        bench.jointProperty().addListener((observed, was, is) -> refreshKeyPlan());
        setCenter(sheet);
        setRight(candidates);
    }

    private void refreshKeyPlan() {
        if (isVisible()) {
            keyPlan.refresh();
        }
    }

    @Override
    public Node node() {
        return this;
    }

    @Override
    public void show(boolean shown) {
        setVisible(shown);
        setManaged(shown);
        if (shown) {
            keyPlan.refresh();
            sheet.paint();
            candidates.refresh();
            sheet.requestFocus();
        }
    }
}
