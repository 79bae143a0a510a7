package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.util.List;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.joint.Candidate;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.TriedCandidate;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.Words;

/** Writes the types of joint as JSON: id, name, summary, and their parameters as {@link KindsJson} writes those of kinds. */
public final class JointsJson {

    private JointsJson() {}

    /** How the types suit one joint of a plan, the best first, as UTF-8. */
    public static byte[] toBytes(Plan plan, Joint joint) {
        return Json.write(out -> compared(out, plan, joint));
    }

    /** The same for several joints. */
    public static byte[] toBytes(Plan plan, List<Joint> joints) {
        return Json.write(out -> {
            out.writeStartArray();
            for (Joint joint : joints) {
                compared(out, plan, joint);
            }
            out.writeEndArray();
        });
    }

    private static void compared(JsonGenerator out, Plan plan, Joint joint) throws IOException {
        Words words = Words.showing(plan.project().showing());
        out.writeStartObject();
        out.writeStringField("joint", joint.id());
        out.writeStringField("name", words.name(joint.id()));
        out.writeStringField("type", joint.kind().id());
        out.writeArrayFieldStart("candidates");
        for (TriedCandidate tried : TriedCandidate.of(plan, joint)) {
            Candidate candidate = tried.candidate();
            out.writeStartObject();
            out.writeStringField("type", candidate.kind().id());
            out.writeStringField("name", words.text("joint." + candidate.kind().id()));
            out.writeBooleanField("chosen", candidate.kind() == joint.kind());
            out.writeBooleanField("unusual", candidate.unusual());
            reasons(out, "for", candidate.speaksFor(), words);
            reasons(out, "against", candidate.speaksAgainst(), words);
            if (tried.stop().isPresent()) {
                out.writeStringField("stop", words.say(tried.stop().get()));
            }
            out.writeEndObject();
        }
        out.writeEndArray();
        out.writeEndObject();
    }

    private static void reasons(JsonGenerator out, String name, List<Label> reasons, Words words) throws IOException {
        out.writeArrayFieldStart(name);
        for (Label reason : reasons) {
            out.writeString(words.say(reason));
        }
        out.writeEndArray();
    }

    /** All types as UTF-8. */
    public static byte[] toBytes() {
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        return Json.write(out -> {
            out.writeStartArray();
            for (JointKind kind : JointKind.values()) {
                out.writeStartObject();
                out.writeStringField("id", kind.id());
                out.writeStringField("name", words.text("joint." + kind.id()));
                out.writeStringField("summary", words.text("joint." + kind.id() + ".summary"));
                out.writeArrayFieldStart("parameters");
                for (Parameter parameter : JointType.of(kind).parameters()) {
                    KindsJson.parameter(out, parameter, words);
                }
                out.writeEndArray();
                out.writeEndObject();
            }
            out.writeEndArray();
        });
    }
}
