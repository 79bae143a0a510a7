package longshoulder.desktop.panel;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.drawing.Extent;
import longshoulder.core.marking.Rod;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.desktop.Texts;
import longshoulder.desktop.look.Brush;
import longshoulder.desktop.look.FigureField;
import longshoulder.desktop.look.FocusKeeper;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.PartCanvas;
import longshoulder.desktop.look.Row;
import longshoulder.desktop.look.Themed;
import longshoulder.desktop.model.Workbench;

/**
 * The rod: the lit piece as it would lie on the bench, ends, shoulders and mortises at their running figures, waste
 * hatched. Lengths are to scale; widths are drawn at their own scale so that a slender piece can still be read.
 */
public final class RodPane extends Pane implements Themed {

    private static final double SIDE = 96;
    private static final double TOP = 56;
    private static final double BOTTOM = 14;
    private static final double BETWEEN = 8;
    private static final double HEIGHT = 164;
    private static final double WIDEST = 62;
    /** Where marks begin and end, over and under the faces. */
    private static final double MARK_TOP = TOP - 6;
    private static final double MARK_END = HEIGHT - BOTTOM + 4;
    /** A rod shorter than this on the screen is not drawn. */
    private static final double SHORTEST = 10;

    private final Workbench bench;
    private final PartCanvas canvas = new PartCanvas();
    /** What was drawn last, or is about to be. */
    private Optional<Laid> laid = Optional.empty();
    private final Label heading = label("rod-heading");
    /** Kept from edit to edit, like everything that has to be styled: the names of the faces, and figures by what they show. */
    private final List<Label> faceNames = new ArrayList<>();
    private final Map<String, FigureField> fields = new HashMap<>();

    /** A piece of a plan as it lies on the rod: each of its faces. */
    private record Laid(Plan plan, PlannedPiece piece, Rod rod, List<Drawing> faces) {

        static Optional<Laid> of(Plan plan, String id) {
            if (!plan.has(id) || plan.piece(id).form().isNothing()) {
                return Optional.empty();
            }
            PlannedPiece piece = plan.piece(id);
            Rod rod = Rod.of(plan, id);
            return Optional.of(new Laid(plan, piece, rod,
                    Drawing.alone(piece, rod.faces().stream().map(Rod.Face::view).toList())));
        }

        @SuppressWarnings("ReferenceEquality") // a plan that is merely equal is not worth the comparison
        boolean isOf(Plan other, String id) {
            return plan == other && piece.id().equals(id);
        }
    }

    public RodPane(Workbench bench) {
        this.bench = bench;
        setId("rod");
        getStyleClass().add("rod");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        heading.relocate(16, 4);
        bench.prepare(plan -> {
            Optional<Laid> next = Laid.of(plan, bench.pieceProperty().get());
            return () -> laid = next;
        });
        bench.planProperty().addListener((observed, was, is) -> rebuild());
        bench.pieceProperty().addListener((observed, was, is) -> rebuild());
        widthProperty().addListener((observed, was, is) -> rebuild());
    }

    private static Label label(String styleClass) {
        Label label = new Label();
        label.getStyleClass().add(styleClass);
        return label;
    }

    @Override
    public void recolour() {
        rebuild();
    }

    private void rebuild() {
        Plan plan = bench.plan();
        String piece = bench.pieceProperty().get();
        if (laid.filter(known -> known.isOf(plan, piece)).isEmpty()) {
            laid = Laid.of(plan, piece);
        }
        List<Node> nodes = new ArrayList<>(List.of(canvas.node()));
        double length = getWidth() - 2 * SIDE;
        Brush brush = canvas.clear(new Rectangle2D(SIDE, MARK_TOP, Math.max(0, length), MARK_END - MARK_TOP),
                getWidth(),
                HEIGHT);
        if (length >= SHORTEST) {
            laid.ifPresent(lying -> draw(lying, length, brush, nodes));
        }
        if (!getChildren().equals(nodes)) {
            FocusKeeper.rebuild(this, () -> getChildren().setAll(nodes));
        }
    }

    private void draw(Laid lying, double length, Brush brush, List<Node> nodes) {
        double scale = length / lying.rod().marks().getLast().position().value().toMillimetres();
        strips(brush, lying, scale, nodes);
        figures(brush, lying.rod(), scale, nodes);
        PlannedPiece piece = lying.piece();
        heading.setText(Texts.get("rod.heading") + "  " + piece.piece().mark() + "  " + bench.words().name(piece.id()));
        nodes.add(heading);
    }

    private void strips(Brush brush, Laid lying, double scale, List<Node> nodes) {
        Rod rod = lying.rod();
        PlannedPiece piece = lying.piece();
        double room = HEIGHT - TOP - BOTTOM - BETWEEN * (rod.faces().size() - 1);
        double each = Math.min(WIDEST, room / rod.faces().size());
        double top = TOP + (room - each * rod.faces().size()) / 2;
        for (int i = 0; i < lying.faces().size(); i++) {
            Rod.Face face = rod.faces().get(i);
            Drawing drawing = lying.faces().get(i);
            Extent extent = drawing.extent();
            double upright = each / Math.max(1e-6, extent.height());
            RodStrip strip = new RodStrip(brush, extent, scale, upright, SIDE, top);
            strip.hatchEnds(rod);
            strip.draw(drawing, Palette.wood(piece.wood()));
            bench.plan().mortisesIn(piece.id()).stream().filter(joint -> face.joints().contains(joint.id()))
                    .forEach(joint -> strip.waste(joint.removes(), face.view()));
            nodes.add(faceName(i, bench.words().text(face.name()), top + each / 2 - 9));
            top += each + BETWEEN;
        }
    }

    private Label faceName(int index, String text, double y) {
        while (faceNames.size() <= index) {
            Label fresh = label("face-name");
            fresh.setPrefWidth(SIDE - 14);
            faceNames.add(fresh);
        }
        Label name = faceNames.get(index);
        name.setText(text);
        name.relocate(8, y);
        return name;
    }

    private void figures(Brush brush, Rod rod, double scale, List<Node> nodes) {
        List<Double> marks = new ArrayList<>();
        List<FigureField> shown = new ArrayList<>();
        for (Rod.Mark mark : rod.marks()) {
            double x = SIDE + scale * mark.position().value().toMillimetres();
            boolean shoulder = mark.kind() == Rod.Kind.SHOULDER;
            brush.line(shoulder ? Palette.lit() : Palette.quiet(), shoulder ? 1.6 : 0.8, false);
            brush.draw(x, MARK_TOP, x, MARK_END);
            brush.dry();
            if (!marks.contains(x)) {
                marks.add(x);
                shown.add(field(mark, "rod-" + marks.size()));
            }
        }
        nodes.addAll(shown);
        double[] left = Row.spread(marks.stream().mapToDouble(Double::doubleValue).toArray(),
                shown.stream().mapToDouble(FigureField::figureWidth).toArray(), getWidth() - 4);
        for (int i = 0; i < left.length; i++) {
            shown.get(i).relocate(Math.rint(left[i]), TOP - 8 - shown.get(i).figureHeight());
        }
    }

    private FigureField field(Rod.Mark mark, String id) {
        String figure = bench.words().figure(mark.position().value());
        String name = Texts.get("rod." + mark.kind().name()) + ", " + bench.words().say(mark.position().label());
        FigureField field = fields.computeIfAbsent(id + " " + name,
                key -> new FigureField(figure, name, false, false, () -> open(mark), typed -> false).named(id));
        field.show(figure);
        return field;
    }

    private void open(Rod.Mark mark) {
        bench.figureProperty().set(Optional.of(mark.position().label()));
    }
}
