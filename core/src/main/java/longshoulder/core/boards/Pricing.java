package longshoulder.core.boards;

/** Finds the pattern of one size of board whose pieces are worth most together: the step that makes columns for {@link ColumnGeneration}. */
interface Pricing {

    /**
     * The dearest pattern.
     *
     * @param worth of each size of piece, not negative
     * @param most how many of each a pattern may hold; a pricing may hold more, and then its worth is only a bound
     */
    Priced dearest(long[] worth, int[] most);

    /** Whether every pattern that it finds can be sawn. */
    boolean isExact();

    /**
     * The dearest pattern, and the bound on what any is worth.
     *
     * @param counts of each size in the pattern
     * @param worth no pattern that can be sawn is worth more
     */
    @SuppressWarnings("ArrayRecordComponent") // read in inner loops and never compared
    record Priced(int[] counts, long worth) {}
}
