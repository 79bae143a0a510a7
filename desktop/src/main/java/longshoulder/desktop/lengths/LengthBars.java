package longshoulder.desktop.lengths;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import longshoulder.core.drawing.LengthBar;
import longshoulder.core.drawing.Page;
import longshoulder.core.drawing.Placement;
import longshoulder.core.finding.Finding;
import longshoulder.core.joint.Meeting;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.plan.Spans;
import longshoulder.desktop.document.PlanValue;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.paint.Palette;
import longshoulder.desktop.paint.Picture;
import longshoulder.desktop.paint.PictureView;
import longshoulder.desktop.paint.Pixels;
import longshoulder.desktop.paint.ScreenPen;

/** The {@link LengthBar}s of all pieces between shoulders at one scale, painted in the background while they are shown. */
final class LengthBars {

    private final Workbench bench;
    private final Map<String, LengthBarView> views = new HashMap<>();
    private final PlanValue<Setting, Map<String, Picture>> pictures;
    private boolean shown;

    /**
     * What they are painted for, besides their plan.
     *
     * @param widths of their places by piece, in pixels of the layout
     * @param pixels of the screen to one of the layout
     * @param lit id of the piece that is lit
     */
    private record Setting(Map<String, Double> widths, double pixels, String lit, Palette.Theme theme) {}

    LengthBars(Workbench bench) {
        this.bench = bench;
        pictures = new PlanValue<>(bench, this::setting, (plan, setting, before) -> paint(plan, setting), this::show);
        bench.selection().pieceProperty().addListener((observed, was, is) -> pictures.refresh());
    }

    /** While hidden nothing is painted. */
    void show(boolean visible) {
        shown = visible;
        pictures.refresh();
    }

    /** Where the bar of a piece is shown: the same place for good. */
    LengthBarView of(String piece) {
        return views.computeIfAbsent(piece, id -> new LengthBarView(pictures::refresh));
    }

    private Optional<Setting> setting() {
        return views.values().stream().findFirst().filter(one -> shown)
                .map(one -> new Setting(
                        views.entrySet().stream().collect(Collectors.toUnmodifiableMap(Map.Entry::getKey,
                                view -> view.getValue().getWidth())),
                        PictureView.pixels(one), bench.selection().pieceProperty().get(), Palette.theme()));
    }

    private void show(Map<String, Picture> painted) {
        painted.forEach((piece, picture) -> of(piece).show(picture));
    }

    private static Map<String, Picture> paint(Plan plan, Setting setting) {
        List<PlannedPiece> pieces = Spans.of(plan).stream().flatMap(List::stream).toList();
        double tenon = pieces.stream().mapToDouble(piece -> LengthBar.tenon(piece, Meeting.Part.START)).max()
                .orElse(0);
        double longest = pieces.stream().mapToDouble(piece -> piece.shoulderLength().orElseThrow().value()
                .toMillimetres() + LengthBar.tenon(piece, Meeting.Part.FINISH)).max().orElse(1);
        Set<String> unequal = plan.findings().stream()
                .filter(finding -> finding.code().equals("shoulders-unequal")).map(Finding::about)
                .flatMap(List::stream).collect(Collectors.toSet());
        return pieces.stream().filter(piece -> setting.widths.getOrDefault(piece.id(), 0.0) >= 1)
                .collect(Collectors.toMap(PlannedPiece::id, piece -> paint(
                        new LengthBar(piece, piece.id().equals(setting.lit), unequal.contains(piece.id())), tenon,
                        longest, setting)));
    }

    /**
     * @param tenon in millimetres: so much room all bars have left of their shoulders
     * @param longest how far any of them reaches to the right of its left shoulder
     */
    private static Picture paint(LengthBar bar, double tenon, double longest, Setting setting) {
        double width = setting.widths.getOrDefault(bar.piece().id(), 0.0);
        double scale = Pixels.toMillimetres(width - 2) / Math.max(1, tenon + longest);
        Placement at = new Placement(scale, Pixels.toMillimetres(1) + tenon * scale,
                LengthBar.BEYOND + LengthBar.HEIGHT);
        Page.Group group = new Page.Group(at, bar.marks(scale));
        return Picture.of(width, LengthBarView.HEIGHT, setting.pixels, brush -> group.draw(new ScreenPen(brush)));
    }
}
