package longshoulder.core.finding;

import longshoulder.core.measure.Length;
import longshoulder.core.frame.Piece;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.frame.Frame;
import longshoulder.core.geometry.CutShape;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Tenon;
import longshoulder.core.joint.ThroughTenon;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;

/**
 * What is checked.
 *
 * @param settled what was asked for, over what the frame's kind usually has
 * @param planned the frame as planned
 * @param built the frame with what was really cut
 * @param cutShapes each piece with its joints cut, by its id
 */
public record Subject(Project project, Brief settled, Frame planned, Frame built, List<Joint> joints,
        Map<String, CutShape> cutShapes) {

    public Subject {
        cutShapes = Map.copyOf(cutShapes);
        joints = List.copyOf(joints);
    }

    /** What was asked for, with the {@link longshoulder.core.brief.Limits} at which checks speak up. */
    Brief brief() {
        return project.brief();
    }

    CutShape cutShape(Piece piece) {
        return Objects.requireNonNull(cutShapes.get(piece.id()));
    }

    /** The joints at ends of rails: neither crossings nor panels in their grooves. */
    List<Joint> atEnds() {
        return joints.stream().filter(joint -> joint.kind().isForEnds()).toList();
    }

    /** How much a board moves from its driest to its wettest. */
    Length movement(Piece piece) {
        WoodMovement moves = new WoodMovement(project, piece);
        return moves.growth().plus(moves.shrinkage());
    }

    /** How thick a tenon's rail is where it grows: less than elsewhere if its face was worked to a curve. */
    Length stock(Joint joint, Tenon tenon) {
        int sideBySide = joint.plain() instanceof ThroughTenon through ? through.sideBySide() : 1;
        return Address.all(joint.id(), joint.kind(), "end.thickness").stream()
                .flatMap(name -> settled.measure(name).stream()).map(Amount::value).findFirst()
                .orElse(tenon.meeting().tenonPiece().thickness().value()).times(1, sideBySide);
    }

    /** The tenons for which posts are mortised, loose ones too. */
    Stream<Tenon> mortised() {
        return joints.stream().flatMap(joint -> joint.mortised().stream());
    }

    Stream<Tenon> tenons() {
        return joints.stream().flatMap(joint -> joint.tenons().stream());
    }
}
