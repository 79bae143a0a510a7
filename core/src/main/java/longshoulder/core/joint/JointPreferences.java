package longshoulder.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.frame.Role;
import longshoulder.core.measure.Length;
import longshoulder.core.reckoning.Label;

/**
 * What a meeting asks of any joint, whatever its type: whether it has to come apart, whether it may show, what its rail carries, and
 * whether the maker owns the chisel for its mortise.
 */
final class JointPreferences {

    private final DesignChoices choices;
    private final Meeting meeting;
    private final Tenon tenon;

    JointPreferences(DesignChoices choices, Meeting meeting, Tenon tenon) {
        this.choices = choices;
        this.meeting = meeting;
        this.tenon = tenon;
    }

    List<Label> speakFor(JointKind kind) {
        List<Label> reasons = new ArrayList<>();
        if (wants(kind, HouseRules.APART, "knock-down") && comesApart(kind)) {
            reasons.add(Label.of("reason.apart.wanted"));
        }
        if (shows(kind) && wants(kind, HouseRules.SHOW, "shown")) {
            reasons.add(Label.of("reason.show.wanted"));
        }
        if (isLong(kind)) {
            carried().ifPresent(load -> reasons.add(Label.of("reason.carries.long", meeting.tenonPiece().id(), load)));
        }
        return reasons;
    }

    List<Label> speakAgainst(JointKind kind) {
        List<Label> reasons = new ArrayList<>();
        if (wants(kind, HouseRules.APART, "knock-down") && !comesApart(kind)) {
            reasons.add(Label.of("reason.apart.glued"));
        }
        if (isShort(kind)) {
            carried().ifPresent(load -> reasons.add(Label.of("reason.carries.short", meeting.tenonPiece().id(), load)));
        }
        if (isChiselled(kind)) {
            farChisel().ifPresent(chisel -> reasons.add(Label.of("reason.tools.far", third(), chisel)));
        }
        return reasons;
    }

    /** Whether what shows there is wanted, so that nothing speaks against it. */
    boolean mayShow(JointKind kind) {
        return wants(kind, HouseRules.SHOW, "shown");
    }

    private boolean wants(JointKind kind, String rule, String option) {
        Brief brief = choices.brief();
        return brief.choice(meeting.id(), kind, rule).equals(Optional.of(option));
    }

    /** Glue has no part in these; a stub or a stopped tenon comes apart with its bolt. */
    private boolean comesApart(JointKind kind) {
        return switch (kind) {
            case TUSKED_TENON, SLIDING_DOVETAIL, TAPERED_DOVETAIL -> true;
            case STOPPED_TENON, STUB_TENON -> choices.brief().choice(meeting.id(), kind, "bolt")
                    .equals(Optional.of("bolted"));
            default -> false;
        };
    }

    private static boolean shows(JointKind kind) {
        return switch (kind) {
            case THROUGH_TENON, TUSKED_TENON, BRIDLE, HALF_LAP -> true;
            default -> false;
        };
    }

    private static boolean isLong(JointKind kind) {
        return kind == JointKind.THROUGH_TENON || kind == JointKind.TUSKED_TENON;
    }

    private static boolean isShort(JointKind kind) {
        return kind == JointKind.STUB_TENON || kind == JointKind.HOUSING || kind == JointKind.COPE_AND_STICK
                || kind == JointKind.GLAZING_BAR;
    }

    /** Its mortise is chopped as wide as the chisel. */
    private static boolean isChiselled(JointKind kind) {
        return switch (kind) {
            case STOPPED_TENON, HAUNCHED_TENON, DIVIDED_TENON, THROUGH_TENON, BLIND_WEDGED_TENON, TUSKED_TENON -> true;
            default -> false;
        };
    }

    /** What weighs on a rail: a top or a seat on the rails that bear it, racking on stretchers. */
    private Optional<String> carried() {
        Role role = meeting.tenonPiece().role();
        return switch (role) {
            case APRON, BEARER, BEAM -> Optional.of(choices.brief().kind().equals("stool") ? "seat" : "top");
            case STRETCHER -> Optional.of("racking");
            default -> Optional.empty();
        };
    }

    private Length third() {
        return meeting.tenonPiece().thickness().value().times(1, 3);
    }

    /** The nearest chisel, where it is off from a third of the rail by more than half of that. */
    private Optional<Length> farChisel() {
        if (!tenon.thickness().value().isPositive()) {
            return Optional.empty();
        }
        return choices.tools().nearest(third())
                .filter(chisel -> chisel.minus(third()).abs().isGreaterThan(third().times(1, 2)));
    }
}
