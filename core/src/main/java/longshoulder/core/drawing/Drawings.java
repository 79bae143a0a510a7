package longshoulder.core.drawing;

import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.PlannedPiece;

/** All drawings of a plan by the names that people give them, such as {@code sheet} or {@code rod:B1}. */
public final class Drawings {

    /** What can be asked for, as it is said to people. */
    public static final List<String> NAMES = List.of("front", "end", "plan", "pictorial", "sheet", "joint:ID",
            "rod:PIECE", "lengths");

    private Drawings() {}

    /** The drawing of a name; empty if there is none, or nothing in the plan that it names. */
    public static Optional<Drawing> find(DrawingContext context, String name) {
        int colon = name.indexOf(':');
        String what = colon < 0 ? name : name.substring(0, colon);
        String of = colon < 0 ? "" : name.substring(colon + 1);
        if (colon >= 0 != (what.equals("joint") || what.equals("rod"))) {
            return Optional.empty();
        }
        return switch (what) {
            case "front" -> Optional.of(new FlatViewDrawing(context, View.FRONT, "view.front"));
            case "end" -> Optional.of(new FlatViewDrawing(context, View.END, "view.end"));
            case "plan" -> Optional.of(new FlatViewDrawing(context, View.PLAN, "view.plan"));
            case "pictorial" -> Optional.of(new PictorialDrawing(context, PictorialLook.FIRST));
            case "sheet" -> Optional.of(new SheetDrawing(context, PictorialLook.FIRST));
            case "joint" -> joint(context, of).map(joint -> new JointDrawing(context, joint));
            case "rod" -> piece(context, of).map(piece -> new RodDrawing(context, piece.id()));
            case "lengths" -> Optional.of(new LengthsDrawing(context));
            default -> Optional.empty();
        };
    }

    private static Optional<Joint> joint(DrawingContext context, String id) {
        return context.plan().joints().stream().filter(joint -> joint.id().equals(id)).findFirst();
    }

    /** A piece by its id or its mark. */
    private static Optional<PlannedPiece> piece(DrawingContext context, String name) {
        return context.plan().pieces().stream()
                .filter(piece -> piece.id().equals(name) || piece.piece().mark().equals(name)).findFirst();
    }
}
