package longshoulder.core.kind;

import static longshoulder.core.reckoning.Amount.mm;
import static longshoulder.core.kind.FrameBuilder.at;

import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.frame.Dimension.Side;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Role;
import longshoulder.core.geometry.View;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;

/**
 * A frame for a mirror or a picture: two stiles, two rails, what it holds in a rebate or a groove.
 *
 * <p>Given are the overall sizes, the sight size, or the size of the mirror itself: overall = sight + 2 · stile, or + both rails;
 * sight = mirror + its room − 2 · rebate.
 */
final class PictureFrame {

    private static final List<Parameter> PARAMETERS = new KindParameters()
            .way("size.given", "overall", "sight", "mirror")
            .length("size.width", 500, 20 * 16, 60, 3000).length("size.height", 700, 28 * 16, 60, 3000)
            .length("stile.width", 55, 36, 12, 300).length("rail.width", 55, 36, 12, 300)
            .length("frame.thickness", 24, 16, 8, 100)
            .way("corner.joint", "pegged", "bridle", "half-lap", "cope-and-stick")
            .way("filling", "glass", "panel", "none").length("filling.thickness", 4, 3, 2, 30)
            .length("glass.thickness", 4, 2, 2, 20).length("glass.room", 3, 2, 0, 10)
            .length("groove.depth", 9, 6, 2, 40).rule(PanelRoom.NAME, 0, 30).tenons().list();

    static final Kind KIND = new SetOut("frame", PARAMETERS, PictureFrame::frame);

    private static Frame frame(Brief brief) {
        FrameBuilder builder = new FrameBuilder();
        Amount stile = brief.required("stile.width");
        Amount rail = brief.required("rail.width");
        boolean sight = brief.choice("size.given").equals(Optional.of("sight"));
        Amount givenWidth = brief.required("size.width");
        Amount givenHeight = brief.required("size.height");
        boolean mirror = brief.choice("size.given").equals(Optional.of("mirror"));
        Amount width = sight || mirror
                ? over("amount.overallWidth", mirror ? sight(brief, givenWidth) : givenWidth, stile)
                : givenWidth;
        Amount height = sight || mirror
                ? over("amount.overallHeight", mirror ? sight(brief, givenHeight) : givenHeight, rail)
                : givenHeight;
        String corner = brief.choice("corner.joint").orElse("pegged");
        JointKind joint = JointKind.find(corner).orElse(JointKind.STOPPED_TENON);
        Leaf.lay(builder,
                Leaf.Wanted.plain("", "", width, height, brief.required("frame.thickness"), stile, rail, joint,
                        filling(brief)),
                at(0, 0, 0));
        if (corner.equals("pegged")) {
            builder.usual(JointKind.STOPPED_TENON.id(), "peg", "pegged");
        }
        figures(builder, sight, givenWidth, givenHeight, width, height, stile, rail);
        return builder.frame();
    }

    /** What is seen of a mirror that was measured. */
    private static Amount sight(Brief brief, Amount mirror) {
        return Amount.sum(Label.of("amount.sight")).plus(mirror).plus(brief.required("glass.room"))
                .minus(2, brief.required("groove.depth")).amount();
    }

    private static Amount over(String label, Amount sight, Amount member) {
        return Amount.sum(Label.of(label)).plus(sight).plus(2, member).amount();
    }

    static Leaf.Filling filling(Brief brief) {
        return switch (brief.choice("filling").orElse("none")) {
            case "glass" -> new Leaf.Filling(true, Role.GLASS, brief.required("glass.thickness"),
                    brief.required("groove.depth"), PanelRoom.of(brief.required("glass.room")));
            case "panel" -> panel(brief);
            default -> new Leaf.Filling(false, Role.PANEL, brief.required("filling.thickness"),
                    brief.required("groove.depth"), PanelRoom.of(brief));
        };
    }

    static Leaf.Filling panel(Brief brief) {
        return new Leaf.Filling(true, Role.PANEL, brief.required("filling.thickness"),
                brief.required("groove.depth"), PanelRoom.of(brief));
    }

    private static void figures(FrameBuilder builder, boolean sight, Amount givenWidth, Amount givenHeight,
            Amount width,
            Amount height, Amount stile, Amount rail) {
        double w = mm(width);
        double h = mm(height);
        double s = mm(stile);
        double r = mm(rail);
        builder.figure(View.FRONT, at(0, 0, h), at(w, 0, h), Side.ABOVE, 1, width);
        builder.figure(View.FRONT, at(0, 0, 0), at(0, 0, h), Side.LEFT, 1, height);
        builder.figure(View.FRONT, at(0, 0, h), at(s, 0, h), Side.ABOVE, 0, stile);
        builder.figure(View.FRONT, at(0, 0, h - r), at(0, 0, h), Side.LEFT, 0, rail);
        builder.figure(View.FRONT, at(s, 0, 0), at(w - s, 0, 0), Side.BELOW, 0,
                sight ? givenWidth : builder.piece("rail-top").length());
        if (sight) {
            builder.figure(View.FRONT, at(w, 0, r), at(w, 0, h - r), Side.RIGHT, 0, givenHeight);
        }
        builder.figure(View.END, at(0, 0, 0), at(0, mm(builder.piece("stile-left").thickness()), 0), Side.BELOW, 0,
                builder.piece("stile-left").thickness());
    }
}
