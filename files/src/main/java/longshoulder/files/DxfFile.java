package longshoulder.files;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A drawing in the exchange format DXF as of R2000 (AC1015), in millimetres: layers, lines, arcs and text. Every object has a handle, a
 * hexadecimal number of its own, as readers of that version demand.
 */
final class DxfFile {

    private static final String MODEL = "1F";
    private static final String PAPER = "1B";
    private static final int FIRST_HANDLE = 0x100;
    private static final double CHARACTER_HEIGHT = 0.7;

    private final Map<String, String> layers = new LinkedHashMap<>();
    private final StringBuilder entities = new StringBuilder();
    private int handle = FIRST_HANDLE;
    private double left = Double.POSITIVE_INFINITY;
    private double low = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double high = Double.NEGATIVE_INFINITY;

    private String next() {
        return Integer.toHexString(handle++).toUpperCase(Locale.ROOT);
    }

    /**
     * Adds a layer.
     *
     * @param colour by its number
     */
    void layer(String name, int colour, boolean dashed) {
        layers.put(name, record("LAYER", next(), "2", "AcDbLayerTableRecord",
                pairs(2, name, 70, 0, 62, colour, 6, dashed ? "DASHED" : "CONTINUOUS", 390, "F")));
    }

    void line(String layer, Vector2D from, Vector2D to) {
        reach(from);
        reach(to);
        entity("LINE", layer, "AcDbLine", pairs(10, from.getX(), 20, from.getY(), 30, 0.0, 11, to.getX(), 21,
                to.getY(), 31, 0.0));
    }

    /** An arc, or a circle if it runs all round; angles in degrees, anticlockwise. */
    void arc(String layer, Vector2D centre, double radius, double start, double sweep) {
        reach(centre.add(Vector2D.of(radius, radius)));
        reach(centre.subtract(Vector2D.of(radius, radius)));
        String circle = pairs(10, centre.getX(), 20, centre.getY(), 30, 0.0, 40, radius);
        if (sweep >= 360) {
            entity("CIRCLE", layer, "AcDbCircle", circle);
        } else {
            entity("ARC", layer, "AcDbCircle", circle + pairs(100, "AcDbArc", 50, start, 51, start + sweep));
        }
    }

    /**
     * A text that begins at a place on its line.
     *
     * @param size of the typeface
     */
    void text(String layer, Vector2D at, String text, double size) {
        reach(at);
        entity("TEXT", layer, "AcDbText", pairs(10, at.getX(), 20, at.getY(), 30, 0.0, 40, size * CHARACTER_HEIGHT, 1,
                escaped(text), 7, "STANDARD", 100, "AcDbText"));
    }

    /** Characters beyond ASCII by their numbers. */
    private static String escaped(String text) {
        StringBuilder escaped = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char character = text.charAt(i);
            if (character < ' ') {
                escaped.append(' ');
            } else if (character < 127) {
                escaped.append(character);
            } else {
                escaped.append("\\U+%04X".formatted((int) character));
            }
        }
        return escaped.toString();
    }

    private void reach(Vector2D point) {
        left = Math.min(left, point.getX());
        low = Math.min(low, point.getY());
        right = Math.max(right, point.getX());
        high = Math.max(high, point.getY());
    }

    private void entity(String type, String layer, String subclass, String rest) {
        entities.append(pairs(0, type, 5, next(), 330, MODEL, 100, "AcDbEntity", 8, layer, 100, subclass)).append(rest);
    }

    /** The whole file. */
    String text() {
        String tables = tables();
        String blocks = section("BLOCKS", block("*MODEL_SPACE", MODEL, 0) + block("*PAPER_SPACE", PAPER, 1));
        String objects = section("OBJECTS", pairs(0, "DICTIONARY", 5, "C", 330, "0", 100, "AcDbDictionary", 281, 1, 3,
                "ACAD_GROUP", 350, "D", 3, "ACAD_PLOTSTYLENAME", 350, "E")
                + pairs(0, "DICTIONARY", 5, "D", 330, "C", 100, "AcDbDictionary", 281, 1)
                + pairs(0, "ACDBDICTIONARYWDFLT", 5, "E", 330, "C", 100, "AcDbDictionary", 281, 1, 3, "Normal", 350,
                        "F", 100, "AcDbDictionaryWithDefault", 340, "F")
                + pairs(0, "ACDBPLACEHOLDER", 5, "F", 330, "E"));
        return header() + section("CLASSES", "") + tables + blocks + section("ENTITIES", entities.toString()) + objects
                + pairs(0, "EOF");
    }

    private String header() {
        boolean empty = left > right;
        return section("HEADER", pairs(9, "$ACADVER", 1, "AC1015", 9, "$HANDSEED", 5,
                Integer.toHexString(handle + 0x100).toUpperCase(Locale.ROOT), 9, "$INSUNITS", 70, 4, 9, "$MEASUREMENT",
                70, 1, 9, "$EXTMIN", 10, empty ? 0.0 : left, 20, empty ? 0.0 : low, 30, 0.0, 9, "$EXTMAX", 10,
                empty ? 0.0 : right, 20, empty ? 0.0 : high, 30, 0.0));
    }

    private String tables() {
        return section("TABLES", table("VPORT", "8", id -> record("VPORT", "29", id, "AcDbViewportTableRecord",
                pairs(2, "*ACTIVE", 70, 0, 10, 0.0, 20, 0.0, 11, 1.0, 21, 1.0, 12, (left + right) / 2, 22,
                        (low + high) / 2, 13, 0.0, 23, 0.0, 14, 10.0, 24, 10.0, 15, 10.0, 25, 10.0, 16, 0.0, 26, 0.0,
                        36, 1.0, 17, 0.0, 27, 0.0, 37, 0.0, 40, Math.max(1, high - low), 41, 1.6, 42, 50.0, 43, 0.0,
                        44, 0.0, 50, 0.0, 51, 0.0)),
                1)
                + table("LTYPE", "5", id -> lineType("14", id, "BYBLOCK", "", pairs(73, 0, 40, 0.0))
                        + lineType("15", id, "BYLAYER", "", pairs(73, 0, 40, 0.0))
                        + lineType("16", id, "CONTINUOUS", "Solid line", pairs(73, 0, 40, 0.0))
                        + lineType("17", id, "DASHED", "Dashed", pairs(73, 2, 40, 18.0, 49, 12.0, 74, 0, 49, -6.0, 74,
                                0)),
                        4)
                + table("LAYER", "2", id -> record("LAYER", "10", id, "AcDbLayerTableRecord",
                        pairs(2, "0", 70, 0, 62, 7, 6, "CONTINUOUS", 390, "F")) + String.join("", layers.values()),
                        1 + layers.size())
                + table("STYLE", "3", id -> record("STYLE", "11", id, "AcDbTextStyleTableRecord",
                        pairs(2, "STANDARD", 70, 0, 40, 0.0, 41, 1.0, 50, 0.0, 71, 0, 42, 2.5, 3, "arial.ttf", 4, "")),
                        1)
                + table("VIEW", "6", id -> "", 0) + table("UCS", "7", id -> "", 0)
                + table("APPID", "9", id -> record("APPID", "12", id, "AcDbRegAppTableRecord",
                        pairs(2, "ACAD", 70, 0)), 1)
                + dimensionStyles()
                + table("BLOCK_RECORD", "1", id -> blockRecord(MODEL, id, "*MODEL_SPACE")
                        + blockRecord(PAPER, id, "*PAPER_SPACE"), 2));
    }

    private static String lineType(String id, String owner, String name, String description, String pattern) {
        return record("LTYPE", id, owner, "AcDbLinetypeTableRecord",
                pairs(2, name, 70, 0, 3, description, 72, 65) + pattern);
    }

    /** Their handles have a code of their own. */
    private static String dimensionStyles() {
        return pairs(0, "TABLE", 2, "DIMSTYLE", 5, "A", 330, "0", 100, "AcDbSymbolTable", 70, 1, 100,
                "AcDbDimStyleTable", 71, 0, 0, "DIMSTYLE", 105, "27", 330, "A", 100, "AcDbSymbolTableRecord", 100,
                "AcDbDimStyleTableRecord", 2, "STANDARD", 70, 0, 0, "ENDTAB");
    }

    private static String blockRecord(String id, String owner, String name) {
        return record("BLOCK_RECORD", id, owner, "AcDbBlockTableRecord", pairs(2, name, 340, "0"));
    }

    private static String block(String name, String record, int number) {
        String begin = Integer.toHexString(0x20 + 2 * number).toUpperCase(Locale.ROOT);
        String end = Integer.toHexString(0x21 + 2 * number).toUpperCase(Locale.ROOT);
        String space = number == 1 ? pairs(67, 1) : "";
        return pairs(0, "BLOCK", 5, begin, 330, record, 100, "AcDbEntity") + space
                + pairs(8, "0", 100, "AcDbBlockBegin", 2, name, 70, 0, 10, 0.0, 20, 0.0, 30, 0.0, 3, name, 1, "", 0,
                        "ENDBLK", 5, end, 330, record, 100, "AcDbEntity")
                + space + pairs(8, "0", 100, "AcDbBlockEnd");
    }

    /**
     * A table of so many records.
     *
     * @param records makes them for the handle of the table that owns them
     */
    private static String table(String name, String id, UnaryOperator<String> records, int count) {
        return pairs(0, "TABLE", 2, name, 5, id, 330, "0", 100, "AcDbSymbolTable", 70, count) + records.apply(id)
                + pairs(0, "ENDTAB");
    }

    private static String record(String type, String id, String owner, String subclass, String rest) {
        return pairs(0, type, 5, id, 330, owner, 100, "AcDbSymbolTableRecord", 100, subclass) + rest;
    }

    private static String section(String name, String content) {
        return pairs(0, "SECTION", 2, name) + content + pairs(0, "ENDSEC");
    }

    /** Codes and values by turns, each on a line of its own. */
    private static String pairs(Object... codesAndValues) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < codesAndValues.length; i += 2) {
            Object value = codesAndValues[i + 1];
            text.append(codesAndValues[i]).append('\n')
                    .append(value instanceof Double number ? String.format(Locale.ROOT, "%.6f", number) : value)
                    .append('\n');
        }
        return text.toString();
    }
}
