package longshoulder.desktop.frame;

import java.util.Optional;
import java.util.function.Function;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.PictorialLook;
import longshoulder.core.drawing.SheetWithFindings;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.stage.StageView;

/** The stage of the frame: the drawings, and along their foot what can be done to the frame and to the lit piece. */
final class FrameView extends BorderPane implements StageView {

    private final FrameTools tools;

    private final SheetPane sheet;

    FrameView(Workbench bench) {
        sheet = new SheetPane(bench);
        setId("frame");
        setCenter(sheet);
        tools = new FrameTools(bench, sheet::explode, () -> sheet.toggle(SheetSetting.Views.PICTURE),
                () -> sheet.toggle(SheetSetting.Views.NEAR));
        setBottom(tools);
    }

    @Override
    public Node node() {
        return this;
    }

    @Override
    public void whenShown(boolean shown) {
        sheet.show(shown);
        if (shown) {
            sheet.requestFocus();
        }
    }

    /** The tools stand in one line or in two. */
    @Override
    public ObservableValue<Number> foot() {
        return tools.heightProperty();
    }

    @Override
    public Optional<Function<DrawingContext, Drawing>> drawing() {
        PictorialLook look = sheet.look();
        return Optional.of(context -> new SheetWithFindings(context, look));
    }
}
