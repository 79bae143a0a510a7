package longshoulder.desktop;

import javafx.scene.Node;
import longshoulder.desktop.look.Scroller;
import longshoulder.desktop.model.Workbench;
import longshoulder.desktop.panel.LengthList;

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
    public void show(boolean shown) {
        setVisible(shown);
        setManaged(shown);
        list.show(shown);
        if (shown) {
            requestFocus();
        }
    }
}
