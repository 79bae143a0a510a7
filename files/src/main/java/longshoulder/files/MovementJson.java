package longshoulder.files;

import java.util.List;
import longshoulder.core.plan.Movement;

/** How much wide pieces move, as JSON in millimetres. */
public final class MovementJson {

    private MovementJson() {}

    /** An array with an object for each piece; one that lies in no groove has no room. */
    public static byte[] toBytes(List<Movement> all) {
        return Json.write(out -> {
            out.writeStartArray();
            for (Movement one : all) {
                out.writeStartObject();
                out.writeStringField("piece", one.piece().id());
                out.writeStringField("rings", one.rings().id());
                out.writeNumberField("width", one.piece().width().value().toMillimetres());
                out.writeNumberField("growth", one.growth().toMillimetres());
                out.writeNumberField("shrinkage", one.shrinkage().toMillimetres());
                if (one.held().isPresent()) {
                    out.writeNumberField("room", one.held().get().room().toMillimetres());
                    out.writeNumberField("left", one.held().get().left().toMillimetres());
                    out.writeNumberField("grooveDepth", one.held().get().depth().toMillimetres());
                }
                out.writeEndObject();
            }
            out.writeEndArray();
        });
    }
}
