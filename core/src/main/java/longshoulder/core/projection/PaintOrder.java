package longshoulder.core.projection;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.View;

/**
 * Puts the cells of all pieces in an order in which nearer ones can be painted over farther ones.
 *
 * <p>The order is a depth-first walk over "must be painted before". Where cells lie over each other in a true circle, as a pane
 * does with the members of its frame, the largest of them is cut along a plane of another and the walk begins anew.
 */
final class PaintOrder {

    /** Circles are rare; a picture in which so many cuts do not end them is painted as it comes. */
    private static final int MOST_CUTS = 64;

    private enum State {
        NEW, OPEN, DONE
    }

    private final View view;
    private final List<Painted> items = new ArrayList<>();
    private final List<Painted> ordered = new ArrayList<>();
    /** Indices of the cells whose forerunners are being looked for, each the forerunner of the one before. */
    private final List<Integer> path = new ArrayList<>();
    private final Precedence precedence;
    private State[] states = {};

    PaintOrder(List<DrawnPart> pieces, View view) {
        this.view = view;
        for (DrawnPart piece : pieces) {
            for (DrawnPart.Outside one : piece.outside()) {
                // Cells without such a face paint nothing, and ask for no order.
                if (Patch.anySeen(one.faces(), view)) {
                    items.add(Painted.of(piece.piece(), one.cell(), one.faces(), one.inlays(), view));
                }
            }
        }
        precedence = new Precedence(items, view);
    }

    List<Patch> patches() {
        int cuts = 0;
        while (!walk(cuts < MOST_CUTS)) {
            cuts++;
        }
        List<Patch> patches = new ArrayList<>();
        for (Painted item : ordered) {
            patches.addAll(Patch.of(item.piece(), item.faces(), view));
            for (Inlay inlay : item.inlays()) {
                patches.addAll(Patch.of(inlay.piece(), List.of(inlay.face()), view));
            }
        }
        return OcclusionCulling.of(patches);
    }

    /** One walk over all cells; not to the end where a circle was found and cut. */
    private boolean walk(boolean cutCircles) {
        ordered.clear();
        path.clear();
        states = new State[items.size()];
        Arrays.fill(states, State.NEW);
        for (int i = 0; i < items.size(); i++) {
            if (states[i] == State.NEW && !visit(i, cutCircles)) {
                return false;
            }
        }
        return true;
    }

    private boolean visit(int index, boolean cutCircles) {
        states[index] = State.OPEN;
        path.add(index);
        for (int other = precedence.before(index, 0); other >= 0; other = precedence.before(index, other + 1)) {
            if (states[other] == State.OPEN && cutCircles
                    && cut(path.subList(path.indexOf(other), path.size()))) {
                return false;
            }
            if (states[other] == State.NEW && !visit(other, cutCircles)) {
                return false;
            }
        }
        path.removeLast();
        states[index] = State.DONE;
        ordered.add(items.get(index));
        return true;
    }

    /** Cuts the largest cell of a circle along a plane of another of its cells; false where no plane cuts any. */
    private boolean cut(List<Integer> circle) {
        List<Integer> largestFirst = circle.stream()
                .sorted(Comparator.comparingDouble((Integer i) -> items.get(i).outline().boxArea()).reversed())
                .toList();
        for (int index : largestFirst) {
            for (int other : circle) {
                Optional<HalfSpace> plane = items.get(other).cell().faces().stream().map(Polygon::plane)
                        .filter(items.get(index)::isCutBy).findFirst();
                if (plane.isPresent()) {
                    Painted whole = items.get(index);
                    items.set(index, whole.within(plane.get(), view));
                    items.add(whole.within(plane.get().complement(), view));
                    precedence.changed(index);
                    precedence.added();
                    return true;
                }
            }
        }
        return false;
    }
}
