package longshoulder.core.drawing;

import java.util.List;
import java.util.function.ToDoubleFunction;
import longshoulder.core.reckoning.Level;
import org.apache.commons.geometry.euclidean.twod.Vector2D;

/** One thing on a drawing. Places are in millimetres of the piece, y upwards; sizes of text are in millimetres of paper. */
public sealed interface Mark {

    /** Draws it where it lies on the page. */
    void draw(Pen pen, Placement at);

    /** A straight line. */
    record Line(Vector2D from, Vector2D to, Meaning meaning) implements Mark {

        @Override
        public void draw(Pen pen, Placement at) {
            pen.line(at.x(from), at.y(from), at.x(to), at.y(to), meaning);
        }
    }

    /**
     * Straight lines from point to point.
     *
     * @param closed whether one more leads back to the first
     */
    record Polyline(List<Vector2D> points, boolean closed, Meaning meaning) implements Mark {

        public Polyline {
            points = List.copyOf(points);
        }

        /** The outline of a rectangle, from corner to opposite corner. */
        public static Polyline rectangle(double fromX, double fromY, double toX, double toY, Meaning meaning) {
            return new Polyline(corners(fromX, fromY, toX, toY), true, meaning);
        }

        @Override
        public void draw(Pen pen, Placement at) {
            for (int i = closed ? 0 : 1; i < points.size(); i++) {
                Vector2D from = points.get(i == 0 ? points.size() - 1 : i - 1);
                pen.line(at.x(from), at.y(from), at.x(points.get(i)), at.y(points.get(i)), meaning);
            }
        }
    }

    /**
     * A part of a circle.
     *
     * @param start where it begins, in degrees from the right, anticlockwise
     * @param sweep how far it runs anticlockwise, in degrees, more than nothing
     */
    record Arc(Vector2D centre, double radius, double start, double sweep, Meaning meaning) implements Mark {

        @Override
        public void draw(Pen pen, Placement at) {
            pen.arc(at.x(centre), at.y(centre), at.scale() * radius, start, sweep, meaning);
        }
    }

    /** A filled convex face. */
    record Face(List<Vector2D> corners, Tint tint) implements Mark {

        public Face {
            corners = List.copyOf(corners);
        }

        @Override
        public void draw(Pen pen, Placement at) {
            pen.face(places(corners, at::x), places(corners, at::y), tint);
        }
    }

    /**
     * Slanted lines over a convex face.
     *
     * @param spacing between the lines, in millimetres of paper
     * @param rising whether they rise to the right, or fall
     */
    record Hatched(List<Vector2D> outline, double spacing, boolean rising, Meaning meaning) implements Mark {

        public Hatched {
            outline = List.copyOf(outline);
        }

        /** The lines at a scale. */
        public List<Hatch.Line> lines(Placement at) {
            return Hatch.of(outline, spacing / at.scale(), rising);
        }

        @Override
        public void draw(Pen pen, Placement at) {
            pen.hatch(this, at);
        }
    }

    /** Which side of a text lies at its place. */
    enum Align {
        LEFT, MIDDLE, RIGHT
    }

    /**
     * A line of text.
     *
     * @param at where it begins, its middle or its end, on the line that it stands on
     * @param size of the typeface, in millimetres of paper
     */
    record Text(Vector2D at, String text, double size, boolean bold, Align align, Meaning meaning) implements Mark {

        @Override
        public void draw(Pen pen, Placement place) {
            double width = FigureRun.width(text, size, bold, pen);
            double before = switch (align) {
                case LEFT -> 0;
                case MIDDLE -> width / 2;
                case RIGHT -> width;
            };
            pen.figure(place.x(at) - before, place.y(at), text, size, bold, meaning);
        }
    }

    /** The figure of a length, its line and its ticks. */
    record Dimensioned(DimensionLine line) implements Mark {

        @Override
        public void draw(Pen pen, Placement at) {
            line.draw(pen, at);
        }
    }

    /**
     * Where a finding arises: levels differ in shape as well as in colour.
     *
     * @param number by which the papers name it
     */
    record FindingSymbol(Vector2D at, Level level, String number) implements Mark {

        private static final double RADIUS = 2.6;
        private static final double SIZE = 3;

        @Override
        public void draw(Pen pen, Placement place) {
            Meaning meaning = meaning(level);
            double x = place.x(at);
            double y = place.y(at);
            int corners = corners();
            double[] xs = new double[corners];
            double[] ys = new double[corners];
            for (int i = 0; i < corners; i++) {
                double angle = first() + 2 * Math.PI * i / corners;
                xs[i] = x + reach() * Math.cos(angle);
                ys[i] = y - reach() * Math.sin(angle);
            }
            pen.face(xs, ys, Tint.PAPER);
            if (level == Level.NOTE) {
                pen.arc(x, y, RADIUS, 0, 360, meaning);
            } else {
                for (int i = 0; i < corners; i++) {
                    int next = (i + 1) % corners;
                    pen.line(xs[i], ys[i], xs[next], ys[next], meaning);
                }
            }
            pen.text(x - pen.width(number, SIZE, true) / 2, y + SIZE / 3, number, SIZE, true, meaning);
        }

        /** A square, a triangle, and so many that they pass for a circle. */
        private int corners() {
            return switch (level) {
                case STOP -> 4;
                case RISK -> 3;
                case NOTE -> 24;
            };
        }

        /** Where the first corner lies, in radians from the right. */
        private double first() {
            return level == Level.STOP ? Math.PI / 4 : Math.PI / 2;
        }

        /** How far the corners lie from the middle. */
        private double reach() {
            return switch (level) {
                case STOP -> 1.2 * RADIUS;
                case RISK -> 1.5 * RADIUS;
                case NOTE -> RADIUS;
            };
        }

        /** How a level is drawn. */
        public static Meaning meaning(Level level) {
            return switch (level) {
                case STOP -> Meaning.STOP;
                case RISK -> Meaning.RISK;
                case NOTE -> Meaning.NOTE;
            };
        }
    }

    /** The corners of a rectangle. */
    static List<Vector2D> corners(double fromX, double fromY, double toX, double toY) {
        return List.of(Vector2D.of(fromX, fromY), Vector2D.of(toX, fromY), Vector2D.of(toX, toY),
                Vector2D.of(fromX, toY));
    }

    private static double[] places(List<Vector2D> points, ToDoubleFunction<Vector2D> place) {
        double[] places = new double[points.size()];
        for (int i = 0; i < places.length; i++) {
            places[i] = place.applyAsDouble(points.get(i));
        }
        return places;
    }
}
