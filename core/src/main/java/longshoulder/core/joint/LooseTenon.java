package longshoulder.core.joint;

import static longshoulder.core.joint.RailEnd.mm;

import java.util.LinkedHashMap;
import java.util.Map;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * Both pieces are mortised, and a tenon of its own joins them: as long as both mortises are deep, less the room for glue,
 * which is left half at each end.
 *
 * @param like thickness, width and place, as if it grew on the rail; its depth is that of each mortise
 * @param length of the loose tenon
 */
public record LooseTenon(Tenon like, Amount length) implements Joint {

    private static final Length ROOM = Length.ofMicrometres(1_500);

    static Joint make(Setting setting) {
        Amount depth = setting.givenOr(Brief.MORTISE_DEPTH,
                () -> Setting.share("amount.mortiseDepth", setting.meeting().postExtent(), 1, 2, "rule.looseDepth"));
        Amount length = Amount.sum(Label.of("amount.looseLength")).plus(depth).plus(depth)
                .minus(Setting.ruled("amount.glueRoom", ROOM, "rule.glueRoom")).amount();
        return new LooseTenon(new TenonRules(setting).tenon().runs(depth, depth), length);
    }

    @Override
    public JointKind kind() {
        return JointKind.LOOSE_TENON;
    }

    @Override
    public Meeting meeting() {
        return like.meeting();
    }

    @Override
    public Amount addedLength() {
        return Setting.ruled("amount.nothingAdded", Length.ZERO, "rule.loose");
    }

    @Override
    public Solid adds() {
        return Solid.NOTHING;
    }

    @Override
    public Solid removes() {
        return like.removes();
    }

    @Override
    public Solid removesFromRail() {
        return new RailEnd(meeting()).intoRail(mm(like.depth()), mm(like.edgeShoulder()),
                mm(like.edgeShoulder()) + mm(like.width()), like.innerCheek(), like.outerCheek());
    }

    @Override
    public Solid loosePart() {
        double half = mm(length) / 2;
        double y0 = mm(like.edgeShoulder());
        double y1 = y0 + mm(like.width());
        RailEnd end = new RailEnd(meeting());
        return end.intoRail(half, y0, y1, like.innerCheek(), like.outerCheek())
                .plus(end.beyondShoulder(half, y0, y1, like.innerCheek(), like.outerCheek()));
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put(Brief.TENON_THICKNESS, like.thickness());
        figures.put("tenon.width", like.width());
        figures.put("loose.length", length);
        figures.put(Brief.MORTISE_DEPTH, like.depth());
        figures.put("near-cheek", like.cheekFromReference());
        figures.put("mortise-from-end", like.mortiseFromEnd());
        return figures;
    }
}
