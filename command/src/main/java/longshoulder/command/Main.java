package longshoulder.command;

import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import longshoulder.core.words.Words;
import longshoulder.files.BadFile;
import longshoulder.files.SystemReason;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.ParameterException;

/** Runs one command: such as {@code plan} or {@code draw}. */
@Command(name = "longshoulder", mixinStandardHelpOptions = true, version = "Long Shoulder 0.1.0", description = "Plans the joints of furniture from overall sizes.", footer = {
        "", "Without a command the window opens; \"longshoulder demo\" opens it with demo data."}, subcommands = {
                KindsCommand.class, JointsCommand.class, SetCommand.class, NewCommand.class, WorkshopCommand.class,
                WoodsCommand.class,
                PlanCommand.class,
                CheckCommand.class, ProveCommand.class, CurveCommand.class,
                CutListCommand.class, BoardsCommand.class, BuyCommand.class, StockCommand.class, LabelsCommand.class,
                LabelPrinterCommand.class, MovementCommand.class,
                ExportCommand.class,
                DrawCommand.class,
                PapersCommand.class, CommandLine.HelpCommand.class})
public final class Main implements Runnable {

    static final int FINE = 0;
    static final int STOPPED = 1;
    static final int BAD_INPUT = 2;

    private Main() {}

    public static void main(String[] arguments) {
        // Numbers are written as in English, whatever the system speaks: other programs read them.
        Locale.setDefault(Locale.Category.FORMAT, Locale.ROOT);
        System.exit(run(System.out, System.err, arguments));
    }

    /** Runs a command and gives its exit code. */
    static int run(PrintStream out, PrintStream err, String... arguments) {
        PrintWriter output = new PrintWriter(out, true, StandardCharsets.UTF_8);
        PrintWriter errors = new PrintWriter(err, true, StandardCharsets.UTF_8);
        CommandLine line = new CommandLine(new Main()).setOut(output).setErr(errors)
                .setParameterExceptionHandler((bad, args) -> refuse(errors, sentence(bad)))
                .setExecutionExceptionHandler((failure, command, result) -> switch (failure) {
                    case BadFile bad -> refuse(errors, bad.getMessage());
                    case Refusal refusal -> refuse(errors, refusal.getMessage());
                    case java.io.IOException broken ->
                        refuse(errors, "The file cannot be written: " + SystemReason.of(broken, Locale.ROOT) + ".");
                    default -> throw failure;
                });
        // A title may begin with "@"; it names no file of arguments.
        line.setExpandAtFiles(false);
        int code = line.execute(arguments);
        return output.checkError()
                ? refuse(errors,
                        "The output cannot be written: maybe the disk is full or the program that reads it has ended.")
                : code;
    }

    private static int refuse(PrintWriter errors, String sentence) {
        errors.println(Words.oneLine(sentence));
        return BAD_INPUT;
    }

    private static String sentence(ParameterException bad) {
        String message = String.valueOf(bad.getMessage()).lines().findFirst().orElse("The command is not understood");
        return message + (message.endsWith(".") ? "" : ".") + " See \"longshoulder "
                + (bad.getCommandLine().getParent() == null ? "" : bad.getCommandLine().getCommandName() + " ")
                + "--help\".";
    }

    @Override
    public void run() {
        throw new Refusal("Say what to do, such as \"longshoulder plan FILE\"; \"longshoulder --help\" lists all.");
    }
}
