package longshoulder.desktop;

import javafx.scene.layout.BorderPane;
import longshoulder.desktop.model.Workbench;
import longshoulder.desktop.panel.FrameTools;
import longshoulder.desktop.sheet.SheetPane;

/** The stage of the frame: the drawings, and along their foot what can be done to the frame and to the lit piece. */
final class FrameView extends BorderPane {

    FrameView(Workbench bench, SheetPane sheet) {
        setId("frame");
        setCenter(sheet);
        setBottom(new FrameTools(bench, sheet::explode));
    }
}
