package longshoulder.desktop;

import javafx.beans.binding.Bindings;
import javafx.beans.binding.NumberBinding;
import javafx.scene.layout.BorderPane;
import longshoulder.desktop.model.Workbench;
import longshoulder.desktop.panel.FrameTools;
import longshoulder.desktop.sheet.SheetPane;

/** The stage of the frame: the drawings, and along their foot what can be done to the frame and to the lit piece. */
final class FrameView extends BorderPane {

    private final FrameTools tools;

    FrameView(Workbench bench, SheetPane sheet) {
        setId("frame");
        setCenter(sheet);
        tools = new FrameTools(bench, sheet::explode);
        setBottom(tools);
    }

    /** How high the tools at the foot are, in one line or in two; nothing while they are not shown. */
    NumberBinding toolsHeight() {
        return Bindings.when(visibleProperty()).then(tools.heightProperty()).otherwise(0.0);
    }
}
