package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.plan.Plan;
import longshoulder.core.projection.Patch;
import longshoulder.core.projection.Projection;
import longshoulder.core.projection.Stroke;

/** The marks of what is seen in a view: faces in the tints of their woods, hidden edges over them, then those that are seen. */
public final class ViewMarks {

    /** A face that looks upwards is not shaded; others are, the more the less they face the eye. */
    private static final double UPWARDS = 0.5;
    private static final double LEAST_SHADE = 0.06;
    private static final double MORE_SHADE = 0.16;

    private final Map<String, String> woods = new HashMap<>();
    private final String lit;

    /** @param lit id of the piece that is picked out; empty for none */
    public ViewMarks(Plan plan, String lit) {
        plan.pieces().forEach(piece -> woods.put(piece.id(), piece.wood()));
        this.lit = lit;
    }

    /** All that is seen, and what is hidden in dashes. */
    public List<Mark> of(Projection projection) {
        return of(projection, List.of());
    }

    /**
     * The same with something between.
     *
     * @param between what lies over the faces and under the edges
     */
    public List<Mark> of(Projection projection, List<Mark> between) {
        List<Mark> marks = faces(projection);
        marks.addAll(between);
        List<Mark> seen = new ArrayList<>();
        List<Mark> ofLit = new ArrayList<>();
        for (Stroke stroke : projection.strokes()) {
            boolean isLit = stroke.piece().equals(lit);
            switch (stroke.kind()) {
                case HIDDEN -> marks.add(line(stroke, Meaning.HIDDEN_EDGE));
                case VISIBLE -> (isLit ? ofLit : seen).add(line(stroke,
                        isLit ? Meaning.LIT_EDGE : Meaning.VISIBLE_EDGE));
                case DOUBLED -> {
                    if (isLit) {
                        ofLit.add(line(stroke, Meaning.LIT_EDGE));
                    }
                }
            }
        }
        marks.addAll(seen);
        marks.addAll(ofLit);
        return marks;
    }

    /** The same in thin lines and without hidden edges, for small pictures. */
    public List<Mark> fine(Projection projection) {
        List<Mark> marks = faces(projection);
        marks.addAll(visible(projection, Meaning.THIN_EDGE));
        return marks;
    }

    /** What was there before an edit that is tried out. */
    static List<Mark> former(Projection before) {
        return visible(before, Meaning.FORMER_EDGE);
    }

    private static List<Mark> visible(Projection projection, Meaning meaning) {
        List<Mark> marks = new ArrayList<>();
        for (Stroke stroke : projection.strokes()) {
            if (stroke.kind() == Stroke.Kind.VISIBLE) {
                marks.add(line(stroke, meaning));
            }
        }
        return marks;
    }

    private static Mark line(Stroke stroke, Meaning meaning) {
        return new Mark.Line(stroke.from(), stroke.to(), meaning);
    }

    private List<Mark> faces(Projection projection) {
        List<Mark> marks = new ArrayList<>(projection.patches().size() + projection.strokes().size());
        for (Patch patch : projection.patches()) {
            marks.add(new Mark.Face(patch.corners(), tint(patch)));
        }
        return marks;
    }

    private Tint tint(Patch patch) {
        double shade = patch.lift() > UPWARDS ? 0 : LEAST_SHADE + MORE_SHADE * (1 - patch.facing());
        // Wedges and loose tenons are no pieces of the plan.
        return new Tint(patch.piece().equals(lit) ? "" : woods.getOrDefault(patch.piece(), ""), shade);
    }
}
