package longshoulder.desktop.joints;

import longshoulder.desktop.control.RemedyButtons;
import java.util.ArrayList;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.document.BackgroundValue;
import longshoulder.core.plan.TriedCandidate;
import longshoulder.core.plan.Plan;
import javafx.scene.control.Button;
import java.util.Optional;
import java.time.Duration;
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
 * it, and the others scroll beside it, the best first. At first the best few of the ordinary ones are shown; what is unusual at such a
 * place, or cannot be made there, comes after all others.
 */
public final class CandidatesPane extends HBox implements Themed {

    private static final double CARD = 216;
    private static final double PRESENT = 264;
    private static final double FOLD = 132;
    /** Beside the present one. */
    private static final int FIRST = 5;
    private static final Duration PAUSE = Duration.ofMillis(200);

    private final Workbench bench;
    private final CandidatePictures pictures;
    private final VBox present = new VBox();
    private final HBox others = new HBox();
    private final Scroller passing;
    /** Each type planned, to find what would stop it. */
    private final BackgroundValue<Subject, List<TriedCandidate>> tried;
    /** The joint of which all types are shown; empty where only the first are. */
    private String unfolded = "";

    /** Whose candidates they are. */
    private record Subject(Plan plan, String joint) {}

    public CandidatesPane(Workbench bench) {
        this.bench = bench;
        pictures = new CandidatePictures(bench.background());
        tried = bench.background().waiting(PAUSE).value((subject, progress) -> subject.plan.joints().stream()
                .filter(joint -> joint.id().equals(subject.joint)).findFirst()
                .map(joint -> TriedCandidate.of(subject.plan, joint)).orElse(List.of()));
        tried.valueProperty().addListener((observed, was, is) -> is
                .filter(all -> all.stream().anyMatch(one -> one.stop().isPresent())).ifPresent(all -> refresh()));
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
            tried.drop();
            return;
        }
        bench.selection().joint().ifPresent(joint -> tried.want(new Subject(bench.plan(), joint.id())));
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
        List<TriedCandidate> all = candidates(joint);
        all.stream().filter(one -> isPresent(one, joint)).forEach(one -> present.getChildren().add(card(joint, one)));
        findings(joint, level -> level == Level.NOTE);
        List<TriedCandidate> rest = all.stream().filter(one -> !isPresent(one, joint)).toList();
        boolean open = unfolded.equals(joint.id()) || isTriedOut(joint, rest.stream().skip(FIRST).toList());
        List<TriedCandidate> shown = open ? rest : rest.stream().limit(FIRST).toList();
        shown.stream().filter(one -> !isAside(one)).forEach(one -> others.getChildren().add(card(joint, one)));
        if (shown.stream().anyMatch(CandidatesPane::isAside)) {
            others.getChildren().add(Lines.of(Texts.get("joints.unusual"), "aside"));
            shown.stream().filter(CandidatesPane::isAside).forEach(one -> others.getChildren().add(card(joint, one)));
        }
        if (rest.size() > FIRST) {
            others.getChildren().add(fold(joint, open, rest.size() - FIRST));
        }
        draw(joint, shown.stream().map(TriedCandidate::candidate).toList());
    }

    /** As tried where that is known; until then as they are compared. */
    private List<TriedCandidate> candidates(Joint joint) {
        return tried.valueProperty().get().orElseGet(() -> bench.plan().candidates(joint).stream()
                .map(candidate -> new TriedCandidate(candidate, Optional.empty())).toList());
    }

    private static boolean isPresent(TriedCandidate one, Joint joint) {
        return one.candidate().kind() == joint.kind();
    }

    /** Whether it stands behind the ordinary ones. */
    private static boolean isAside(TriedCandidate one) {
        return one.candidate().unusual() || one.stop().isPresent();
    }

    private boolean isTriedOut(Joint joint, List<TriedCandidate> folded) {
        return folded.stream().anyMatch(one -> bench.trials().shown()
                .filter(trial -> trial.edit().equals(CandidateCard.choose(joint, one.candidate().kind()))).isPresent());
    }

    private CandidateCard card(Joint joint, TriedCandidate one) {
        CandidateCard card = new CandidateCard(bench, joint, one, pictures.of(one.candidate().kind()));
        if (!isPresent(one, joint)) {
            card.setMinWidth(CARD);
            card.setMaxWidth(CARD);
        }
        return card;
    }

    /** Shows all types, or the first again. */
    private Button fold(Joint joint, boolean open, int more) {
        Button fold = CandidateCard.button("fold-candidates",
                open ? Texts.get("joints.fewer") : Texts.get("joints.moreTypes").formatted(more), () -> {
                    unfolded = open ? "" : joint.id();
                    bench.trials().drop();
                    refresh();
                });
        fold.setMinWidth(FOLD);
        return fold;
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
