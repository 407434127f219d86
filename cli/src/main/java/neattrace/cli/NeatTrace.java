package neattrace.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.HelpCommand;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ScopeType;
import picocli.CommandLine.Spec;

/** The command line's entry. */
@Command(
        name = "neat-trace",
        description = "From a scanned drawing to inked, coloured, print-ready vectors.",
        synopsisSubcommandLabel = "COMMAND",
        footerHeading = "%nThe window:%n",
        footer = {
            "  neat-trace              starts it empty",
            "  neat-trace FILE         starts it with a picture or a job",
            "  neat-trace demo         starts it with the demo drawings",
            "",
            "Exit codes: 0 done, 2 bad usage, 3 unreadable input, 4 failed write,",
            "5 something stops the job (check)."
        })
public final class NeatTrace implements Runnable {

    @Option(
            names = "--verbose",
            scope = ScopeType.INHERIT,
            description = "Say what is being done, and print the cause of errors.")
    private boolean verbose;

    static final List<String> COMMANDS =
            List.of(
                    "sheet",
                    "trace",
                    "flat",
                    "press",
                    "make",
                    "check",
                    "propose",
                    "plan",
                    "info",
                    "settings",
                    "help",
                    "demo");

    @Spec private CommandSpec spec;

    private NeatTrace() {}

    /** Runs the command line and ends the process with its exit code. */
    public static void main(String[] arguments) {
        PrintWriter out = new PrintWriter(System.out, true);
        PrintWriter err = new PrintWriter(System.err, true);
        System.exit(run(out, err, arguments));
    }

    /** Runs the command line. Returns the exit code. */
    static int run(PrintWriter out, PrintWriter err, String... arguments) {
        NeatTrace root = new NeatTrace();
        Reporter reporter = new Reporter(out, err, () -> root.verbose);
        CommandLine line =
                new CommandLine(root)
                        .addSubcommand(new SheetCommand(reporter))
                        .addSubcommand(new TraceCommand(reporter))
                        .addSubcommand(new FlatCommand(reporter))
                        .addSubcommand(new PressCommand(reporter))
                        .addSubcommand(
                                new CommandLine(new MakeCommand())
                                        .addSubcommand(new MakeStickerCommand(reporter))
                                        .addSubcommand(new MakeSheetCommand(reporter))
                                        .addSubcommand(new MakePageCommand(reporter))
                                        .addSubcommand(new MakeStencilCommand(reporter))
                                        .addSubcommand(new MakeShirtCommand(reporter))
                                        .addSubcommand(new MakeMugCommand(reporter)))
                        .addSubcommand(new CheckCommand(reporter))
                        .addSubcommand(new ProposeCommand(reporter))
                        .addSubcommand(new PlanCommand(reporter))
                        .addSubcommand(new InfoCommand(reporter))
                        .addSubcommand(new SettingsCommand(reporter));
        addHelp(line);
        for (CommandLine command : line.getSubcommands().values()) {
            addHelp(command);
            command.getSubcommands().values().forEach(NeatTrace::addHelp);
        }
        line.addSubcommand(new HelpCommand());
        line.setOut(out);
        line.setErr(err);
        line.setParameterExceptionHandler(NeatTrace::badUsage);
        line.setExecutionExceptionHandler((e, command, result) -> reporter.failed(e));
        try {
            return line.execute(arguments);
        } catch (Error e) {
            return reporter.failed(e);
        }
    }

    private static void addHelp(CommandLine command) {
        command.getCommandSpec()
                .addOption(
                        OptionSpec.builder("-h", "--help")
                                .usageHelp(true)
                                .description("Show this help.")
                                .build());
    }

    private static int badUsage(ParameterException e, String[] arguments) {
        String command = e.getCommandLine().getCommandName();
        String topic = command.equals("neat-trace") ? "" : " " + command;
        String first = topic.isEmpty() && arguments.length > 0 ? word(arguments) : "";
        String message =
                first.isEmpty() ? e.getMessage().replaceAll("\\s+", " ") : noCommand(first);
        e.getCommandLine().getErr().println(message + " (see: neat-trace help" + topic + ")");
        return ExitCode.USAGE;
    }

    /** The first word that is no option. */
    private static String word(String... arguments) {
        for (String argument : arguments) {
            if (!argument.startsWith("-")) {
                return argument;
            }
        }
        return "";
    }

    /** What to say of a word that is nothing here, with the command it is nearest to. */
    private static String noCommand(String word) {
        String nearest = "";
        int least = word.length();
        for (String command : COMMANDS) {
            int far = EditDistance.between(word.toLowerCase(Locale.ROOT), command);
            if (far < least) {
                least = far;
                nearest = command;
            }
        }
        String hint = least <= 2 ? " Did you mean " + nearest + "?" : "";
        return "There is no command or file '" + word + "'." + hint;
    }

    @Override
    public void run() {
        throw new ParameterException(
                spec.commandLine(), "Which command: sheet, trace, flat, make or info?");
    }
}
