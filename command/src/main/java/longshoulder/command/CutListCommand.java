package longshoulder.command;

import java.io.IOException;
import java.util.Locale;
import java.util.concurrent.Callable;
import longshoulder.core.cutlist.CutLine;
import longshoulder.core.cutlist.CutList;
import longshoulder.core.plan.Copies;
import longshoulder.core.plan.Plan;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.TableFormat;
import longshoulder.files.Tables;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code cutlist FILE}: the cut list, for a person or as CSV. */
@Command(name = "cutlist", mixinStandardHelpOptions = true, description = "Lists finished and rough sizes; pieces that are truly the same share a line.")
final class CutListCommand implements Callable<Integer> {

    @Mixin
    private Designs designs = new Designs();

    @Option(names = "--csv", description = "As CSV (RFC 4180), lengths in millimetres.")
    private boolean csv;

    @Mixin
    private TableOptions tables = new TableOptions();

    @Override
    public Integer call() throws BadFile, IOException {
        Plan plan = designs.plan();
        if (csv) {
            designs.print(TableFormat.CSV.toBytes(Tables.cutList(plan)));
        }
        boolean written = tables.write(Tables.cutList(plan), designs.out());
        if (!csv && !written) {
            print(plan);
        }
        return Designs.code(plan);
    }

    private void print(Plan plan) {
        Words words = Words.showing(plan.project().showing());
        for (Copies copies : Copies.of(plan)) {
            if (Copies.count(plan.project()) > 1) {
                designs.out().println("Copies " + String.join(", ", copies.numbers().stream().map(String::valueOf)
                        .toList()) + ":");
            }
            print(copies, words);
        }
    }

    private void print(Copies copies, Words words) {
        for (CutLine line : CutList.of(copies.plan()).lines()) {
            designs.out().printf(Locale.ROOT, "%d. %d × %s (%s), %s: finished %s%s, rough %s%s%n", line.number(),
                    line.count() * copies.numbers().size(),
                    words.text(line.what()), String.join(" ", line.marks()),
                    words.wood(line.wood()), size(words, line.finished()),
                    line.isTrimmed() ? ", cut to " + words.length(line.cutTo().value()) : "", size(words, line.rough()),
                    line.mirrorOf().map(other -> ", mirror image of " + other).orElse(""));
        }
    }

    private static String size(Words words, CutLine.Size size) {
        return "%s × %s × %s".formatted(words.length(size.length().value()), words.length(size.width().value()),
                words.length(size.thickness().value()));
    }
}
