package longshoulder.desktop.brief;

import longshoulder.desktop.paint.BackgroundPictures;
import java.util.Optional;
import java.util.LinkedHashMap;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.TilePane;
import longshoulder.core.projection.Projection;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Edit;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Label;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Themed;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.SmallPicture;

/** The kinds of furniture as small pictures of what each makes with its defaults; the chosen one shows what is being made. */
public final class KindGallery extends TilePane implements Themed {

    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final View EYE = View.pictorial(32, 20);
    private static final int COLUMNS = 2;
    private static final double WIDTH = 96;
    private static final double HEIGHT = 50;

    private final Workbench bench;
    private final Map<String, Button> tiles = new LinkedHashMap<>();
    private final BackgroundPictures<Boolean, Kind> pictures;

    public KindGallery(Workbench bench) {
        this.bench = bench;
        pictures = new BackgroundPictures<>(bench.background(), WIDTH, HEIGHT,
                (always, kind, pixels) -> Optional.of(picture(kind).painted(WIDTH, HEIGHT, pixels)));
        setId("kinds");
        setPrefColumns(COLUMNS);
        setMinWidth(USE_PREF_SIZE);
        getStyleClass().add("kinds");
        setAccessibleText(Texts.get("brief.kinds"));
        for (Kind kind : Kinds.all()) {
            getChildren().add(tile(kind));
        }
        bench.planProperty().addListener((observed, was, is) -> light());
        PictureView.whenPixelsChange(this, this::recolour);
    }

    private Button tile(Kind kind) {
        Button tile = new Button(bench.words().text("kind." + kind.id()), pictures.frame(kind));
        tile.setContentDisplay(ContentDisplay.TOP);
        tile.getStyleClass().add("kind");
        tile.setId("kind-" + kind.id());
        tile.setTooltip(new Tooltip(bench.words().text("kind." + kind.id() + ".summary")));
        tile.setAccessibleText(
                bench.words().text("kind." + kind.id()) + ". " + bench.words().text("kind." + kind.id() + ".summary"));
        tile.setOnAction(action -> build(new Edit.BuildAs(kind.id())));
        tiles.put(kind.id(), tile);
        return tile;
    }

    /** Another kind takes the place of the one before; says what that drops. */
    private void build(Edit.BuildAs edit) {
        Optional<Label> drops = edit.kind().equals(bench.project().brief().kind())
                ? Optional.empty()
                : edit.drops(bench.project());
        bench.edit(edit);
        drops.ifPresent(what -> bench.notices().say(bench.words().sentence(what) + "."));
    }

    /** Draws the pictures when they are first seen, in the background. */
    public void refresh() {
        light();
        pictures.want(true, Kinds.all(), this);
    }

    @Override
    public void recolour() {
        if (getParent() != null && getParent().getParent() != null && isVisible()) {
            refresh();
        }
    }

    private static SmallPicture picture(Kind kind) {
        var plan = Planner.plan(Project.ofKind(kind, "", Showing.TENTH_MILLIMETRES));
        return new SmallPicture(Projection.visible(plan, EYE), plan);
    }

    /** Puts the keyboard on the kind that is made. */
    public void requestFocusOnChosen() {
        Button chosen = tiles.get(bench.project().brief().kind());
        if (chosen != null) {
            chosen.requestFocus();
        }
    }

    private void light() {
        tiles.forEach((id, tile) -> {
            tile.pseudoClassStateChanged(LIT, id.equals(bench.project().brief().kind()));
        });
    }
}
