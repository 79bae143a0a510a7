package longshoulder.benchmark;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import longshoulder.core.drawing.Paper;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;
import longshoulder.files.ShopPaperPdf;

/** How long the shop paper of a design takes, beside the plan of the same design in the same run. */
public final class Papers {

    private static final int ROUNDS = 30;

    private Papers() {}

    /** @param arguments names of demos */
    public static void main(String[] arguments) throws BadFile {
        for (String name : arguments) {
            Path file = Path.of(System.getProperty("demo"), name + DesignFile.SUFFIX);
            List<Double> plans = new ArrayList<>();
            List<Double> papers = new ArrayList<>();
            for (int i = 0; i < ROUNDS; i++) {
                var project = DesignFile.read(file);
                long start = System.nanoTime();
                Plan plan = Planner.plan(project);
                long planned = System.nanoTime();
                ShopPaperPdf.toBytes(plan, Words.showing(project.showing()), Paper.A4, "2026-12-01",
                        0, done -> {});
                plans.add((planned - start) / 1e6);
                papers.add((System.nanoTime() - planned) / 1e6);
            }
            System.out.printf("%s: plan %.1f ms, shop paper %.0f ms (medians of the last %d)%n", name, median(plans),
                    median(papers), ROUNDS / 2);
        }
    }

    private static double median(List<Double> all) {
        List<Double> warm = new ArrayList<>(all.subList(all.size() / 2, all.size()));
        Collections.sort(warm);
        return warm.get(warm.size() / 2);
    }
}
