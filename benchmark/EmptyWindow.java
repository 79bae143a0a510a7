import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;

/** An empty window that ends after its first frame: what the start is compared with. */
public class EmptyWindow extends Application {

    @Override
    public void start(Stage stage) {
        stage.setScene(new Scene(new Pane(), 1280, 800));
        stage.show();
        Platform.runLater(() -> Platform.runLater(Platform::exit));
    }

    public static void main(String[] arguments) {
        launch(arguments);
    }
}
