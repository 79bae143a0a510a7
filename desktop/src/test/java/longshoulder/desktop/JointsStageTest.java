package longshoulder.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Angle;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.Tag;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Documents;
import longshoulder.desktop.document.FileAsker;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.joints.JointSheet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import longshoulder.desktop.shell.MainView;
import longshoulder.desktop.document.Examples;

/** The stage of the joints, driven with mouse and keyboard. */
@ExtendWith(ApplicationExtension.class)
@SuppressWarnings("NullAway.Init")
class JointsStageTest {

    /** A finding of the joint stands beside it, and its remedy takes one action. */
    @Test
    void finding_ofTheJoint_isMendedWhereItStands(FxRobot robot) {
        robot.interact(() -> {
            bench.edit(new Edit.Give("tenon.meeting", new Value.Chosen("full")));
            bench.edit(new Edit.Give("tenon.length",
                    new Value.Measured(longshoulder.core.measure.Length.ofMillimetres(45))));
        });
        robot.clickOn("#stage-joints");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.plan().isStopped()).isTrue();
        Button remedy = robot.lookup("#joint-remedy-tenons-collide-1").queryButton();
        robot.interact(remedy::fire);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.plan().findings()).noneMatch(finding -> finding.code().equals("tenons-collide"));
    }

    /** The tenon's own figures are changed on the drawing itself. */
    @Test
    void figure_onTheDrawing_isTypedOver(FxRobot robot) {
        robot.clickOn("#stage-joints").clickOn("#joint-figure-tenonLength");
        robot.write("30").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bench.selection().joint().orElseThrow().tenons().getFirst().length().value())
                .isEqualTo(longshoulder.core.measure.Length.ofMillimetres(30));
    }

    /** What only this joint has stands on its drawing too, where its own file places it. */
    @Test
    void figure_ofTheJointItself_isTypedOverOnTheDrawing(FxRobot robot) {
        robot.interact(() -> make(JointKind.HAUNCHED_TENON));
        robot.clickOn("#joint-figure-haunchDepth").write("12").push(KeyCode.ENTER);
        settle();
        assertThat(figure("haunch.depth")).isEqualTo(Length.ofMillimetres(12));
        robot.interact(() -> make(JointKind.HOUSING));
        robot.clickOn("#joint-figure-housingDepth").write("40").push(KeyCode.ENTER);
        settle();
        assertThat(bench.plan().findings()).anyMatch(finding -> finding.code().equals("cut-deep"));
        robot.interact(robot.lookup("#joint-remedy-cut-deep-1").queryButton()::fire);
        assertThat(figure("housing.depth")).isEqualTo(Length.ofMillimetres(30));
    }

    /** A shoulder typed on the section moves the tenon, and its width follows. */
    @Test
    void shoulder_onTheDrawing_isTypedOver(FxRobot robot) {
        robot.interact(() -> make(JointKind.STOPPED_TENON));
        Tenon before = joint(FRONT_LEFT).tenons().getFirst();
        robot.clickOn("#joint-figure-edgeShoulder").write("20").push(KeyCode.ENTER);
        settle();
        Tenon after = joint(FRONT_LEFT).tenons().getFirst();
        assertThat(after.edgeShoulder().value()).isEqualTo(Length.ofMillimetres(20));
        assertThat(after.width().value().plus(after.edgeShoulder().value()))
                .isEqualTo(before.width().value().plus(before.edgeShoulder().value()));
        robot.clickOn("#joint-figure-faceShoulder").write("5").push(KeyCode.ENTER);
        settle();
        assertThat(joint(FRONT_LEFT).tenons().getFirst().faceShoulder().value()).isEqualTo(Length.ofMillimetres(5));
    }

    /** Whatever the joint, captions stand clear of each other and no figure leaves the sheet. */
    @Test
    void figuresAndCaptions_ofEveryType_haveRoom(FxRobot robot) {
        for (JointKind kind : JointKind.ofEnds()) {
            robot.interact(() -> make(kind));
            Node sheet = robot.lookup(node -> node instanceof JointSheet).query();
            List<Bounds> captions = robot.lookup(".caption").queryAll().stream()
                    .filter(node -> sheet.equals(node.getParent())).map(Node::getBoundsInParent).toList();
            assertThat(captions).hasSize(3);
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < i; j++) {
                    assertThat(captions.get(i).intersects(captions.get(j))).as(kind.id()).isFalse();
                }
            }
            Set<Node> figures = robot.lookup(node -> node instanceof FigureField && sheet.equals(node.getParent()))
                    .queryAll();
            assertThat(figures).as(kind.id()).isNotEmpty()
                    .allMatch(figure -> sheet.getLayoutBounds().contains(figure.getBoundsInParent()));
        }
    }

    /** Marks may have twelve letters, and two of them no room beside each other. */
    @Test
    void keyPlan_withLongMarks_namesTheRailAlone(FxRobot robot) throws Exception {
        Text marks = (Text) robot.lookup("#key-marks").<Tag>query().getChildren().getLast();
        Node plan = robot.lookup("#key-plan").query();
        robot.interact(() -> bench.edit(new Edit.Alter(new Alteration.Rename("apron-front", "WWWWWWWWWWWW"))));
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> marks.getText().startsWith("WWWWWWWWWWWW"));
        robot.interact(() -> bench.edit(new Edit.Alter(new Alteration.Rename("leg-front-left", "MMMMMMMMMMMM"))));
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> marks.getText().equals("WWWWWWWWWWWW"));
        assertThat(plan.getLayoutBounds().contains(marks.getParent().getBoundsInParent())).isTrue();
        robot.interact(() -> {
            bench.undo();
            bench.undo();
        });
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> marks.getText().contains("\u2192"));
    }

    /** Each figure has its full size and its ground, and its text lies in the middle of it, in the very layout in which the sheet got another size. */
    @Test
    void figures_haveTheirSize_asSoonAsTheSheetHas(FxRobot robot) {
        JointSheet sheet = robot.lookup(node -> node instanceof JointSheet).query();
        robot.interact(() -> {
            sheet.resize(sheet.getWidth() - 150, sheet.getHeight() - 60);
            sheet.layout();
            Set<FigureField> figures = sheet.getChildren().stream().filter(FigureField.class::isInstance)
                    .map(FigureField.class::cast).collect(Collectors.toSet());
            assertThat(figures).isNotEmpty().allSatisfy(figure -> {
                assertThat(figure.getWidth()).isEqualTo(figure.figureWidth());
                assertThat(figure.getHeight()).isEqualTo(figure.figureHeight());
                assertThat(figure.getBackground()).as("its ground over the line").isNotNull();
                Bounds text = figure.getChildrenUnmodifiable().getFirst().getBoundsInParent();
                assertThat(text.getCenterX()).isCloseTo(figure.getWidth() / 2, within(2.0));
            });
        });
    }

    /** Where a shoulder leans the tenon may be loose by its rule: then it asks for what loose tenons ask for. */
    @Test
    void leaningJoint_withALooseTenon_asksForItsFit(FxRobot robot) {
        robot.interact(() -> {
            bench.edit(new Edit.Give("splay.front", new Value.Turned(Angle.read("9°"))));
            make(JointKind.STOPPED_TENON);
            bench.edit(new Edit.Give(Address.of(FRONT_LEFT, "tenon.line"), new Value.Chosen("loose")));
        });
        settle();
        assertThat(bench.selection().joint().orElseThrow().kind()).isEqualTo(JointKind.LOOSE_TENON);
        robot.interact(() -> robot.lookup("#piece-mortise-easing").query().requestFocus());
        robot.push(KeyCode.ENTER).write("3").push(KeyCode.ENTER);
        settle();
        assertThat(figure("mortise.easing")).isEqualTo(Length.ofMillimetres(3));
    }

    private static final String FRONT_LEFT = "apron-front/leg-front-left";

    private Workbench bench;
    private MainView view;

    @Start
    void start(Stage stage) throws Exception {
        Typefaces.load();
        Project demo = Examples.read("reading-table");
        bench = new Workbench(Planner.plan(demo), Optional.empty());
        view = new MainView(bench, new Documents(bench, mock(FileAsker.class)));
        stage.setScene(view.scene(1280, 800));
        stage.show();
        view.focusStage();
    }

    @BeforeEach
    void toTheJoints(FxRobot robot) {
        robot.clickOn("#stage-joints");
        robot.clickOn("#at-apron-front-leg-front-left");
        settle();
    }

    private static void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Joint joint(String id) {
        return bench.plan().joints().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    }

    private static List<String> labels(FxRobot robot, String region) {
        return robot.lookup(region).lookup((Node node) -> node instanceof Label).queryAll().stream()
                .map(node -> ((Label) node).getText()).toList();
    }

    /** The stage's drawing as it is painted. */
    private int[] picture(FxRobot robot) {
        int[][] pixels = new int[1][];
        robot.interact(() -> {
            WritableImage image = robot.lookup("#joint-sheet").query().snapshot(new SnapshotParameters(), null);
            int width = (int) image.getWidth();
            int height = (int) image.getHeight();
            pixels[0] = new int[width * height];
            image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels[0], 0,
                    width);
        });
        return pixels[0];
    }

    private void tryOut(FxRobot robot, JointKind kind) {
        if (robot.lookup("#candidate-" + kind.id()).tryQuery().isEmpty()) {
            robot.interact(() -> robot.lookup("#fold-candidates").queryButton().fire());
        }
        robot.interact(() -> robot.lookup("#candidate-" + kind.id()).queryButton().fire());
        settle();
    }

    @Test
    void joint_clickedInTheList_isWorkedOn(FxRobot robot) {
        assertThat(bench.selection().joint().map(Joint::id)).contains(FRONT_LEFT);
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("apron-front");
        assertThat(labels(robot, "#candidates")).first().isEqualTo("Front apron into front left leg");
        robot.clickOn("#at-apron-left-leg-front-left");
        settle();
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("apron-left");
        assertThat(labels(robot, "#candidates")).first().isEqualTo("Left apron into front left leg");
    }

    /** A tenon 0.3 thicker than its mortise: said at once; a tongue is asked for only where there is one. */
    @Test
    void tenonAndMortise_asReallyCut_areCompared(FxRobot robot) {
        robot.interact(() -> robot.lookup("#piece-milled-tenon").query().requestFocus());
        robot.push(KeyCode.ENTER).write("8.3").push(KeyCode.ENTER);
        settle();
        assertThat(bench.project().milled(FRONT_LEFT, "tenon")).contains(Length.ofMicrometres(8300));
        robot.interact(() -> robot.lookup("#piece-milled-mortise").query().requestFocus());
        robot.push(KeyCode.ENTER).write("8").push(KeyCode.ENTER);
        settle();
        assertThat(bench.plan().findings()).anyMatch(
                finding -> finding.code().equals("fit-tight") && finding.about().contains(FRONT_LEFT));
        assertThat(robot.lookup("#piece-milled-tongue").queryAll()).isEmpty();
        robot.push(KeyCode.SHORTCUT, KeyCode.ALT, KeyCode.Z);
        settle();
        assertThat(bench.plan().findings()).noneMatch(finding -> finding.code().equals("fit-tight"));
        robot.push(KeyCode.SHORTCUT, KeyCode.ALT, KeyCode.SHIFT, KeyCode.Z);
        settle();
        assertThat(bench.plan().findings()).anyMatch(finding -> finding.code().equals("fit-tight"));
    }

    @Test
    void candidates_theBestFirst_andAllTypesWithTheirReasonsOnDemand(FxRobot robot) {
        assertThat(robot.lookup("#candidates").lookup(".candidate").queryAll()).hasSize(6);
        assertThat(labels(robot, "#candidates")).doesNotContain("Unusual here");
        robot.interact(() -> robot.lookup("#fold-candidates").queryButton().fire());
        assertThat(labels(robot, "#candidates")).contains("Unusual here");
        for (JointKind kind : JointKind.ofEnds()) {
            assertThat(robot.lookup("#candidate-" + kind.id()).tryQuery()).as(kind.id()).isPresent();
        }
        assertThat(labels(robot, "#candidates"))
                .contains("+  without a haunch the mortise would begin 12 mm from the end of the post; a haunch leaves"
                        + " 31.7 mm of it whole");
    }

    @Test
    void candidate_triedOut_showsOldAgainstNewAndChangesNothing(FxRobot robot) {
        Project before = bench.project();
        int[] drawn = picture(robot);
        tryOut(robot, JointKind.HAUNCHED_TENON);
        assertThat(labels(robot, "#trial")).contains("Tried out: haunched tenon",
                "width of the tenon: 71 mm \u2192 51.3 mm", "width of the haunch: \u2013 \u2192 31.7 mm");
        assertThat(Arrays.equals(picture(robot), drawn)).isFalse();
        assertThat(bench.project()).isEqualTo(before);
        robot.clickOn("#leave");
        settle();
        assertThat(robot.lookup("#trial").tryQuery()).isEmpty();
        assertThat(Arrays.equals(picture(robot), drawn)).isTrue();
    }

    /** Whatever length a type asks for has its figure in the reckoning of the joint that is worked on. */
    @Test
    void lengths_ofEveryType_areTypedInTheReckoning(FxRobot robot) {
        robot.interact(() -> bench.edit(new Edit.Give("divided-tenon:haunch.end", new Value.Chosen("where-needed"))));
        for (JointKind kind : JointKind.ofEnds()) {
            robot.interact(() -> make(kind));
            for (Parameter parameter : JointType.of(kind).parameters()) {
                if (parameter instanceof Parameter.Measure) {
                    assertThat(robot.lookup("#piece-" + parameter.name().replace('.', '-')).tryQuery())
                            .as("%s of a %s", parameter.name(), kind.id()).isPresent();
                }
            }
        }
        robot.interact(() -> make(JointKind.LOOSE_TENON));
        robot.interact(() -> robot.lookup("#piece-mortise-easing").query().requestFocus());
        robot.push(KeyCode.ENTER).write("3").push(KeyCode.ENTER);
        settle();
        assertThat(figure("mortise.easing")).isEqualTo(Length.ofMillimetres(3));
        assertThat(figure("mortise.width")).isEqualTo(Length.ofMillimetres(74));
        robot.interact(() -> robot.lookup("#leave-mortise-easing").queryButton().fire());
        assertThat(figure("mortise.easing")).isEqualTo(Length.ofMillimetres(2));
    }

    private Length figure(String name) {
        return Objects.requireNonNull(joint(FRONT_LEFT).figures().get(name)).value();
    }

    /** With all that can be added to the type. */
    private void make(JointKind kind) {
        give(JointKind.CHOICE, kind.id());
        for (String addition : List.of("peg=drawbored", "bolt=bolted", "tenon.wedges=one")) {
            String[] halves = addition.split("=", 2);
            if (JointType.of(kind).parameters().stream().anyMatch(one -> one.name().equals(halves[0]))) {
                give(halves[0], halves[1]);
            }
        }
    }

    private void give(String parameter, String option) {
        bench.edit(new Edit.Give(Address.of(FRONT_LEFT, parameter), new Value.Chosen(option)));
    }

    /** The present joint at the left and all others beside it, each with its picture. */
    @Test
    void candidates_standSideBySide(FxRobot robot) throws Exception {
        double top = robot.lookup("#candidate-divided-tenon").query().localToScene(0, 0).getY();
        double left = 0;
        for (Node card : robot.lookup("#other-candidates").lookup(".candidate").queryAll()) {
            Node name = card.lookup(".choice");
            assertThat(name.localToScene(0, 0).getY()).isEqualTo(top);
            assertThat(name.localToScene(0, 0).getX()).isGreaterThan(left);
            left = name.localToScene(name.getBoundsInLocal()).getMaxX();
        }
        Node picture = robot.lookup("#candidate-divided-tenon").query().getParent().lookup(".image-view");
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> isDrawn(robot, picture));
    }

    /** Another joint begins with its best candidates, however far the ones of the last were looked through. */
    @Test
    void candidates_ofAnotherJoint_beginAtTheLeft(FxRobot robot) {
        tryOut(robot, JointKind.GLAZING_BAR);
        ScrollPane passing = robot.lookup("#other-candidates").queryAs(ScrollPane.class);
        assertThat(passing.getHvalue()).isPositive();
        robot.clickOn("#at-apron-left-leg-front-left");
        settle();
        assertThat(passing.getHvalue()).isZero();
    }

    private static boolean isDrawn(FxRobot robot, Node picture) {
        boolean[] drawn = new boolean[1];
        robot.interact(() -> {
            SnapshotParameters clear = new SnapshotParameters();
            clear.setFill(Color.TRANSPARENT);
            WritableImage image = picture.snapshot(clear, null);
            for (int x = 0; x < image.getWidth(); x++) {
                drawn[0] |= image.getPixelReader().getArgb(x, (int) image.getHeight() / 2) != 0;
            }
        });
        return drawn[0];
    }

    @Test
    void candidate_taken_isTheJointAndCanBeUndone(FxRobot robot) {
        Project before = bench.project();
        tryOut(robot, JointKind.HAUNCHED_TENON);
        robot.clickOn("#take");
        settle();
        assertThat(joint(FRONT_LEFT).kind()).isEqualTo(JointKind.HAUNCHED_TENON);
        assertThat(joint("apron-front/leg-front-right").kind()).isEqualTo(JointKind.STOPPED_TENON);
        assertThat(robot.lookup("#trial").tryQuery()).isEmpty();
        robot.clickOn("#undo");
        assertThat(bench.project()).isEqualTo(before);
    }

    @Test
    void candidate_takenForAllLikeIt_isOneStepBack(FxRobot robot) {
        Project before = bench.project();
        tryOut(robot, JointKind.STUB_TENON);
        robot.clickOn("#take-all");
        settle();
        assertThat(bench.plan().joints()).hasSize(8).allMatch(joint -> joint.kind() == JointKind.STUB_TENON);
        robot.clickOn("#undo");
        assertThat(bench.project()).isEqualTo(before);
    }

    @Test
    void trial_thatCannotBeMade_saysWhatItWouldBreak(FxRobot robot) {
        tryOut(robot, JointKind.THROUGH_TENON);
        robot.clickOn("#take");
        robot.clickOn("#at-apron-left-leg-front-left");
        tryOut(robot, JointKind.THROUGH_TENON);
        assertThat(labels(robot, "#trial")).anyMatch(text -> text.startsWith("New: The joints of the"));
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(robot.lookup("#trial").tryQuery()).isEmpty();
    }

    @Test
    void slider_pullsTheJointApart(FxRobot robot) {
        int[] drawn = picture(robot);
        robot.interact(() -> ((Slider) robot.lookup("#pull").query()).setValue(0));
        int[] closed = picture(robot);
        assertThat(Arrays.equals(closed, drawn)).isFalse();
        robot.interact(() -> robot.lookup("#pull").query().requestFocus());
        robot.push(KeyCode.RIGHT);
        assertThat(((Slider) robot.lookup("#pull").query()).getValue()).isPositive();
        assertThat(Arrays.equals(picture(robot), closed)).isFalse();
    }

    @Test
    void keys_turnThePictureAndChangeTheStage(FxRobot robot) {
        robot.interact(() -> robot.lookup("#joint-sheet").query().requestFocus());
        int[] drawn = picture(robot);
        robot.push(KeyCode.LEFT);
        robot.push(KeyCode.UP);
        assertThat(Arrays.equals(picture(robot), drawn)).isFalse();
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT2);
        settle();
        assertThat(robot.lookup("#sheet").query().isVisible()).isTrue();
        assertThat(robot.lookup("#joints").query().isVisible()).isFalse();
        assertThat(bench.selection().pieceProperty().get()).isEqualTo("apron-front");
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        settle();
        assertThat(robot.lookup("#joints").query().isVisible()).isTrue();
        assertThat(bench.selection().joint().map(Joint::id)).contains(FRONT_LEFT);
    }

    /** A figure changed in the column redraws the stage and its reasons. */
    @Test
    void sizeChanged_stageFollows(FxRobot robot) {
        int[] drawn = picture(robot);
        robot.interact(() -> bench.edit(new Edit.Give("apron.width",
                new Value.Measured(Length.ofMillimetres(60)))));
        settle();
        assertThat(Arrays.equals(picture(robot), drawn)).isFalse();
        assertThat(labels(robot, "#candidates")).contains("+  without a haunch the mortise would begin 10 mm"
                + " from the end of the post; a haunch leaves 20 mm of it whole");
    }

    /** What was really milled is entered in the column; the rail follows. */
    @Test
    void milledWidth_typedInTheColumn_railFollows(FxRobot robot) {
        robot.interact(() -> bench.selection().light("leg-front-left"));
        settle();
        robot.interact(() -> robot.lookup("#piece-milled-width").query().requestFocus());
        settle();
        robot.clickOn("#piece-milled-width").write("59.2").type(KeyCode.ENTER);
        settle();
        assertThat(bench.plan().piece("apron-front").shoulderLength().orElseThrow().value())
                .isEqualTo(Length.ofMicrometres(1_260_800));
    }

    /** Only the joint that is worked on has its ways of working open in the column. */
    @Test
    void column_opensTheJointThatIsWorkedOn(FxRobot robot) {
        assertThat(robot.lookup("#peg-apron-front-leg-front-left").tryQuery()).isPresent();
        assertThat(robot.lookup("#peg-apron-front-leg-front-right").tryQuery()).isEmpty();
        robot.clickOn("#at-apron-front-leg-front-right");
        settle();
        assertThat(robot.lookup("#peg-apron-front-leg-front-left").tryQuery()).isEmpty();
        assertThat(robot.lookup("#peg-apron-front-leg-front-right").tryQuery()).isPresent();
    }
}
