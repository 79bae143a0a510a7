package longshoulder.core.boards;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import longshoulder.core.measure.Length;

/** Boards that are cut apart at random from edge to edge, nothing lost but kerfs: lists of which the least number of boards is known. */
final class CutApart {

    private static final int LEAST = 20;

    private CutApart() {}

    private record Part(int length, int width) {}

    static List<Blank> of(int boards, int pieces, int length, int width, int kerf, Random random) {
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < boards; i++) {
            parts.add(new Part(length, width));
        }
        while (parts.size() < pieces) {
            Part part = parts.remove(random.nextInt(parts.size()));
            boolean across = random.nextInt(part.length + part.width) < part.length;
            int room = (across ? part.length : part.width) - kerf - 2 * LEAST;
            if (room <= 0) {
                parts.add(part);
                continue;
            }
            int at = LEAST + random.nextInt(room + 1);
            parts.add(across ? new Part(at, part.width) : new Part(part.length, at));
            parts.add(across
                    ? new Part(part.length - at - kerf, part.width)
                    : new Part(part.length, part.width - at - kerf));
        }
        Collections.shuffle(parts, random);
        List<Blank> blanks = new ArrayList<>();
        parts.forEach(part -> blanks.add(Blank.counted("p" + blanks.size(), "oak", Length.ofMillimetres(part.length),
                Length.ofMillimetres(part.width), Length.ofMillimetres(25), 1)));
        return blanks;
    }
}
