package longshoulder.core.drawing;

/** How wide text is in the typeface of whoever draws it. */
@FunctionalInterface
public interface TextMeasure {

    /**
     * The width of a text in millimetres of paper.
     *
     * @param size of the typeface, in millimetres of paper
     */
    double width(String text, double size, boolean bold);
}
