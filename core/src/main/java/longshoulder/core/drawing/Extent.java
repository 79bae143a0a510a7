package longshoulder.core.drawing;

/** The box round a drawing, in millimetres; all zero for an empty one. */
public record Extent(double left, double low, double right, double high) {

    public double width() {
        return right - left;
    }

    public double height() {
        return high - low;
    }
}
