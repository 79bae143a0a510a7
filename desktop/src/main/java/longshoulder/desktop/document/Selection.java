package longshoulder.desktop.document;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** What is lit and opened in the window: a piece, one of its joints, a figure, a finding. All views show the same selection. */
public final class Selection {

    private final ReadOnlyObjectProperty<Plan> plan;
    private final StringProperty piece = new SimpleStringProperty("");
    private final StringProperty joint = new SimpleStringProperty("");
    private final ObjectProperty<Optional<Label>> figure = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Finding>> finding = new SimpleObjectProperty<>(Optional.empty());

    /** @param plan of which something is selected */
    Selection(ReadOnlyObjectProperty<Plan> plan) {
        this.plan = plan;
        light(firstRail());
    }

    /** Id of the piece that is lit everywhere. */
    public StringProperty pieceProperty() {
        return piece;
    }

    /** The same. */
    public String piece() {
        return piece.get();
    }

    /** Label of the figure whose reckoning is open; empty for the piece's own. */
    public ObjectProperty<Optional<Label>> figureProperty() {
        return figure;
    }

    /** The finding whose words and remedies are open. */
    public ObjectProperty<Optional<Finding>> findingProperty() {
        return finding;
    }

    /** Id of the joint that is worked on; one of the lit piece's. */
    public StringProperty jointProperty() {
        return joint;
    }

    /** The joint that is worked on; empty where there is none at all. */
    public Optional<Joint> joint() {
        return joint(plan.get(), piece.get(), joint.get());
    }

    /** The same for a plan, a lit piece and a joint, by their ids. */
    public static Optional<Joint> joint(Plan plan, String piece, String joint) {
        List<Joint> own = plan.joints().stream().filter(one -> one.meeting().tenonPiece().id().equals(piece)
                || one.meeting().mortisePiece().id().equals(piece)).toList();
        return own.stream().filter(one -> one.id().equals(joint)).findFirst()
                .or(() -> own.stream().findFirst()).or(() -> plan.joints().stream().findFirst());
    }

    /** Works on a joint and lights its rail. */
    void workOn(Joint one) {
        joint.set(one.id());
        light(one.meeting().tenonPiece().id());
    }

    /** Lights a piece and opens its own reckoning. */
    public void light(String id) {
        figure.set(Optional.empty());
        piece.set(id);
    }

    /** Opens the reckoning of a figure. */
    public void openFigure(Amount amount) {
        figure.set(Optional.of(amount.label()));
    }

    /** Lights the piece that stands so many places after the lit one in the papers. */
    public void lightNext(int step) {
        int count = plan.get().pieces().size();
        for (int i = 0; i < count; i++) {
            if (plan.get().pieces().get(i).id().equals(piece.get())) {
                light(plan.get().pieces().get(Math.floorMod(i + step, count)).id());
                return;
            }
        }
        light(firstRail());
    }

    /** Opens the next finding, the worst first; closes it after the last. */
    public void nextFinding() {
        List<Finding> all = plan.get().findings();
        int next = finding.get().map(all::indexOf).orElse(-1) + 1;
        finding.set(next < all.size() ? Optional.of(all.get(next)) : Optional.empty());
    }

    /** Selects in a plan that was just shown what was selected in the one before; a finding that stops the work and is new is opened. */
    void follow(Plan before) {
        if (!plan.get().has(piece.get())) {
            light(firstRail());
        }
        finding.set(plan.get().findings().stream().filter(now -> now.level() == Level.STOP)
                .filter(now -> before.findings().stream().noneMatch(was -> was.code().equals(now.code())))
                .findFirst().or(() -> finding.get().flatMap(this::sameFinding)));
    }

    private Optional<Finding> sameFinding(Finding was) {
        return plan.get().findings().stream()
                .filter(now -> now.code().equals(was.code()) && now.about().equals(was.about())).findFirst();
    }

    private String firstRail() {
        return plan.get().pieces().stream().filter(one -> one.shoulderLength().isPresent()).findFirst()
                .or(() -> plan.get().pieces().stream().findFirst()).map(one -> one.id()).orElse("");
    }
}
