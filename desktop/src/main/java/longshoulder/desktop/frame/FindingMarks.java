package longshoulder.desktop.frame;

import longshoulder.desktop.control.RemedyButtons;
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
import longshoulder.core.drawing.FindingSpot;
import longshoulder.core.finding.Finding;
import longshoulder.desktop.paint.Pixels;
import longshoulder.core.finding.Remedy;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.Workbench;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * Marks where findings arise, and the words and remedies of the one that is open. Levels differ in shape and letter as
 * well as in colour.
 */
final class FindingMarks {

    private static final double CARD_WIDTH = 330;

    private final Workbench bench;
    private final List<Node> shown = new ArrayList<>();
    private final Map<String, Button> kept = new HashMap<>();
    private List<FindingSpot> spots = List.of();

    FindingMarks(Workbench bench) {
        this.bench = bench;
    }

    /** The marks at their spots, those that lie together as one; an open card stays where it is. */
    List<Node> make(Pane sheet, List<FindingSpot> all) {
        spots = all;
        sheet.getChildren().removeAll(shown);
        shown.clear();
        List<Node> marks = new ArrayList<>();
        List<Vector2D> taken = new ArrayList<>();
        for (FindingSpot spot : spots) {
            Vector2D at = Pixels.of(spot.at());
            if (taken.stream().noneMatch(other -> other.distance(at) < 12)) {
                taken.add(at);
                marks.add(mark(spot));
            }
        }
        return marks;
    }

    /** Shows the card of the open finding. */
    void showOpen(Pane sheet) {
        sheet.getChildren().removeAll(shown);
        shown.clear();
        bench.selection().findingProperty().get().flatMap(this::spot).ifPresent(spot -> {
            VBox card = card(sheet, spot);
            shown.add(card);
            sheet.getChildren().add(card);
            place(sheet, card, spot);
        });
    }

    /** Beside its spot, where it is wholly on the sheet. */
    private static void place(Pane sheet, VBox card, FindingSpot spot) {
        card.applyCss();
        Vector2D at = Pixels.of(spot.at());
        double height = card.prefHeight(CARD_WIDTH);
        double x = Math.clamp(at.getX() + 16, 8, Math.max(8, sheet.getWidth() - CARD_WIDTH - 8));
        double y = Math.clamp(at.getY() + 16, 8, Math.max(8, sheet.getHeight() - height - 8));
        card.relocate(Math.rint(x), Math.rint(y));
    }

    /** A mark is kept from edit to edit while the finding is the same; what it says and where it stands may change. */
    private Button mark(FindingSpot spot) {
        Finding finding = spot.finding();
        Button mark = kept.computeIfAbsent(finding.code() + finding.level() + finding.about(), key -> {
            Button fresh = new Button(Texts.get("mark." + level(finding)));
            fresh.getStyleClass().setAll("mark", level(finding));
            fresh.setTooltip(new Tooltip());
            fresh.setPrefSize(22, 22);
            return fresh;
        });
        mark.setAccessibleText(spot.words());
        mark.getTooltip().setText(spot.words());
        mark.setOnAction(action -> bench.selection().findingProperty().set(Optional.of(finding)));
        Vector2D at = Pixels.of(spot.at());
        mark.resizeRelocate(Math.rint(at.getX()) - 11.0, Math.rint(at.getY()) - 11.0, 22, 22);
        return mark;
    }

    private Optional<FindingSpot> spot(Finding finding) {
        return spots.stream().filter(spot -> spot.finding().equals(finding)).findFirst();
    }

    private VBox card(Pane sheet, FindingSpot spot) {
        Finding finding = spot.finding();
        Label words = Lines.of(spot.words() + ".");
        Label level = new Label(bench.words().text("level." + level(finding)));
        level.getStyleClass().addAll("level", level(finding));
        VBox card = new VBox(level, words);
        card.getStyleClass().add("card");
        card.setPrefWidth(CARD_WIDTH);
        card.setId("finding");
        RemedyButtons remedies = new RemedyButtons(bench, finding, (remedy, number) -> button(remedy),
                () -> place(sheet, card, spot));
        remedies.getStyleClass().add("remedies");
        card.getChildren().add(remedies);
        return card;
    }

    private Button button(Remedy remedy) {
        Button button = new Button(bench.words().sentence(remedy.label()));
        button.getStyleClass().add("remedy");
        Lines.over(button);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(action -> bench.edit(remedy.edit()));
        return button;
    }

    private static String level(Finding finding) {
        return finding.level().name().toLowerCase(Locale.ROOT);
    }
}
