package longshoulder.core.joint;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Frame;

/** The types of joint of a design where neither the maker nor the kind of furniture chose one: the best candidate of each meeting, unless the maker wants stopped tenons everywhere. */
public final class UsualJoints {

    private UsualJoints() {}

    /**
     * By the addresses of joints.
     *
     * @param choices with what is usual in the kind of furniture
     */
    public static Map<String, Value> of(DesignChoices choices, Frame frame) {
        if (HouseRules.isChosen(choices.brief(), HouseRules.JOINTS, HouseRules.STOPPED_EVERYWHERE)) {
            return Map.of();
        }
        List<Meeting> meetings = Meetings.atEnds(frame);
        Map<String, List<Meeting>> byPost = meetings.stream()
                .collect(Collectors.groupingBy(meeting -> meeting.mortisePiece().id()));
        Map<String, Value> usual = new HashMap<>();
        for (Meeting meeting : meetings) {
            String address = Address.of(meeting.id(), JointKind.CHOICE);
            if (choices.brief().choice(address).isEmpty()) {
                usual.put(address, new Value.Chosen(Candidates
                        .best(choices, meeting, byPost.getOrDefault(meeting.mortisePiece().id(), List.of())).id()));
            }
        }
        return usual;
    }
}
