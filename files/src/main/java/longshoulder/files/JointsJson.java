package longshoulder.files;

import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.joint.JointType;
import longshoulder.core.measure.Showing;
import longshoulder.core.words.Words;

/** Writes the types of joint as JSON: id, name, summary, and their parameters as {@link KindsJson} writes those of kinds. */
public final class JointsJson {

    private JointsJson() {}

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
