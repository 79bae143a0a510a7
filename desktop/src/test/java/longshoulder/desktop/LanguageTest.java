package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.io.InputStream;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.PropertyResourceBundle;
import java.util.ResourceBundle;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.words.Texts;

/** The real window in the second language. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init") // made before each test
class LanguageTest {

    private Workbench bench;

    @Start
    void start(Stage stage) {
        Typefaces.load();
        Texts.speak(Locale.GERMANY);
        bench = new Workbench(
                Planner.plan(Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES)), Optional.empty());
        stage.setScene(new MainView(bench, new Documents(bench, mock(FileAsker.class))).scene(1280, 800));
        stage.show();
    }

    @AfterEach
    void english() {
        Texts.speak(Locale.ENGLISH);
    }

    @Test
    void everyTextOfTheWindow_isThere() throws Exception {
        ResourceBundle english = ResourceBundle.getBundle("longshoulder.desktop.window", Locale.ROOT);
        // A bundle lets its parent stand in for what is missing: only the file itself tells.
        try (InputStream in = Objects
                .requireNonNull(Texts.class.getResourceAsStream("/longshoulder/desktop/window_de.properties"))) {
            assertThat(new PropertyResourceBundle(in).keySet()).isEqualTo(english.keySet());
        }
        Texts.speak(Locale.FRENCH);
        assertThat(Texts.locale()).isEqualTo(Locale.ENGLISH);
    }

    @Test
    void figures_haveADecimalComma_andAreTypedWithOne(FxRobot robot) {
        robot.clickOn("#figure-apron-thickness");
        robot.write("22,5").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.project().brief().required("apron.thickness").value())
                .isEqualTo(Length.ofMicrometres(22_500));
        assertThat(robot.lookup("#figure-apron-thickness").query().getAccessibleText()).contains("22,5");
        assertThat(robot.lookup("#save").queryAs(Labeled.class).getText()).isEqualTo("Sichern");
        assertThat(robot.lookup("#stage-state-frame").queryAs(Labeled.class).getText()).isEqualTo("9 Teile");
    }

    @Test
    void whatCannotBeRead_isSaidInGerman(FxRobot robot) {
        robot.clickOn("#figure-apron-thickness");
        robot.write("2 Ellen").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.notices().shown().text()).isEqualTo(
                "\u201eEllen\u201c ist hier keine Einheit; m\u00f6glich sind mm, cm, m, in (oder \") und ft (oder ').");
    }
}
