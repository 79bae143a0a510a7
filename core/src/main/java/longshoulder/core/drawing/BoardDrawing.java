package longshoulder.core.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import longshoulder.core.boards.BadSpot;
import longshoulder.core.boards.CutTree;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.SawnBoard.Part;
import longshoulder.core.words.Words;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/**
 * A board with what is sawn from it, after some of its cuts: what those have parted lies apart, what is still to come is drawn on it.
 */
public final class BoardDrawing implements Drawing {

    /** Between parts that are sawn apart, and round the board, in millimetres of paper. */
    public static final double APART = 2.2;
    public static final double EDGE = 1.5;

    private static final double MARK = 3.6;
    private static final String LAYERS_APART = " \\+ ";
    private static final double SIZES = 2.6;
    private static final double HATCH = 1.6;
    /** The corner that is black where a piece is pinned. */
    private static final double PIN = 2;
    /** Between lines of the grain, in millimetres of the board. */
    private static final double GRAIN = 17;

    private final Named named;
    private final SawnBoard board;
    private final CutTree tree;
    private final Map<String, Part> parts = new HashMap<>();
    private final Set<String> offcuts;

    /**
     * How a board is told.
     *
     * @param marks of the pieces by the names of their parts
     * @param lit names of parts that are picked out
     * @param done names of parts that are sawn already
     * @param pinned names of parts that the maker pinned to their places
     * @param cuts how many cuts are made; less than 0 where the board is shown as it is planned and no cut comes next
     */
    public record Named(Words words, TextMeasure measure, Map<String, String> marks, Set<String> lit, Set<String> done,
            Set<String> pinned, int cuts) {}

    public BoardDrawing(SawnBoard board, Named named) {
        this.board = board;
        this.named = named;
        tree = CutTree.of(board);
        board.pieces().forEach(piece -> parts.put(piece.id(), piece));
        offcuts = Set.copyOf(board.offcuts().stream().map(Part::id).toList());
    }

    /** What a part takes up once the cuts that are made have parted it, in millimetres of the board. */
    private record Room(double length, double width) {}

    private boolean isMade(CutTree.Parted cut) {
        return cut.number() <= named.cuts && cut.kind() != SawnBoard.Kind.RESAW;
    }

    private Room room(CutTree part, double gap) {
        if (part.parted().isEmpty() || !isMade(part.parted().get())) {
            return new Room(part.length().toMillimetres(), part.width().toMillimetres());
        }
        CutTree.Parted cut = part.parted().get();
        Room one = room(cut.first(), gap);
        Room other = room(cut.second(), gap);
        return cut.kind() == SawnBoard.Kind.CROSSCUT
                ? new Room(one.length + gap + other.length, Math.max(one.width, other.width))
                : new Room(Math.max(one.length, other.length), one.width + gap + other.width);
    }

    /** So much the board takes up once all its cuts are made: the scale stays while it is sawn. */
    private Room allParted(double gap) {
        return new BoardDrawing(board, new Named(named.words, named.measure, named.marks, Set.of(), Set.of(), Set.of(),
                board.cuts().size())).room(tree, gap);
    }

    @Override
    public double largestScale(double width, double height) {
        double gaps = APART * (1 + board.cuts().size());
        return Math.max(Placement.LEAST_SCALE, Math.min((width - 2 * EDGE - gaps) / board.stock().length()
                .toMillimetres(), (height - 2 * EDGE - gaps) / board.stock().width().toMillimetres()));
    }

    @Override
    public Area leastPage(double scale) {
        Room room = named.cuts < 0 ? room(tree, 0) : allParted(APART / scale);
        return new Area(0, 0, scale * room.length + 2 * EDGE, scale * room.width + 2 * EDGE);
    }

    @Override
    public Page page(double width, double height, double scale) {
        Placement at = new Placement(scale, EDGE, height - EDGE);
        List<Mark> marks = new ArrayList<>();
        draw(tree, 0, 0, scale, marks);
        return new Page(width, height, List.of(new Page.Group(at, marks)));
    }

    /** Which part of the board lies at a place of the page; empty where none does. */
    public Stream<Part> at(double pageX, double pageY, double height, double scale) {
        Vector2D place = new Placement(scale, EDGE, height - EDGE).onPiece(pageX, pageY);
        return at(tree, 0, 0, APART / scale, place);
    }

    /** Which place of a board in which no cut is shown lies at a place of the page. */
    public static Vector2D onBoard(double pageX, double pageY, double height, double scale) {
        return new Placement(scale, EDGE, height - EDGE).onPiece(pageX, pageY);
    }

    /** Where on the page a place of such a board lies. */
    public static Vector2D onPage(double x, double y, double height, double scale) {
        return new Placement(scale, EDGE, height - EDGE).onPage(Vector2D.of(x, y));
    }

    private Stream<Part> at(CutTree part, double right, double up, double gap, Vector2D place) {
        if (part.parted().isPresent() && isMade(part.parted().get())) {
            CutTree.Parted cut = part.parted().get();
            boolean across = cut.kind() == SawnBoard.Kind.CROSSCUT;
            Room one = room(cut.first(), gap);
            double further = beyond(cut, one, gap);
            return Stream.concat(at(cut.first(), right, up, gap, place),
                    at(cut.second(), right + (across ? further : 0), up + (across ? 0 : further), gap, place));
        }
        return pieces(part).filter(piece -> holds(piece, place.getX() - right, place.getY() - up));
    }

    private static boolean holds(Part piece, double x, double y) {
        double fromX = piece.x().toMillimetres();
        double fromY = piece.y().toMillimetres();
        return x >= fromX && x <= fromX + piece.length().toMillimetres() && y >= fromY
                && y <= fromY + piece.width().toMillimetres();
    }

    /** How far what lies beyond a cut is moved: the kerf is gone, the gap is there. */
    private double beyond(CutTree.Parted cut, Room first, double gap) {
        boolean across = cut.kind() == SawnBoard.Kind.CROSSCUT;
        double grown = across
                ? first.length - cut.first().length().toMillimetres()
                : first.width - cut.first().width().toMillimetres();
        return grown + gap - board.stock().kerf().toMillimetres();
    }

    /** The pieces that a part becomes. */
    private Stream<Part> pieces(CutTree part) {
        Stream<Part> own = Stream.ofNullable(parts.get(part.name()));
        Stream<Part> below = part.parted().stream()
                .flatMap(cut -> Stream.concat(pieces(cut.first()), pieces(cut.second())));
        // A board that is one piece as it is has no cut that names it.
        Stream<Part> whole = board.cuts().isEmpty() ? board.pieces().stream() : Stream.empty();
        return Stream.of(own, below, whole).flatMap(all -> all);
    }

    private void draw(CutTree part, double right, double up, double scale, List<Mark> marks) {
        double gap = APART / scale;
        if (part.parted().isPresent() && isMade(part.parted().get())) {
            CutTree.Parted cut = part.parted().get();
            double further = beyond(cut, room(cut.first(), gap), gap);
            boolean across = cut.kind() == SawnBoard.Kind.CROSSCUT;
            draw(cut.first(), right, up, scale, marks);
            draw(cut.second(), right + (across ? further : 0), up + (across ? 0 : further), scale, marks);
        } else if (part.length().isPositive() && part.width().isPositive()) {
            whole(part, right, up, scale, marks);
        }
    }

    /** A part in which nothing is sawn yet. */
    private void whole(CutTree part, double right, double up, double scale, List<Mark> marks) {
        double fromX = part.x().toMillimetres() + right;
        double fromY = part.y().toMillimetres() + up;
        double toX = fromX + part.length().toMillimetres();
        double toY = fromY + part.width().toMillimetres();
        List<Vector2D> corners = Mark.corners(fromX, fromY, toX, toY);
        marks.add(new Mark.Face(corners, new Tint(board.stock().wood(), 0)));
        boolean useful = offcuts.contains(part.name()) || pieces(part).findAny().isPresent();
        waste(part, right, up, marks, useful);
        for (double y = GRAIN / 2; y < board.stock().width().toMillimetres(); y += GRAIN * (0.6 + (y * 7 % 5) / 5)) {
            if (y + up > fromY && y + up < toY) {
                marks.add(new Mark.Line(Vector2D.of(fromX, y + up), Vector2D.of(toX, y + up), Meaning.GRAIN));
            }
        }
        pieces(part).filter(piece -> piece.layer() == 0).forEach(piece -> piece(piece, right, up, scale, marks));
        bad(part, right, up, marks);
        marks.add(new Mark.Polyline(corners, true, Meaning.VISIBLE_EDGE));
        part.parted().filter(cut -> cut.number() == named.cuts + 1).ifPresent(cut -> next(part, cut, right, up, marks));
    }

    /** What becomes nothing is hatched. */
    private void waste(CutTree part, double right, double up, List<Mark> marks, boolean useful) {
        if (!useful) {
            double fromX = part.x().toMillimetres() + right;
            double fromY = part.y().toMillimetres() + up;
            marks.add(new Mark.Hatched(Mark.corners(fromX, fromY, fromX + part.length().toMillimetres(),
                    fromY + part.width().toMillimetres()), HATCH, true, Meaning.WASTE));
            return;
        }
        part.parted().filter(cut -> cut.kind() != SawnBoard.Kind.RESAW).ifPresent(cut -> Stream
                .of(cut.first(), cut.second()).filter(one -> one.length().isPositive() && one.width().isPositive())
                .forEach(one -> waste(one, right, up, marks,
                        offcuts.contains(one.name()) || pieces(one).findAny().isPresent())));
    }

    private void piece(Part piece, double right, double up, double scale, List<Mark> marks) {
        double fromX = piece.x().toMillimetres() + right;
        double fromY = piece.y().toMillimetres() + up;
        double length = piece.length().toMillimetres();
        double width = piece.width().toMillimetres();
        List<Part> layers = board.pieces().stream()
                .filter(one -> one.x().equals(piece.x()) && one.y().equals(piece.y())).toList();
        boolean lit = layers.stream().anyMatch(one -> named.lit.contains(one.id()));
        if (lit) {
            marks.add(new Mark.Face(Mark.corners(fromX, fromY, fromX + length, fromY + width), new Tint("", 0)));
        }
        marks.add(Mark.Polyline.rectangle(fromX, fromY, fromX + length, fromY + width,
                lit ? Meaning.LIT_EDGE : Meaning.THIN_EDGE));
        if (layers.stream().anyMatch(one -> named.pinned.contains(one.id()))) {
            double size = PIN / scale;
            Vector2D corner = Vector2D.of(fromX, fromY + width);
            marks.add(new Mark.Face(List.of(corner, corner.add(Vector2D.of(size, 0)),
                    corner.add(Vector2D.of(0, -size))), Tint.INK));
        }
        String text = String.join(" + ", layers.stream().map(one -> (named.done.contains(one.id()) ? "\u2713 " : "")
                + named.marks.getOrDefault(one.id(), one.id())).toList());
        text(text, sizes(piece), new Vector2D[]{Vector2D.of(fromX, fromY), Vector2D.of(length, width)}, scale, marks);
    }

    private String sizes(Part piece) {
        return named.words.figure(piece.length()) + " \u00d7 " + named.words.figure(piece.width());
    }

    /** The mark in the middle, and the sizes beside it or under it where they have room. */
    private void text(String mark, String sizes, Vector2D[] box, double scale, List<Mark> marks) {
        double wide = box[1].getX() * scale - 1;
        double high = box[1].getY() * scale;
        double size = Math.min(MARK, Math.max(SIZES, high - 0.8));
        double markWide = named.measure.width(mark, size, true);
        double sizesWide = named.measure.width(sizes, SIZES, false);
        Vector2D middle = box[0].add(box[1].multiply(0.5));
        double down = size * 0.36 / scale;
        if (high < SIZES * 0.8) {
            return;
        }
        if (markWide > wide) {
            below(mark.split(LAYERS_APART, -1), middle, wide, high, scale, marks);
            return;
        }
        if (high > MARK + SIZES + 1.4 && sizesWide <= wide) {
            marks.add(text(mark, middle.getX(), middle.getY() + 0.5 / scale, size, true, Mark.Align.MIDDLE));
            marks.add(text(sizes, middle.getX(), middle.getY() - (SIZES + 0.6) / scale, SIZES, false,
                    Mark.Align.MIDDLE));
        } else if (markWide + sizesWide + 2 <= wide) {
            double left = middle.getX() - (markWide + sizesWide + 2) / 2 / scale;
            marks.add(text(mark, left, middle.getY() - down, size, true, Mark.Align.LEFT));
            marks.add(text(sizes, left + (markWide + 2) / scale, middle.getY() - down, SIZES, false,
                    Mark.Align.LEFT));
        } else {
            marks.add(text(mark, middle.getX(), middle.getY() - down, size, true, Mark.Align.MIDDLE));
        }
    }

    /** Layers of a narrow piece stand below each other, if they have room. */
    private void below(String[] layers, Vector2D middle, double wide, double high, double scale, List<Mark> marks) {
        double line = SIZES + 0.8;
        boolean fits = line * layers.length <= high && Stream.of(layers)
                .allMatch(layer -> named.measure.width(layer, SIZES, true) <= wide);
        for (int i = 0; fits && i < layers.length; i++) {
            double up = (layers.length - 1) / 2.0 - i;
            marks.add(text(layers[i], middle.getX(), middle.getY() + (up * line - SIZES * 0.36) / scale, SIZES, true,
                    Mark.Align.MIDDLE));
        }
    }

    private static Mark text(String text, double x, double y, double size, boolean bold, Mark.Align align) {
        return new Mark.Text(Vector2D.of(x, y), text, size, bold, align, Meaning.TEXT);
    }

    private void bad(CutTree part, double right, double up, List<Mark> marks) {
        double fromX = part.x().toMillimetres();
        double fromY = part.y().toMillimetres();
        for (BadSpot spot : board.stock().bad()) {
            double left = Math.max(fromX, spot.x().toMillimetres());
            double low = Math.max(fromY, spot.y().toMillimetres());
            double end = Math.min(fromX + part.length().toMillimetres(),
                    spot.x().toMillimetres() + spot.length().toMillimetres());
            double high = Math.min(fromY + part.width().toMillimetres(),
                    spot.y().toMillimetres() + spot.width().toMillimetres());
            if (end > left && high > low) {
                List<Vector2D> corners = Mark.corners(left + right, low + up, end + right, high + up);
                marks.add(new Mark.Hatched(corners, HATCH, false, Meaning.RISK));
                marks.add(new Mark.Polyline(corners, true, Meaning.RISK));
            }
        }
    }

    /** The cut that is made next, right across its part. */
    private void next(CutTree part, CutTree.Parted cut, double right, double up, List<Mark> marks) {
        double fromX = part.x().toMillimetres() + right;
        double fromY = part.y().toMillimetres() + up;
        double toX = fromX + part.length().toMillimetres();
        double toY = fromY + part.width().toMillimetres();
        double at = cut.at().toMillimetres() + board.stock().kerf().toMillimetres() / 2;
        switch (cut.kind()) {
            case CROSSCUT -> marks.add(new Mark.Line(Vector2D.of(at + right, fromY), Vector2D.of(at + right, toY),
                    Meaning.LIT_EDGE));
            case RIP -> marks.add(new Mark.Line(Vector2D.of(fromX, at + up), Vector2D.of(toX, at + up),
                    Meaning.LIT_EDGE));
            case RESAW -> marks.add(Mark.Polyline.rectangle(fromX, fromY, toX, toY, Meaning.LIT_EDGE));
        }
    }
}
