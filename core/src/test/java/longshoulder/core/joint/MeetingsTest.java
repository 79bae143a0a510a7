package longshoulder.core.joint;

import static longshoulder.core.Tables.mm;
import static longshoulder.core.Tables.table;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import longshoulder.core.Tables;
import longshoulder.core.frame.Frame;
import longshoulder.core.joint.Meeting.PostFace;
import longshoulder.core.kind.Kinds;
import longshoulder.core.project.Project;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class MeetingsTest {

    private static Frame frame(Project project) {
        return Kinds.find(project.brief().kind()).orElseThrow().frame(project.brief());
    }

    private static Meeting meeting(String id) {
        return Meetings.find(frame(table())).stream().filter(m -> m.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void find_everyApronStandsOnTwoLegs() {
        List<Meeting> meetings = Meetings.find(frame(table()));
        assertThat(meetings).hasSize(8);
        assertThat(meetings.stream().map(Meeting::id)).contains("apron-front/leg-front-left",
                "apron-front/leg-front-right", "apron-left/leg-back-left").doesNotHaveDuplicates();
    }

    @Test
    void find_theTopIsLaidOnAndMeetsNothing() {
        assertThat(Meetings.find(frame(table()))).noneMatch(m -> m.id().contains("top"));
    }

    @Test
    void meeting_knowsTheFaceItStandsOn() {
        Meeting meeting = meeting("apron-front/leg-front-left");
        assertThat(meeting.face()).isEqualTo(PostFace.FAR_EDGE);
        assertThat(meeting.reference()).isEqualTo(PostFace.FACE_SIDE);
        assertThat(meeting.postExtent().value()).isEqualTo(mm("60"));
        assertThat(meeting.seat().setback().value()).isEqualTo(mm("8"));
        assertThat(meeting.seat().drop().value()).isEqualTo(mm("0"));
        double x = meeting.part() == Meeting.Part.START ? 0 : meeting.tenonPiece().length().value().toMillimetres();
        assertThat(meeting.surface().distance(meeting.tenonPiece().pose().toWorld(x, 0, 0))).isCloseTo(0, within(1e-9));
    }

    @Test
    void meeting_endFacesOfTheLegAreOpposite() {
        assertThat(PostFace.FACE_SIDE.opposite()).isEqualTo(PostFace.BACK);
        assertThat(PostFace.FAR_EDGE.opposite().opposite()).isEqualTo(PostFace.FAR_EDGE);
        assertThat(PostFace.FACE_EDGE.isEdge()).isTrue();
    }

    @Provide
    Arbitrary<Project> tables() {
        return Tables.sensible();
    }

    /** Names of meetings survive every change of size. */
    @Property(tries = 200, seed = "2611")
    void find_identitiesSurviveChangesOfSize(@ForAll("tables") Project project) {
        assertThat(Meetings.find(frame(project)).stream().map(Meeting::id))
                .containsExactlyElementsOf(Meetings.find(frame(table())).stream().map(Meeting::id).toList());
    }
}
