package longshoulder.desktop.joints;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.text.Text;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Value;
import longshoulder.core.drawing.Area;
import longshoulder.core.drawing.DimensionLine;
import longshoulder.core.drawing.DrawingContext;
import longshoulder.core.drawing.JointMarks;
import longshoulder.core.drawing.Mark;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Placement;
import longshoulder.core.drawing.SectionLayout;
import longshoulder.core.projection.JointDetail;
import longshoulder.core.frame.Dimension;
import longshoulder.core.geometry.View;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.joint.SectionPlane;
import longshoulder.core.plan.Plan;
import longshoulder.core.project.Edit;
import longshoulder.core.reckoning.Amount;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.control.FigureField;
import longshoulder.desktop.control.FocusKeeper;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;
import longshoulder.desktop.paint.Themed;
import longshoulder.desktop.control.Typefaces;
import longshoulder.desktop.document.Trial;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.control.FigureHandle;

/**
 * The joint that is worked on, large: three sections of it closed, with the figures of its tenon, and beside or below them it pulled apart along its way by a slider. While
 * another joint is tried out it is drawn as it would be, the present one dashed over it.
 */
public final class JointSheet extends Pane implements Themed {

    private static final double EDGE = 20;

    /** A sheet this much wider than high has its sections beside the picture, with this share of the width; else above it. */
    private static final double WIDE = 1.2;
    private static final double BESIDE = 0.6;
    private static final double ABOVE = 0.46;

    /** Room for the slider at the foot of the sheet. */
    private static final double PULL = 40;

    /** Room between captions and the foot of the sheet. */
    private static final double FOOT = 8;

    private static final double FIRST_TURN = 28;
    private static final double FIRST_LIFT = 24;

    private final Workbench bench;
    private final PictureView picture = new PictureView();
    private final Slider pull = new Slider(0, 1, 0.6);
    private final Label pullName = new Label(Texts.get("joints.pull"));
    private final Map<SectionPlane, Text> captions = new EnumMap<>(SectionPlane.class);
    private double turn = FIRST_TURN;
    private double lift = FIRST_LIFT;
    private double lastX;
    private double lastY;
    private double paintedWidth;
    private double paintedHeight;

    public JointSheet(Workbench bench) {
        this.bench = bench;
        setId("joint-sheet");
        getStyleClass().add("sheet");
        setFocusTraversable(true);
        setMinSize(260, 200);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        pull.setId("pull");
        pull.setBlockIncrement(0.1);
        pull.setAccessibleText(Texts.get("joints.pull"));
        pull.valueProperty().addListener((observed, was, is) -> paint());
        for (SectionPlane section : SectionPlane.values()) {
            Text caption = new Text(bench.words().text(JointMarks.caption(section)));
            caption.getStyleClass().add("caption");
            caption.setFont(Typefaces.figures(13, false));
            captions.put(section, caption);
        }
        pullName.getStyleClass().add("quiet");
        getChildren().addAll(picture, pullName, pull);
        getChildren().addAll(captions.values());
        PictureView.whenPixelsChange(this, this::paint);
        bench.planProperty().addListener((observed, was, is) -> paint());
        bench.pieceProperty().addListener((observed, was, is) -> paint());
        bench.jointProperty().addListener((observed, was, is) -> paint());
        bench.trialProperty().addListener((observed, was, is) -> paint());
        addEventHandler(MouseEvent.MOUSE_PRESSED, press -> {
            lastX = press.getX();
            lastY = press.getY();
            requestFocus();
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    @Override
    protected void layoutChildren() {
        double foot = getHeight() - PULL;
        double left = pictorial(getWidth(), getHeight()).getMinX() + EDGE;
        double name = pullName.prefWidth(-1);
        pullName.resizeRelocate(left, foot + 10, name, pullName.prefHeight(-1));
        pull.resizeRelocate(left + name + 12, foot + 8, Math.max(60, getWidth() - EDGE - left - name - 12),
                pull.prefHeight(-1));
        if (paintedWidth != getWidth() || paintedHeight != getHeight()) {
            paintedWidth = getWidth();
            paintedHeight = getHeight();
            paint();
        }
        // Those that came just now as well: what is added in a layout is neither styled nor laid out before something asks for it.
        getChildren().stream().filter(FigureField.class::isInstance).forEach(figure -> {
            figure.applyCss();
            figure.autosize();
        });
    }

    private void drag(MouseEvent drag) {
        turn((lastX - drag.getX()) * 0.4, (drag.getY() - lastY) * 0.4);
        lastX = drag.getX();
        lastY = drag.getY();
    }

    private void turn(double round, double up) {
        turn += round;
        lift = Math.clamp(lift + up, -80, 80);
        paint();
    }

    private void key(KeyEvent key) {
        if (key.isShortcutDown() || key.getTarget() != this) {
            return;
        }
        switch (key.getCode()) {
            case LEFT -> turn(6, 0);
            case RIGHT -> turn(-6, 0);
            case UP -> turn(0, 6);
            case DOWN -> turn(0, -6);
            default -> {
                return;
            }
        }
        key.consume();
    }

    /** Nothing is worked out while nobody sees it. */
    private boolean isShown() {
        return getScene() != null && getParent() != null && getParent().isVisible() && paintedWidth > 10
                && paintedHeight > 10;
    }

    /** Draws it all anew. */
    public void paint() {
        Optional<Joint> joint = bench.joint();
        if (!isShown() || joint.isEmpty()) {
            picture.clear();
            return;
        }
        setAccessibleText(Texts.get("joints.accessible") + " " + bench.words().name(joint.get().id()));
        Optional<Trial> trial = bench.trialProperty().get();
        Plan plan = trial.map(Trial::plan).orElse(bench.plan());
        Joint shown = plan.joints().stream().filter(one -> one.id().equals(joint.get().id())).findFirst()
                .orElse(joint.get());
        JointMarks marks = new JointMarks(plan, shown, trial.map(any -> new JointDetail(bench.plan(), joint.get())));
        DrawingContext context = new DrawingContext(plan, bench.words(), (text, size, bold) -> 0);
        double width = paintedWidth;
        double height = paintedHeight;
        picture.show(Picture.of(width, height, PictureView.pixels(this), brush -> {
            ScreenPen pen = new ScreenPen(brush);
            sections(marks, context, shown, sections(width, height), pen);
            marks.apart(pull.getValue(), View.pictorial(turn, lift), pulled(pictorial(width, height))).draw(pen);
        }));
    }

    private static boolean isWide(double width, double height) {
        return width > WIDE * (height - PULL);
    }

    /** Where the sections stand on a sheet. */
    private static Rectangle2D sections(double width, double height) {
        return isWide(width, height)
                ? new Rectangle2D(0, 0, BESIDE * width, height - FOOT)
                : new Rectangle2D(0, 0, width, ABOVE * (height - PULL));
    }

    /** Where the joint stands pulled apart, over its slider. */
    private static Rectangle2D pictorial(double width, double height) {
        double left = isWide(width, height) ? BESIDE * width : 0;
        double top = isWide(width, height) ? EDGE : ABOVE * (height - PULL);
        return new Rectangle2D(left, top, width - left, height - PULL - top);
    }

    /** The picture pulled apart keeps off the edges of its room. */
    private static Area pulled(Rectangle2D room) {
        return Pixels.toArea(room.getMinX() + EDGE, room.getMinY() + (8 - EDGE) / 2 + EDGE / 2,
                room.getWidth() - 2 * EDGE, room.getHeight() - EDGE - 8);
    }

    private void sections(JointMarks marks, DrawingContext context, Joint joint, Rectangle2D room, ScreenPen pen) {
        List<FigureField> figures = new ArrayList<>();
        SectionLayout layout = new SectionLayout(marks.detail(),
                Pixels.toArea(room.getMinX(), room.getMinY(), room.getWidth(), room.getHeight()),
                section -> Pixels.toMillimetres(
                        Objects.requireNonNull(captions.get(section)).getLayoutBounds().getWidth()));
        for (SectionLayout.Place place : layout.places()) {
            Placement at = place.view().placement();
            new Page.Group(at, marks.section(place)).draw(pen);
            for (DimensionLine line : JointMarks.lines(context, layout, place)) {
                new Page.Group(at, List.of(new Mark.Dimensioned(line))).draw(pen);
                FigureField figure = figure(joint, line.dimension());
                FigureHandle.place(figure, line, at);
                figures.add(figure);
            }
            Text caption = Objects.requireNonNull(captions.get(place.section()));
            caption.relocate(
                    Math.rint(Pixels.of(place.captionX()) - caption.getLayoutBounds().getWidth() / 2),
                    Pixels.of(place.captionY()));
        }
        show(figures);
    }

    /** A figure that the type asks for is changed where it stands; the others open their reckoning. */
    private FigureField figure(Joint joint, Dimension dimension) {
        Amount amount = dimension.amount();
        Optional<String> parameter = parameter(joint, amount);
        String address = parameter.map(name -> Address.of(joint.id(), name)).orElse("");
        boolean given = parameter.isPresent() && bench.project().brief().measure(address).isPresent();
        return new FigureField(bench.words().figure(amount.value()),
                bench.words().say(amount.label()), given, parameter.isPresent(), () -> {},
                typed -> bench.read(typed).map(length -> bench.edit(new Edit.Give(address, new Value.Measured(length))))
                        .orElse(false))
                .named("joint-figure-" + amount.label().key().replace("amount.", ""));
    }

    private static Optional<String> parameter(Joint joint, Amount amount) {
        return joint.figures().entrySet().stream().filter(entry -> entry.getValue().equals(amount))
                .map(Map.Entry::getKey).filter(name -> JointType.of(joint.kind()).parameter(name).isPresent())
                .findFirst();
    }

    private void show(List<FigureField> figures) {
        List<Node> nodes = new ArrayList<>(List.of(picture, pullName, pull));
        nodes.addAll(captions.values());
        nodes.addAll(figures);
        FocusKeeper.rebuild(this, () -> getChildren().setAll(nodes));
    }

    @Override
    public void recolour() {
        paint();
    }
}
