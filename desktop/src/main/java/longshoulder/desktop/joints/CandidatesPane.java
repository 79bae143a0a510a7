package longshoulder.desktop.joints;

import longshoulder.desktop.control.RemedyButtons;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.JointKind;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Candidate;
import longshoulder.core.joint.Candidates;
import longshoulder.core.joint.Joint;
import longshoulder.core.reckoning.Level;
import longshoulder.core.words.Words;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.control.Scroller;
import longshoulder.desktop.paint.Themed;
import longshoulder.desktop.document.Workbench;
import org.jspecify.annotations.Nullable;
import longshoulder.desktop.control.Nodes;

/**
 * The types of joint that the meeting could get, side by side: the present one stands still at the left with what is wrong with
 * it, and the others scroll beside it, the best first.
 */
public final class CandidatesPane extends HBox implements Themed {

    private static final double CARD = 216;
    private static final double PRESENT = 264;

    private final Workbench bench;
    private final CandidatePictures pictures;
    private final VBox present = new VBox();
    private final HBox others = new HBox();
    private final Scroller passing;

    public CandidatesPane(Workbench bench) {
        this.bench = bench;
        pictures = new CandidatePictures(bench.background());
        setId("candidates");
        getStyleClass().add("candidates");
        present.getStyleClass().add("present-candidate");
        others.getStyleClass().add("other-candidates");
        Scroller still = scroll(present);
        still.setFitToWidth(true);
        still.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        still.setPrefWidth(PRESENT);
        still.setMinWidth(PRESENT);
        passing = scroll(others);
        passing.setId("other-candidates");
        setHgrow(passing, Priority.ALWAYS);
        getChildren().addAll(still, passing);
        bench.planProperty().addListener((observed, was, is) -> refresh());
        bench.selection().pieceProperty().addListener((observed, was, is) -> refresh());
        bench.selection().jointProperty().addListener((observed, was, is) -> {
            // Another joint begins with its best candidates.
            passing.setHvalue(0);
            refresh();
        });
        bench.trials().shownProperty().addListener((observed, was, is) -> refresh());
        sceneProperty().addListener((observed, was, is) -> refresh());
        PictureView.whenPixelsChange(this, this::refresh);
    }

    private static Scroller scroll(Node content) {
        Scroller pane = new Scroller(content);
        pane.getStyleClass().add("candidate-scroll");
        pane.setFocusTraversable(false);
        return pane;
    }

    /** Made anew where the view is shown; elsewhere nothing is worked out. */
    public void refresh() {
        if (getScene() == null || !Nodes.isShown(this)) {
            pictures.drop();
            return;
        }
        FocusKeeper.rebuild(this, () -> {
            present.getChildren().clear();
            others.getChildren().clear();
            bench.selection().joint().ifPresent(this::show);
        });
        reveal(others.lookup("#trial"));
    }

    /** What is tried out must not have to be looked for. */
    private void reveal(@Nullable Node trial) {
        if (trial == null) {
            return;
        }
        passing.applyCss();
        passing.layout();
        Bounds card = trial.getParent().getBoundsInParent();
        double seen = passing.getViewportBounds().getWidth();
        double spare = others.getWidth() - seen;
        double from = passing.getHvalue() * spare;
        if (spare > 0 && (card.getMinX() < from || card.getMaxX() > from + seen)) {
            passing.setHvalue(Math.clamp((card.getCenterX() - seen / 2) / spare, 0, 1));
        }
        passing.setVvalue(0);
    }

    private void show(Joint joint) {
        present.getChildren().add(Lines.of(Words.capital(bench.words().name(joint.id())), "heading"));
        findings(joint, level -> level != Level.NOTE);
        List<Candidate> candidates = Candidates.of(bench.project(), joint, bench.plan().joints());
        for (Candidate candidate : candidates) {
            CandidateCard card = new CandidateCard(bench, joint, candidate, pictures.of(candidate.kind()));
            if (candidate.kind() == joint.kind()) {
                present.getChildren().add(card);
            } else {
                card.setMinWidth(CARD);
                card.setMaxWidth(CARD);
                others.getChildren().add(card);
            }
        }
        findings(joint, level -> level == Level.NOTE);
        draw(joint, candidates);
    }

    /** The present one first, then from the left to the right. */
    private void draw(Joint joint, List<Candidate> candidates) {
        List<JointKind> kinds = new ArrayList<>(List.of(joint.kind()));
        candidates.stream().map(Candidate::kind).filter(kind -> kind != joint.kind()).forEach(kinds::add);
        pictures.draw(bench.project(), joint, kinds);
    }

    /** Those of the joint; what must not stay so stands above its card, what may below. */
    private void findings(Joint joint, Predicate<Level> wanted) {
        bench.plan().findings().stream()
                .filter(finding -> finding.about().contains(joint.id()) && wanted.test(finding.level()))
                .forEach(finding -> present.getChildren().add(finding(finding)));
    }

    /** What is wrong with the joint, and what can be done about it with one action. */
    private VBox finding(Finding finding) {
        String level = CandidateCard.level(finding);
        VBox box = new VBox(Lines.of(bench.words().text("level." + level) + ": " + bench.words().say(finding) + ".",
                level + "-text"));
        box.getStyleClass().add("joint-finding");
        RemedyButtons remedies = new RemedyButtons(bench, finding,
                (remedy, number) -> CandidateCard.button("joint-remedy-" + finding.code() + "-" + number,
                        bench.words().sentence(remedy.label()), () -> bench.edit(remedy.edit())),
                () -> {});
        remedies.getStyleClass().add("remedies");
        box.getChildren().add(remedies);
        return box;
    }

    @Override
    public void recolour() {
        refresh();
    }
}
