package longshoulder.core.kind;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Unit;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Alterations;
import longshoulder.core.project.Edit;
import longshoulder.core.project.EditRefused;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;

/** Random designs after random edits, for tests. */
final class RandomEdits {

    private RandomEdits() {}

    /** The same for the same seed. What is refused is left out. */
    static Project design(Kind kind, long seed) {
        Random random = new Random(seed);
        Project project = RandomDesigns.design(kind, seed);
        int changes = 1 + random.nextInt(4);
        for (int i = 0; i < changes; i++) {
            project = applied(project, edit(project, random, i));
        }
        Project other = RandomDesigns.design(kind, seed + 1);
        List<Map.Entry<String, Value>> given = List.copyOf(other.brief().values().entrySet());
        if (given.isEmpty()) {
            return project;
        }
        Map.Entry<String, Value> value = any(given, random);
        return applied(project, new Edit.Give(value.getKey(), value.getValue()));
    }

    private static Project applied(Project project, Edit edit) {
        try {
            return edit.applyTo(project);
        } catch (EditRefused refused) {
            return project;
        }
    }

    private static Edit edit(Project project, Random random, int number) {
        List<Piece> pieces = project.frame().pieces();
        if (pieces.size() < 2) {
            return new Edit.Give(HouseRules.parameters().getFirst().name(),
                    some(HouseRules.parameters().getFirst(), random));
        }
        return switch (random.nextInt(6)) {
            case 0 -> milled(any(pieces, random), random);
            case 1 -> joined(project, random);
            case 2 -> {
                Parameter rule = any(HouseRules.parameters(), random);
                yield new Edit.Give(rule.name(), some(rule, random));
            }
            default -> new Edit.Alter(change(pieces, random, number));
        };
    }

    private static Edit milled(Piece piece, Random random) {
        Milled what = any(List.of(Milled.SHOULDER, Milled.WIDTH, Milled.THICKNESS), random);
        Length planned = switch (what) {
            case WIDTH -> piece.width().value();
            case THICKNESS -> piece.thickness().value();
            default -> piece.length().value();
        };
        return new Edit.RecordMilled(piece.id(), what, planned.plus(Length.ofMicrometres(random.nextInt(8000) - 4000)));
    }

    /** Another type for a joint, and a figure or a choice of it. */
    private static Edit joined(Project project, Random random) {
        List<Joint> joints = Planner.plan(project).joints();
        if (joints.isEmpty()) {
            return new Edit.Retitle("");
        }
        String joint = any(joints, random).id();
        JointKind kind = any(JointKind.ofEnds(), random);
        List<Edit> edits = new ArrayList<>(List.of(
                new Edit.Give(Address.of(joint, JointKind.CHOICE), new Value.Chosen(kind.id()))));
        List<Parameter> asked = JointType.of(kind).parameters();
        if (!asked.isEmpty()) {
            Parameter parameter = any(asked, random);
            edits.add(new Edit.Give(Address.of(joint, parameter.name()), some(parameter, random)));
        }
        return new Edit.All(edits);
    }

    private static Value some(Parameter parameter, Random random) {
        return switch (parameter) {
            case Parameter.Choice choice -> new Value.Chosen(any(choice.options(), random));
            case Parameter.Turn turn -> new Value.Turned(turn.usual());
            case Parameter.Proportion part -> new Value.Proportioned(part.usual());
            case Parameter.Measure measure -> new Value.Measured(Length.greatest(measure.least(),
                    Length.least(measure.greatest(), Length.ofMicrometres(random.nextInt(60_000)))));
        };
    }

    private static Alteration change(List<Piece> pieces, Random random, int number) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("piece", any(pieces, random).id());
        switch (random.nextInt(8)) {
            case 0 -> added(fields, random, number);
            case 1 -> between(fields, pieces, random, number);
            case 2 -> put(fields, "do=move", "x=" + length(random, -60, 60), "y=" + length(random, -60, 60),
                    "z=" + length(random, -60, 60));
            case 3 -> put(fields, "do=resize", "width=" + length(random, 10, 120),
                    "thickness=" + length(random, 8, 80));
            case 4 -> put(fields, "do=bevel", "face=" + face(random), "keeps=" + face(random),
                    "angle=" + (1 + random.nextInt(20)));
            case 5 ->
                put(fields, "do=curve", "face=" + face(random), "form=" + (random.nextBoolean() ? "hollow" : "round"),
                        "radius=" + length(random, 100, 3000), "from=" + length(random, 0, 200),
                        "run=" + length(random, 50, 600));
            case 6 -> put(fields, "do=rename", "mark=Z" + number);
            default -> put(fields, "do=remove");
        }
        return Alterations.read(fields, Unit.MILLIMETRE);
    }

    private static void added(Map<String, String> fields, Random random, int number) {
        put(fields, "do=add", "piece=more-" + number, "role=rail", "mark=M" + number,
                "length=" + length(random, 50, 900),
                "width=" + length(random, 15, 120), "thickness=" + length(random, 10, 60),
                "lie=" + any(List.of("xy", "xz", "yx", "yz", "zx", "zy"), random), "x=" + length(random, -50, 900),
                "y=" + length(random, -50, 500), "z=" + length(random, -20, 800));
    }

    private static void between(Map<String, String> fields, List<Piece> pieces, Random random, int number) {
        put(fields, "do=between", "piece=more-" + number, "role=rail", "mark=M" + number,
                "from=" + any(pieces, random).id(), "to=" + any(pieces, random).id(), "width=" + length(random, 15, 90),
                "thickness=" + length(random, 10, 40), "height=" + length(random, 0, 700),
                "shift=" + length(random, -20, 20));
    }

    private static void put(Map<String, String> fields, String... pairs) {
        Arrays.stream(pairs).map(pair -> pair.split("=", 2)).forEach(pair -> fields.put(pair[0], pair[1]));
    }

    private static <T> T any(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    private static String face(Random random) {
        return any(List.of("front", "back", "left", "right", "top", "bottom"), random);
    }

    private static String length(Random random, int least, int greatest) {
        return String.valueOf(least + random.nextInt(greatest - least + 1));
    }
}
