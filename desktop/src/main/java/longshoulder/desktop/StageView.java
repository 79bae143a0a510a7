package longshoulder.desktop;

import javafx.scene.Node;

/** What the middle of the window shows at a stage of the work. */
interface StageView {

    /** Shown or hidden; while hidden nothing in it is worked out. */
    void show(boolean shown);

    /** What is laid into the window. */
    Node node();
}
