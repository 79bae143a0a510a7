package longshoulder.files;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;

/**
 * Reads the text of a file of one of the program's formats: whether it is JSON, of that format, and of a version that is known.
 *
 * @param file its name
 * @param format as its first field calls it
 * @param newest version that is known
 */
record JsonText(String file, String format, int newest) {

    JsonNode read(byte[] contents) throws BadFile {
        JsonNode root = syntax(contents);
        requireVersion(root);
        return root;
    }

    private Sentence kind() {
        return Sentence.of("is." + format);
    }

    private JsonNode syntax(byte[] contents) throws BadFile {
        try {
            JsonNode root = Json.READER.readTree(contents);
            if (!root.isObject()) {
                throw BadFile.of("noBrace", file, kind());
            }
            return root;
        } catch (JsonEOFException truncated) {
            throw brokenOff(truncated);
        } catch (StreamConstraintsException tooMuch) {
            throw tooMuch.getLocation() == null
                    ? BadFile.of("tooMuch", file)
                    : BadFile.of("tooMuchAt", file, line(tooMuch));
        } catch (JsonProcessingException bad) {
            if (bad.getOriginalMessage().startsWith("Unexpected end-of-input")) {
                throw brokenOff(bad);
            }
            // The parser tells no kinds of mistakes apart but by its words, which are English and for programmers.
            throw BadFile.of(bad.getOriginalMessage().startsWith("Duplicate field") ? "twice" : "syntax", file,
                    line(bad),
                    column(bad));
        } catch (IOException unreadable) {
            throw BadFile.of("utf8", file);
        }
    }

    private BadFile brokenOff(JsonProcessingException truncated) {
        return BadFile.of("brokenOff", file, line(truncated));
    }

    private static int line(JsonProcessingException exception) {
        JsonLocation location = exception.getLocation();
        return location == null ? 1 : location.getLineNr();
    }

    private static int column(JsonProcessingException exception) {
        JsonLocation location = exception.getLocation();
        return location == null ? 1 : Math.max(1, location.getColumnNr());
    }

    private void requireVersion(JsonNode root) throws BadFile {
        if (!format.equals(root.path("format").asText())) {
            throw BadFile.of("format", file, format, kind());
        }
        JsonNode version = root.path("version");
        if (version.isIntegralNumber() && version.canConvertToInt() && version.intValue() > newest) {
            throw BadFile.of("newer", file, version.intValue(), newest);
        }
        if (!version.isIntegralNumber() || !version.canConvertToInt() || version.intValue() < 1) {
            throw BadFile.of("version", file, Reading.shortened(version.toString()), newest);
        }
    }
}
