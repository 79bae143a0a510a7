package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Polygon;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Tolerance;
import longshoulder.core.geometry.View;

/**
 * Puts the cells of all pieces in an order in which nearer ones can be painted over farther ones.
 *
 * <p>A cell has to be painted before another unless a plane of one of the two shows that it is clear of it: that it lies on the
 * eye's side; or their outlines do not overlap. All planes are asked, not only the first that parts the two: two cells that are
 * apart along several axes ask for no order, and an order that nothing asks for may close a circle. The order is a depth-first
 * walk over "must be painted before". Where cells lie over each other in a true circle, as a pane does with the members of
 * its frame, the largest of them is cut along a plane of another and the walk begins anew.
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
    private State[] states = {};

    PaintOrder(List<Shown> pieces, View view) {
        this.view = view;
        List<Solid> bodies = pieces.stream().map(Shown::body).toList();
        for (int at = 0; at < pieces.size(); at++) {
            Shown piece = pieces.get(at);
            for (int i = 0; i < piece.solid().cells().size(); i++) {
                if (!isBuried(at, piece.solid().cells().get(i), bodies)) {
                    items.add(Painted.of(piece, i, view));
                }
            }
        }
    }

    /** Whether a cell, such as a stopped tenon, lies wholly inside the body of another piece: nothing of it is ever seen. */
    private static boolean isBuried(int piece, Cell cell, List<Solid> bodies) {
        for (int other = 0; other < bodies.size(); other++) {
            if (other != piece && bodies.get(other).cells().stream().anyMatch(body -> body.contains(cell))) {
                return true;
            }
        }
        return false;
    }

    List<Patch> patches() {
        int cuts = 0;
        while (!walk(cuts < MOST_CUTS)) {
            cuts++;
        }
        return ordered.stream().flatMap(item -> patches(item).stream()).toList();
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
        for (int other = 0; other < items.size(); other++) {
            if (states[other] != State.DONE && (cutCircles || states[other] == State.NEW) && other != index
                    && mustPrecede(items.get(other), items.get(index))) {
                if (states[other] == State.OPEN && cut(path.subList(path.indexOf(other), path.size()))) {
                    return false;
                }
                if (states[other] == State.NEW && !visit(other, cutCircles)) {
                    return false;
                }
            }
        }
        path.removeLast();
        states[index] = State.DONE;
        ordered.add(items.get(index));
        return true;
    }

    private boolean mustPrecede(Painted one, Painted other) {
        return one.outline().mayOverlap(other.outline()) && !one.cell().isClearOf(other.cell(), view.toEye())
                && one.outline().overlaps(other.outline());
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
                    return true;
                }
            }
        }
        return false;
    }

    private List<Patch> patches(Painted item) {
        List<Patch> patches = new ArrayList<>();
        for (Polygon face : item.faces()) {
            double facing = face.plane().normal().dot(view.toEye());
            if (facing > Tolerance.DIRECTION) {
                patches.add(new Patch(item.piece(), face.corners().stream().map(view::flat).toList(), facing,
                        face.plane().normal().getZ()));
            }
        }
        return patches;
    }
}
