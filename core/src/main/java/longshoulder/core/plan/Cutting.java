package longshoulder.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Piece;
import longshoulder.core.geometry.Cell;
import longshoulder.core.geometry.Layers;
import longshoulder.core.geometry.Solid;
import longshoulder.core.geometry.Stretch;
import longshoulder.core.joint.Joint;

/**
 * How the solid of a piece comes about: its body, and one after the other what is cut out of it and added to it.
 *
 * <p>What runs along the piece comes first, and goes through all that is added too, as a plough runs on through tenons: it leaves a few
 * long cells, and each recess then lies in one or two of them. A door's rails have a third fewer cells for it.
 */
public record Cutting(Piece piece, Solid body, List<Step> steps) {

    /**
     * A shape of no more cells than this, one on each face, is worked in straight passes; one of more is a curve, and comes last: else each
     * of its strips would be cut by every recess. Round holes fall into more cells than a curve has strips, and are cut after it.
     */
    private static final int STRAIGHT = 4;

    /** What is done at a step: a pass is cut out of what is added after it too. */
    public enum Kind {
        PASS(-1), CUT(-2), ADD(-3);

        /** Among numbers of corners, none of which it could be. */
        private final int mark;

        Kind(int mark) {
            this.mark = mark;
        }

        int mark() {
            return mark;
        }
    }

    public record Step(Kind kind, Solid solid) {}

    /**
     * What is done at an end of a piece.
     *
     * @param removes from its body
     * @param adds beyond its shoulder
     * @param bores through both, one after the other
     */
    public record End(Solid removes, Solid adds, List<Solid> bores) {

        public End {
            bores = List.copyOf(bores);
        }

        /** What a joint does to its rail. */
        public static End of(Joint joint) {
            return new End(joint.removesFromRail(), joint.adds(), joint.bores());
        }
    }

    public Cutting {
        steps = List.copyOf(steps);
    }

    /**
     * How a piece is cut.
     *
     * @param ends what the joints do of which it is the rail
     * @param received those that others have in it
     * @param shaping what is worked off it besides
     */
    public static Cutting of(Piece piece, List<End> ends, List<Joint> received, Solid shaping) {
        boolean first = shaping.cells().size() <= STRAIGHT || received.stream().anyMatch(Cutting::isRound);
        List<Step> steps = new ArrayList<>();
        if (first) {
            steps.add(new Step(Kind.PASS, shaping));
        }
        received.stream().filter(Cutting::isGroove).forEach(joint -> steps.add(new Step(Kind.PASS, joint.removes())));
        received.stream().filter(joint -> !isGroove(joint))
                .forEach(joint -> steps.add(new Step(Kind.CUT, joint.removes())));
        for (End end : ends) {
            steps.add(new Step(Kind.CUT, end.removes));
            steps.add(new Step(Kind.ADD, end.adds));
            end.bores.forEach(bore -> steps.add(new Step(Kind.CUT, bore)));
        }
        if (!first) {
            steps.add(new Step(Kind.CUT, shaping));
        }
        return new Cutting(piece, piece.body(), steps);
    }

    /** Equal for pieces that are cut alike. */
    CutShapeKey alike() {
        return new CutShapeKey(this);
    }

    /** Whether what is cut of it runs as straight as a stretch asks for. */
    boolean suits(Stretch stretch) {
        return solids().allMatch(solid -> stretch.suits(solid, piece.pose()));
    }

    /** Its body, and what is cut and added, in that order. */
    Stream<Solid> solids() {
        return Stream.concat(Stream.of(body), steps.stream().map(Step::solid));
    }

    private static boolean isRound(Joint joint) {
        return joint.removes().cells().stream().anyMatch(Cell::isRound);
    }

    private static boolean isGroove(Joint joint) {
        return joint.kind() == JointKind.GROOVE;
    }

    public Solid solid() {
        Layers layers = new Layers(
                steps.stream().filter(step -> step.kind != Kind.ADD).map(Step::solid).toList());
        List<Solid> passes = new ArrayList<>();
        Solid solid = body;
        for (Step step : steps) {
            solid = step.kind == Kind.ADD
                    ? solid.plus(without(step.solid, passes))
                    : solid.minus(layers.of(step.solid));
            if (step.kind == Kind.PASS) {
                passes.add(step.solid);
            }
        }
        return solid;
    }

    /**
     * What is left of something added to a piece: what runs along the piece goes through it too.
     *
     * @param received the joints that others have in the piece
     * @param shaping what is worked off it besides
     */
    public static Solid passed(Solid added, List<Joint> received, Solid shaping) {
        return without(added, Stream.concat(Stream.of(shaping),
                received.stream().filter(Cutting::isGroove).map(Joint::removes)).toList());
    }

    private static Solid without(Solid added, List<Solid> passes) {
        Solid rest = added;
        for (Solid pass : passes) {
            rest = rest.minus(pass);
        }
        return rest;
    }
}
