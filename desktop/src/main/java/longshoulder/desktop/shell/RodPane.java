package longshoulder.desktop.shell;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import longshoulder.core.drawing.FigureRow;
import longshoulder.desktop.paint.DrawingPane;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.document.Workbench;

/**
 * The rod: the lit piece as it would lie on the bench, ends, shoulders and mortises at their running figures, waste
 * hatched. Lengths are to scale; widths are drawn at their own scale so that a slender piece can still be read.
 */
public final class RodPane extends DrawingPane {

    private final Workbench bench;
    private final PictureView picture = new PictureView();
    private final Label heading = label("rod-heading");
    /** Kept from edit to edit, like everything that has to be styled: the names of the faces, and figures by what they show. */
    private final List<Label> faceNames = new ArrayList<>();
    private final Map<String, FigureField> fields = new HashMap<>();
    private final PlanValue<PaintedRod.Setting, Optional<PaintedRod>> rod;

    public RodPane(Workbench bench) {
        this.bench = bench;
        setId("rod");
        getStyleClass().add("rod");
        setMinHeight(PaintedRod.HEIGHT);
        setPrefHeight(PaintedRod.HEIGHT);
        heading.relocate(16, 4);
        rod = new PlanValue<>(bench, this::setting, (plan, setting, before) -> PaintedRod.of(plan, setting),
                this::show);
        // Stages that show no rod take it out of the window.
        sceneProperty().addListener((observed, was, is) -> rod.refresh());
        bench.selection().pieceProperty().addListener((observed, was, is) -> rod.refresh());
        widthProperty().addListener((observed, was, is) -> rod.refresh());
        PictureView.whenPixelsChange(this, rod::refresh);
    }

    private static Label label(String styleClass) {
        Label label = new Label();
        label.getStyleClass().add(styleClass);
        return label;
    }

    @Override
    public void recolour() {
        rod.refresh();
    }

    private Optional<PaintedRod.Setting> setting() {
        return Optional.ofNullable(getScene())
                .map(window -> PaintedRod.Setting.of(this, bench.selection().pieceProperty().get()));
    }

    private void show(Optional<PaintedRod> made) {
        List<Node> nodes = new ArrayList<>(List.of(picture));
        made.ifPresentOrElse(painted -> show(painted, nodes), picture::clear);
        if (!getChildren().equals(nodes)) {
            FocusKeeper.rebuild(this, () -> getChildren().setAll(nodes));
        }
    }

    private void show(PaintedRod painted, List<Node> nodes) {
        picture.show(painted.picture());
        for (int i = 0; i < painted.middles().size(); i++) {
            nodes.add(faceName(i, bench.words().text(painted.rod().faces().get(i).name()),
                    painted.middles().get(i) - 9));
        }
        figures(painted.figures(), nodes);
        heading.setText(painted.heading());
        nodes.add(heading);
    }

    private Label faceName(int index, String text, double y) {
        while (faceNames.size() <= index) {
            Label fresh = label("face-name");
            fresh.setPrefWidth(PaintedRod.SIDE - 14);
            faceNames.add(fresh);
        }
        Label name = faceNames.get(index);
        name.setText(text);
        name.relocate(8, y);
        return name;
    }

    private void figures(List<PaintedRod.Figure> figures, List<Node> nodes) {
        double[] places = new double[figures.size()];
        double[] widths = new double[figures.size()];
        List<FigureField> shown = new ArrayList<>();
        for (int i = 0; i < places.length; i++) {
            FigureField field = field(figures.get(i), "rod-" + (i + 1));
            shown.add(field);
            places[i] = figures.get(i).x();
            widths[i] = field.figureWidth();
        }
        nodes.addAll(shown);
        double[] left = FigureRow.spread(places, widths, getWidth() - 4);
        for (int i = 0; i < left.length; i++) {
            shown.get(i).relocate(Math.rint(left[i]), PaintedRod.TOP - 8 - shown.get(i).figureHeight());
        }
    }

    private FigureField field(PaintedRod.Figure figure, String id) {
        FigureField field = fields.computeIfAbsent(id + " " + figure.name(), key -> new FigureField(figure.shown(),
                figure.name(), false, false, () -> bench.selection().figureProperty().set(Optional.of(figure.label())),
                typed -> false).named(id));
        field.show(figure.shown());
        return field;
    }
}
