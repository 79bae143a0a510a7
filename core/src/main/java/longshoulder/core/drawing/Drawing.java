package longshoulder.core.drawing;

/** Something that can be laid out on a page: a view, a sheet of views, a joint, a rod, the lengths. {@link Drawings} names them all. */
public interface Drawing {

    /** The largest scale at which it has room on a page, in millimetres of paper to one of the piece. */
    double largestScale(double width, double height);

    /** The least page on which it has room at a scale; it begins at nothing. */
    Area leastPage(double scale);

    /**
     * It laid out in the middle of a page.
     *
     * @param scale no larger than the largest for that page
     */
    Page page(double width, double height, double scale);

    /** As large as it can be on a page. */
    default Page fitted(double width, double height) {
        return page(width, height, largestScale(width, height));
    }

    /** At a scale on a page as large as it is. */
    default Page atScale(double scale) {
        Area least = leastPage(scale);
        return page(least.width(), least.height(), scale);
    }
}
