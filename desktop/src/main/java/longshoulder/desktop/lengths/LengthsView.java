package longshoulder.desktop.lengths;

import java.util.Optional;
import java.util.function.Function;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.LengthsDrawing;
import javafx.scene.Node;
import longshoulder.desktop.control.Scroller;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.StageView;

/** The stage of the lengths: what must close at its shoulders, before anything is sawn. */
final class LengthsView extends Scroller implements StageView {

    private final LengthList list;

    LengthsView(Workbench bench) {
        list = new LengthList(bench);
        setId("lengths");
        getStyleClass().add("brief");
        setContent(list);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    @Override
    public Node node() {
        return this;
    }

    @Override
    public void whenShown(boolean shown) {
        list.show(shown);
        if (shown) {
            requestFocus();
        }
    }

    @Override
    public Optional<Function<DrawingContext, Drawing>> drawing() {
        return Optional.of(LengthsDrawing::new);
    }
}
