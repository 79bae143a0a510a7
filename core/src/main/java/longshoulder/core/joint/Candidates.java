package longshoulder.core.joint;

import java.util.Comparator;
import java.util.List;
import longshoulder.core.brief.JointKind;

/** Compares the types of joint for one meeting, each by what its own file says for it and against it. */
public final class Candidates {

    private final DesignChoices choices;
    private final Meeting meeting;
    private final Tenon tenon;
    private final JointPreferences preferences;
    private final List<Meeting> others;

    private Candidates(DesignChoices choices, Meeting meeting, List<Meeting> all) {
        this.choices = choices;
        this.meeting = meeting;
        this.tenon = new TenonRules(new JointContext(choices, meeting)).tenon();
        this.preferences = new JointPreferences(choices, meeting, tenon);
        this.others = all.stream().filter(
                other -> other.mortisePiece().id().equals(meeting.mortisePiece().id())
                        && !other.tenonPiece().id().equals(meeting.tenonPiece().id()))
                .toList();
    }

    /** All types for the meeting of a joint, the best first; of equals the simpler. */
    public static List<Candidate> of(DesignChoices choices, Joint joint, List<Joint> all) {
        Candidates run = new Candidates(choices, joint.meeting(), all.stream().map(Joint::meeting).toList());
        return joint.kind().isForEnds()
                ? JointKind.ofEnds().stream().map(run::judged)
                        .sorted(Comparator.comparingInt(Candidate::weight).reversed()).toList()
                : List.of(run.judged(joint.kind()));
    }

    private Candidate judged(JointKind kind) {
        JointEvaluation evaluation = new JointEvaluation(choices, meeting, tenon, others, preferences.mayShow(kind));
        JointType.of(kind).argue(evaluation);
        evaluation.pro().addAll(preferences.speakFor(kind));
        evaluation.contra().addAll(preferences.speakAgainst(kind));
        return new Candidate(kind, evaluation.pro(), evaluation.contra());
    }
}
