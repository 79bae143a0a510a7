package longshoulder.desktop.panel;

import longshoulder.desktop.look.Lines;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.finding.Remedy;
import longshoulder.core.joint.Candidate;
import longshoulder.core.joint.Candidates;
import longshoulder.core.joint.Joinery;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Changes;
import longshoulder.core.project.Edit;
import longshoulder.desktop.Texts;
import longshoulder.desktop.look.FocusKeeper;
import longshoulder.desktop.model.Trial;
import longshoulder.desktop.model.Workbench;

/**
 * The types of joint that the meeting could get, the best first, with what its own figures say for and against each. One that
 * is chosen is tried out: what would change stands above, to be taken for this joint, for all like it, or left.
 */
public final class CandidatesPane extends ScrollPane {

    /** More changed figures than these are counted instead of told. */
    private static final int MOST_TOLD = 7;

    private final Workbench bench;
    private final VBox column = new VBox();

    public CandidatesPane(Workbench bench) {
        this.bench = bench;
        setId("candidates");
        getStyleClass().addAll("side", "candidates");
        column.getStyleClass().add("candidate-column");
        setContent(column);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setMinWidth(236);
        setPrefWidth(268);
        setFocusTraversable(false);
        bench.planProperty().addListener((observed, was, is) -> refresh());
        bench.pieceProperty().addListener((observed, was, is) -> refresh());
        bench.jointProperty().addListener((observed, was, is) -> refresh());
        bench.trialProperty().addListener((observed, was, is) -> refresh());
        sceneProperty().addListener((observed, was, is) -> refresh());
    }

    /** Made anew where the view is shown; elsewhere nothing is worked out. */
    public void refresh() {
        if (getScene() == null || getParent() == null || !getParent().isVisible()) {
            return;
        }
        FocusKeeper.rebuild(this, () -> {
            column.getChildren().clear();
            bench.joint().ifPresent(this::show);
        });
    }

    private void show(Joint joint) {
        column.getChildren().add(text(capital(bench.words().name(joint.id())), "heading"));
        bench.trialProperty().get().ifPresent(trial -> trial(joint, trial));
        bench.plan().findings().stream().filter(finding -> finding.about().contains(joint.id()))
                .forEach(finding -> column.getChildren().add(finding(finding)));
        for (Candidate candidate : Candidates.of(bench.project(), joint, bench.plan().joints())) {
            column.getChildren().add(candidate(joint, candidate));
        }
    }

    /** What is wrong with the joint, and what can be done about it with one action. */
    private VBox finding(Finding finding) {
        VBox box = new VBox(
                text(bench.words().text("level." + level(finding)) + ": " + bench.words().say(finding) + ".",
                        level(finding) + "-text"));
        box.getStyleClass().add("joint-finding");
        for (int i = 0; i < finding.remedies().size(); i++) {
            Remedy remedy = finding.remedies().get(i);
            Button button = button("joint-remedy-" + finding.code() + "-" + (i + 1),
                    bench.words().sentence(remedy.label()), () -> bench.edit(remedy.edit()));
            Lines.over(button);
            box.getChildren().add(button);
        }
        return box;
    }

    private static String level(Finding finding) {
        return finding.level().name().toLowerCase(Locale.ROOT);
    }

    private VBox candidate(Joint joint, Candidate candidate) {
        boolean chosen = candidate.kind() == joint.kind();
        Button name = new Button(
                (chosen ? "\u25cf  " : "\u25cb  ") + bench.words().text("joint." + candidate.kind().id()));
        name.getStyleClass().setAll("choice", chosen ? "open" : "closed");
        name.setId("candidate-" + candidate.kind().id());
        name.setMaxWidth(Double.MAX_VALUE);
        Lines.over(name);
        name.setOnAction(action -> tryOut(joint, candidate.kind(), chosen));
        VBox box = new VBox(name);
        box.getStyleClass().add("candidate");
        candidate.speaksFor().forEach(reason -> box.getChildren().add(text("+  " + bench.words().say(reason), "for")));
        candidate.speaksAgainst()
                .forEach(reason -> box.getChildren().add(text("\u2212  " + bench.words().say(reason), "against")));
        return box;
    }

    private void tryOut(Joint joint, JointKind kind, boolean chosen) {
        if (chosen) {
            bench.drop();
        } else {
            bench.tryOut(choose(joint, kind));
        }
    }

    private static Edit choose(Joint joint, JointKind kind) {
        return new Edit.Give(Address.of(joint.id(), JointKind.CHOICE), new Value.Chosen(kind.id()));
    }

    /** Old against new. */
    private void trial(Joint joint, Trial trial) {
        VBox box = new VBox();
        box.getStyleClass().add("trial");
        box.setId("trial");
        JointKind kind = trial.plan().joints().stream().filter(one -> one.id().equals(joint.id())).map(Joint::kind)
                .findFirst().orElse(joint.kind());
        box.getChildren().add(text(Texts.get("joints.tried") + " " + bench.words().text("joint." + kind.id()),
                "strong"));
        List<Changes.Figure> figures = trial.changes().figures();
        figures.stream().limit(MOST_TOLD).forEach(figure -> box.getChildren().add(figure(figure)));
        if (figures.size() > MOST_TOLD) {
            box.getChildren().add(text(figures.size() - MOST_TOLD + " " + Texts.get("joints.more"), "quiet"));
        }
        findings(box, trial.changes().fresh(), "joints.fresh");
        findings(box, trial.changes().gone(), "joints.gone");
        List<Joint> alike = Joinery.alike(joint, bench.plan().joints());
        box.getChildren().add(button("take", Texts.get("joints.take"), bench::take));
        if (alike.size() > 1) {
            box.getChildren().add(button("take-all", Texts.get("joints.takeAll") + " (" + alike.size() + ")",
                    () -> bench.edit(new Edit.All(alike.stream().map(one -> choose(one, kind)).toList()))));
        }
        box.getChildren().add(button("leave", Texts.get("joints.leave"), bench::drop));
        column.getChildren().add(box);
    }

    private Label figure(Changes.Figure figure) {
        return text(
                bench.words().say(figure.label()) + ": " + shown(figure.before()) + " \u2192 " + shown(figure.after()),
                "change");
    }

    private String shown(Optional<Length> length) {
        return length.map(bench.words()::length).orElse("\u2013");
    }

    private void findings(VBox box, List<Finding> findings, String key) {
        findings.forEach(finding -> box.getChildren()
                .add(text(Texts.get(key) + " " + bench.words().say(finding) + ".", level(finding) + "-text")));
    }

    private static Button button(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("remedy");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(event -> action.run());
        return button;
    }

    private static Label text(String text, String styleClass) {
        Label label = Lines.of(text, styleClass);
        return label;
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
