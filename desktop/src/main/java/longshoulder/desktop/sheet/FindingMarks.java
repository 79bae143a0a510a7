package longshoulder.desktop.sheet;

import longshoulder.desktop.look.Lines;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import longshoulder.core.finding.Finding;
import longshoulder.core.finding.Remedy;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.desktop.Texts;
import longshoulder.desktop.model.Workbench;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Marks where findings arise, and the words and remedies of the one that is open. Levels differ in shape and letter as
 * well as in colour.
 */
final class FindingMarks {

    private static final double CARD_WIDTH = 330;

    /** For what is about nothing that is drawn, such as figures of pieces that are not there now. */
    private static final Vector2D CORNER = Vector2D.of(24, 24);

    private final Workbench bench;
    private final List<Node> shown = new ArrayList<>();
    private final Map<String, Button> kept = new HashMap<>();
    private List<PlacedView> views = List.of();

    FindingMarks(Workbench bench) {
        this.bench = bench;
    }

    /** The marks for views at their places, one a spot; an open card stays where it is. */
    List<Node> make(Pane sheet, List<PlacedView> placed) {
        views = placed;
        sheet.getChildren().removeAll(shown);
        shown.clear();
        List<Node> marks = new ArrayList<>();
        List<Vector2D> taken = new ArrayList<>();
        for (Finding finding : bench.plan().findings()) {
            Vector2D at = place(finding);
            if (taken.stream().noneMatch(other -> other.distance(at) < 12)) {
                taken.add(at);
                marks.add(mark(finding, at));
            }
        }
        return marks;
    }

    /** Shows the card of the open finding. */
    void showOpen(Pane sheet) {
        sheet.getChildren().removeAll(shown);
        shown.clear();
        bench.findingProperty().get().ifPresent(finding -> {
            VBox card = card(finding);
            shown.add(card);
            sheet.getChildren().add(card);
            card.applyCss();
            Vector2D at = place(finding);
            double height = card.prefHeight(CARD_WIDTH);
            double x = Math.clamp(at.getX() + 16, 8, Math.max(8, sheet.getWidth() - CARD_WIDTH - 8));
            double y = Math.clamp(at.getY() + 16, 8, Math.max(8, sheet.getHeight() - height - 8));
            card.relocate(Math.rint(x), Math.rint(y));
        });
    }

    /** A mark is kept from edit to edit while the finding is the same; what it says and where it stands may change. */
    private Button mark(Finding finding, Vector2D at) {
        Button mark = kept.computeIfAbsent(finding.code() + finding.level() + finding.about(), key -> {
            Button fresh = new Button(Texts.get("mark." + level(finding)));
            fresh.getStyleClass().setAll("mark", level(finding));
            fresh.setTooltip(new Tooltip());
            fresh.setPrefSize(22, 22);
            return fresh;
        });
        String words = bench.words().say(finding);
        mark.setAccessibleText(words);
        mark.getTooltip().setText(words);
        mark.setOnAction(action -> bench.findingProperty().set(Optional.of(finding)));
        mark.resizeRelocate(Math.rint(at.getX()) - 11.0, Math.rint(at.getY()) - 11.0, 22, 22);
        return mark;
    }

    private VBox card(Finding finding) {
        Label words = Lines.of(bench.words().say(finding) + ".");
        Label level = new Label(bench.words().text("level." + level(finding)));
        level.getStyleClass().addAll("level", level(finding));
        VBox card = new VBox(level, words);
        card.getStyleClass().add("card");
        card.setPrefWidth(CARD_WIDTH);
        card.setId("finding");
        for (Remedy remedy : finding.remedies()) {
            Button button = new Button(bench.words().sentence(remedy.label()));
            button.getStyleClass().add("remedy");
            Lines.over(button);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(action -> bench.edit(remedy.edit()));
            card.getChildren().add(button);
        }
        return card;
    }

    private static String level(Finding finding) {
        return finding.level().name().toLowerCase(Locale.ROOT);
    }

    /** In the view that looks most squarely at the face side of the rail or piece concerned; in the corner where none is. */
    private Vector2D place(Finding finding) {
        return finding.about().stream().findFirst().map(this::place).orElse(CORNER);
    }

    private Vector2D place(String id) {
        Plan plan = bench.plan();
        Optional<Joint> joint = plan.joints().stream().filter(j -> j.id().equals(id)).findFirst();
        Piece piece = joint.map(j -> j.meeting().rail())
                .orElseGet(() -> plan.has(id) ? plan.piece(id).piece() : plan.pieces().getFirst().piece());
        Vector3D spot = joint.map(FindingMarks::middle).orElseGet(() -> middle(piece));
        PlacedView view = views.stream().filter(v -> !v.caption().equals("view.pictorial"))
                .max(java.util.Comparator.comparingDouble(v -> Math.abs(v.view().toEye().dot(piece.pose().out()))))
                .orElseThrow();
        return view.onSheet(spot);
    }

    private static Vector3D middle(Joint joint) {
        Piece rail = joint.meeting().rail();
        double x = joint.meeting().part() == longshoulder.core.joint.Meeting.Part.START
                ? 0
                : rail.length().value().toMillimetres();
        Vector3D end = rail.pose().toWorld(x, rail.width().value().toMillimetres() / 2,
                rail.thickness().value().toMillimetres() / 2);
        return end.add(joint.meeting().inward().multiply(joint.addedLength().value().toMillimetres() / 2));
    }

    private static Vector3D middle(Piece piece) {
        return piece.pose().toWorld(piece.length().value().toMillimetres() / 2,
                piece.width().value().toMillimetres() / 2, piece.thickness().value().toMillimetres() / 2);
    }
}
