package longshoulder.desktop.panel;

import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import longshoulder.core.joint.Meeting;
import longshoulder.core.plan.EndCut;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.desktop.look.Palette;
import longshoulder.desktop.look.Themed;

/**
 * A piece at the scale of its list: its left shoulder on the line that all share, tenons beyond the shoulders, ends that lean drawn
 * leaning. What is cut differs from its span by a mark at the right shoulder, never by colour alone.
 */
final class LengthBar extends Pane implements Themed {

    private static final double HEIGHT = 16;
    private static final double ABOVE = 8;

    /** The scale and the room for the longest tenon, the same for all bars of a list. */
    record Scale(double longestTenon, double longest) {}

    private final PlannedPiece piece;
    private final Scale scale;
    private final boolean lit;
    private final boolean unequal;

    LengthBar(PlannedPiece piece, Scale scale, boolean lit, boolean unequal) {
        this.piece = piece;
        this.scale = scale;
        this.lit = lit;
        this.unequal = unequal;
        setMinWidth(120);
        setPrefHeight(HEIGHT + 2 * ABOVE);
        setMinHeight(HEIGHT + 2 * ABOVE);
        setMaxHeight(HEIGHT + 2 * ABOVE);
        setMouseTransparent(true);
        widthProperty().addListener((observed, was, is) -> draw());
    }

    /** How far a joint lengthens a piece at an end, in millimetres. */
    static double tenon(PlannedPiece piece, Meeting.Part end) {
        return piece.jointAt(end).map(joint -> joint.addedLength().value().toMillimetres()).orElse(0.0);
    }

    @Override
    public void recolour() {
        draw();
    }

    private void draw() {
        double pixels = (getWidth() - 2) / Math.max(1, scale.longestTenon() + scale.longest());
        double start = 1 + scale.longestTenon() * pixels;
        double length = piece.shoulderLength().orElseThrow().value().toMillimetres() * pixels;
        double left = lean(piece.start()) * pixels;
        double right = lean(piece.finish()) * pixels;
        Polygon body = new Polygon(start + Math.max(0, left), ABOVE, start + length - Math.max(0, right), ABOVE,
                start + length - Math.max(0, -right), ABOVE + HEIGHT, start + Math.max(0, -left), ABOVE + HEIGHT);
        body.setFill(lit ? Palette.litWood() : Palette.wood(piece.wood()));
        body.setStroke(Palette.ink());
        Line line = new Line(start, 0, start, HEIGHT + 2 * ABOVE);
        line.setStroke(Palette.lit());
        Line end = new Line(start + length, unequal ? 0 : ABOVE - 3, start + length,
                HEIGHT + (unequal ? 2 * ABOVE : ABOVE + 3));
        end.setStroke(unequal ? Palette.stop() : Palette.lit());
        end.setStrokeWidth(unequal ? 3 : 1);
        getChildren().setAll(tenonBox(start - tenon(piece, Meeting.Part.START) * pixels, start),
                tenonBox(start + length, start + length + tenon(piece, Meeting.Part.FINISH) * pixels), body, line, end);
    }

    /** How far the far edge stands out past the face edge, in millimetres; less than nothing where it stays behind. */
    private double lean(EndCut cut) {
        double over = piece.piece().width().value().toMillimetres()
                * Math.tan(Math.toRadians(Math.abs(cut.faceAngle())));
        return cut.edge() == EndCut.LongAt.FAR_EDGE ? over : -over;
    }

    private static Rectangle tenonBox(double from, double to) {
        Rectangle box = new Rectangle(from, ABOVE + HEIGHT / 4, Math.max(0, to - from), HEIGHT / 2);
        box.setFill(Color.TRANSPARENT);
        box.setStroke(Palette.quiet());
        return box;
    }
}
