package longshoulder.files;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.StreamWriteFeature;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import longshoulder.core.measure.Length;

/** How this program reads and writes JSON. */
final class Json {

    private static final JsonFactory FACTORY = JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder().maxNestingDepth(20).maxStringLength(100_000)
                    .maxNumberLength(40).maxNameLength(200).build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
            .build();

    static final JsonMapper READER = JsonMapper.builder(FACTORY)
            .enable(com.fasterxml.jackson.databind.DeserializationFeature.FAIL_ON_TRAILING_TOKENS).build();

    private Json() {}

    /** Something that writes itself. */
    @FunctionalInterface
    interface Contents {
        void writeTo(JsonGenerator out) throws IOException;
    }

    /** Indented UTF-8 with a line feed at the end. */
    static byte[] write(Contents contents) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (JsonGenerator out = FACTORY.createGenerator(bytes)) {
            DefaultIndenter indenter = new DefaultIndenter("  ", "\n");
            out.setPrettyPrinter(new DefaultPrettyPrinter().withObjectIndenter(indenter).withArrayIndenter(indenter));
            contents.writeTo(out);
            out.writeRaw('\n');
        } catch (IOException impossible) {
            throw new UncheckedIOException("Writing to memory failed.", impossible);
        }
        return bytes.toByteArray();
    }

    /** UTF-8 on one line, with a line feed at the end. */
    static byte[] line(Contents contents) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (JsonGenerator out = FACTORY.createGenerator(bytes)) {
            contents.writeTo(out);
            out.writeRaw('\n');
        } catch (IOException impossible) {
            throw new UncheckedIOException("Writing to memory failed.", impossible);
        }
        return bytes.toByteArray();
    }

    /** A length as an exact number of millimetres. */
    static void millimetres(JsonGenerator out, String name, Length length) throws IOException {
        out.writeFieldName(name);
        out.writeNumber(BigDecimal.valueOf(length.picometres(), 9).stripTrailingZeros());
    }
}
