package longshoulder.core.project;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.StockList;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Piece;
import longshoulder.core.joint.DesignChoices;
import longshoulder.core.joint.UsualJoints;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.reckoning.Label;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Tools;
import longshoulder.core.wood.Woods;

/**
 * The document: all that the maker decided, and nothing that follows from it. Immutable; changed by {@link Edit}s only.
 *
 * @param title what the maker calls it
 * @param woods species by the role of a piece, such as leg → elm
 * @param knownWoods those that can be chosen: the ones that ship and the maker's own
 * @param stock boards at hand, and sizes that can be bought
 * @param progress what was really done
 * @param alterations changes to the frame beyond what the kind asks for, in the order in which they were made
 * @param showing how lengths are shown, and the unit of what is typed without one
 * @param others sections of its file that only a newer program knows, by their names and as they are written: they are kept
 */
public record Project(String title, Brief brief, Map<String, String> woods, Woods knownWoods, Tools tools,
        StockList stock, Progress progress, List<Alteration> alterations, Showing showing, Map<String, String> others)
        implements
            DesignChoices {

    /** The wood of a role for which none was chosen. */
    public static final String USUAL_WOOD = "beech";

    /** What panes are made of; no wood can be chosen for them. */
    public static final String GLASS = "glass";

    public Project {
        woods = Collections.unmodifiableMap(new TreeMap<>(woods));
        alterations = List.copyOf(alterations);
        others = Collections.unmodifiableMap(new TreeMap<>(others));
    }

    /** A new project of a kind with its defaults, round in the unit that is shown. */
    public static Project ofKind(Kind kind, String title, Showing showing) {
        return new Project(title, kind.brief(showing.isInches()), Map.of(), Woods.SHIPPED,
                Workshop.usual(showing).tools(), StockList.SHIPPED, Progress.NONE, kind.beginning(showing.isInches()),
                showing, Map.of());
    }

    /**
     * The pieces in place: as the kind sets them from the brief, with the maker's alterations.
     *
     * @throws EditRefused if the project is of no known kind
     */
    public Frame frame() {
        return Alterations.of(this, kindsFrame());
    }

    /** The pieces as the kind sets them, before any alteration. @throws EditRefused if the project is of no known kind */
    public Frame kindsFrame() {
        return Kinds.find(brief.kind()).orElseThrow(() -> new EditRefused(Label.of("refused.kind", brief.kind())))
                .frame(brief);
    }

    /** With what a frame of its kind usually has where the maker gave nothing, and a type for each joint: what joints are made from. */
    public Project settled(Frame frame) {
        Project usual = ofItsKind(frame);
        return usual.withBrief(usual.brief.over(UsualJoints.of(usual, frame)));
    }

    /** With what a frame of its kind usually has where the maker gave nothing; where that leaves a joint open, so does this. */
    public Project ofItsKind(Frame frame) {
        return withBrief(brief.over(frame.usual()));
    }

    /** The section that the maker gave one piece alone; the last word holds. */
    public Optional<Alteration.Resize> resized(String piece) {
        return alterations.stream().filter(Alteration.Resize.class::isInstance).map(Alteration.Resize.class::cast)
                .filter(resize -> resize.piece().equals(piece)).reduce((earlier, later) -> later);
    }

    /** The species of a role, such as elm. */
    @Override
    public String wood(String role) {
        return woods.getOrDefault(role, role.equals(GLASS) ? GLASS : USUAL_WOOD);
    }

    /** What was really cut, such as the width of a piece; empty where the plan holds. */
    @Override
    public Optional<Length> milled(String id, String what) {
        return Optional.ofNullable(milled().get(Address.of(id, what)));
    }

    /** What was really cut or milled of this kind of furniture, by {@code id:what}. */
    public Map<String, Length> milled() {
        return progress.milledOf(brief.kind());
    }

    /** Boards that are sawn for it. */
    public List<SawnBoard> sawn() {
        return progress.sawnOf(brief.kind());
    }

    /** Where on the boards parts are pinned. */
    public List<Pin> pinned() {
        return progress.pinnedOf(brief.kind());
    }

    /** What was chosen for a piece, or for its role; empty if nothing was. */
    public Optional<String> chosen(Piece piece, String name) {
        return Stream.of(piece.id(), piece.role().id())
                .flatMap(owner -> brief.choice(Address.of(owner, name)).stream()).findFirst();
    }

    /** What was noted of a piece; empty if nothing was. */
    public Optional<String> noted(String piece, Noted what) {
        return Optional.ofNullable(progress.notedOf(brief.kind()).get(Address.of(piece, what.id())));
    }

    /** What it uses of a workshop: a copy, so that it plans the same everywhere. */
    public Workshop workshop() {
        return Workshop.of(this);
    }

    /** Shoulder lengths that were really cut, by the id of the piece. */
    public Map<String, Length> cutShoulders() {
        Map<String, Length> cut = new TreeMap<>();
        milled().forEach((key, length) -> {
            Address address = Address.parse(key);
            if (address.parameter().equals(Milled.SHOULDER.id())) {
                address.joint().ifPresent(piece -> cut.put(piece, length));
            }
        });
        return cut;
    }

    Project withTitle(String other) {
        return new Project(other, brief, woods, knownWoods, tools, stock, progress, alterations, showing, others);
    }

    Project withBrief(Brief other) {
        return new Project(title, other, woods, knownWoods, tools, stock, progress, alterations, showing, others);
    }

    Project withStock(StockList other) {
        return new Project(title, brief, woods, knownWoods, tools, other, progress, alterations, showing, others);
    }

    Project withWoods(Map<String, String> other) {
        return new Project(title, brief, other, knownWoods, tools, stock, progress, alterations, showing, others);
    }

    /** What is known of the wood of a role; empty for glass. */
    @Override
    public Optional<Species> species(String role) {
        return knownWoods.find(wood(role));
    }

    Project withKnownWoods(Woods other) {
        return new Project(title, brief, woods, other, tools, stock, progress, alterations, showing, others);
    }

    Project withTools(Tools other) {
        return new Project(title, brief, woods, knownWoods, other, stock, progress, alterations, showing, others);
    }

    /** With other work done. For histories, and for what was read from a file. */
    public Project withProgress(Progress other) {
        return new Project(title, brief, woods, knownWoods, tools, stock, other, alterations, showing, others);
    }

    /** With other sections that only a newer program knows. For what was read from a file. */
    public Project withOthers(Map<String, String> other) {
        return new Project(title, brief, woods, knownWoods, tools, stock, progress, alterations, showing, other);
    }

    Project withAlterations(List<Alteration> other) {
        return new Project(title, brief, woods, knownWoods, tools, stock, progress, other, showing, others);
    }

    /** With a value for a joint that the frame does not have now: it waits. For what was read from a file. */
    public Project keeping(String address, Value value) {
        return withBrief(brief.with(address, value));
    }

    /** With an alteration that names a piece which is not there now. */
    public Project keeping(Alteration alteration) {
        List<Alteration> more = new ArrayList<>(alterations);
        more.add(alteration);
        return withAlterations(more);
    }

    /** With what was really cut of a piece that the frame does not have now. */
    public Project keepingMilled(String key, Length length) {
        return withProgress(progress.with(brief.kind(), key, length));
    }

    Project withShowing(Showing other) {
        return new Project(title, brief, woods, knownWoods, tools, stock, progress, alterations, other, others);
    }
}
