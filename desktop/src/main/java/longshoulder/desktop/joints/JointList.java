package longshoulder.desktop.joints;

import longshoulder.desktop.control.Lines;
import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import longshoulder.core.joint.Joint;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.control.Scroller;
import longshoulder.desktop.document.Workbench;

/** Every joint by the marks of its pieces, rail first; the one that is worked on stands out. */
public final class JointList extends Scroller {

    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

    private static final double WIDTH = 152;

    private final Workbench bench;
    private final VBox rows = new VBox();
    private List<String> shown = List.of();

    public JointList(Workbench bench) {
        this.bench = bench;
        setId("joint-list");
        getStyleClass().add("joint-list");
        rows.getStyleClass().add("joint-rows");
        setContent(rows);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setMinWidth(WIDTH);
        setPrefWidth(WIDTH);
        setFocusTraversable(false);
        setAccessibleText(Texts.get("joints.list"));
        bench.planProperty().addListener((observed, was, is) -> refresh());
        bench.selection().pieceProperty().addListener((observed, was, is) -> light());
        bench.selection().jointProperty().addListener((observed, was, is) -> light());
        refresh();
    }

    private void refresh() {
        List<String> now = bench.plan().joints().stream().map(joint -> joint.id() + " " + joint.type()).toList();
        if (!now.equals(shown)) {
            shown = now;
            FocusKeeper.rebuild(this, () -> {
                List<Node> made = new ArrayList<>();
                bench.plan().joints().forEach(joint -> made.add(row(joint)));
                rows.getChildren().setAll(made);
            });
        }
        light();
    }

    private Button row(Joint joint) {
        String marks = mark(joint.meeting().tenonPiece().id()) + " \u2192 " + mark(joint.meeting().mortisePiece().id());
        Button row = new Button(marks + "\n" + bench.words().text("joint." + joint.type()));
        row.getStyleClass().setAll("row", "joint-row");
        row.setId(id(joint.id()));
        Lines.over(row);
        row.setMaxWidth(Double.MAX_VALUE);
        row.setAccessibleText(bench.words().name(joint.id()) + ", " + bench.words().text("joint." + joint.type()));
        row.setOnAction(action -> bench.plan().joints().stream().filter(one -> one.id().equals(joint.id())).findFirst()
                .ifPresent(bench::workOn));
        return row;
    }

    private static String id(String joint) {
        return "at-" + joint.replace('/', '-');
    }

    private String mark(String piece) {
        return bench.plan().piece(piece).piece().mark();
    }

    private void light() {
        String chosen = bench.selection().joint().map(joint -> id(joint.id())).orElse("");
        rows.getChildren().forEach(row -> row.pseudoClassStateChanged(LIT, chosen.equals(row.getId())));
    }
}
