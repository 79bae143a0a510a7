package longshoulder.desktop.joints;

import java.util.Optional;
import java.util.function.Function;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.JointDrawing;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.StageView;

/** The stage of the joints: all joints, the one that is worked on drawn large, and what it could be instead. */
final class JointsView extends BorderPane implements StageView {

    /** The share of the height in which the candidates stand beside each other. */
    private static final double COMPARISON = 0.46;
    private static final double LEAST = 180;
    private static final double MOST = 300;

    private final JointSheet sheet;
    private final CandidatesPane candidates;
    private final KeyPlan keyPlan;

    private final Workbench bench;

    JointsView(Workbench bench) {
        this.bench = bench;
        sheet = new JointSheet(bench);
        candidates = new CandidatesPane(bench);
        setId("joints");
        keyPlan = new KeyPlan(bench);
        JointList list = new JointList(bench);
        VBox.setVgrow(list, Priority.ALWAYS);
        setLeft(new VBox(keyPlan, list));
        VBox.setVgrow(sheet, Priority.ALWAYS);
        candidates.setMinHeight(LEAST);
        candidates.setMaxHeight(MOST);
        candidates.prefHeightProperty().bind(heightProperty().multiply(COMPARISON));
        setCenter(new VBox(sheet, candidates));
    }

    @Override
    public Node node() {
        return this;
    }

    @Override
    public void whenShown(boolean shown) {
        sheet.show(shown);
        keyPlan.show(shown);
        candidates.refresh();
        if (!shown) {
            bench.trials().drop();
        } else {
            sheet.requestFocus();
        }
    }

    @Override
    public Optional<Function<DrawingContext, Drawing>> drawing() {
        return bench.selection().joint().map(joint -> context -> new JointDrawing(context, joint));
    }
}
