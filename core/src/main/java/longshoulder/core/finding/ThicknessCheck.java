package longshoulder.core.finding;

import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/** A tenon that no owned chisel makes, or too thick or too thin for its rail. One finding a thickness, not one a joint. */
final class ThicknessCheck implements Check {

    @Override
    public List<Finding> run(Subject subject) {
        List<Finding> findings = new ArrayList<>();
        List<Length> seen = new ArrayList<>();
        subject.mortised().forEach(tenon -> {
            Length thickness = tenon.thickness().value();
            if (!seen.contains(thickness)) {
                seen.add(thickness);
                chisel(subject, tenon).ifPresent(findings::add);
                stock(subject, tenon).ifPresent(findings::add);
            }
        });
        return findings;
    }

    private static Optional<Finding> chisel(Subject subject, Tenon tenon) {
        Length thickness = tenon.thickness().value();
        if (subject.project().tools().owns(thickness)) {
            return Optional.empty();
        }
        Remedies remedies = new Remedies(subject.project()).at(tenon.id()).leave(Brief.TENON_THICKNESS);
        subject.project().tools().chisels().stream()
                .min(Comparator.comparing(chisel -> chisel.minus(thickness).abs()))
                .ifPresent(nearest -> remedies.set(Brief.TENON_THICKNESS, nearest));
        remedies.own(thickness);
        return Optional.of(new Finding("no-chisel", Level.RISK, joints(subject, thickness),
                Label.of("finding.noChisel", thickness), remedies.list()));
    }

    private static Optional<Finding> stock(Subject subject, Tenon tenon) {
        Length thickness = tenon.thickness().value();
        Length rail = subject.stock(tenon);
        Length thinnest = subject.brief().ratio(Limits.THINNEST).of(rail);
        Length thickest = subject.brief().ratio(Limits.THICKEST).of(rail);
        boolean thick = thickness.isGreaterThan(thickest);
        if (!thick && !thickness.isLessThan(thinnest)) {
            return Optional.empty();
        }
        Length third = Length.fromMillimetres(Math.rint(rail.toMillimetres() / 3));
        Remedies remedies = new Remedies(subject.project()).at(tenon.id()).leave(Brief.TENON_THICKNESS);
        Optional<Length> fitting = subject.project().tools().chisels().stream()
                .filter(c -> !c.isLessThan(thinnest) && !c.isGreaterThan(thickest))
                .min(Comparator.comparing(c -> c.minus(third).abs()));
        fitting.ifPresent(chisel -> remedies.set(Brief.TENON_THICKNESS, chisel));
        if (fitting.isEmpty()) {
            remedies.own(third);
        }
        boolean noRoom = !thickness.isLessThan(rail);
        return Optional.of(new Finding(thick ? "tenon-thick" : "tenon-thin", noRoom ? Level.STOP : Level.RISK,
                joints(subject, thickness),
                Label.of(thick ? "finding.tenonThick" : "finding.tenonThin", thickness, rail,
                        thick ? thickest : thinnest),
                remedies.list()));
    }

    private static List<String> joints(Subject subject, Length thickness) {
        return subject.mortised().filter(tenon -> tenon.thickness().value().equals(thickness)).map(Tenon::id)
                .toList();
    }
}
