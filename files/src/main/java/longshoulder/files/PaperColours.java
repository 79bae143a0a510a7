package longshoulder.files;

import longshoulder.core.drawing.Meaning;
import longshoulder.core.drawing.Tint;
import longshoulder.core.wood.Species;

/** The colours of drawings on paper, as 0xRRGGBB: dark enough that they can be told from the paper in black and white. */
final class PaperColours {

    private static final int INK = 0x1e2d36;
    private static final int QUIET = 0x55646b;
    private static final int GIVEN = 0x8f3a10;
    private static final int LIT = 0x13646c;
    private static final int PICKED_OUT = 0x9cc4bd;
    private static final int STOP = 0xa3161b;
    private static final int RISK = 0x7d5000;
    private static final int NOTE = 0x3f5766;
    private static final int WHITE = 0xffffff;

    /** Woods are this much paler than on a screen, so that lines and pencil marks stand out. */
    private static final double PALER = 0.35;

    private PaperColours() {}

    static int of(Meaning meaning) {
        return switch (meaning) {
            case VISIBLE_EDGE, THIN_EDGE, TEXT, KNIFE_LINE -> INK;
            case LIT_EDGE -> LIT;
            case HIDDEN_EDGE, SECTION, WASTE, DERIVED, GAUGE_LINE, PENCIL_LINE, CAPTION, EXTENSION, GRAIN -> QUIET;
            case FORMER_EDGE, GIVEN -> GIVEN;
            case STOP -> STOP;
            case RISK -> RISK;
            case NOTE -> NOTE;
        };
    }

    /** What lies under a thin line that leads to a figure is seen through it. */
    static float opacity(Meaning meaning) {
        return meaning == Meaning.EXTENSION || meaning == Meaning.GRAIN ? 0.4f : 1;
    }

    static int of(Tint tint) {
        if (tint.isInk()) {
            return INK;
        }
        if (tint.isPaper()) {
            return WHITE;
        }
        int wood = tint.isPickedOut() ? PICKED_OUT : Species.colourOf(tint.wood());
        return mixed(mixed(wood, WHITE, PALER), INK, tint.shade());
    }

    private static int mixed(int colour, int other, double share) {
        int mixed = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            int one = colour >> shift & 0xff;
            int two = other >> shift & 0xff;
            mixed |= (int) Math.round(one + share * (two - one)) << shift;
        }
        return mixed;
    }
}
