package longshoulder.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.transform.Scale;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.desktop.control.FigureText;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.words.Texts;

/**
 * The window as it stands at the bench: one piece at a time, its mark, its sizes and its rod so large that they can be read from two
 * metres. The space bar or the large button goes on to the next piece.
 */
final class BenchView extends BorderPane {

    private static final double FIGURE = 64;
    /** The rod is drawn this much larger than along the bottom of the window. */
    private static final double LARGER = 1.9;

    private final Workbench bench;
    private final Label mark = new Label();
    private final Label name = new Label();
    private final HBox sizes = new HBox();
    private final RodPane rod;

    /** @param leave goes back to the window */
    BenchView(Workbench bench, Runnable leave) {
        this.bench = bench;
        setId("bench");
        getStyleClass().add("bench");
        mark.getStyleClass().add("bench-mark");
        name.getStyleClass().add("bench-name");
        sizes.getStyleClass().add("bench-sizes");
        sizes.setAlignment(Pos.CENTER_LEFT);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button back = new Button(Texts.get("bench.back"));
        back.setId("bench-back");
        back.setOnAction(pressed -> leave.run());
        HBox top = new HBox(mark, name, gap, back);
        top.getStyleClass().add("bench-top");
        top.setAlignment(Pos.CENTER_LEFT);
        Button next = new Button(Texts.get("bench.next"));
        next.setId("bench-next");
        next.getStyleClass().add("bench-next");
        next.setMaxWidth(Double.MAX_VALUE);
        next.setAlignment(Pos.CENTER);
        next.setOnAction(pressed -> bench.selection().lightNext(1));
        rod = new RodPane(bench);
        VBox middle = new VBox(sizes, new Enlarged(rod));
        middle.getStyleClass().add("bench-middle");
        setTop(top);
        setCenter(middle);
        setBottom(next);
        bench.planProperty().addListener((observed, was, is) -> refresh());
        bench.selection().pieceProperty().addListener((observed, was, is) -> refresh());
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.SPACE) {
                bench.selection().lightNext(1);
                key.consume();
            }
        });
        refresh();
    }

    /** A region at a larger scale: it is laid out in as much less room. */
    private static final class Enlarged extends Region {

        private final Region inside;

        Enlarged(Region inside) {
            this.inside = inside;
            getChildren().add(inside);
            inside.getTransforms().add(new Scale(LARGER, LARGER));
        }

        @Override
        protected void layoutChildren() {
            inside.resizeRelocate(0, 0, getWidth() / LARGER, inside.prefHeight(-1));
        }

        @Override
        protected double computePrefHeight(double width) {
            return LARGER * inside.prefHeight(-1);
        }
    }

    private void refresh() {
        if (!bench.plan().has(bench.selection().pieceProperty().get())) {
            return;
        }
        PlannedPiece piece = bench.plan().piece(bench.selection().pieceProperty().get());
        mark.setText(piece.piece().mark());
        name.setText(bench.words().name(piece.id()));
        sizes.getChildren().clear();
        figure(bench.words().figure(piece.length().value()));
        times();
        figure(bench.words().figure(piece.piece().width().value()));
        times();
        figure(bench.words().figure(piece.piece().thickness().value()));
    }

    private void figure(String figure) {
        sizes.getChildren().add(new FigureText(figure, FIGURE, true, Palette::ink));
    }

    private void times() {
        Label times = new Label("\u00d7");
        times.getStyleClass().add("bench-times");
        sizes.getChildren().add(times);
    }
}
