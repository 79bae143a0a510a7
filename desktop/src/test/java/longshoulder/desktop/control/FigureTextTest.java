package longshoulder.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import longshoulder.desktop.paint.Palette.Theme;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.paint.Palette;

/** Figures and labels that change: what is round them is laid out anew only where it has to be. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init")
class FigureTextTest {

    private static final double ROOM = 60;

    private FigureText figure;
    private FigureText loose;
    private SteadyLabel label;
    private SteadyLabel sentence;
    private VBox column;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        Palette.use(Theme.LIGHT);
        figure = new FigureText("615.3", 15, true, Palette::ink, ROOM);
        loose = new FigureText("615.3", 15, true, Palette::ink);
        label = new SteadyLabel("700 × 1900");
        sentence = Lines.over(new SteadyLabel("long point 980 mm"));
        column = new VBox(new StackPane(figure), new StackPane(loose), label, sentence);
        column.setStyle(Palette.css());
        stage.setScene(new Scene(column, 150, 200));
        stage.show();
    }

    @BeforeEach
    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    private boolean asksForLayout(FxRobot robot, Runnable change) {
        boolean[] asked = new boolean[1];
        robot.interact(() -> {
            column.layout();
            change.run();
            asked[0] = column.isNeedsLayout();
            column.layout();
        });
        return asked[0];
    }

    /** A shorter figure and one with a fraction end where the longer one did. */
    @Test
    void figure_endsAtTheRightOfItsRoom_withoutALayout(FxRobot robot) {
        for (String other : new String[]{"616", "5", "1615.3", "24 5/8", "615.3"}) {
            assertThat(asksForLayout(robot, () -> figure.setText(other))).as(other).isFalse();
            assertThat(figure.prefWidth(-1)).isEqualTo(ROOM);
            assertThat(figure.getChildren().getLast().getBoundsInParent().getMaxX()).as(other).isBetween(ROOM - 1.5,
                    ROOM + 0.5);
        }
    }

    @Test
    void figure_withoutRoom_asksForIt(FxRobot robot) {
        assertThat(asksForLayout(robot, () -> figure.setText("12345678 31/32"))).isTrue();
        assertThat(figure.prefWidth(-1)).isGreaterThan(ROOM);
        assertThat(asksForLayout(robot, () -> loose.setText("5"))).isTrue();
    }

    @Test
    void label_asksForALayout_onlyWhenItDoesNotFit(FxRobot robot) {
        assertThat(asksForLayout(robot, () -> label.setText("701 × 1900"))).isFalse();
        assertThat(label.getText()).isEqualTo("701 × 1900");
        assertThat(asksForLayout(robot, () -> label.setText("1701 × 1900 × 400"))).isTrue();
        assertThat(label.getWidth()).isGreaterThanOrEqualTo(label.prefWidth(-1));
    }

    @Test
    void sentence_asksForALayout_onlyForAnotherLine(FxRobot robot) {
        double oneLine = sentence.getHeight();
        assertThat(asksForLayout(robot, () -> sentence.setText("long point 981 mm"))).isFalse();
        assertThat(sentence.getHeight()).isEqualTo(oneLine);
        assertThat(asksForLayout(robot, () -> sentence.setText("long point 981 mm, short point 962 mm"))).isTrue();
        assertThat(sentence.getHeight()).isGreaterThan(1.5 * oneLine);
    }
}
