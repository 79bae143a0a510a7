package longshoulder.core.drawing;

/** A rectangle on a page, in millimetres of paper from its upper left corner. */
public record Area(double left, double top, double width, double height) {

    public double right() {
        return left + width;
    }

    public double bottom() {
        return top + height;
    }

    /** The least area that holds both. */
    public Area union(Area other) {
        double least = Math.min(left, other.left);
        double high = Math.min(top, other.top);
        return new Area(least, high, Math.max(right(), other.right()) - least,
                Math.max(bottom(), other.bottom()) - high);
    }

    /** The same with less room at its sides. */
    public Area inset(double atLeft, double atTop, double atRight, double atBottom) {
        return new Area(left + atLeft, top + atTop, width - atLeft - atRight, height - atTop - atBottom);
    }

    public boolean contains(double x, double y) {
        return x >= left && x <= right() && y >= top && y <= bottom();
    }

    /** Whether both have room in common; edges that touch do not count. */
    public boolean overlaps(Area other) {
        return left < other.right() && other.left < right() && top < other.bottom() && other.top < bottom();
    }
}
