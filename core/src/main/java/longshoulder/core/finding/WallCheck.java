package longshoulder.core.finding;

import longshoulder.core.measure.Ratio;
import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.List;
import longshoulder.core.brief.Brief;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** Walls beside a mortise and the wood behind its floor. */
final class WallCheck implements Check {

    /** What nobody measures, and no figure shows: a wall that is thinner by less is as thick as it should be. */
    private static final Length NOTHING_MISSING = Length.ofMicrometres(50);

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        subject.mortised().forEach(tenon -> {
            walls(subject, tenon, findings);
            floor(subject, tenon, findings);
        });
        return findings;
    }

    private static void walls(Subject subject, Tenon tenon, List<Finding> findings) {
        Amount stock = tenon.meeting().referenceExtent();
        Length outer = tenon.cheekFromReference().value();
        Length inner = stock.value().minus(tenon.farCheekFromReference().value());
        if (!tenon.meeting().isSquare()) {
            // A mortise that slants may be nearer to the outside at its floor.
            outer = Length.least(outer, tenon.wall(tenon.meeting().reference()).thinnest());
            inner = Length.least(inner, tenon.wall(tenon.meeting().reference().opposite()).thinnest());
        }
        // A slab is far wider than it is thick: beside a mortise in the middle of it no more stands than in a square post.
        Length square = Length.least(stock.value(), tenon.meeting().postExtent().value().times(2));
        Ratio share = subject.brief().ratio(Limits.WALL_SHARE);
        Length least = subject.brief().length(Limits.WALL);
        Length wanted = Length.greatest(least, share.of(square));
        boolean outside = !inner.isLessThan(outer);
        Length wall = outside ? outer : inner;
        if (!wall.plus(NOTHING_MISSING).isLessThan(wanted)) {
            return;
        }
        Level level = !wall.isPositive() ? Level.STOP : wall.isLessThan(least) ? Level.RISK : Level.NOTE;
        Length shortfall = wanted.minus(wall);
        Remedies remedies = new Remedies(subject).change(tenon.meeting().seat().setback(),
                outside ? shortfall : shortfall.negated());
        if (!outside) {
            // Thicker stock asks for a thicker wall: from s − far ≥ share · s follows s ≥ far / (1 − share).
            Length far = tenon.farCheekFromReference().value();
            remedies.change(stock, Length.greatest(far.plus(least), share.rest().whole(far))
                    .minus(stock.value()));
        }
        findings.add(new Finding("wall-thin", Concern.JOINTS, level,
                List.of(tenon.id(), tenon.meeting().mortisePiece().id()),
                said(tenon, outside, wall, stock.value(), wanted),
                remedies.list()));
    }

    private static Label said(Tenon tenon, boolean outside, Length wall, Length stock, Length wanted) {
        return wall.isPositive()
                ? Label.of(outside ? "finding.wallOuter" : "finding.wallInner", tenon.id(), wall, stock, wanted)
                : Label.of(outside ? "finding.wallOuterGone" : "finding.wallInnerGone", tenon.id(), stock, wanted);
    }

    private static boolean isThrough(Subject subject, Tenon tenon) {
        return subject.joints().stream().anyMatch(joint -> joint.id().equals(tenon.id()) && joint.isThrough());
    }

    private static void floor(Subject subject, Tenon tenon, List<Finding> findings) {
        Length post = tenon.meeting().postExtent().value();
        Length left = post.minus(tenon.depth().value());
        if (!left.isLessThan(subject.brief().length(Limits.FLOOR)) || isThrough(subject, tenon)) {
            return;
        }
        Length shortfall = subject.brief().length(Limits.FLOOR).minus(left);
        Remedies remedies = new Remedies(subject).at(tenon.id()).leave(Brief.MORTISE_DEPTH)
                .leave(Brief.TENON_LENGTH);
        if (remedies.isGiven(Brief.MORTISE_DEPTH)) {
            remedies.set(Brief.MORTISE_DEPTH, tenon.depth().value().minus(shortfall));
        } else {
            remedies.set(Brief.TENON_LENGTH, tenon.length().value().minus(shortfall));
        }
        remedies.change(tenon.meeting().postExtent(), shortfall);
        findings.add(new Finding("floor-thin", Concern.JOINTS, left.isPositive() ? Level.RISK : Level.STOP,
                List.of(tenon.id(), tenon.meeting().mortisePiece().id()),
                left.isPositive()
                        ? Label.of("finding.floorThin", tenon.id(), left, subject.brief().length(Limits.FLOOR))
                        : Label.of("finding.floorThrough", tenon.id(), tenon.depth().value(), post),
                remedies.list()));
    }
}
