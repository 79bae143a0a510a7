package longshoulder.core.joint;

import static longshoulder.core.joint.RailEnd.mm;

import java.util.Map;
import longshoulder.core.brief.JointKind;
import longshoulder.core.geometry.Solid;
import longshoulder.core.reckoning.Amount;

/** The whole end of the rail let into the post, by a quarter of it unless given: for shelves and lower drawer rails. */
public record Housing(Meeting meeting, Amount depth) implements Joint {

    static Joint make(Setting setting) {
        return new Housing(setting.meeting(), setting.givenOr("housing.depth",
                () -> Setting.share("amount.housingDepth", setting.meeting().postExtent(), 1, 4, "rule.housing")));
    }

    @Override
    public JointKind kind() {
        return JointKind.HOUSING;
    }

    @Override
    public Amount addedLength() {
        return depth;
    }

    @Override
    public Solid adds() {
        RailEnd end = new RailEnd(meeting);
        return end.beyondShoulder(mm(depth), 0, end.width(), 0, end.thickness());
    }

    @Override
    public Solid removes() {
        RailEnd end = new RailEnd(meeting);
        return end.intoPost(mm(depth), 0, end.width(), 0, end.thickness());
    }

    @Override
    public Map<String, Amount> figures() {
        return Map.of("housing.depth", depth);
    }
}
