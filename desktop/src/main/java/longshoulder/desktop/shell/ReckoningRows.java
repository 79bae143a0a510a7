package longshoulder.desktop.shell;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import longshoulder.core.brief.Address;
import longshoulder.core.brief.Brief;
import longshoulder.core.brief.HouseRules;
import longshoulder.core.brief.JointKind;
import longshoulder.core.brief.Parameter;
import longshoulder.core.joint.Joint;
import longshoulder.core.joint.JointType;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Length;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.PlannedPiece;
import longshoulder.core.project.Milled;
import longshoulder.core.project.Project;
import longshoulder.core.reckoning.Amount;
import longshoulder.core.reckoning.Label;
import longshoulder.core.words.Words;
import longshoulder.desktop.words.Texts;
import longshoulder.desktop.document.Selection;
import longshoulder.desktop.document.Workbench;
import longshoulder.desktop.shell.ReckoningRow.What;

/** What the reckoning says of a piece, row by row: parts first, then what they come to. */
final class ReckoningRows {

    private final Plan plan;
    private final Project project;
    private final Words words;
    private final Query asked;
    private final PlannedPiece piece;
    /** Those at its ends, or in it. */
    private final List<Joint> joints;
    /** The one of them that is worked on. */
    private final Optional<Joint> worked;
    private final List<ReckoningRow> rows = new ArrayList<>();

    /**
     * What is asked about.
     *
     * @param piece that is lit, by its id
     * @param figure whose reckoning is open; empty for the piece's own
     * @param joint that is worked on, by its id
     */
    record Query(String piece, Optional<Label> figure, String joint) {

        /** What is asked at a bench now. */
        static Query at(Workbench bench) {
            return new Query(bench.selection().pieceProperty().get(), bench.selection().figureProperty().get(),
                    bench.selection().jointProperty().get());
        }
    }

    private ReckoningRows(Plan plan, PlannedPiece piece, Query asked) {
        this.plan = plan;
        this.project = plan.project();
        this.words = Workbench.words(project);
        this.piece = piece;
        this.asked = asked;
        joints = piece.joints().isEmpty() ? plan.mortisesIn(piece.id()) : piece.joints();
        worked = Selection.joint(plan, piece.id(), asked.joint())
                .filter(joint -> joints.stream().anyMatch(one -> one.id().equals(joint.id())));
    }

    /** The rows for what is asked; none where no piece is. */
    static List<ReckoningRow> of(Plan plan, Query asked) {
        if (!plan.has(asked.piece())) {
            return List.of();
        }
        ReckoningRows run = new ReckoningRows(plan, plan.piece(asked.piece()), asked);
        run.tell();
        return run.rows;
    }

    private void tell() {
        Map<String, Amount> figures = figures();
        Amount open = asked.figure().flatMap(label -> find(label, figures))
                .orElseGet(() -> piece.shoulderLength().orElse(piece.length()));
        rows.add(ReckoningRow.words(What.PIECE, piece.id(), Words.capital(words.name(piece.id())), 0, false));
        rows.add(ReckoningRow.words(What.WOOD, piece.id(), words.wood(piece.wood()), 0, false));
        tell(open, 1, 0);
        if (touchesMeeting(open)) {
            rules();
        }
        angles();
        angles("shape", plan.frame().featuresOf(piece.id()).stream().map(words::say).toList());
        joints();
        rows.add(ReckoningRow.words(What.SUBHEADING, "figures", Texts.get("reckoning.figures"), 0, false));
        figures.forEach((id, amount) -> choice(id, amount, amount.label().equals(open.label())));
        if (piece.shoulderLength().isPresent()) {
            milled(piece.id(), Milled.SHOULDER, Texts.get("reckoning.cut"));
        }
        milled(piece.id(), Milled.WIDTH, Texts.get("milled.width"));
        milled(piece.id(), Milled.THICKNESS, Texts.get("milled.thickness"));
        worked.ifPresent(this::milled);
    }

    /** How slanted ends are set out and sawn; once where both are cut alike. */
    private void angles() {
        Length run = project.brief().length(HouseRules.FENCE_RUN);
        List<String> start = words.say(piece.start(), run);
        List<String> finish = words.say(piece.finish(), run);
        if (start.isEmpty() && finish.isEmpty()) {
            return;
        }
        boolean alike = start.equals(finish);
        angles(alike ? "angles.both" : "angles.start", start);
        if (!alike) {
            angles("angles.finish", finish);
        }
    }

    private void angles(String heading, List<String> sentences) {
        if (!sentences.isEmpty()) {
            rows.add(ReckoningRow.words(What.SUBHEADING, heading, Texts.get(heading), 0, false));
            sentences.forEach(sentence -> rows.add(ReckoningRow.sentence(heading, sentence)));
        }
    }

    /** Its joints, each with the type, and for the one that is worked on the ways of working that can be chosen. */
    private void joints() {
        if (joints.isEmpty()) {
            return;
        }
        rows.add(ReckoningRow.words(What.SUBHEADING, "joints", Texts.get("reckoning.joints"), 0, false));
        for (Joint joint : joints) {
            rows.add(new ReckoningRow(What.JOINT, joint.id(), words.name(other(joint)), Optional.empty(),
                    words.text("joint." + joint.type()), 0,
                    Optional.of(Address.of(joint.id(), JointKind.CHOICE)).filter(any -> joint.kind().isForEnds()),
                    false));
            if (worked.filter(one -> one.id().equals(joint.id())).isPresent()) {
                options(joint);
            }
        }
    }

    private void options(Joint joint) {
        Brief settled = project.settled(plan.frame()).brief();
        for (Parameter parameter : JointType.of(joint.kind()).parameters()) {
            if (parameter instanceof Parameter.Choice choice) {
                String option = settled.choice(joint.id(), joint.kind(), choice.name())
                        .orElse(choice.options().getFirst());
                rows.add(new ReckoningRow(What.OPTION, joint.id(), words.meaning(choice), Optional.empty(),
                        words.option(choice, option), 0,
                        Optional.of(Address.of(joint.id(), choice.name())), false));
            }
        }
    }

    private String other(Joint joint) {
        String rail = joint.meeting().tenonPiece().id();
        return rail.equals(piece.id()) ? joint.meeting().mortisePiece().id() : rail;
    }

    /** The figure of a piece that has a label, in any plan. */
    static Optional<Amount> find(Plan plan, Query asked, Label label) {
        if (!plan.has(asked.piece())) {
            return Optional.empty();
        }
        ReckoningRows rows = new ReckoningRows(plan, plan.piece(asked.piece()), asked);
        return rows.find(label, rows.figures());
    }

    private Optional<Amount> find(Label label, Map<String, Amount> figures) {
        return figures.values().stream().filter(amount -> amount.label().equals(label)).findFirst()
                .or(() -> plan.frame().dimensions().stream().map(dimension -> dimension.amount())
                        .filter(amount -> amount.label().equals(label)).findFirst());
    }

    /** The figures of a piece by an id for their nodes. */
    private Map<String, Amount> figures() {
        Map<String, Amount> figures = new LinkedHashMap<>();
        piece.shoulderLength().ifPresent(amount -> figures.put("shoulder", amount));
        figures.put("length", piece.length());
        figures.put("width", piece.piece().width());
        figures.put("thickness", piece.piece().thickness());
        worked.ifPresent(joint -> figures.putAll(joint.figures()));
        return figures;
    }

    private void tell(Amount amount, int times, int depth) {
        amount.terms().forEach(term -> tell(term.amount(), term.times(), depth + 1));
        boolean result = depth == 0 && amount.isDerived();
        Optional<String> parameter = given(amount);
        rows.add(new ReckoningRow(result ? What.RESULT : What.LINE, parameter.orElse(amount.label().key()),
                line(amount, times, depth), Optional.of(amount), figure(amount.value()), depth, parameter, false));
        amount.rule().ifPresent(rule -> rows
                .add(ReckoningRow.words(What.BECAUSE, rule.key(), words.say(rule), depth, false)));
    }

    private String line(Amount amount, int times, int depth) {
        String sign = depth == 0 && amount.isDerived() ? "= " : times < 0 ? "− " : "";
        String factor = Math.abs(times) > 1 ? Math.abs(times) + " × " : "";
        return sign + factor + words.say(amount.label()) + chainError(amount);
    }

    /** Where shown figures do not add up to their shown total: by how much. */
    private String chainError(Amount amount) {
        if (!(amount instanceof Amount.Sum sum)) {
            return "";
        }
        List<Length> terms = new ArrayList<>();
        for (Amount.Term term : sum.terms()) {
            Length value = term.times() < 0 ? term.amount().value().negated() : term.amount().value();
            terms.addAll(Collections.nCopies(Math.abs(term.times()), value));
        }
        Length error = project.showing().chainError(terms);
        if (error.equals(Length.ZERO)) {
            return "";
        }
        String sign = error.isNegative() ? " −" : " +";
        return " (" + Texts.get("reckoning.shown") + sign + figure(error.abs()) + ")";
    }

    /** The rules that decide where tenons meet, changed right where they decide. */
    private void rules() {
        rows.add(ReckoningRow.words(What.SUBHEADING, "rules", Words.capital(Texts.get("reckoning.meeting")), 0, false));
        String chosen = project.brief().choice(Brief.TENON_MEETING).orElse("");
        Kinds.find(project.brief().kind()).flatMap(kind -> kind.parameter(Brief.TENON_MEETING))
                .filter(Parameter.Choice.class::isInstance).map(Parameter.Choice.class::cast)
                .ifPresent(choice -> choice.options().forEach(option -> rows.add(ReckoningRow.words(What.RULE, option,
                        words.option(choice, option), 0,
                        option.equals(chosen)))));
    }

    /** A figure of the piece to open; those that a rule decides can be set here, and given back to the rule. */
    private void choice(String id, Amount amount, boolean open) {
        Optional<String> parameter = given(amount).or(() -> Optional.of(id).filter(this::isLeftToRule))
                .or(() -> jointParameter(id));
        boolean leavable = amount instanceof Amount.Given && parameter
                .filter(name -> isLeftToRule(name) || Address.parse(name).joint().isPresent()).isPresent();
        rows.add(new ReckoningRow(leavable ? What.LEAVABLE : What.FIGURE, id, words.say(amount.label()),
                Optional.of(amount), figure(amount.value()), 0, parameter, open));
    }

    /** The address of a figure that the type of the piece's first joint leaves to the rule. */
    private Optional<String> jointParameter(String id) {
        return worked.filter(joint -> JointType.of(joint.kind()).parameter(id).isPresent())
                .map(joint -> Address.of(joint.id(), id));
    }

    /** What was really cut, to be entered where it differs from the plan. */
    private void milled(String id, Milled what, String text) {
        Optional<Length> real = project.milled(id, what.id());
        rows.add(new ReckoningRow(What.AS_CUT, id, text, Optional.empty(),
                real.map(this::figure).orElse("–"), 0, Optional.of(what.id()), real.isPresent()));
    }

    /** The parts of the joint that is worked on, as test cuts gave them. */
    private void milled(Joint joint) {
        milled(joint.id(), Milled.TENON, Texts.get("milled.tenon"));
        milled(joint.id(), Milled.MORTISE, Texts.get("milled.mortise"));
        if (joint.kind() == JointKind.COPE_AND_STICK) {
            milled(joint.id(), Milled.TONGUE, Texts.get("milled.tongue"));
        }
    }

    private String figure(Length length) {
        return words.figure(length);
    }

    private static Optional<String> given(Amount amount) {
        return amount instanceof Amount.Given given ? Optional.of(given.parameter()) : Optional.empty();
    }

    private boolean isLeftToRule(String parameter) {
        return Kinds.find(project.brief().kind()).flatMap(kind -> kind.parameter(parameter))
                .filter(known -> known.preset(false).isEmpty()).isPresent();
    }

    private static boolean touchesMeeting(Amount amount) {
        return amount.label().key().equals("amount.tenonLength")
                || amount.label().key().equals("parameter." + Brief.TENON_LENGTH);
    }

}
