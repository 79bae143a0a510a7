package longshoulder.core.joint;

import static longshoulder.core.joint.RailEnd.mm;

import java.util.LinkedHashMap;
import java.util.Map;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.HalfSpace;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A tail on the rail's end that widens into the post, so that it cannot be pulled out along the rail; it goes in along the
 * rail's width. Lapped: let into the end of the post from above, over half of the rail's width. Sliding: over the whole
 * width. The root is half as thick as the rail; it slopes by 1 in 6 to 1 in 8 on either cheek, never beyond the rail's own
 * faces.
 *
 * @param length of the tail beyond the shoulder
 * @param root its thickness at the shoulder
 * @param entry how far it goes in along the rail's width
 * @param slope growth of each cheek for each unit of length
 */
public record Dovetail(Meeting meeting, JointKind kind, Amount length, Amount root, Amount entry,
        double slope) implements Joint {

    static Joint lapped(Setting setting) {
        Amount half = setting.givenOr("tail.entry",
                () -> Setting.share("amount.tailEntry", setting.meeting().rail().width(), 1, 2, "rule.lapped"));
        return make(setting, JointKind.LAPPED_DOVETAIL, half);
    }

    static Joint sliding(Setting setting) {
        return make(setting, JointKind.SLIDING_DOVETAIL,
                setting.givenOr("tail.entry", () -> setting.meeting().rail().width()));
    }

    private static Joint make(Setting setting, JointKind kind, Amount entry) {
        Meeting meeting = setting.meeting();
        int run = run(setting.choice("tail.slope", "one-in-seven"));
        Amount length = setting.givenOr("tail.length",
                () -> Setting.share("amount.tailLength", meeting.postExtent(), 1, 3, "rule.tail"));
        Amount root = Setting.share("amount.tailRoot", meeting.rail().thickness(), 1, 2, "rule.tail");
        return new Dovetail(meeting, kind, length, root, entry, 1.0 / run);
    }

    /** For one unit of width a slope of this name runs so many units. */
    static int run(String slope) {
        return switch (slope) {
            case "one-in-six" -> 6;
            case "one-in-eight" -> 8;
            default -> 7;
        };
    }

    @Override
    public Vector3D.Unit homeward() {
        return meeting.rail().pose().across();
    }

    @Override
    public boolean isOpen() {
        return true;
    }

    @Override
    public Amount addedLength() {
        return length;
    }

    @Override
    public Solid adds() {
        RailEnd end = new RailEnd(meeting);
        return tail(end, end.beyondShoulder(mm(length), 0, mm(entry), 0, end.thickness()), meeting.shoulder());
    }

    @Override
    public Solid removes() {
        RailEnd end = new RailEnd(meeting);
        return tail(end, end.intoPost(mm(length), 0, mm(entry), 0, end.thickness()), meeting.surface());
    }

    private Solid tail(RailEnd end, Solid block, HalfSpace mouth) {
        double inner = (end.thickness() - mm(root)) / 2;
        return block.clip(end.cheek(mouth, inner, -slope, true))
                .clip(end.cheek(mouth, end.thickness() - inner, slope, false));
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put("tail.length", length);
        figures.put("tail.root", root);
        figures.put("tail.entry", entry);
        return figures;
    }
}
