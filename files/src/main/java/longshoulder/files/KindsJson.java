package longshoulder.files;

import static longshoulder.files.Json.millimetres;

import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.words.Words;

/**
 * Writes every kind of furniture as JSON, with its own parameters and with the house rules, which are the same for all kinds.
 * Lengths are numbers of millimetres.
 */
public final class KindsJson {

    private KindsJson() {}

    /** All kinds as UTF-8. */
    public static byte[] toBytes() {
        Words words = Words.showing(Showing.TENTH_MILLIMETRES);
        return Json.write(out -> {
            out.writeStartArray();
            for (Kind kind : Kinds.all()) {
                out.writeStartObject();
                out.writeStringField("id", kind.id());
                out.writeStringField("name", words.text("kind." + kind.id()));
                out.writeStringField("summary", words.text("kind." + kind.id() + ".summary"));
                out.writeArrayFieldStart("parameters");
                for (Parameter parameter : kind.parameters()) {
                    parameter(out, parameter, words);
                }
                out.writeEndArray();
                out.writeArrayFieldStart("houseRules");
                for (Parameter rule : HouseRules.parameters()) {
                    parameter(out, rule, words);
                }
                out.writeEndArray();
                out.writeEndObject();
            }
            out.writeEndArray();
        });
    }

    static void parameter(JsonGenerator out, Parameter parameter, Words words) throws IOException {
        out.writeStartObject();
        out.writeStringField("name", parameter.name());
        out.writeStringField("meaning", words.meaning(parameter));
        switch (parameter) {
            case Parameter.Measure measure -> {
                out.writeStringField("unit", "mm");
                preset(out, "default", measure, false);
                preset(out, "defaultInInches", measure, true);
                millimetres(out, "least", measure.least());
                millimetres(out, "greatest", measure.greatest());
                out.writeBooleanField("leftToRule", measure.preset(false).isEmpty());
            }
            case Parameter.Turn turn -> {
                out.writeStringField("unit", "degrees");
                out.writeNumberField("default", turn.usual().degrees());
                out.writeNumberField("least", turn.least().degrees());
                out.writeNumberField("greatest", turn.greatest().degrees());
            }
            case Parameter.Proportion part -> {
                out.writeStringField("unit", "proportion");
                out.writeStringField("default", part.usual().toString());
                out.writeStringField("least", part.least().toString());
                out.writeStringField("greatest", part.greatest().toString());
            }
            case Parameter.Choice choice -> {
                out.writeNullField("unit");
                out.writeStringField("default", choice.options().getFirst());
                out.writeArrayFieldStart("options");
                for (String option : choice.options()) {
                    out.writeString(option);
                }
                out.writeEndArray();
                out.writeObjectFieldStart("optionMeanings");
                for (String option : choice.options()) {
                    out.writeStringField(option, words.option(choice, option));
                }
                out.writeEndObject();
            }
        }
        out.writeEndObject();
    }

    /** The default in a shop that works in inches is a round number of inches, given here in millimetres like the rest. */
    private static void preset(JsonGenerator out, String name, Parameter parameter, boolean inches)
            throws IOException {
        if (parameter.preset(inches).orElse(null) instanceof Value.Measured(var length)) {
            millimetres(out, name, length);
        } else {
            out.writeNullField(name);
        }
    }
}
