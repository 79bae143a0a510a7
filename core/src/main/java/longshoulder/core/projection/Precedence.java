package longshoulder.core.projection;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import longshoulder.core.geometry.BoxPairs;
import longshoulder.core.geometry.View;

/**
 * Which cells must be painted before which. Each pair is asked once: where a cell is cut, only what hangs on it is asked anew.
 *
 * <p>A cell has to be painted before another unless a plane of one of the two shows that it is clear of it: that it lies on the
 * eye's side; or their outlines do not overlap. All planes are asked, not only the first that parts the two: two cells that are
 * apart along several axes ask for no order, and an order that nothing asks for may close a circle.
 */
final class Precedence {

    private final View view;
    private final List<Painted> items;

    /** By the index of a cell, those of the cells that must be painted before it. */
    private final List<BitSet> before = new ArrayList<>();

    /** @param items the cells; the list is read again whenever this is told that it changed */
    Precedence(List<Painted> items, View view) {
        this.items = items;
        this.view = view;
        items.forEach(item -> before.add(new BitSet(items.size())));
        BoxPairs.visit(items.stream().map(item -> item.outline().box()).toList(), this::relate);
    }

    /** The first that must be painted before a cell, from an index on; less than nothing if there is none. */
    int before(int index, int from) {
        return before.get(index).nextSetBit(from);
    }

    /** A cell was changed. */
    void changed(int index) {
        before.forEach(set -> set.clear(index));
        before.get(index).clear();
        relateToAll(index);
    }

    /** A cell was added at the end. */
    void added() {
        before.add(new BitSet());
        relateToAll(items.size() - 1);
    }

    private void relateToAll(int index) {
        for (int other = 0; other < before.size(); other++) {
            if (other != index) {
                relate(index, other);
            }
        }
    }

    private void relate(int one, int other) {
        Painted a = items.get(one);
        Painted b = items.get(other);
        if (!a.outline().mayOverlap(b.outline())) {
            return;
        }
        boolean aFirst = !a.cell().isClearOf(b.cell(), view.toEye());
        boolean bFirst = !b.cell().isClearOf(a.cell(), view.toEye());
        if ((aFirst || bFirst) && a.outline().overlaps(b.outline())) {
            if (aFirst) {
                before.get(other).set(one);
            }
            if (bFirst) {
                before.get(one).set(other);
            }
        }
    }
}
