package longshoulder.files;

import longshoulder.core.plan.WorkingRemedies;
import static longshoulder.files.Json.millimetres;

import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.finding.Finding;
import longshoulder.core.frame.Assembly;
import longshoulder.core.frame.Feature;
import longshoulder.core.finding.Remedy;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.Meeting;
import longshoulder.core.joint.Tenon;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.EndCut;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.project.Orientation;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.words.Words;

/** Writes a plan as JSON, as {@code docs/formats/plan.schema.json} describes it. */
public final class PlanJson {

    private static final int VERSION = 1;

    private PlanJson() {}

    /** The plan as UTF-8; lengths are exact numbers of millimetres, angles degrees. */
    public static byte[] toBytes(Plan plan) {
        Words words = Words.showing(plan.project().showing());
        return Json.write(out -> {
            out.writeStartObject();
            out.writeStringField("format", "longshoulder-plan");
            out.writeNumberField("version", VERSION);
            out.writeStringField("title", plan.project().title());
            out.writeStringField("kind", plan.project().brief().kind());
            out.writeArrayFieldStart("pieces");
            for (PlannedPiece piece : plan.pieces()) {
                piece(out, plan, piece);
            }
            out.writeEndArray();
            out.writeArrayFieldStart("joints");
            for (Joint joint : plan.joints()) {
                joint(out, joint);
            }
            out.writeEndArray();
            out.writeArrayFieldStart("assemblies");
            for (Assembly assembly : plan.frame().assemblies()) {
                assembly(out, assembly);
            }
            out.writeEndArray();
            out.writeArrayFieldStart("findings");
            for (Finding finding : plan.findings()) {
                finding(out, plan, finding, words);
            }
            out.writeEndArray();
            out.writeEndObject();
        });
    }

    private static void assembly(JsonGenerator out, Assembly assembly) throws IOException {
        out.writeStartObject();
        out.writeStringField("name", assembly.name());
        out.writeArrayFieldStart("pieces");
        for (String piece : assembly.pieces()) {
            out.writeString(piece);
        }
        out.writeEndArray();
        if (assembly.diagonal().isPresent()) {
            millimetres(out, "diagonal", assembly.diagonal().get().value());
        }
        out.writeEndObject();
    }

    private static void piece(JsonGenerator out, Plan plan, PlannedPiece piece) throws IOException {
        out.writeStartObject();
        out.writeStringField("id", piece.id());
        out.writeStringField("role", piece.piece().role().id());
        out.writeStringField("mark", piece.piece().mark());
        out.writeStringField("wood", piece.wood());
        millimetres(out, "thickness", piece.piece().thickness().value());
        millimetres(out, "width", piece.piece().width().value());
        millimetres(out, "length", piece.length().value());
        millimetres(out, "cutTo", piece.cutTo().value());
        if (piece.shoulderLength().isPresent()) {
            millimetres(out, "shoulderLength", piece.shoulderLength().get().value());
        }
        out.writeBooleanField("orientationMark", Orientation.isMarked(plan.project(), piece.id()));
        out.writeArrayFieldStart("ends");
        end(out, Meeting.Part.START, piece.start(), piece.jointAt(Meeting.Part.START));
        end(out, Meeting.Part.FINISH, piece.finish(), piece.jointAt(Meeting.Part.FINISH));
        out.writeEndArray();
        out.writeArrayFieldStart("features");
        for (Feature feature : plan.frame().featuresOf(piece.id())) {
            feature(out, feature);
        }
        out.writeEndArray();
        out.writeEndObject();
    }

    private static void feature(JsonGenerator out, Feature feature) throws IOException {
        out.writeStartObject();
        out.writeStringField("form", code(feature.form()));
        out.writeStringField("where", feature.where().key());
        out.writeObjectFieldStart("figures");
        for (Feature.Figure figure : feature.figures()) {
            millimetres(out, figure.name(), figure.amount().value());
        }
        out.writeEndObject();
        out.writeObjectFieldStart("angles");
        for (Feature.NamedAngle angle : feature.angles()) {
            out.writeNumberField(angle.name(), angle.degrees());
        }
        out.writeEndObject();
        out.writeEndObject();
    }

    private static void end(JsonGenerator out, Meeting.Part end, EndCut cut, Optional<Joint> joint)
            throws IOException {
        out.writeStartObject();
        out.writeStringField("end", code(end));
        out.writeNumberField("faceAngle", cut.faceAngle());
        out.writeNumberField("edgeAngle", cut.edgeAngle());
        out.writeNumberField("sawMitre", cut.sawMitre());
        out.writeNumberField("sawTilt", cut.sawTilt());
        millimetres(out, "longPoint", cut.longPoint());
        millimetres(out, "shortPoint", cut.shortPoint());
        out.writeStringField("joint", joint.map(Joint::id).orElse(null));
        out.writeEndObject();
    }

    private static void joint(JsonGenerator out, Joint joint) throws IOException {
        out.writeStartObject();
        out.writeStringField("id", joint.id());
        out.writeStringField("type", joint.type());
        out.writeStringField("tenonPiece", joint.meeting().tenonPiece().id());
        out.writeStringField("mortisePiece", joint.meeting().mortisePiece().id());
        if (!joint.tenons().isEmpty()) {
            tenon(out, joint.tenons().getFirst());
            mortise(out, joint.tenons().getFirst());
        }
        out.writeObjectFieldStart("figures");
        for (Map.Entry<String, Amount> figure : joint.figures().entrySet()) {
            millimetres(out, figure.getKey(), figure.getValue().value());
        }
        out.writeEndObject();
        out.writeEndObject();
    }

    private static void tenon(JsonGenerator out, Tenon tenon) throws IOException {
        out.writeObjectFieldStart("tenon");
        millimetres(out, "thickness", tenon.thickness().value());
        millimetres(out, "width", tenon.width().value());
        millimetres(out, "length", tenon.length().value());
        millimetres(out, "shortCheek", tenon.shortCheek());
        millimetres(out, "fromFaceSide", tenon.faceShoulder().value());
        millimetres(out, "fromFaceEdge", tenon.edgeShoulder().value());
        out.writeEndObject();
    }

    private static void mortise(JsonGenerator out, Tenon tenon) throws IOException {
        Meeting meeting = tenon.meeting();
        out.writeObjectFieldStart("mortise");
        millimetres(out, "thickness", tenon.thickness().value());
        millimetres(out, "width", tenon.width().value());
        millimetres(out, "depth", tenon.depth().value());
        out.writeStringField("face", code(meeting.face()));
        place(out, "fromFace", code(meeting.reference()), tenon.cheekFromReference().value());
        place(out, "fromEnd", code(meeting.postEnd()), tenon.mortiseFromEnd().value());
        out.writeStringField("endFacing", meeting.postEndFacing().id());
        if (tenon.ends() == Tenon.Ends.ROUND) {
            millimetres(out, "endRadius", tenon.thickness().value().times(1, 2));
        }
        out.writeEndObject();
    }

    private static void place(JsonGenerator out, String name, String reference, Length distance) throws IOException {
        out.writeObjectFieldStart(name);
        out.writeStringField("reference", reference);
        millimetres(out, "distance", distance);
        out.writeEndObject();
    }

    private static void finding(JsonGenerator out, Plan plan, Finding finding, Words words) throws IOException {
        out.writeStartObject();
        out.writeStringField("code", finding.code());
        out.writeStringField("level", code(finding.level()));
        out.writeArrayFieldStart("about");
        for (String id : finding.about()) {
            out.writeString(id);
        }
        out.writeEndArray();
        out.writeStringField("message", words.say(finding));
        out.writeArrayFieldStart("remedies");
        for (Remedy remedy : WorkingRemedies.of(plan, finding)) {
            out.writeString(words.say(remedy.label()));
        }
        out.writeEndArray();
        out.writeEndObject();
    }

    private static String code(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
