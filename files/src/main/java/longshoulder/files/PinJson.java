package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import longshoulder.core.boards.Pin;
import longshoulder.core.kind.Kinds;

/** Parts that are pinned to places on boards, in a design file, by the kind of furniture. */
final class PinJson {

    static final String FIELD = "pinned";

    private PinJson() {}

    static void write(JsonGenerator out, Map<String, List<Pin>> pinned) throws IOException {
        out.writeObjectFieldStart(FIELD);
        for (Map.Entry<String, List<Pin>> kind : pinned.entrySet()) {
            out.writeArrayFieldStart(kind.getKey());
            for (Pin pin : kind.getValue()) {
                out.writeStartObject();
                out.writeStringField("part", pin.name());
                out.writeStringField("stock", pin.stock());
                out.writeNumberField("board", pin.board());
                out.writeStringField("x", pin.x().toString());
                out.writeStringField("y", pin.y().toString());
                out.writeEndObject();
            }
            out.writeEndArray();
        }
        out.writeEndObject();
    }

    static Map<String, List<Pin>> read(JsonNode pinned, Reading reading) {
        Map<String, List<Pin>> read = new TreeMap<>();
        for (Map.Entry<String, JsonNode> kind : pinned.properties()) {
            String place = "progress.pinned." + Reading.shortened(kind.getKey());
            if (Kinds.find(kind.getKey()).isEmpty()) {
                throw reading.at(place, Sentence.of("kind", Reading.shortened(kind.getKey())));
            }
            List<Pin> pins = new ArrayList<>();
            for (JsonNode pin : kind.getValue()) {
                pins.add(new Pin(pin.path("part").asText(), pin.path("stock").asText(), pin.path("board").asInt(),
                        reading.length(pin.path("x"), place), reading.length(pin.path("y"), place)));
            }
            read.put(kind.getKey(), pins);
        }
        return read;
    }
}
