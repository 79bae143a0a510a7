package longshoulder.files;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import longshoulder.core.geometry.Mesh;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * Writes the exact solids of a plan as Wavefront OBJ: millimetres, in their places in the world, joints cut, each a closed
 * mesh of triangles.
 */
public final class ObjExport {

    /** Name of the file that holds all pieces. */
    public static final String ALL = "all.obj";

    private ObjExport() {}

    /** Writes a file a piece, named after its id, and one of all; gives the files written. */
    public static List<Path> write(Plan plan, Path directory) throws IOException {
        List<Path> written = new ArrayList<>();
        StringBuilder all = new StringBuilder("# millimetres; X to the right, Y to the back, Z up\n");
        int before = 0;
        for (PlannedPiece piece : plan.pieces()) {
            StringBuilder one = new StringBuilder("# millimetres; X to the right, Y to the back, Z up\n");
            object(one, piece, 0);
            written.add(save(directory.resolve(piece.id() + ".obj"), one));
            object(all, piece, before);
            before += piece.mesh().points().size();
        }
        written.add(save(directory.resolve(ALL), all));
        return written;
    }

    private static Path save(Path file, StringBuilder text) throws IOException {
        AtomicFile.writeNew(file, text.toString().getBytes(StandardCharsets.US_ASCII));
        return file;
    }

    private static void object(StringBuilder out, PlannedPiece piece, int before) {
        Mesh mesh = piece.mesh();
        out.append("o ").append(piece.id()).append('\n');
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
