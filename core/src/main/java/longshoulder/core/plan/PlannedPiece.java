package longshoulder.core.plan;

import java.util.List;
import java.util.Optional;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.CutShape;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.geometry.Outline;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A piece with its joints cut.
 *
 * @param length tip to tip, tenons included; of a piece without any, along its longest arris
 * @param shoulderLength from shoulder to shoulder; empty unless it has two
 * @param start the cut at the first end
 * @param finish the cut at the other end
 * @param joints of which it is the rail, those at its first end before the others
 * @param cutShape its exact shape
 */
public record PlannedPiece(Piece piece, String wood, Amount length, Optional<Amount> shoulderLength, EndCut start,
        EndCut finish, List<Joint> joints, CutShape cutShape) {

    public PlannedPiece {
        joints = List.copyOf(joints);
    }

    public String id() {
        return piece.id();
    }

    /** Its exact shape in the world. */
    public Solid solid() {
        return cutShape.solid();
    }

    /** The skin of the solid in triangles, in the world. */
    public Mesh mesh() {
        return cutShape.mesh();
    }

    /** Its edges in its own frame of reference. */
    public Outline outline() {
        return cutShape.outline();
    }

    /** The length to which it is sawn: with what is trimmed flush once it is glued. */
    public Amount cutTo() {
        List<Amount> spares = joints.stream().flatMap(joint -> joint.trimming().stream())
                .filter(spare -> spare.value().isPositive()).toList();
        Amount.SumBuilder sum = Amount.sum(Label.of("amount.sawnLength")).plus(length);
        spares.forEach(sum::plus);
        return spares.isEmpty() ? length : sum.amount();
    }

    /** The joint at an end, if there is one. */
    public Optional<Joint> jointAt(Meeting.Part end) {
        return joints.stream().filter(joint -> joint.meeting().part() == end).findFirst();
    }

    /** How long a blank must be for it, end to end along the grain, in millimetres: slanted ends reach beyond the arrises. */
    public double blank() {
        return cutShape.box().getX();
    }

    /** How far a point of the world lies from an end of the blank, along the grain, in millimetres. */
    public double along(Vector3D point, boolean fromFinish) {
        double fromStart = piece.pose().toLocal(point).getX() - tip();
        return fromFinish ? blank() - fromStart : fromStart;
    }

    /** The lowest corner of its skin in its own frame of reference along the grain: negative where a tenon stands out. */
    public double tip() {
        return cutShape.isNothing() ? 0 : cutShape.localBounds().least().getX();
    }
}
