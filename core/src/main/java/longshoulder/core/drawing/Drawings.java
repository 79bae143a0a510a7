package longshoulder.core.drawing;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.PlannedPiece;

/** All drawings of a plan by the names that people give them, such as {@code sheet} or {@code rod:B1}. */
public final class Drawings {

    /** A new drawing is one class and a line here. */
    private static final List<Named> ALL = List.of(
            whole("front", context -> new FlatViewDrawing(context, View.FRONT, "view.front")),
            whole("end", context -> new FlatViewDrawing(context, View.END, "view.end")),
            whole("plan", context -> new FlatViewDrawing(context, View.PLAN, "view.plan")),
            whole("pictorial", context -> new PictorialDrawing(context, PictorialLook.FIRST)),
            whole("overall", OverallDrawing::new),
            whole("sheet", context -> new SheetWithFindings(context, PictorialLook.FIRST)),
            part("joint", "ID", (context, id) -> joint(context, id).map(joint -> new JointDrawing(context, joint))),
            part("rod", "PIECE", (context, name) -> piece(context, name)
                    .map(piece -> new RodDrawing(context, piece.id()))),
            whole("lengths", LengthsDrawing::new));

    /** What can be asked for, as it is said to people. */
    public static final List<String> NAMES = ALL.stream().map(Named::hint).toList();

    private Drawings() {}

    /**
     * A drawing by its name.
     *
     * @param part what is named of the plan after a colon, such as {@code PIECE}; empty for drawings of the whole plan
     * @param make empty if the plan has no such part
     */
    private record Named(String name, String part, BiFunction<DrawingContext, String, Optional<Drawing>> make) {

        String hint() {
            return part.isEmpty() ? name : name + ":" + part;
        }
    }

    private static Named whole(String name, Function<DrawingContext, Drawing> make) {
        return new Named(name, "", (context, none) -> Optional.of(make.apply(context)));
    }

    private static Named part(String name, String part, BiFunction<DrawingContext, String, Optional<Drawing>> make) {
        return new Named(name, part, make);
    }

    /** The drawing of a name; empty if there is none, or nothing in the plan that it names. */
    public static Optional<Drawing> find(DrawingContext context, String name) {
        int colon = name.indexOf(':');
        String what = colon < 0 ? name : name.substring(0, colon);
        String part = colon < 0 ? "" : name.substring(colon + 1);
        return ALL.stream().filter(one -> one.name.equals(what) && one.part.isEmpty() == (colon < 0)).findFirst()
                .flatMap(one -> one.make.apply(context, part));
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
