package longshoulder.desktop.brief;

import java.util.Optional;
import java.util.function.Function;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.OverallDrawing;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import longshoulder.desktop.control.Scroller;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.StageView;

/** The stage of the brief: what is to be made, and everything that it asks for. */
final class BriefView extends Scroller implements StageView {

    private final FirstSteps first;
    private final KindGallery gallery;
    private final BriefForm form;
    private final BriefPicture picture;
    private final WorkshopForm workshop;

    BriefView(Workbench bench, Documents documents) {
        first = new FirstSteps(bench, documents);
        gallery = new KindGallery(bench);
        form = new BriefForm(bench);
        picture = new BriefPicture(bench, () -> form.leave(picture().sizes()));
        workshop = new WorkshopForm(bench, documents.remembered(), documents.asker());
        setId("brief");
        getStyleClass().add("brief");
        HBox what = new HBox(gallery, picture);
        what.getStyleClass().add("brief-what");
        HBox.setHgrow(picture, Priority.ALWAYS);
        VBox column = new VBox(first, what, form, workshop);
        column.getStyleClass().add("brief-column");
        setContent(column);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    private BriefPicture picture() {
        return picture;
    }

    @Override
    public Node node() {
        return this;
    }

    @Override
    public void whenShown(boolean shown) {
        picture.show(shown);
        if (shown) {
            first.refresh();
            gallery.refresh();
            form.refresh();
            workshop.refresh();
            // What scrolls is in the window only once it is styled.
            applyCss();
            gallery.requestFocusOnChosen();
        }
    }

    @Override
    public Optional<Function<DrawingContext, Drawing>> drawing() {
        return Optional.of(OverallDrawing::new);
    }
}
