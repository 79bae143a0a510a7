package longshoulder.desktop.model;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import longshoulder.core.brief.Parameter;
import longshoulder.core.finding.Finding;
import longshoulder.core.kind.Kinds;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Spans;
import longshoulder.core.reckoning.Level;
import longshoulder.core.words.Words;
import longshoulder.desktop.Texts;
import longshoulder.desktop.WorkStage;

/**
 * What is settled and what is open at a stage, in one line.
 *
 * @param text such as "8 joints, 1 note"
 * @param worst the level of the worst finding that belongs there; a note where there is none
 */
public record StageState(String text, Level worst) {

    /** So many overall sizes stand in the line of the brief; figures in inches take more room. */
    private static final int SIZES = 3;
    private static final int SIZES_INCHES = 2;

    /** The state of every stage of a plan. */
    public static Map<WorkStage, StageState> ofAll(Plan plan) {
        Map<WorkStage, StageState> states = new EnumMap<>(WorkStage.class);
        for (WorkStage stage : WorkStage.values()) {
            states.put(stage, of(stage, plan));
        }
        return states;
    }

    /** The state of a stage of a plan. */
    public static StageState of(WorkStage stage, Plan plan) {
        return switch (stage) {
            case BRIEF -> new StageState(sizes(plan), Level.NOTE);
            case FRAME -> counted("pieces", plan.pieces().size(), plan, finding -> !isOfJoints(finding)
                    && !isOfLengths(finding));
            case JOINTS -> counted("jointed", plan.joints().size(), plan, StageState::isOfJoints);
            case LENGTHS -> lengths(plan);
            case WOOD, MARKING, CUTTING, FITTING, BENCH -> new StageState(Texts.get("stage.later"), Level.NOTE);
        };
    }

    private static boolean isOfLengths(Finding finding) {
        return finding.code().startsWith("shoulder");
    }

    private static boolean isOfJoints(Finding finding) {
        return !isOfLengths(finding) && finding.about().stream().anyMatch(id -> id.contains("/"));
    }

    private static String sizes(Plan plan) {
        List<String> sizes = Kinds.find(plan.project().brief().kind()).orElseThrow().parameters().stream()
                .filter(Parameter::isOverall).map(Parameter::name)
                .flatMap(name -> plan.project().brief().measure(name).stream())
                .limit(plan.project().showing().isInches() ? SIZES_INCHES : SIZES)
                .map(amount -> Words.showing(plan.project().showing(), Texts.locale()).figure(amount.value())).toList();
        return sizes.isEmpty() ? Texts.get("stage.free") : String.join(" \u00d7 ", sizes);
    }

    private static StageState counted(String what, int count, Plan plan, Predicate<Finding> belongs) {
        List<Finding> here = plan.findings().stream().filter(belongs).toList();
        return new StageState(count + " " + Texts.get("stage." + what + (count == 1 ? ".one" : "")) + open(here),
                worst(here));
    }

    private static StageState lengths(Plan plan) {
        List<Finding> here = plan.findings().stream().filter(StageState::isOfLengths).toList();
        int spans = Spans.of(plan).size();
        return new StageState(here.isEmpty()
                ? spans + " " + Texts.get("stage.spans" + (spans == 1 ? ".one" : ""))
                : here.size() + " " + Texts.get("stage.unequal" + (here.size() == 1 ? ".one" : "")), worst(here));
    }

    /** The worst that is open, and how often. */
    private static String open(List<Finding> findings) {
        if (findings.isEmpty()) {
            return "";
        }
        Level worst = worst(findings);
        long count = findings.stream().filter(finding -> finding.level() == worst).count();
        String key = "state." + worst.name().toLowerCase(java.util.Locale.ROOT) + (count == 1 ? "" : "s");
        return ", " + count + " " + Texts.get(key);
    }

    private static Level worst(List<Finding> findings) {
        return findings.stream().map(Finding::level).min(Level::compareTo).orElse(Level.NOTE);
    }
}
