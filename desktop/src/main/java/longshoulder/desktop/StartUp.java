package longshoulder.desktop;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.drawing.Drawing;
import longshoulder.core.geometry.View;
import longshoulder.core.kind.Kinds;
import longshoulder.core.measure.Showing;
import longshoulder.core.plan.Plan;
import longshoulder.core.plan.Planner;
import longshoulder.core.project.Project;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.DesignFile;

/**
 * What was asked for on the command line.
 *
 * @param file a design to open
 * @param demo whether to show the demo data
 * @param once whether to end after the first frame
 * @param pictures where to write pictures of the views, and end
 */
record StartUp(Optional<Path> file, boolean demo, boolean once, Optional<Path> pictures) {

    /** The demo that a first start shows. */
    static final String DEMO = "reading-table" + DesignFile.SUFFIX;

    /** The plan to begin with, and the sentence to show where the file could not be read. */
    record Beginning(Plan plan, Optional<Path> file, String trouble) {}

    /**
     * Reads what was asked for and derives its plan; a file that cannot be read gives a new table and a sentence. Runs
     * while the toolkit starts, and draws everything once so that the first frame finds the code warm.
     */
    Beginning load() {
        Beginning beginning = read();
        Plan plan = beginning.plan();
        for (View view : List.of(View.FRONT, View.END, View.PLAN, View.pictorial(30, 20))) {
            Drawing.of(plan.pieces(), view);
        }
        Words words = Words.showing(plan.project().showing());
        CutList.of(plan).lines().forEach(line -> words.say(line.rough().length().label()));
        return beginning;
    }

    private Beginning read() {
        try {
            if (demo) {
                return new Beginning(Planner.plan(demoProject()), Optional.empty(), "");
            }
            if (file.isPresent()) {
                return new Beginning(Planner.plan(DesignFile.read(file.get())), file, "");
            }
            return new Beginning(Planner.plan(fresh()), Optional.empty(), "");
        } catch (BadFile bad) {
            return new Beginning(Planner.plan(fresh()), Optional.empty(), bad.getMessage());
        }
    }

    private static Project fresh() {
        return Project.ofKind(Kinds.all().getFirst(), "", Showing.TENTH_MILLIMETRES);
    }

    /** The shipped demo goes through the same reader as any file. */
    private static Project demoProject() throws BadFile {
        try (InputStream in = StartUp.class.getResourceAsStream("demo/" + DEMO)) {
            if (in == null) {
                throw new IllegalStateException("The demo (%s) is not shipped.".formatted(DEMO));
            }
            Path copy = Files.createTempFile("longshoulder-demo", DesignFile.SUFFIX);
            try {
                Files.write(copy, in.readAllBytes());
                return DesignFile.read(copy);
            } finally {
                Files.deleteIfExists(copy);
            }
        } catch (IOException unreadable) {
            throw new IllegalStateException("The demo cannot be copied.", unreadable);
        }
    }
}
