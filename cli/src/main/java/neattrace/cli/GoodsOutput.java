package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import neattrace.export.GoodsFormat;
import neattrace.files.AtomicFile;
import neattrace.print.PrintPlan;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;

/** Where goods are written to, and how it is told of them. */
final class GoodsOutput {

    private static final String[] ENDINGS =
            Arrays.stream(GoodsFormat.values()).map(GoodsFormat::ending).toArray(String[]::new);

    @Option(
            names = "-o",
            required = true,
            paramLabel = "OUT",
            description = "OUT.svg, .pdf, .png, .dxf or .plt (HP-GL).")
    private Path output;

    @Option(names = "--json", description = "Tell measures and findings as JSON.")
    private boolean json;

    /**
     * Looks at what can be judged before a file is read.
     *
     * @throws picocli.CommandLine.ParameterException if it would be written over an input, or in no
     *     format that is known
     */
    void check(CommandSpec spec, List<Path> inputs) {
        Usage.checkEnding(spec, "-o", output, ENDINGS);
        Usage.checkNotInput(spec, inputs, output);
    }

    /** Writes a plan as the ending of its file says. */
    void write(PrintPlan plan, double ppi) throws IOException {
        GoodsFormat format = GoodsFormat.of(output).orElseThrow();
        AtomicFile.write(output, out -> format.write(plan, ppi, out));
    }

    /** Tells what was measured, to people or to programs. */
    void tell(Reporter reporter, List<String> lines, String forPrograms) {
        if (json) {
            reporter.say(forPrograms);
        } else {
            lines.forEach(reporter::say);
        }
    }
}
