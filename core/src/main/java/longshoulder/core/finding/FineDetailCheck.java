package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import longshoulder.core.frame.Role;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;
import longshoulder.core.wood.Species;

/** Fine details in wood that is crushed by a dull edge or comes apart along the grain: says what helps. One finding a wood. */
final class FineDetailCheck implements Check {

    /** What is thinner is fine. */
    private static final Length FINE = Length.ofMillimetres(6);

    private static final Map<Species.Trait, String> SAID = Map.of(Species.Trait.CRUSHES, "finding.fineCrushes",
            Species.Trait.SPLITS, "finding.fineSplits");

    @Override
    public List<Finding> run(Subject subject) {
        List<Joint> fine = subject.joints().stream().filter(FineDetailCheck::isFine).toList();
        List<Finding> findings = new ArrayList<>();
        for (Species wood : fine.stream().flatMap(joint -> roles(joint))
                .flatMap(role -> subject.project().species(role.id()).stream()).distinct().toList()) {
            wood.traits().stream().sorted().filter(SAID::containsKey).findFirst()
                    .ifPresent(trait -> findings.add(finding(subject, wood, SAID.getOrDefault(trait, ""), fine)));
        }
        return findings;
    }

    private static Finding finding(Subject subject, Species wood, String key, List<Joint> fine) {
        List<String> about = fine.stream().filter(joint -> roles(joint)
                .anyMatch(role -> subject.project().species(role.id()).filter(wood::equals).isPresent()))
                .map(Joint::id).toList();
        return new Finding("fine-detail", Concern.JOINTS, Level.NOTE, about,
                Label.of(key, wood, about.getFirst()), List.of());
    }

    private static Stream<Role> roles(Joint joint) {
        return Stream.of(joint.meeting().tenonPiece().role(), joint.meeting().mortisePiece().role());
    }

    private static boolean isFine(Joint joint) {
        return switch (joint.kind()) {
            case COPE_AND_STICK, GLAZING_BAR, LAPPED_DOVETAIL, SLIDING_DOVETAIL, TAPERED_DOVETAIL -> true;
            default -> joint.tenons().stream().map(Tenon::thickness)
                    .anyMatch(thickness -> thickness.value().isLessThan(FINE));
        };
    }
}
