package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * The case of a cabinet: posts and face frame, without what the top overhangs and without doors that are laid over the front.
 *
 * <p>Overall width = case + at both sides the overhang, or what an overlaid door overlaps beyond the post, whichever stands out farther;
 * overall depth = case + the overhang behind + the overhang or an overlaid door in front. Given are the overall sizes, or those of the case.
 *
 * @param width over the posts
 * @param depth over the posts and the face frame
 * @param overPosts depth over the posts alone
 * @param ahead how far the top or the doors stand out in front, in millimetres
 * @param beside how far they stand out at each side, in millimetres
 * @param base height of the lower edge of the lower rails, in millimetres
 * @param top height of the posts, in millimetres
 */
record CabinetCase(Amount width, Amount depth, Amount overPosts, double ahead, double beside, double base, double top) {

    static CabinetCase of(Brief brief, Amount postLength) {
        Amount overhang = brief.required("top.overhang");
        Amount ahead = overhang;
        Amount beside = overhang;
        if (isOverlaid(brief)) {
            ahead = farther("amount.standsOut", overhang, brief.required("door.thickness"));
            beside = farther("amount.standsOutBeside", overhang, Amount.sum(Label.of("amount.overlapBeyond"))
                    .plus(brief.required("door.overlap")).minus(besideOpening(brief)).amount());
        }
        Amount width = overallWidth(brief);
        Amount depth = overallDepth(brief);
        if (isOverall(brief)) {
            width = Amount.sum(Label.of("amount.caseWidth")).plus(width).minus(2, beside).amount();
            depth = Amount.sum(Label.of("amount.wholeCaseDepth")).plus(depth).minus(overhang).minus(ahead).amount();
        }
        Amount overPosts = hasFaceFrame(brief)
                ? Amount.sum(Label.of("amount.caseDepth")).plus(depth).minus(brief.required("face.thickness")).amount()
                : depth;
        return new CabinetCase(width, depth, overPosts, mm(ahead), mm(beside), mm(brief.required("base.height")),
                mm(postLength));
    }

    /** As given; in a niche that was measured with room at both sides. */
    static Amount overallWidth(Brief brief) {
        return inNiche(brief, "overall.width", 2);
    }

    /** As given; in a niche with room behind it. */
    static Amount overallDepth(Brief brief) {
        return inNiche(brief, "overall.depth", 1);
    }

    /** As given; in a niche with room above it. */
    static Amount overallHeight(Brief brief) {
        return inNiche(brief, "overall.height", 1);
    }

    private static Amount inNiche(Brief brief, String size, int times) {
        Amount given = brief.required(size);
        return brief.choice("size.given").equals(Optional.of("niche"))
                ? Amount.sum(Label.of("amount.inNiche." + size)).plus(given).minus(times, brief.required("niche.room"))
                        .amount()
                : given;
    }

    static boolean isOverall(Brief brief) {
        return !brief.choice("size.given").equals(Optional.of("case"));
    }

    static boolean hasFaceFrame(Brief brief) {
        return brief.choice("face.frame").equals(Optional.of("glued-on"));
    }

    /** What stands at both sides of the opening: the posts, or the stiles of the face frame. */
    static Amount besideOpening(Brief brief) {
        return brief.required(hasFaceFrame(brief) ? "face.stile" : "post.width");
    }

    private static Amount farther(String what, Amount overhang, Amount door) {
        return new Amount.Greatest(Label.of(what), List.of(overhang, door), Label.of("rule.standsOut"));
    }

    static boolean isOverlaid(Brief brief) {
        return brief.choice("door.hang").equals(Optional.of("overlaid"))
                && !brief.choice("front").equals(Optional.of("open"));
    }

    /** Where the fronts of the posts stand, in millimetres: behind the face frame, if there is one. */
    double front() {
        return mm(depth) - mm(overPosts);
    }
}
