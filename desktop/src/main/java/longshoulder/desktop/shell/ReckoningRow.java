package longshoulder.desktop.shell;

import java.util.Optional;
import longshoulder.core.reckoning.Amount;

/**
 * One row of the reckoning before it becomes nodes. Rows that {@link #looksLike} each other differ in their figure at
 * most, so that the nodes can stay when a size changes.
 *
 * @param what its kind
 * @param id of what it is about: a figure, an option or a piece
 * @param text what it says
 * @param amount what its figure shows, if it has one
 * @param figure the figure as shown; empty without one
 * @param depth how deep it stands in the tree of amounts
 * @param parameter the parameter that typing into its figure sets, if it can be typed into
 * @param open whether it is the one that is chosen
 */
record ReckoningRow(What what, String id, String text, Optional<Amount> amount, String figure, int depth,
        Optional<String> parameter, boolean open) {

    /** The kinds of row. */
    enum What {
        PIECE, WOOD, LINE, RESULT, BECAUSE, SUBHEADING, SENTENCE, RULE, JOINT, OPTION, FIGURE, LEAVABLE, AS_CUT
    }

    /** A sentence whose figures may change while it stays. */
    static ReckoningRow sentence(String id, String sentence) {
        return new ReckoningRow(What.SENTENCE, id, "", Optional.empty(), sentence, 0, Optional.empty(), false);
    }

    static ReckoningRow words(What what, String id, String text, int depth, boolean open) {
        return new ReckoningRow(what, id, text, Optional.empty(), "", depth, Optional.empty(), open);
    }

    /** Whether nothing but the figure differs. */
    boolean looksLike(ReckoningRow other) {
        return what == other.what && id.equals(other.id) && text.equals(other.text) && depth == other.depth
                && parameter.equals(other.parameter) && open == other.open && isGiven() == other.isGiven()
                && isDerived() == other.isDerived()
                && (amount.isPresent() || what == What.AS_CUT || what == What.SENTENCE || figure.equals(other.figure));
    }

    boolean isGiven() {
        return amount.filter(Amount.Given.class::isInstance).isPresent();
    }

    boolean isDerived() {
        return amount.filter(Amount::isDerived).isPresent();
    }
}
