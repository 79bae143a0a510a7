package longshoulder.files;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.joint.Joint;
import longshoulder.core.plan.Plan;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Writes the exact solids of a plan as Wavefront OBJ: millimetres, in their places in the world, joints cut, each a closed
 * mesh of triangles.
 */
public final class ObjExport {

    /** Name of the file that holds all pieces. */
    public static final String ALL = "all.obj";

    private ObjExport() {}

    /** Writes a file a piece or loose part, named after its id, and one of all; gives the files written. */
    public static List<Path> write(Plan plan, Path directory) throws IOException {
        List<Path> written = new ArrayList<>();
        StringBuilder all = new StringBuilder("# millimetres; X to the right, Y to the back, Z up\n");
        int before = 0;
        for (Map.Entry<String, Mesh> part : parts(plan).entrySet()) {
            StringBuilder one = new StringBuilder("# millimetres; X to the right, Y to the back, Z up\n");
            object(one, part.getKey(), part.getValue(), 0);
            written.add(save(directory.resolve(file(part.getKey())), one));
            object(all, part.getKey(), part.getValue(), before);
            before += part.getValue().points().size();
        }
        written.add(save(directory.resolve(ALL), all));
        return written;
    }

    /** Named after its part; a piece called "all" makes room for the file of all, by two dashes, which no piece has in its name. */
    private static String file(String part) {
        return (part + ".obj").equals(ALL) ? part + "--piece.obj" : part + ".obj";
    }

    /** The skins of all pieces, and of the parts that joints bring along, such as loose tenons. */
    private static Map<String, Mesh> parts(Plan plan) {
        Map<String, Mesh> parts = new LinkedHashMap<>();
        plan.pieces().forEach(piece -> parts.put(piece.id(), piece.mesh()));
        for (Joint joint : plan.joints()) {
            if (!joint.loosePart().isNothing()) {
                parts.put(joint.id().replace("/", "--") + "--" + joint.looseParts(), Mesh.of(joint.loosePart()));
            }
        }
        return parts;
    }

    private static Path save(Path file, StringBuilder text) throws IOException {
        AtomicFile.writeNew(file, text.toString().getBytes(StandardCharsets.US_ASCII));
        return file;
    }

    private static void object(StringBuilder out, String name, Mesh mesh, int before) {
        out.append("o ").append(name).append('\n');
        for (Vector3D point : mesh.points()) {
            out.append("v ").append(number(point.getX())).append(' ').append(number(point.getY())).append(' ')
                    .append(number(point.getZ())).append('\n');
        }
        for (int[] t : mesh.triangles()) {
            out.append("f ").append(t[0] + 1 + before).append(' ').append(t[1] + 1 + before).append(' ')
                    .append(t[2] + 1 + before).append('\n');
        }
    }

    /** To a picometre, which is below the noise of the doubles and never in powers of ten, which not all readers take. */
    private static String number(double millimetres) {
        return BigDecimal.valueOf(millimetres).setScale(9, RoundingMode.HALF_EVEN).stripTrailingZeros()
                .add(BigDecimal.ZERO).toPlainString();
    }
}
