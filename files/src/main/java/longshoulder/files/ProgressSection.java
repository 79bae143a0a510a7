package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.brief.Address;
import longshoulder.core.frame.Frame;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Noted;
import longshoulder.core.project.Progress;
import longshoulder.core.project.Project;

/** What was really done, by the kind of furniture of which it was done. */
final class ProgressSection implements Section {

    @Override
    public String name() {
        return "progress";
    }

    @Override
    public void write(JsonGenerator out, Project project) throws IOException {
        out.writeObjectFieldStart("milled");
        for (Map.Entry<String, Map<String, Length>> kind : project.progress().milled().entrySet()) {
            Section.texts(out, kind.getKey(), kind.getValue());
        }
        out.writeEndObject();
        if (!project.progress().sawn().isEmpty()) {
            writeSawn(out, project.progress());
        }
        if (!project.progress().pinned().isEmpty()) {
            PinJson.write(out, project.progress().pinned());
        }
        if (!project.progress().noted().isEmpty()) {
            out.writeObjectFieldStart("noted");
            for (Map.Entry<String, Map<String, String>> kind : project.progress().noted().entrySet()) {
                Section.texts(out, kind.getKey(), kind.getValue());
            }
            out.writeEndObject();
        }
    }

    @Override
    public Project read(JsonNode section, Project start, Reading reading) {
        Project project = start;
        Supplier<Frame> frame = DesignSection.once(start::frame);
        for (Map.Entry<String, JsonNode> kind : section.path("milled").properties()) {
            String place = "progress.milled." + Reading.shortened(kind.getKey());
            if (Kinds.find(kind.getKey()).isEmpty()) {
                throw reading.at(place, Sentence.of("kind", Reading.shortened(kind.getKey())));
            }
            for (Map.Entry<String, JsonNode> entry : kind.getValue().properties()) {
                project = milled(project, kind.getKey(), entry, place, frame, reading);
            }
        }
        for (Map.Entry<String, JsonNode> kind : section.path("noted").properties()) {
            String place = "progress.noted." + Reading.shortened(kind.getKey());
            if (Kinds.find(kind.getKey()).isEmpty()) {
                throw reading.at(place, Sentence.of("kind", Reading.shortened(kind.getKey())));
            }
            for (Map.Entry<String, JsonNode> entry : kind.getValue().properties()) {
                String of = place + "." + Reading.shortened(entry.getKey());
                project = project.withProgress(project.progress().noting(kind.getKey(), entry.getKey(),
                        noted(entry.getKey(), entry.getValue().asText(), of, reading)));
            }
        }
        for (Map.Entry<String, List<SawnBoard>> kind : sawn(section.path("sawn"), reading).entrySet()) {
            project = project.withProgress(project.progress().sawing(kind.getKey(), kind.getValue()));
        }
        for (Map.Entry<String, List<Pin>> kind : PinJson.read(section.path(PinJson.FIELD), reading).entrySet()) {
            project = project.withProgress(project.progress().pinning(kind.getKey(), kind.getValue()));
        }
        return project;
    }

    static void writeSawn(JsonGenerator out, Progress progress) throws IOException {
        out.writeObjectFieldStart("sawn");
        for (Map.Entry<String, List<SawnBoard>> kind : progress.sawn().entrySet()) {
            out.writeArrayFieldStart(kind.getKey());
            for (SawnBoard board : kind.getValue()) {
                SawnBoardJson.write(out, board);
            }
            out.writeEndArray();
        }
        out.writeEndObject();
    }

    /** Boards that are sawn, by the kind of furniture. */
    static Map<String, List<SawnBoard>> sawn(JsonNode sawn, Reading reading) {
        Map<String, List<SawnBoard>> read = new TreeMap<>();
        for (Map.Entry<String, JsonNode> kind : sawn.properties()) {
            String place = "progress.sawn." + Reading.shortened(kind.getKey());
            if (Kinds.find(kind.getKey()).isEmpty()) {
                throw reading.at(place, Sentence.of("kind", Reading.shortened(kind.getKey())));
            }
            List<SawnBoard> boards = new ArrayList<>();
            for (JsonNode board : kind.getValue()) {
                boards.add(SawnBoardJson.read(board, place + "[" + boards.size() + "]", reading));
            }
            read.put(kind.getKey(), boards);
        }
        return read;
    }

    /** What was noted of a piece, if it can be. */
    static String noted(String key, String text, String place, Reading reading) {
        String what = Address.parse(key).parameter();
        if (Address.parse(key).joint().isEmpty()
                || Noted.find(what).filter(noted -> noted.accepts(text)).isEmpty()) {
            throw reading.at(place, Sentence.of("noted", Reading.shortened(text)));
        }
        return text;
    }

    private static Project milled(Project project, String kind, Map.Entry<String, JsonNode> entry, String of,
            Supplier<Frame> frame, Reading reading) {
        String place = of + "." + Reading.shortened(entry.getKey());
        Length length = reading.length(entry.getValue(), place);
        Address address = Address.parse(entry.getKey());
        Milled what = Milled.find(address.parameter())
                .orElseThrow(() -> reading.at(place, Sentence.of("milled", address.parameter())));
        return kind.equals(project.brief().kind())
                ? reading.applied(project, new Edit.RecordMilled(address.joint().orElse(""), what, length), place,
                        frame)
                : project.withProgress(project.progress().with(kind, entry.getKey(), length));
    }
}
