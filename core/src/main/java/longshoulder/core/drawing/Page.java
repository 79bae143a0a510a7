package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.List;

/**
 * A drawing laid out: what pens draw.
 *
 * @param width in millimetres of paper
 * @param height in millimetres of paper
 * @param groups in the order in which they are drawn
 */
public record Page(double width, double height, List<Group> groups) {

    public Page {
        groups = List.copyOf(groups);
    }

    /**
     * Marks that lie on the page in the same way, in the order in which they are drawn.
     *
     * @param onPaper whether they belong to the paper and not to the piece, as captions and tables do: a pen that draws in millimetres of
     *     the piece draws them larger
     */
    public record Group(Placement placement, List<Mark> marks, boolean onPaper) {

        /** Marks of the piece. */
        public Group(Placement placement, List<Mark> marks) {
            this(placement, marks, false);
        }

        /** Marks of the paper, in millimetres of paper from a place on the page; y runs upwards. */
        public static Group onPaper(double x, double y, List<Mark> marks) {
            return new Group(new Placement(1, x, y), marks, true);
        }

        public Group {
            marks = List.copyOf(marks);
        }

        Group shifted(double right, double down) {
            return new Group(new Placement(placement.scale(), placement.x() + right, placement.y() + down), marks,
                    onPaper);
        }

        /** Draws all its marks. */
        public void draw(Pen pen) {
            pen.begin(this);
            marks.forEach(mark -> mark.draw(pen, placement));
        }
    }

    /** Draws all of it. */
    public void draw(Pen pen) {
        groups.forEach(group -> group.draw(pen));
    }

    /** The same on a larger page with a margin all round. */
    Page framed(double margin) {
        return new Page(width + 2 * margin, height + 2 * margin, shifted(margin, margin));
    }

    /** Its groups moved to the right and down. */
    public List<Group> shifted(double right, double down) {
        return groups.stream().map(group -> group.shifted(right, down)).toList();
    }

    /** The same with more on it. */
    public Page with(List<Group> more) {
        List<Group> all = new ArrayList<>(groups);
        all.addAll(more);
        return new Page(width, height, all);
    }
}
