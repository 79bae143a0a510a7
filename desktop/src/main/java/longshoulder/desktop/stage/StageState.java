package longshoulder.desktop.stage;

import java.util.List;
import java.util.Locale;
import longshoulder.core.finding.Concern;
import longshoulder.core.finding.Finding;
import longshoulder.core.plan.Plan;
import longshoulder.core.reckoning.Level;
import longshoulder.desktop.words.Texts;

/**
 * What is settled and what is open at a stage, in one line.
 *
 * @param text such as "8 joints, 1 note"
 * @param worst the level of the worst finding that belongs there; a note where there is none
 */
public record StageState(String text, Level worst) {

    /** So many things, and how many findings are open about them. */
    public static StageState counted(String what, int count, List<Finding> findings) {
        return new StageState(counted(what, count) + open(findings), worst(findings));
    }

    /**
     * A count and what is counted, such as "8 joints".
     *
     * @param what names the texts {@code stage.WHAT} and {@code stage.WHAT.one}
     */
    public static String counted(String what, int count) {
        return count + " " + Texts.get("stage." + what + (count == 1 ? ".one" : ""));
    }

    /** The findings of a plan that belong to a part of the work. */
    public static List<Finding> findings(Plan plan, Concern concern) {
        return plan.findings().stream().filter(finding -> finding.concern() == concern).toList();
    }

    /** The worst that is open, and how often. */
    private static String open(List<Finding> findings) {
        if (findings.isEmpty()) {
            return "";
        }
        Level worst = worst(findings);
        long count = findings.stream().filter(finding -> finding.level() == worst).count();
        String key = "state." + worst.name().toLowerCase(Locale.ROOT) + (count == 1 ? "" : "s");
        return ", " + count + " " + Texts.get(key);
    }

    /** The level of the worst; a note where there is none. */
    public static Level worst(List<Finding> findings) {
        return findings.stream().map(Finding::level).min(Level::compareTo).orElse(Level.NOTE);
    }
}
