package longshoulder.core.joint;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Value;
import longshoulder.core.reckoning.Label;

/** Compares the types of joint for one meeting, each by what its own file says for it and against it. */
public final class Candidates {

    /** Ordinary ones first, then by weight; of equals as they are listed for the place. */
    private static final Comparator<Candidate> BEST_FIRST = Comparator.comparing(Candidate::unusual)
            .thenComparing(Comparator.comparingInt(Candidate::weight).reversed());

    private final DesignChoices choices;
    private final Meeting meeting;
    private final Tenon tenon;
    private final JointPreferences preferences;
    private final List<Meeting> others;
    private final Optional<JointKind> usual;
    private final List<JointKind> ordinary;

    /**
     * @param usual what is usual in this kind of furniture, by the addresses of joints
     * @param others all meetings in the same post
     */
    private Candidates(DesignChoices choices, Map<String, Value> usual, Meeting meeting, List<Meeting> others) {
        this.choices = choices;
        this.meeting = meeting;
        this.tenon = new TenonRules(new JointContext(choices, meeting, JointKind.STOPPED_TENON)).tenon();
        this.preferences = new JointPreferences(choices, meeting, tenon);
        this.others = others.stream().filter(other -> !other.tenonPiece().id().equals(meeting.tenonPiece().id()))
                .toList();
        this.usual = usual.get(Address.of(meeting.id(), JointKind.CHOICE)) instanceof Value.Chosen(String type)
                ? JointKind.find(type)
                : Optional.empty();
        this.ordinary = Stream.concat(this.usual.stream(), OrdinaryJoints.at(meeting).stream()).distinct().toList();
    }

    /**
     * All types for the meeting of a joint, the best first.
     *
     * @param choices with what is usual in its kind of furniture
     * @param usual that alone
     * @param all joints of the design
     */
    public static List<Candidate> of(DesignChoices choices, Map<String, Value> usual, Joint joint, List<Joint> all) {
        List<Meeting> inPost = all.stream().map(Joint::meeting)
                .filter(other -> other.mortisePiece().id().equals(joint.meeting().mortisePiece().id())).toList();
        Candidates run = new Candidates(choices, usual, joint.meeting(), inPost);
        return joint.kind().isForEnds() ? run.ofEnds() : List.of(run.judged(joint.kind()));
    }

    private List<Candidate> ofEnds() {
        return Stream.concat(ordinary.stream(), JointKind.ofEnds().stream()).distinct().map(this::judged)
                .sorted(BEST_FIRST).toList();
    }

    /** The type that a meeting gets where the maker chose none: the best of the ordinary ones. */
    static JointKind best(DesignChoices choices, Meeting meeting, List<Meeting> inPost) {
        Candidates run = new Candidates(choices, Map.of(), meeting, inPost);
        return run.ordinary.stream().map(run::judged).min(BEST_FIRST).map(Candidate::kind).orElseThrow();
    }

    private Candidate judged(JointKind kind) {
        JointEvaluation evaluation = new JointEvaluation(choices, meeting, tenon, others, preferences.mayShow(kind));
        usual.filter(kind::equals).ifPresent(own -> evaluation.say("reason.usual",
                Label.of("kind." + choices.brief().kind())));
        JointType.of(kind).argue(evaluation);
        evaluation.pro().addAll(preferences.speakFor(kind));
        evaluation.contra().addAll(preferences.speakAgainst(kind));
        return new Candidate(kind, !ordinary.contains(kind) && kind.isForEnds(), evaluation.pro(),
                evaluation.contra());
    }
}
