package longshoulder.core.kind;

import java.util.List;
import longshoulder.core.brief.Parameter;

/**
 * A table on four legs with four aprons and a top laid on, or a stool, which has a seat instead; with stretchers on demand.
 *
 * <p>Over legs = overall − 2 · overhang; shoulder length of an apron = over legs − both leg sections; leg = height −
 * top. The world's origin is the front left corner of the top, on the floor.
 */
final class Table {

    /** How far the legs lean out to the ends, as seen from the front. */
    static final String SPLAY_FRONT = "splay.front";
    /** How far the legs lean out to the front and back, as seen from the side. */
    static final String SPLAY_SIDE = "splay.side";
    static final String LEG_FACES = "leg.faces";
    static final String STOOL = "stool";
    private static final double MOST_SPLAY = 25;

    private Table() {}

    static Kind table() {
        KindParameters sizes = new KindParameters().length("overall.length", 1500, 60 * 16, 200, 6000)
                .length("overall.depth", 800, 32 * 16, 150, 3000).length("overall.height", 750, 30 * 16, 150, 2000)
                .length("top.thickness", 25, 16, 6, 150).length("overhang.ends", 60, 40, 0, 1000)
                .length("overhang.sides", 40, 24, 0, 1000).length("leg.width", 60, 40, 15, 300)
                .length("leg.depth", 60, 40, 15, 300).length("apron.width", 90, 56, 25, 600)
                .length("apron.thickness", 22, 14, 8, 150).length("apron.setback", 8, 6, 0, 150);
        return of("table",
                ways(sizes.length("drawer-rail.width", 50, 32, 20, 200), 45, 28, 25, 16, 150, 6 * 16));
    }

    /** Lower and slighter, its mortises routed: round ends are the usual ones. */
    static Kind stool() {
        KindParameters sizes = new KindParameters().length("overall.length", 420, 16 * 16 + 8, 200, 2000)
                .length("overall.depth", 300, 12 * 16, 150, 1000).length("overall.height", 450, 18 * 16, 150, 1000)
                .length("top.thickness", 25, 16, 6, 100).length("overhang.ends", 20, 12, 0, 300)
                .length("overhang.sides", 15, 10, 0, 300).length("leg.width", 40, 26, 15, 120)
                .length("leg.depth", 40, 26, 15, 120).length("apron.width", 60, 38, 25, 300)
                .length("apron.thickness", 20, 13, 8, 60).length("apron.setback", 5, 3, 0, 60);
        return of(STOOL,
                ways(sizes.length("drawer-rail.width", 34, 22, 20, 200), 32, 20, 20, 13, 110, 4 * 16 + 8));
    }

    private static List<Parameter> ways(KindParameters sizes, long width, long widthInches, long thickness,
            long thicknessInches, long height, long heightInches) {
        return sizes.tenons().angle(SPLAY_FRONT, 0, MOST_SPLAY).angle(SPLAY_SIDE, 0, MOST_SPLAY)
                .way("splay.given", "angle", "spread").length("spread.front", 0, 0, 0, 300)
                .length("spread.side", 0, 0, 0, 300)
                .way(LEG_FACES, "square", "backed").way("stretchers", "none", "box", "h")
                .length("stretcher.width", width, widthInches, 12, 300)
                .length("stretcher.thickness", thickness, thicknessInches, 8, 150)
                .length("stretcher.height", height, heightInches, 20, 1500)
                .way("leg.taper", "none", "one", "two", "four", "curved")
                .length("leg.foot", width, widthInches, 10, 300).length("taper.below", 10, 6, 0, 500)
                .way("apron.layers", "one", "two")
                .length("inner-layer.thickness", thickness / 2, thicknessInches / 2, 5, 100)
                .way("drawer", "none", "front").way("bottom", "none", "panel")
                .length("bottom.thickness", 10, 6, 4, 40).length("bottom.groove", 10, 6, 3, 40)
                .length("bottom.room", 12, 8, 0, 40)
                .way("bow", "none", "front").way("bow.ends", "chord", "radius").length("bow.rise", 25, 16, 1, 60)
                .list();
    }

    private static Kind of(String id, List<Parameter> parameters) {
        return new SetOut(id, parameters, brief -> new TableFrame(brief).frame(),
                brief -> new TableFrame(brief).waiting());
    }
}
