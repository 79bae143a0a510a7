package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Clearance;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Sizes that contradict each other: a piece or an opening with nothing left of it, or a rail that does not fit on its post. */
final class RoomCheck implements Check {

    private static final Length LEAST_LEFT = Length.ofMillimetres(100);

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : subject.planned().pieces()) {
            if (!piece.isReal()) {
                findings.add(nothingLeft(subject, piece));
            }
        }
        subject.planned().clearances().stream().filter(Clearance::isMissing)
                .forEach(one -> findings.add(noRoom(subject, one)));
        subject.atEnds().forEach(joint -> railBeside(subject, joint.meeting(), findings));
        subject.tenons().forEach(tenon -> tenonless(subject, tenon, findings));
        subject.mortised().filter(RoomCheck::isOffRail).forEach(tenon -> findings.add(offRail(subject, tenon)));
        return findings;
    }

    /** Whether a tenon reaches past a face or an edge of the rail that it grows on. */
    private static boolean isOffRail(Tenon tenon) {
        Length beyondThickness = tenon.faceShoulder().value().plus(tenon.thickness().value())
                .minus(tenon.meeting().tenonPiece().thickness().value());
        Length beyondWidth = tenon.edgeShoulder().value().plus(tenon.width().value())
                .minus(tenon.meeting().tenonPiece().width().value());
        return tenon.faceShoulder().value().isNegative() || beyondThickness.isPositive()
                || tenon.edgeShoulder().value().isNegative() || beyondWidth.isPositive()
                || !tenon.width().value().isPositive();
    }

    private static Finding offRail(Subject subject, Tenon tenon) {
        Piece rail = tenon.meeting().tenonPiece();
        return new Finding("tenon-off-rail", Concern.JOINTS, Level.STOP, List.of(tenon.id(), rail.id()),
                tenon.width().value().isPositive()
                        ? Label.of("finding.tenonOffRail", tenon.id(), tenon.width().value(),
                                tenon.thickness().value(), rail.width().value(), rail.thickness().value())
                        : Label.of("finding.noTenonWidth", tenon.id(), rail.width().value()),
                new Remedies(subject).at(tenon.id()).leave(Brief.TENON_THICKNESS)
                        .leaveAt(tenon.id(), JointKind.CHOICE).change(rail.thickness(), tenon.thickness().value())
                        .list());
    }

    private static Finding nothingLeft(Subject subject, Piece piece) {
        Amount gone = Stream.of(piece.length(), piece.width(), piece.thickness())
                .filter(size -> !size.value().isPositive()).findFirst().orElseThrow();
        Length missing = LEAST_LEFT.minus(gone.value());
        return new Finding("nothing-left", Concern.FRAME, Level.STOP, List.of(piece.id()),
                Label.of("finding.nothingLeft", piece.id(), missing, gone.label(), LEAST_LEFT),
                new Remedies(subject).change(gone, missing).list());
    }

    private static Finding noRoom(Subject subject, Clearance clearance) {
        Amount amount = clearance.amount();
        Length missing = (clearance.exact() ? Length.ZERO : LEAST_LEFT).minus(amount.value());
        return new Finding("no-room", Concern.FRAME, Level.STOP, List.of(clearance.beside()),
                clearance.exact()
                        ? Label.of("finding.tooNarrow", clearance.beside(), missing)
                        : Label.of("finding.noRoom", amount.label(), clearance.beside(), missing, LEAST_LEFT),
                new Remedies(subject).change(amount, missing).list());
    }

    /** A rail wider than the post is long, or standing out past its inner face. */
    private static void railBeside(Subject subject, Meeting meeting, List<Finding> findings) {
        Piece rail = meeting.tenonPiece();
        Piece post = meeting.mortisePiece();
        Length room = post.length().value().minus(meeting.seat().drop().value());
        Length over = rail.width().value().minus(room);
        if (over.isPositive()) {
            findings.add(new Finding("rail-off-post", Concern.JOINTS, Level.STOP, List.of(meeting.id(), rail.id()),
                    Label.of("finding.railTooWide", rail.id(), rail.width().value(), post.id(), room),
                    new Remedies(subject).change(rail.width(), over.negated()).change(post.length(), over)
                            .list()));
        }
        Amount face = meeting.referenceExtent();
        // Where the post leans, the rail may stand on it at its face edge and beside it farther down.
        Length beyond = Length.fromMillimetres(meeting.beyondInnerFace());
        if (beyond.isPositive()) {
            findings.add(new Finding("rail-off-post", Concern.JOINTS, Level.STOP, List.of(meeting.id(), rail.id()),
                    Label.of("finding.railTooThick", rail.id(), beyond, post.id()),
                    new Remedies(subject).change(meeting.seat().setback(), beyond.negated())
                            .change(face, beyond).change(rail.thickness(), beyond.negated()).list()));
        }
    }

    private static void tenonless(Subject subject, Tenon tenon, List<Finding> findings) {
        if (!tenon.length().value().isPositive()) {
            findings.add(new Finding("no-tenon", Concern.JOINTS, Level.STOP, List.of(tenon.id()),
                    Label.of("finding.noTenon", tenon.id()),
                    new Remedies(subject).change(tenon.meeting().postExtent(), LEAST_LEFT).list()));
        }
    }
}
