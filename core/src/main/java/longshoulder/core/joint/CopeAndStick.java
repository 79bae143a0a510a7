package longshoulder.core.joint;

import static longshoulder.core.reckoning.Amount.mm;

import longshoulder.core.brief.Limits;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.geometry.Solid;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * The joint of moulded doors: a tongue over the whole width of the rail fits the groove of the stile, and the rail's show
 * side is coped over the stile's moulding. Rail = door − 2 stiles + 2 tongues. The tongue is measured from a test cut; the
 * groove is then set to it.
 *
 * @param length of the tongue, beyond the shoulder
 * @param thickness of the tongue, centred in the rail
 */
public record CopeAndStick(Meeting meeting, Amount length, Amount thickness, Mould mould) implements Joint {

    static final JointType TYPE = new JointType(JointParameters.all(
            List.of(JointParameters.measure("tongue.length"), JointParameters.measure("tongue.thickness")),
            Mould.PARAMETERS),
            CopeAndStick::make, CopeAndStick::argue);

    /** A rail thinner than this leaves no wood beside tongue and mould. */
    private static final Length THIN_DOOR = Length.ofMillimetres(16);

    static Joint make(JointContext context) {
        Amount length = context.milled("tongue").orElseGet(() -> context.givenOr("tongue.length",
                () -> JointContext.ruled("amount.tongueLength",
                        context.rule(Length.ofMillimetres(10), Length.ofInches(3, 8)), "rule.tongue")));
        Amount thickness = context.givenOr("tongue.thickness",
                () -> context.given(Brief.TENON_THICKNESS).orElseGet(() -> new TenonRules(context).thickness()));
        Amount beside = JointContext.share("amount.besideTongue", Amount.sum(Label.of("amount.bothFaceShoulders"))
                .plus(context.meeting().tenonPiece().thickness()).minus(thickness).amount(), 1, 2, "rule.centred");
        return new CopeAndStick(context.meeting(), length, thickness, Mould.of(context, beside));
    }

    private static void argue(JointEvaluation evaluation) {
        Length rail = evaluation.railThickness();
        evaluation.wantOnePlane("reason.cope.door");
        evaluation.objectIf(rail.isLessThan(THIN_DOOR), "reason.cope.thin", rail);
        evaluation.object("reason.cope.tongue");
    }

    @Override
    public JointKind kind() {
        return JointKind.COPE_AND_STICK;
    }

    /** The tongue, or the rail's lip over the moulding where that is wider. */
    @Override
    public Amount addedLength() {
        return mould.width().value().isGreaterThan(length.value()) ? mould.width() : length;
    }

    @Override
    public Solid adds() {
        RailEnd end = new RailEnd(meeting);
        return end.beyondShoulder(mm(length), 0, end.width(), inner(end), inner(end) + mm(thickness))
                .plus(mould.lip(end, true));
    }

    @Override
    public Solid removes() {
        RailEnd end = new RailEnd(meeting);
        return end.intoPost(mm(length), 0, end.width(), inner(end), inner(end) + mm(thickness))
                .plus(mould.lip(end, false));
    }

    private double inner(RailEnd end) {
        return (end.thickness() - mm(thickness)) / 2;
    }

    /** A tongue that comes through the stile, one that leaves it no cheeks, and a moulding too wide for it. */
    @Override
    public List<Fault> faults(Inspection inspection) {
        Length rail = meeting.tenonPiece().thickness().value();
        return new Faults(this).deep("tongue.length", length, inspection)
                .above("tongue-thick", "tongue.thickness", thickness,
                        inspection.brief().ratio(Limits.THICKEST).of(rail), rail)
                .below("tongue-thin", "tongue.thickness", thickness, inspection.brief().ratio(Limits.THINNEST).of(rail))
                .add(mould.fault(this, inspection)).list();
    }

    @Override
    public void draw(Sketch sketch) {
        RailEnd end = new RailEnd(meeting);
        sketch.depth(Side.BELOW, length, 0, mm(length), inner(end))
                .thickness(thickness, inner(end), inner(end) + mm(thickness), end.width());
        mould.draw(sketch, end);
    }

    @Override
    public Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        figures.put("tongue.length", length);
        figures.put("tongue.thickness", thickness);
        mould.addTo(figures);
        return figures;
    }
}
