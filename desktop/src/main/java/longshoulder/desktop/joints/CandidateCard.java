package longshoulder.desktop.joints;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Candidate;
import longshoulder.core.joint.Joinery;
import longshoulder.core.joint.Joint;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Changes;
import longshoulder.core.plan.TriedCandidate;
import longshoulder.core.project.Edit;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.Lines;
import longshoulder.desktop.document.Trial;
import longshoulder.desktop.document.Workbench;

/**
 * One type of joint for the meeting: its name, its picture, and what its own figures say for and against it. While it is tried out
 * the card says what would change, to be taken for this joint, for all like it, or left.
 */
final class CandidateCard extends VBox {

    /** More changed figures than these are counted instead of told. */
    private static final int MOST_TOLD = 7;

    private final Workbench bench;
    private final Joint joint;
    private final JointKind kind;

    CandidateCard(Workbench bench, Joint joint, TriedCandidate one, Node picture) {
        Candidate candidate = one.candidate();
        this.bench = bench;
        this.joint = joint;
        this.kind = candidate.kind();
        getStyleClass().add("candidate");
        getChildren().addAll(name(), picture);
        tried().ifPresent(trial -> getChildren().add(trial(trial)));
        one.stop().ifPresent(stop -> getChildren()
                .add(Lines.of(Texts.get("joints.stopped") + " " + bench.words().say(stop) + ".", "stop-text")));
        candidate.speaksFor().forEach(reason -> getChildren().add(Lines.of("+  " + bench.words().say(reason), "for")));
        candidate.speaksAgainst()
                .forEach(reason -> getChildren().add(Lines.of("\u2212  " + bench.words().say(reason), "against")));
    }

    private boolean isChosen() {
        return kind == joint.kind();
    }

    private Button name() {
        Button name = new Button(
                (isChosen() ? "\u25cf  " : "\u25cb  ") + bench.words().text("joint." + kind.id()));
        name.getStyleClass().setAll("choice", isChosen() ? "open" : "closed");
        name.setId("candidate-" + kind.id());
        name.setMaxWidth(Double.MAX_VALUE);
        name.setOnAction(action -> tryOut());
        return Lines.over(name);
    }

    private void tryOut() {
        if (isChosen()) {
            bench.trials().drop();
        } else {
            bench.trials().tryOut(choose(joint));
        }
    }

    private Edit choose(Joint one) {
        return choose(one, kind);
    }

    /** The edit that gives a joint a type. */
    static Edit choose(Joint one, JointKind kind) {
        return new Edit.Give(Address.of(one.id(), JointKind.CHOICE), new Value.Chosen(kind.id()));
    }

    /** What trying it out came to, where it is this type that is tried out. */
    private Optional<Trial> tried() {
        return bench.trials().shown().filter(trial -> !isChosen() && trial.edit().equals(choose(joint)));
    }

    /** Old against new. */
    private VBox trial(Trial trial) {
        VBox box = new VBox(Lines.of(Texts.get("joints.tried") + " " + bench.words().text("joint." + kind.id()),
                "strong"), button("take", Texts.get("joints.take"), bench::takeTrial));
        box.getStyleClass().add("trial");
        box.setId("trial");
        List<Joint> alike = Joinery.alike(joint, bench.plan().joints());
        if (alike.size() > 1) {
            box.getChildren().add(button("take-all", Texts.get("joints.takeAll") + " (" + alike.size() + ")",
                    () -> bench.edit(new Edit.All(alike.stream().map(this::choose).toList()))));
        }
        box.getChildren().add(button("leave", Texts.get("joints.leave"), bench.trials()::drop));
        findings(box, trial.changes().fresh(), "joints.fresh");
        findings(box, trial.changes().gone(), "joints.gone");
        List<Changes.Figure> figures = trial.changes().figures();
        figures.stream().limit(MOST_TOLD).forEach(figure -> box.getChildren().add(Lines.of(say(figure), "change")));
        if (figures.size() > MOST_TOLD) {
            box.getChildren().add(Lines.of(figures.size() - MOST_TOLD + " " + Texts.get("joints.more"), "quiet"));
        }
        return box;
    }

    private String say(Changes.Figure figure) {
        return bench.words().say(figure.label()) + ": " + shown(figure.before()) + " \u2192 " + shown(figure.after());
    }

    private String shown(Optional<Length> length) {
        return length.map(bench.words()::length).orElse("\u2013");
    }

    private void findings(VBox box, List<Finding> findings, String key) {
        findings.forEach(finding -> box.getChildren()
                .add(Lines.of(Texts.get(key) + " " + bench.words().say(finding) + ".", level(finding) + "-text")));
    }

    /** The name of a finding's level as styles and texts have it. */
    static String level(Finding finding) {
        return finding.level().name().toLowerCase(Locale.ROOT);
    }

    /** A button as wide as the card. */
    static Button button(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("remedy");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(event -> action.run());
        return Lines.over(button);
    }
}
