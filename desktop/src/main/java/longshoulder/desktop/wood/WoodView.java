package longshoulder.desktop.wood;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.desktop.control.Scroller;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.StageView;

/** The stage of the wood: what the board plan aims for and how good it is, then the boards, then what has to be bought. */
final class WoodView extends BorderPane implements StageView {

    private final BoardSearch search;
    private final BoardList list;

    WoodView(Workbench bench, FileAsker asker) {
        setId("wood");
        getStyleClass().add("wood");
        search = new BoardSearch(bench, this::refresh);
        list = new BoardList(bench, search, asker);
        Scroller scroller = new Scroller(list);
        scroller.setFitToWidth(true);
        scroller.setHbarPolicy(Scroller.ScrollBarPolicy.NEVER);
        scroller.getStyleClass().add("brief");
        setTop(list.bar());
        setCenter(scroller);
        setBottom(new PieceNotes(bench));
    }

    private void refresh() {
        list.refresh();
    }

    @Override
    public Node node() {
        return this;
    }

    @Override
    public void whenShown(boolean shown) {
        search.show(shown);
        list.show(shown);
        if (shown) {
            list.requestFocus();
        }
    }

    @Override
    public Optional<Function<DrawingContext, Drawing>> drawing() {
        return list.drawing();
    }
}
