package longshoulder.core.project;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Stream;
import longshoulder.core.boards.Pin;
import longshoulder.core.boards.SawnBoard;
import longshoulder.core.boards.StockList;
import longshoulder.core.boards.StockRow;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.brief.Value;
import longshoulder.core.frame.Alteration;
import longshoulder.core.frame.Frame;
import longshoulder.core.frame.Role;
import longshoulder.core.joint.JointType;
import longshoulder.core.kind.Kind;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.measure.Showing;
import longshoulder.core.reckoning.Label;
import longshoulder.core.reckoning.Typed;
import longshoulder.core.wood.Species;
import longshoulder.core.wood.Tools;
import longshoulder.core.wood.Woods;

/** One change to a project: what the window, the command line and a remedy all send. */
public sealed interface Edit {

    /** So many of each a project can hold; {@code docs/formats/design.schema.json} has the same limits. */
    int MOST_VALUES = 5000;
    int MOST_CHISELS = 200;
    int MOST_WOODS = 200;
    int MOST_STOCK = 2000;
    int MOST_MILLED = 5000;
    int MOST_NOTED = 20_000;
    int MOST_SAWN = 1000;
    int LONGEST_NOTE = 200;
    int MOST_ALTERATIONS = 1000;
    int LONGEST_TITLE = 200;

    /**
     * The project with this change.
     *
     * @throws EditRefused if the change cannot be made, with the reason
     */
    Project applyTo(Project project);

    /** Gives a parameter of the brief a value; {@link Address} says how one of a single joint is named. */
    record Give(String parameter, Value value) implements Edit {
        @Override
        public Project applyTo(Project project) {
            return applyTo(project, project::frame);
        }

        /** The same where the frame of the project is known already, which takes long for one of many pieces. */
        public Project applyTo(Project project, Supplier<Frame> frame) {
            accept(requireParameter(project, frame, parameter).refusal(value));
            Brief changed = project.brief().with(parameter, value);
            requireRoom("values", changed.values().size(), MOST_VALUES);
            return project.withBrief(changed);
        }
    }

    /** Takes back what was given for a parameter, so that the rule decides again. */
    record LeaveToRule(String parameter) implements Edit {
        @Override
        public Project applyTo(Project project) {
            boolean ofKind = Address.parse(parameter).joint().isEmpty() && HouseRules.find(parameter).isEmpty();
            if (ofKind && requireParameter(project, project::frame, parameter).preset(false).isPresent()) {
                throw new EditRefused(Label.of("refused.noRule", Label.of("parameter." + parameter)));
            }
            return project.withBrief(project.brief().without(parameter));
        }
    }

    /**
     * Makes another kind of furniture, with its defaults. Title, woods, the workshop's tools and rules and all work done stay; sizes,
     * joints and changes to the frame go, and work done of the kind before waits until it is made again.
     */
    record BuildAs(String kind) implements Edit {
        @Override
        public Project applyTo(Project project) {
            Kind other = Kinds.find(kind).orElseThrow(() -> new EditRefused(Label.of("refused.kind", new Typed(kind))));
            Brief brief = other.brief(project.showing().isInches());
            for (Map.Entry<String, Value> rule : project.workshop().rules().entrySet()) {
                brief = brief.with(rule.getKey(), rule.getValue());
            }
            return project.withBrief(brief).withAlterations(other.beginning(project.showing().isInches()));
        }

        /** What of a project it keeps and drops, to be told to the maker; empty if it drops nothing that the maker gave. */
        public Optional<Label> drops(Project project) {
            boolean sized = !new BuildAs(project.brief().kind()).applyTo(project).equals(project);
            boolean worked = !project.milled().isEmpty();
            return sized || worked
                    ? Optional.of(Label.of(worked ? "buildAs.waits" : "buildAs.drops", Label.of("kind." + kind),
                            Label.of("kind." + project.brief().kind())))
                    : Optional.empty();
        }
    }

    /** Changes the frame beyond what its kind asks for. */
    record Alter(Alteration alteration) implements Edit {

        @Override
        public Project applyTo(Project project) {
            requireRoom("alterations", project.alterations().size() + 1, MOST_ALTERATIONS);
            if (alteration.applyTo(project.frame()).isEmpty()) {
                throw new EditRefused(Label.of("refused.altered." + alteration.fields().get("do"), alteration.piece()));
            }
            List<Alteration> more = new ArrayList<>(project.alterations());
            more.add(alteration);
            return project.withAlterations(more);
        }
    }

    /** Takes an alteration back. */
    record Unalter(Alteration alteration) implements Edit {
        @Override
        public Project applyTo(Project project) {
            List<Alteration> fewer = new ArrayList<>(project.alterations());
            fewer.remove(alteration);
            return project.withAlterations(fewer);
        }
    }

    /** Adds a chisel or cutter to the tools owned. */
    record OwnChisel(Length width) implements Edit {
        public static final Length WIDEST = Length.ofMillimetres(100);

        @Override
        public Project applyTo(Project project) {
            if (!width.isPositive() || width.isGreaterThan(WIDEST)) {
                throw new EditRefused(Label.of("refused.chisel", width, WIDEST));
            }
            Tools more = project.tools().with(width);
            requireRoom("chisels", more.chisels().size(), MOST_CHISELS);
            return project.withTools(more);
        }
    }

    /** Takes a chisel or cutter out of the tools owned; one always stays. */
    record GiveAwayChisel(Length width) implements Edit {
        @Override
        public Project applyTo(Project project) {
            if (project.tools().chisels().equals(List.of(width))) {
                throw new EditRefused(Label.of("refused.lastChisel"));
            }
            return project.withTools(project.tools().without(width));
        }
    }

    /**
     * Enters what was really cut or milled: the {@link Milled} part of a piece, of a joint, or of all joints of a type.
     *
     * @param id of the piece, the joint or the type
     */
    record RecordMilled(String id, Milled what, Length length) implements Edit {
        private static final Length LONGEST = Length.ofMillimetres(10_000);

        @Override
        public Project applyTo(Project project) {
            return applyTo(project, project::frame);
        }

        /** The same where the frame of the project is known already. */
        public Project applyTo(Project project, Supplier<Frame> frame) {
            if (!what.isPartOf(id, frame.get())) {
                throw new EditRefused(Label.of("refused.milled." + what.id(), id));
            }
            if (!length.isPositive() || length.isGreaterThan(LONGEST)) {
                throw new EditRefused(Label.of("refused.bounds", Label.of("milled." + what.id(), id), length,
                        Length.ZERO, LONGEST));
            }
            Progress more = project.progress().with(project.brief().kind(), Address.of(id, what.id()), length);
            requireRoom("milled", more.milledOf(project.brief().kind()).size(), MOST_MILLED);
            return project.withProgress(more);
        }
    }

    /** Takes back what was entered as really cut. */
    record ForgetMilled(String id, Milled what) implements Edit {
        @Override
        public Project applyTo(Project project) {
            return project.withProgress(
                    project.progress().without(project.brief().kind(), Address.of(id, what.id())));
        }
    }

    /** Takes over the tools, ways of working and limits of a workshop, in the place of those that the project uses. */
    record UseWorkshop(Workshop workshop) implements Edit {
        @Override
        public Project applyTo(Project project) {
            Brief brief = project.brief();
            for (String rule : project.workshop().rules().keySet()) {
                brief = brief.without(rule);
            }
            for (Map.Entry<String, Value> rule : workshop.rules().entrySet()) {
                accept(requireParameter(project, project::frame, rule.getKey()).refusal(rule.getValue()));
                brief = brief.with(rule.getKey(), rule.getValue());
            }
            return project.withBrief(brief).withTools(workshop.tools()).withKnownWoods(workshop.woods())
                    .withStock(workshop.stock());
        }
    }

    /** Several changes as one: all are made, or none. */
    record All(List<Edit> edits) implements Edit {
        public All {
            edits = List.copyOf(edits);
        }

        @Override
        public Project applyTo(Project project) {
            Project changed = project;
            for (Edit edit : edits) {
                changed = edit.applyTo(changed);
            }
            return changed;
        }
    }

    /** Adds woods to those that can be chosen, or replaces those of the same id. */
    record KnowWoods(List<Species> woods) implements Edit {
        public KnowWoods {
            woods = List.copyOf(woods);
        }

        @Override
        public Project applyTo(Project project) {
            Woods known = project.knownWoods().with(woods);
            requireRoom("woods", known.own().size(), MOST_WOODS);
            return project.withKnownWoods(known);
        }
    }

    /** Adds lines to the list of stock, or replaces those of the same id. */
    record KeepStock(List<StockRow> rows) implements Edit {
        public KeepStock {
            rows = List.copyOf(rows);
        }

        @Override
        public Project applyTo(Project project) {
            StockList more = project.stock().with(rows);
            requireRoom("stock", more.own().size(), MOST_STOCK);
            return project.withStock(more);
        }
    }

    /** Takes a line out of the list of stock. */
    record DropStock(String id) implements Edit {
        @Override
        public Project applyTo(Project project) {
            if (project.stock().find(id).isEmpty()) {
                throw new EditRefused(Label.of("refused.stock", new Typed(id)));
            }
            return project.withStock(project.stock().without(id));
        }
    }

    /** Takes this list of stock in the place of the one before. */
    record UseStock(StockList stock) implements Edit {
        @Override
        public Project applyTo(Project project) {
            requireRoom("stock", stock.own().size(), MOST_STOCK);
            return project.withStock(stock);
        }
    }

    /** Enters what was done of a piece, or its number or a note on it; an empty text takes it back. */
    record Note(String piece, Noted what, String text) implements Edit {
        @Override
        public Project applyTo(Project project) {
            if (piece.isEmpty() || piece.length() > LONGEST_TITLE || text.length() > LONGEST_NOTE
                    || !text.isEmpty() && !what.accepts(text)) {
                throw new EditRefused(Label.of("refused.noted." + what.id(), new Typed(text)));
            }
            Progress more = project.progress().noting(project.brief().kind(), Address.of(piece, what.id()), text);
            requireRoom("noted", more.notedOf(project.brief().kind()).size(), MOST_NOTED);
            return project.withProgress(more);
        }
    }

    /** A board of the board plan is sawn as it was planned: from now on it stays as it is. */
    record Saw(SawnBoard board) implements Edit {
        @Override
        public Project applyTo(Project project) {
            List<SawnBoard> more = new ArrayList<>(project.sawn());
            Set<String> names = new HashSet<>();
            more.forEach(one -> one.pieces().forEach(piece -> names.add(piece.id())));
            if (board.pieces().stream().anyMatch(piece -> names.contains(piece.id()))) {
                throw new EditRefused(Label.of("refused.sawn.twice"));
            }
            more.add(board);
            requireRoom("sawn", more.size(), MOST_SAWN);
            return project.withProgress(project.progress().sawing(project.brief().kind(), more));
        }
    }

    /** A board was not sawn after all: what it gives is planned again. */
    record Unsaw(SawnBoard board) implements Edit {
        @Override
        public Project applyTo(Project project) {
            List<SawnBoard> fewer = new ArrayList<>(project.sawn());
            if (!fewer.remove(board)) {
                throw new EditRefused(Label.of("refused.sawn.none"));
            }
            return project.withProgress(project.progress().sawing(project.brief().kind(), fewer));
        }
    }

    /** Pins parts to places of boards, each in the place of an earlier pin of the same part. */
    record PinDown(List<Pin> pins) implements Edit {
        public PinDown {
            pins = List.copyOf(pins);
        }

        @Override
        public Project applyTo(Project project) {
            Set<String> names = pins.stream().map(Pin::name).collect(Collectors.toSet());
            List<Pin> all = new ArrayList<>(
                    project.pinned().stream().filter(pin -> !names.contains(pin.name())).toList());
            all.addAll(pins);
            requireRoom("pins", all.size(), MOST_NOTED);
            return project.withProgress(project.progress().pinning(project.brief().kind(), all));
        }
    }

    /** Lets a part lie wherever the board plan puts it. */
    record Unpin(String part) implements Edit {
        @Override
        public Project applyTo(Project project) {
            List<Pin> fewer = project.pinned().stream().filter(pin -> !pin.name().equals(part)).toList();
            if (fewer.size() == project.pinned().size()) {
                throw new EditRefused(Label.of("refused.pin.none", new Typed(part)));
            }
            return project.withProgress(project.progress().pinning(project.brief().kind(), fewer));
        }
    }

    /** Chooses the wood of all pieces of a role, by its id or another name of it. */
    record UseWood(String role, String species) implements Edit {
        @Override
        public Project applyTo(Project project) {
            String known = project.knownWoods().find(species).map(Species::id)
                    .orElseThrow(() -> unknown(species, project.knownWoods()));
            if (Role.find(role).isEmpty() || role.equals(Role.GLASS.id())) {
                throw new EditRefused(Label.of("refused.role", new Typed(role)));
            }
            Map<String, String> woods = new TreeMap<>(project.woods());
            woods.put(role, known);
            return project.withWoods(woods);
        }

        private static EditRefused unknown(String species, Woods woods) {
            List<String> nearest = woods.nearest(species);
            return new EditRefused(nearest.isEmpty()
                    ? Label.of("refused.wood", new Typed(species))
                    : Label.of("refused.wood.near", new Typed(species), new Typed(String.join(", ", nearest))));
        }
    }

    /** Shows lengths another way. */
    record ShowIn(Showing showing) implements Edit {
        @Override
        public Project applyTo(Project project) {
            return project.withShowing(showing);
        }
    }

    /** Calls the project something else. */
    record Retitle(String title) implements Edit {
        @Override
        public Project applyTo(Project project) {
            if (title.length() > LONGEST_TITLE) {
                throw new EditRefused(Label.of("refused.title", title.length(), LONGEST_TITLE));
            }
            return project.withTitle(title);
        }
    }

    /**
     * What can be given under a name, which may be that of one joint's parameter.
     *
     * @throws EditRefused if there is nothing of that name
     */
    static Parameter parameter(Project project, String name) {
        return requireParameter(project, project::frame, name);
    }

    /**
     * Whether a value of the brief waits: it was given for a joint or a piece that the frame does not have now, or for another
     * type of joint than the one that is chosen there.
     */
    static boolean waits(Project project, Frame frame, String name) {
        Address address = Address.parse(name);
        return address.joint().isPresent() && address.type().isEmpty() && address.copy().isEmpty()
                && jointParameter(project, frame, address).isEmpty();
    }

    private static Kind kind(Project project) {
        return Kinds.find(project.brief().kind())
                .orElseThrow(() -> new EditRefused(Label.of("refused.kind", project.brief().kind())));
    }

    private static Parameter requireParameter(Project project, Supplier<Frame> frame, String name) {
        Kind kind = kind(project);
        Address address = Address.parse(name);
        if (address.copy().isPresent()) {
            return kind.parameter(address.parameter()).filter(own -> !own.name().equals(Brief.COPIES))
                    .orElseThrow(() -> new EditRefused(
                            Label.of("refused.parameter", Label.of("kind." + kind.id()),
                                    new Typed(address.parameter()))));
        }
        if (address.joint().isPresent()) {
            return address.type().map(type -> JointType.of(type).parameter(address.parameter()))
                    .orElseGet(() -> jointParameter(project, frame.get(), address))
                    .orElseThrow(() -> new EditRefused(Label.of("refused.joint", new Typed(name))));
        }
        return kind.parameter(name).or(() -> HouseRules.find(name))
                .orElseThrow(() -> new EditRefused(
                        Label.of("refused.parameter", Label.of("kind." + kind.id()), new Typed(name))));
    }

    /** The type of a joint, or a parameter of the type that is chosen for it; panels and crossings have theirs by their place. */
    private static Optional<Parameter> jointParameter(Project project, Frame frame, Address address) {
        if (address.parameter().equals(Orientation.PARAMETER) && address.joint().filter(frame::has).isPresent()) {
            return Optional.of(Orientation.parameter());
        }
        if (HouseRules.ofPieces(address.parameter()).isPresent()) {
            return HouseRules.ofPieces(address.parameter())
                    .filter(rule -> address.joint().filter(id -> frame.has(id) || Role.find(id).isPresent())
                            .isPresent());
        }
        boolean known = address.pieces().filter(pieces -> frame.has(pieces[0]) && frame.has(pieces[1])).isPresent();
        if (!known) {
            return Optional.empty();
        }
        if (address.parameter().equals(JointKind.CHOICE)) {
            // A panel stands in a groove, and a layer is glued on: there is nothing to choose.
            return address.pieces().map(pieces -> frame.piece(pieces[0]).role())
                    .filter(role -> !role.isPanel() && !role.isLaidOn())
                    .map(role -> JointKind.choice());
        }
        if (HouseRules.ofJoints(address.parameter()).isPresent()) {
            return HouseRules.ofJoints(address.parameter());
        }
        return Stream.concat(types(project.settled(frame).brief(), address.joint().orElseThrow()),
                Stream.of(JointKind.GROOVE, JointKind.CROSS_LAP, JointKind.EDGE_JOINT))
                .flatMap(one -> JointType.of(one).parameter(address.parameter()).stream())
                .findFirst();
    }

    /** The type that is chosen for a joint; one whose tenon is loose where the shoulder leans asks for what loose tenons ask for too. */
    private static Stream<JointKind> types(Brief brief, String joint) {
        JointKind type = brief.choice(Address.of(joint, JointKind.CHOICE)).flatMap(JointKind::find)
                .orElse(JointKind.STOPPED_TENON);
        boolean loose = type == JointKind.STOPPED_TENON
                && brief.choice(joint, type, "tenon.line").equals(Optional.of("loose"));
        return loose ? Stream.of(type, JointKind.LOOSE_TENON) : Stream.of(type);
    }

    private static void requireRoom(String what, int count, int most) {
        if (count > most) {
            throw new EditRefused(Label.of("refused.tooMany." + what, most));
        }
    }

    private static void accept(Optional<Label> refusal) {
        refusal.ifPresent(reason -> {
            throw new EditRefused(reason);
        });
    }
}
