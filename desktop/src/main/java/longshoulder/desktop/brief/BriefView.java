package longshoulder.desktop.brief;

import java.util.Optional;
import java.util.function.Function;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.PictorialDrawing;
import longshoulder.core.drawing.PictorialLook;
import javafx.scene.Node;
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
    private final WorkshopForm workshop;

    BriefView(Workbench bench, Documents documents) {
        first = new FirstSteps(bench, documents);
        gallery = new KindGallery(bench);
        form = new BriefForm(bench);
        workshop = new WorkshopForm(bench, documents.remembered(), documents.asker());
        setId("brief");
        getStyleClass().add("brief");
        VBox column = new VBox(first, gallery, form, workshop);
        column.getStyleClass().add("brief-column");
        setContent(column);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    @Override
    public Node node() {
        return this;
    }

    @Override
    public void whenShown(boolean shown) {
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
        return Optional.of(context -> new PictorialDrawing(context, PictorialLook.FIRST));
    }
}
