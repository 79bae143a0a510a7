package longshoulder.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Congruence;
import longshoulder.core.geometry.Congruence.HalfTurn;
import longshoulder.core.geometry.Solid;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Tenon;
import longshoulder.core.joint.TuskedTenon;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Orientation;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Handed parts: pieces that look alike but are mirror images, and pieces that would also go into their mortises turned round or
 * over although they are not the same that way. Found from the solids, never from names. A piece with an orientation mark is
 * safe.
 */
final class HandedCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        List<Piece> unmarked = subject.built().pieces().stream()
                .filter(piece -> !Orientation.isMarked(subject.project(), piece.id())).toList();
        mirrored(subject, unmarked, findings);
        Map<String, List<Joint>> byRail = subject.joints().stream()
                .collect(Collectors.groupingBy(joint -> joint.meeting().tenonPiece().id()));
        unmarked.forEach(piece -> turned(subject, piece, byRail.getOrDefault(piece.id(), List.of()), findings));
        return findings;
    }

    /** One finding for each group of pieces that holds both hands. */
    private static void mirrored(Subject subject, List<Piece> pieces, List<Finding> findings) {
        List<Piece> left = new ArrayList<>(pieces);
        while (!left.isEmpty()) {
            Piece first = left.getFirst();
            List<Piece> alike = new ArrayList<>();
            List<Piece> mirrors = new ArrayList<>();
            List<Piece> others = new ArrayList<>();
            for (Piece other : left.subList(1, left.size())) {
                Congruence congruence = compare(subject, first, other);
                (congruence == Congruence.DIFFERENT ? others : alike).add(other);
                if (congruence == Congruence.MIRRORED) {
                    mirrors.add(other);
                }
            }
            left = others;
            if (!mirrors.isEmpty()) {
                List<String> about = new ArrayList<>(List.of(first.id()));
                alike.forEach(piece -> about.add(piece.id()));
                findings.add(finding(subject, "handed", about, Label.of("finding.handed", first.id(),
                        mirrors.getFirst().id(), about.size())));
            }
        }
    }

    private static Congruence compare(Subject subject, Piece a, Piece b) {
        boolean alike = a.role() == b.role() && a.length().value().equals(b.length().value())
                && a.width().value().equals(b.width().value()) && a.thickness().value().equals(b.thickness().value());
        return alike
                ? Congruence.of(subject.cutShape(a).outline(), subject.cutShape(b).outline())
                : Congruence.DIFFERENT;
    }

    /** @param own the joints at the piece's ends */
    private static void turned(Subject subject, Piece piece, List<Joint> own, List<Finding> findings) {
        if (own.stream().allMatch(joint -> joint.tenons().isEmpty() || isPlain(joint))) {
            return;
        }
        Set<HalfTurn> goesIn = Congruence.halfTurns(whatGoesIn(subject, piece), piece.pose());
        if (goesIn.isEmpty()) {
            return;
        }
        goesIn.removeAll(Congruence.halfTurns(subject.cutShape(piece).outline()));
        if (!goesIn.isEmpty()) {
            HalfTurn turn = goesIn.iterator().next();
            findings.add(finding(subject, "goes-in-turned", List.of(piece.id()),
                    Label.of("finding.turned." + turn.name(), piece.id())));
        }
    }

    /** Whether nothing is cut out of a joint's tenon: no slot, no peg hole. */
    private static boolean isPlain(Joint joint) {
        return joint.pegged().isEmpty() && !(joint.plain() instanceof TuskedTenon) && joint.wedged().isEmpty();
    }

    /** The piece as its mortises feel it: the body and the bare tenons. */
    private static Solid whatGoesIn(Subject subject, Piece piece) {
        Solid bare = piece.body();
        for (Joint joint : subject.joints()) {
            if (joint.meeting().tenonPiece().id().equals(piece.id())) {
                for (Tenon tenon : joint.tenons()) {
                    bare = bare.plus(tenon.adds());
                }
            }
            if (joint.meeting().mortisePiece().id().equals(piece.id())) {
                bare = bare.minus(joint.removes());
            }
        }
        return bare;
    }

    private static Finding finding(Subject subject, String code, List<String> about, Label message) {
        List<Edit> marks = about.stream().<Edit>map(id -> new Edit.Give(Address.of(id, Orientation.PARAMETER),
                new Value.Chosen(Orientation.MARKED))).toList();
        return new Finding(code, Concern.FRAME, Level.NOTE, about, message, new Remedies(subject)
                .add(Label.of("remedy.mark", about.size()), new Edit.All(marks)).list());
    }
}
