package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Limits;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Level;

/**
 * Wedges that open a tenon in its mortise: saw slots that end in a relief hole, a mortise flared towards the tenon's tip, and the
 * wedges themselves. They stand across the post's grain, so that their push runs along it; with the grain they would split it.
 *
 * @param tenon that is opened
 * @param count of wedges; none where there is nothing to wedge
 * @param flare how much wider the mortise is at its deep end, on each of two sides
 * @param run over which it widens, back from the deep end
 * @param slot depth of the saw slots, from the tenon's tip
 * @param length of a wedge
 */
public record Wedging(Tenon tenon, int count, Amount flare, Amount run, Amount slot, Amount length, boolean relief,
        boolean acrossGrain) {

    static final List<Parameter> PARAMETERS = List.of(JointParameters.measure("wedge.flare"),
            JointParameters.measure("wedge.flare-run"),
            JointParameters.measure("wedge.slot"), JointParameters.choice("wedge.relief", "drilled", "none"),
            JointParameters.choice("wedge.line", "across-grain", "with-grain"));

    /** By how much a wedge is narrower than its tenon. */
    private static final Length PLAY = Length.ofMicrometres(500);

    /** What the saw takes. */
    public static final Length KERF = Length.ofMillimetres(2);

    /** No wedges at all. */
    static Wedging none(Tenon tenon) {
        Amount nothing = JointContext.ruled("amount.flare", Length.ZERO, "rule.noWedge");
        return new Wedging(tenon, 0, nothing, nothing, nothing, nothing, true, true);
    }

    /** As chosen for the joint. A wedge is as long as its slot unless given. */
    static Wedging of(JointContext context, Tenon tenon, String usual) {
        String chosen = context.choice("tenon.wedges", usual);
        if (chosen.equals("none")) {
            return none(tenon);
        }
        int count = chosen.equals("two") || chosen.equals("fitting") && takesTwo(tenon, context.choices().brief())
                ? 2
                : 1;
        Amount flare = context.givenOr("wedge.flare",
                () -> JointContext.ruled("amount.flare",
                        context.rule(Length.ofMicrometres(1_500), Length.ofInches(1, 16)), "rule.flare"));
        Amount run = context.givenOr("wedge.flare-run",
                () -> JointContext.share("amount.flareRun", tenon.depth(), 9, 10, "rule.flareRun"));
        Amount slot = context.givenOr("wedge.slot",
                () -> JointContext.share("amount.slot", tenon.length(), 4, 5, "rule.slot"));
        Amount length = context.givenOr("wedge.length", () -> Amount.sum(Label.of("amount.wedgeLength")).plus(slot)
                .plus(JointContext.ruled("amount.wedgeRoom", Length.ZERO, "rule.wedgeLength")).amount());
        return new Wedging(tenon, count, flare, run, slot, length,
                context.choice("wedge.relief", "drilled").equals("drilled"),
                context.choice("wedge.line", "across-grain").equals("across-grain"));
    }

    private static boolean takesTwo(Tenon tenon, Brief limits) {
        return tenon.width().value().isGreaterThan(limits.length(Limits.ONE_WEDGE));
    }

    /** The same for a tenon that was fitted. */
    Wedging on(Tenon fitted) {
        return new Wedging(fitted, count, flare, run, slot, length, relief, acrossGrain);
    }

    /** The same with wedges of another length. */
    Wedging wedgesOf(Amount otherLength) {
        return new Wedging(tenon, count, flare, run, slot, otherLength, relief, acrossGrain);
    }

    boolean isWedged() {
        return count > 0;
    }

    /** How thick a wedge is at its head: it fills the slot and pushes the wood on both sides, or on one, over the flare. */
    public Amount head() {
        Amount kerf = JointContext.ruled("amount.kerf", KERF, "rule.kerf");
        Amount.SumBuilder head = Amount.sum(Label.of("amount.wedgeHead")).plus(kerf).plus(flare);
        return count == 1 ? head.plus(flare).amount() : head.amount();
    }

    /** The wedges to be made: a little narrower than the tenon, so that they never press on the mortise's ends. */
    List<LoosePart> parts() {
        if (!isWedged()) {
            return List.of();
        }
        Amount across = acrossGrain ? tenon.thickness() : tenon.width();
        return List.of(new LoosePart(LoosePart.Kind.WEDGE, count, length,
                LoosePart.less("amount.wedgeWidth", across, PLAY), head()));
    }

    /** Where the slots stand, in millimetres across the wedges' push: in the middle, or near both sides. */
    private double[] places() {
        Section s = tenon.section();
        double from = acrossGrain ? s.y0() : s.z0();
        double width = acrossGrain ? s.y1() - s.y0() : s.z1() - s.z0();
        return (count == 1 ? DoubleStream.of(0.5) : DoubleStream.of(0.2, 0.8)).map(share -> from + share * width)
                .toArray();
    }

    private RailEnd end() {
        return new RailEnd(tenon.meeting());
    }

    /** A slice through the tenon, so thick, at a place. */
    private Section slice(double place, double thick) {
        Section s = tenon.section();
        return acrossGrain
                ? new Section(place - thick / 2, place + thick / 2, s.z0(), s.z1())
                : new Section(s.y0(), s.y1(), place - thick / 2, place + thick / 2);
    }

    /** What is sawn and drilled out of the tenon: a slot for each wedge, and the relief hole at its bottom. */
    List<Solid> slots() {
        List<Solid> slots = new ArrayList<>();
        double tip = mm(tenon.length());
        for (double place : isWedged() ? places() : new double[0]) {
            double bottom = tip - mm(slot);
            slots.add(end().beyondShoulder(bottom, tip, slice(place, KERF.toMillimetres())));
            if (relief) {
                slots.add(reliefHole(place, bottom));
            }
        }
        return slots;
    }

    private Solid reliefHole(double place, double bottom) {
        Section s = tenon.section();
        double along = acrossGrain ? s.z1() - s.z0() : s.y1() - s.y0();
        return end().round(
                acrossGrain ? end().pointBeyond(bottom, place, s.z0()) : end().pointBeyond(bottom, s.y0(), place),
                acrossGrain ? tenon.meeting().tenonPiece().pose().out() : tenon.meeting().tenonPiece().pose().across(),
                along,
                KERF.toMillimetres());
    }

    /** The mortise: straight at its mouth, flared from there on. */
    Solid mortise() {
        if (!isWedged() || !flare.value().isPositive()) {
            return tenon.removes();
        }
        double depth = mm(tenon.depth());
        double knee = Math.max(0, depth - mm(run));
        double slope = mm(flare) / Math.max(1e-3, depth - knee);
        Section s = tenon.section();
        double more = mm(flare);
        RailEnd end = end();
        Solid flared = acrossGrain
                ? end.intoPost(knee, depth, new Section(s.y0() - more, s.y1() + more, s.z0(), s.z1()))
                        .clip(end.edge(end.postAt(knee), s.y0(), -slope, true))
                        .clip(end.edge(end.postAt(knee), s.y1(), slope, false))
                : end.intoPost(knee, depth, new Section(s.y0(), s.y1(), s.z0() - more, s.z1() + more))
                        .clip(end.cheek(end.postAt(knee), s.z0(), -slope, true))
                        .clip(end.cheek(end.postAt(knee), s.z1(), slope, false));
        // Where the surface leans, the flare begins deeper on one side than on the other: before it there is room for the tenon.
        return tenon.meeting().isSquare()
                ? end.intoPost(knee, s).plus(flared)
                : tenon.removes().plus(flared.minus(tenon.removes()));
    }

    /** The wedges, standing before their slots outside the post, ready to be driven. */
    Solid wedges() {
        Solid all = Solid.NOTHING;
        double from = Math.max(mm(tenon.length()), mm(tenon.meeting().through()));
        double tip = KERF.toMillimetres() / 2;
        double slope = (mm(head()) - tip) / 2 / Math.max(1e-3, mm(length));
        RailEnd end = end();
        for (double place : isWedged() ? places() : new double[0]) {
            Solid block = end.beyondShoulder(from, from + mm(length), slice(place, mm(head())));
            all = all.plus(acrossGrain
                    ? block.clip(end.edge(end.beyondAt(from), place - tip / 2, -slope, true))
                            .clip(end.edge(end.beyondAt(from), place + tip / 2, slope, false))
                    : block.clip(end.cheek(end.beyondAt(from), place - tip / 2, -slope, true))
                            .clip(end.cheek(end.beyondAt(from), place + tip / 2, slope, false)));
        }
        return all;
    }

    /** Wedges that split the post, cannot open their tenon, are too few or too many, or split it beyond the slot. */
    List<Fault> faults(Joint joint, Brief limits) {
        Length whole = tenon.length().value();
        List<Fault> faults = new ArrayList<>(new Faults(joint)
                .above("slot-deep", "wedge.slot", slot, limits.ratio(Limits.SLOT).of(whole), whole)
                .above("flare-wide", "wedge.flare", flare, limits.ratio(Limits.FLARE).of(run.value()), run.value())
                .list());
        String id = joint.id();
        countFault(joint, limits).ifPresent(faults::add);
        if (!acrossGrain) {
            faults.add(Fault.inPost(joint, "wedge-with-grain", Level.RISK,
                    Label.of("finding.wedgeWithGrain", id, joint.meeting().mortisePiece().id()),
                    Mend.choose(Label.of("remedy.wedgeAcross", id), "wedge.line", "across-grain")));
        }
        Length least = limits.ratio(Limits.FLARE_RUN).of(tenon.depth().value());
        if (run.value().isLessThan(least)) {
            faults.add(Fault.inPost(joint, "flare-short", Level.RISK,
                    Label.of("finding.flareShort", id, run.value(), tenon.depth().value(), least),
                    Mend.give(Label.of("remedy.flareRun", id, least), "wedge.flare-run", least)));
        }
        if (!relief) {
            faults.add(Fault.inPost(joint, "no-relief-hole", Level.RISK, Label.of("finding.noRelief", id),
                    Mend.choose(Label.of("remedy.relief", id), "wedge.relief", "drilled")));
        }
        return faults;
    }

    /** One wedge opens a narrow tenon evenly, two a wide one. */
    private Optional<Fault> countFault(Joint joint, Brief limits) {
        boolean more = takesTwo(tenon, limits);
        if (count == (more ? 2 : 1)) {
            return Optional.empty();
        }
        return Optional.of(Fault.inPost(joint, "wedge-count", more ? Level.RISK : Level.NOTE,
                Label.of(more ? "finding.oneWedge" : "finding.twoWedges", joint.id(), tenon.width().value(),
                        limits.length(Limits.ONE_WEDGE)),
                Mend.choose(Label.of(more ? "remedy.twoWedges" : "remedy.oneWedge", joint.id()), "tenon.wedges",
                        more ? "two" : "one")));
    }

    /** The slots, which are seen in the elevation where the wedges stand across the post's grain, else in the plan. */
    void draw(Sketch sketch) {
        double tip = mm(tenon.length());
        if (acrossGrain) {
            sketch.run(Side.ABOVE, slot, tip - mm(slot), tip, tenon.section().y0());
        } else {
            sketch.depth(Side.ABOVE, slot, tip - mm(slot), tip, tenon.section().z0());
        }
    }

    Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        if (isWedged()) {
            figures.put("wedge.flare", flare);
            figures.put("wedge.flare-run", run);
            figures.put("wedge.slot", slot);
            figures.put("wedge.length", length);
            figures.put("wedge.head", head());
        }
        return figures;
    }
}
