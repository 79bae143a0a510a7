package longshoulder.files;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import longshoulder.core.boards.RowRefused;
import longshoulder.core.boards.StockList;
import longshoulder.core.boards.StockRow;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.measure.EntryException;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.measure.Unit;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Project;
import longshoulder.core.project.Workshop;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Tools;
import longshoulder.core.wood.WoodRefused;
import longshoulder.core.wood.Woods;

/** What the project uses of a workshop: chisels, woods of the maker's own, ways of working, limits. A workshop's own file has the same section. */
final class WorkshopSection implements Section {

    @Override
    public String name() {
        return "workshop";
    }

    @Override
    public void write(JsonGenerator out, Project project) throws IOException {
        write(out, project.workshop());
    }

    static void write(JsonGenerator out, Workshop workshop) throws IOException {
        out.writeArrayFieldStart("chisels");
        for (Length chisel : workshop.tools().chisels()) {
            out.writeString(chisel.toString());
        }
        out.writeEndArray();
        writeWoods(out, workshop.woods());
        Section.texts(out, "rules", workshop.rules());
        if (!workshop.stock().own().isEmpty()) {
            writeStock(out, workshop.stock());
        }
    }

    @Override
    public Project read(JsonNode section, Project project, Reading reading) {
        try {
            return new Edit.UseWorkshop(read(section, reading)).applyTo(project);
        } catch (EditRefused refused) {
            throw reading.at("workshop.rules", refused, project.showing());
        }
    }

    static Workshop read(JsonNode section, Reading reading) {
        Map<String, Value> rules = new TreeMap<>();
        for (Map.Entry<String, JsonNode> rule : section.path("rules").properties()) {
            rules.put(rule.getKey(), rule(rule.getKey(), rule.getValue().asText(), reading));
        }
        return new Workshop(tools(section.path("chisels"), reading),
                woods(section.path("woods"), "workshop.woods", reading), rules, stock(section.path("stock"), reading));
    }

    /** The maker's own woods, if there are any: those that ship are known everywhere. */
    static void writeWoods(JsonGenerator out, Woods woods) throws IOException {
        if (woods.own().isEmpty()) {
            return;
        }
        out.writeArrayFieldStart("woods");
        for (Species wood : woods.own()) {
            out.writeStartObject();
            for (Map.Entry<String, String> text : wood.row().entrySet()) {
                out.writeStringField(text.getKey(), text.getValue());
            }
            out.writeEndObject();
        }
        out.writeEndArray();
    }

    static Woods woods(JsonNode woods, String place, Reading reading) {
        List<Species> own = new ArrayList<>();
        for (int i = 0; i < woods.size(); i++) {
            try {
                own.add(Species.of(texts(woods.get(i))));
            } catch (WoodRefused refused) {
                throw reading.at(place + "[" + i + "]", new EditRefused(refused.reason()), Showing.TENTH_MILLIMETRES);
            }
        }
        return Woods.SHIPPED.with(own);
    }

    /** The maker's lines of stock. */
    static void writeStock(JsonGenerator out, StockList stock) throws IOException {
        out.writeArrayFieldStart("stock");
        for (StockRow line : stock.own()) {
            out.writeStartObject();
            for (Map.Entry<String, String> text : line.row().entrySet()) {
                out.writeStringField(text.getKey(), text.getValue());
            }
            out.writeEndObject();
        }
        out.writeEndArray();
    }

    static StockList stock(JsonNode stock, Reading reading) {
        List<StockRow> lines = new ArrayList<>();
        for (int i = 0; i < stock.size(); i++) {
            try {
                lines.add(StockRow.of(texts(stock.get(i))));
            } catch (RowRefused refused) {
                throw reading.at("workshop.stock[" + i + "]", new EditRefused(refused.reason()),
                        Showing.TENTH_MILLIMETRES);
            }
        }
        return new StockList(lines);
    }

    private static Map<String, String> texts(JsonNode object) {
        Map<String, String> texts = new TreeMap<>();
        object.properties().forEach(text -> texts.put(text.getKey(), text.getValue().asText()));
        return texts;
    }

    private static Value rule(String name, String text, Reading reading) {
        String place = "workshop.rules." + Reading.shortened(name);
        Parameter rule = HouseRules.find(name).orElseThrow(() -> reading.at(place, Sentence.of("rule")));
        try {
            Value value = rule.read(text, Unit.MILLIMETRE);
            rule.refusal(value).ifPresent(reason -> {
                throw reading.at(place, new EditRefused(reason), Showing.TENTH_MILLIMETRES);
            });
            return value;
        } catch (EntryException refused) {
            throw reading.at(place, refused);
        }
    }

    static Tools tools(JsonNode chisels, Reading reading) {
        List<Length> widths = new ArrayList<>();
        for (int i = 0; i < chisels.size(); i++) {
            String place = "workshop.chisels[" + i + "]";
            Length width = reading.length(chisels.get(i), place);
            if (!width.isPositive() || width.isGreaterThan(Edit.OwnChisel.WIDEST)) {
                throw reading.at(place, Sentence.of("chisel", width));
            }
            widths.add(width);
        }
        return new Tools(widths);
    }
}
