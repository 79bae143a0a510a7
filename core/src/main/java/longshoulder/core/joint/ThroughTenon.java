package longshoulder.core.joint;

import static longshoulder.core.joint.RailEnd.mm;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A tenon right through the post, flush or standing proud; wedged on demand. Length = post + proud. Wedges stand across the
 * post's grain so that their push runs along it: the mortise is flared at its exit towards both ends of the post, over its
 * whole depth.
 *
 * @param tenon its depth is the post
 * @param proud how far it stands out
 * @param flare how much wider the exit is at each end than the entry; nothing without wedges
 */
public record ThroughTenon(Tenon tenon, Amount proud, Amount flare) implements Joint {

    static Joint make(Setting setting) {
        Meeting meeting = setting.meeting();
        Amount proud = setting.givenOr("tenon.proud", () -> Setting.ruled("amount.proud", Length.ZERO, "rule.flush"));
        Amount length = Amount.sum(Label.of("amount.tenonLength")).plus(meeting.postExtent()).plus(proud).amount();
        Tenon plain = new TenonRules(setting).tenon();
        Tenon tenon = plain.runs(length, meeting.postExtent());
        Amount flare = setting.choice("tenon.wedges", "none").equals("none")
                ? Setting.ruled("amount.flare", Length.ZERO, "rule.noWedge")
                : setting.givenOr("wedge.flare",
                        () -> Setting.ruled("amount.flare", Length.ofMicrometres(1_500), "rule.flare"));
        return new ThroughTenon(tenon, proud, flare);
    }

    @Override
    public JointKind kind() {
        return JointKind.THROUGH_TENON;
    }

    @Override
    public Meeting meeting() {
        return tenon.meeting();
    }

    @Override
    public Amount addedLength() {
        return tenon.length();
    }

    @Override
    public Solid adds() {
        return tenon.adds();
    }

    @Override
    public Solid removes() {
        if (!flare.value().isPositive()) {
            return tenon.removes();
        }
        RailEnd end = new RailEnd(meeting());
        double depth = mm(tenon.depth());
        double y0 = mm(tenon.edgeShoulder());
        double y1 = y0 + mm(tenon.width());
        double slope = mm(flare) / depth;
        return end.intoPost(depth, y0 - mm(flare), y1 + mm(flare), tenon.innerCheek(), tenon.outerCheek())
                .clip(end.edge(meeting().surface(), y0, -slope, true))
                .clip(end.edge(meeting().surface(), y1, slope, false));
    }

    @Override
    public List<Tenon> tenons() {
        return List.of(tenon);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put(Brief.TENON_THICKNESS, tenon.thickness());
        figures.put("tenon.width", tenon.width());
        figures.put("through.length", tenon.length());
        figures.put("tenon.proud", proud);
        figures.put("wedge.flare", flare);
        figures.put("near-cheek", tenon.cheekFromReference());
        figures.put("mortise-from-end", tenon.mortiseFromEnd());
        return figures;
    }
}
