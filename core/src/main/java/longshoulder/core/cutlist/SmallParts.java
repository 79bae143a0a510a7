package longshoulder.core.cutlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import longshoulder.core.cutlist.CutLine.Kind;
import longshoulder.core.cutlist.CutLine.Size;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.LoosePart;
import longshoulder.core.plan.Plan;

/** The small parts that joints take, as lines of the cut list: those of one kind, wood and size together. */
final class SmallParts {

    private final Plan plan;
    private final RoughSizes rough;
    private final Map<LoosePart.Kind, Integer> marked = new TreeMap<>();

    SmallParts(Plan plan) {
        this.plan = plan;
        rough = new RoughSizes(plan.project());
    }

    /** Parts that are the same, and the joints that take them. */
    private record Same(LoosePart part, String wood, List<String> ids) {
        boolean takes(LoosePart other, String otherWood) {
            return other.kind() == part.kind() && otherWood.equals(wood) && size(other).equalTo(size(part));
        }
    }

    List<CutLine> lines(int firstNumber) {
        List<Same> all = new ArrayList<>();
        for (Joint joint : plan.joints()) {
            String wood = plan.project().wood(joint.meeting().tenonPiece().role().id());
            for (LoosePart part : joint.parts()) {
                Same same = all.stream().filter(one -> one.takes(part, wood)).findFirst().orElseGet(() -> {
                    all.add(new Same(part, part.kind().isBought() ? "" : wood, new ArrayList<>()));
                    return all.getLast();
                });
                for (int i = 0; i < part.count(); i++) {
                    same.ids.add("%s:%s-%d".formatted(joint.id(), part.kind().id(), i + 1));
                }
            }
        }
        List<CutLine> lines = new ArrayList<>();
        for (Same same : all) {
            lines.add(line(firstNumber + lines.size(), same));
        }
        return lines;
    }

    private static Size size(LoosePart part) {
        return new Size(part.length(), part.width(), part.thickness());
    }

    private CutLine line(int number, Same same) {
        Size size = size(same.part);
        boolean bought = same.part.kind().isBought();
        RoughSizes.Strips strips = rough.strips(size, same.ids.size());
        return new CutLine(number, bought ? Kind.BOUGHT : Kind.SMALL_PART, same.ids, marks(same),
                "loose." + same.part.kind().id(), same.wood, size, size.length(), bought ? size : strips.size(),
                bought ? same.ids.size() : strips.count(), Optional.empty());
    }

    /** Such as w1, w2: counted over all lines of the kind. */
    private List<String> marks(Same same) {
        String letter = same.part.kind().id().substring(0, 1).toLowerCase(Locale.ROOT);
        return same.ids.stream()
                .map(id -> letter + marked.merge(same.part.kind(), 1, Integer::sum)).toList();
    }
}
