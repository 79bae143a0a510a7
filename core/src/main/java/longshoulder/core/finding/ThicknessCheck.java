package longshoulder.core.finding;

import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Limits;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Predicate;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * A tenon that no owned chisel makes, or too thick or too thin for its rail. One finding for all tenons of a thickness, and for all in
 * rails of a thickness: not one a joint.
 */
final class ThicknessCheck implements Check {

    /** A tenon, and how thick its rail is where it grows. */
    private record Grown(Tenon tenon, Length stock) {

        Length thickness() {
            return tenon.thickness().value();
        }

        boolean isLike(Grown other) {
            return thickness().equals(other.thickness()) && stock.equals(other.stock);
        }
    }

    @Override
    public List<Finding> run(Subject subject) {
        List<Grown> all = subject.joints().stream().flatMap(joint -> joint.mortised().stream()
                .map(tenon -> new Grown(tenon, subject.stock(joint, tenon)))).toList();
        List<Finding> findings = new ArrayList<>();
        Set<Length> thicknesses = new HashSet<>();
        Set<List<Length>> seen = new HashSet<>();
        for (Grown one : all) {
            if (thicknesses.add(one.thickness())) {
                chisel(subject, one.tenon,
                        ids(all, other -> other.thickness().equals(one.thickness()))).ifPresent(findings::add);
            }
            if (seen.add(List.of(one.thickness(), one.stock))) {
                stock(subject, one, all).ifPresent(findings::add);
            }
        }
        return findings;
    }

    private static List<String> ids(List<Grown> all, Predicate<Grown> which) {
        return all.stream().filter(which).map(one -> one.tenon.id()).toList();
    }

    private static Optional<Finding> chisel(Subject subject, Tenon tenon, List<String> about) {
        Length thickness = tenon.thickness().value();
        if (subject.project().tools().owns(thickness)) {
            return Optional.empty();
        }
        Remedies remedies = new Remedies(subject).at(tenon.id()).leave(Brief.TENON_THICKNESS);
        subject.project().tools().nearest(thickness).ifPresent(nearest -> remedies.set(Brief.TENON_THICKNESS, nearest));
        remedies.own(thickness);
        return Optional.of(new Finding("no-chisel", Concern.JOINTS, Level.RISK, about,
                Label.of("finding.noChisel", thickness), remedies.list()));
    }

    /** The tenon of a bar is as thin as the thinnest tool: its mould, and the glass in its rebates, hold it. */
    private static boolean isBar(Subject subject, Grown one) {
        return subject.joints().stream()
                .anyMatch(joint -> joint.kind() == JointKind.GLAZING_BAR && joint.id().equals(one.tenon.id()));
    }

    private static Optional<Finding> stock(Subject subject, Grown one, List<Grown> all) {
        Length thickness = one.thickness();
        Length rail = one.stock;
        Length thinnest = subject.brief().ratio(Limits.THINNEST).of(rail);
        Length thickest = subject.brief().ratio(Limits.THICKEST).of(rail);
        boolean thick = thickness.isGreaterThan(thickest);
        if (!thick && (!thickness.isLessThan(thinnest) || isBar(subject, one))) {
            return Optional.empty();
        }
        Length third = Length.fromMillimetres(Math.rint(rail.toMillimetres() / 3));
        Remedies remedies = new Remedies(subject).at(one.tenon.id()).leave(Brief.TENON_THICKNESS);
        Optional<Length> fitting = subject.project().tools().between(thinnest, thickest).nearest(third);
        fitting.ifPresent(chisel -> remedies.set(Brief.TENON_THICKNESS, chisel));
        if (fitting.isEmpty()) {
            remedies.own(third);
        }
        boolean makeable = thickness.isLessThan(rail) && one.tenon.isThick();
        return Optional.of(
                new Finding(thick ? "tenon-thick" : "tenon-thin", Concern.JOINTS, makeable ? Level.RISK : Level.STOP,
                        ids(all, one::isLike),
                        Label.of(thick ? "finding.tenonThick" : "finding.tenonThin", thickness, rail,
                                thick ? thickest : thinnest),
                        remedies.list()));
    }
}
