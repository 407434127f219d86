package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import neattrace.export.GoodsFormat;
import neattrace.files.SameFile;
import neattrace.print.PrintPlan;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;

/** Where goods are written to, and how it is told of them. */
final class GoodsOutput {

    @Option(
            names = "-o",
            required = true,
            paramLabel = "OUT",
            description = "OUT.svg, .pdf, .png, .dxf or .plt (HP-GL).")
    private Path output;

    private List<Path> inputs = List.of();

    @Option(names = "--json", description = "Tell measures and findings as JSON.")
    private boolean json;

    /**
     * Looks at what can be judged before a file is read.
     *
     * @throws picocli.CommandLine.ParameterException if it would be written over an input, or in no
     *     format that is known
     */
    void check(CommandSpec spec, List<Path> inputs) {
        check(spec, inputs, GoodsFormat.values());
    }

    /** The same for goods of some formats alone. */
    void check(CommandSpec spec, List<Path> inputs, GoodsFormat... formats) {
        String[] endings = Arrays.stream(formats).map(GoodsFormat::ending).toArray(String[]::new);
        Usage.checkEnding(spec, "-o", output, endings);
        Usage.checkNotInput(spec, inputs, output);
        this.inputs = List.copyOf(inputs);
    }

    /** Writes a plan as the ending of its file says. */
    void write(PrintPlan plan, double ppi) throws IOException {
        write(List.of(plan), ppi);
    }

    /** Whether it is for a printer, who gets inks. */
    boolean isForPrinters() {
        return GoodsFormat.of(output).orElseThrow() == GoodsFormat.PDF;
    }

    /** Whether it is for a machine that runs along lines. */
    boolean isForMachines() {
        GoodsFormat format = GoodsFormat.of(output).orElseThrow();
        return format == GoodsFormat.DXF || format == GoodsFormat.HPGL;
    }

    /** Whether several pages go into one file. */
    boolean hasPages() {
        return GoodsFormat.of(output).orElseThrow().hasPages();
    }

    /** Writes pages into one file, or into files of their own, numbered, where it has no pages. */
    void write(List<PrintPlan> pages, double ppi) throws IOException {
        GoodsFormat format = GoodsFormat.of(output).orElseThrow();
        for (Path target : format.files(output, pages.size())) {
            if (inputs.stream().anyMatch(input -> SameFile.of(input, target))) {
                throw new IOException(target + " is an input; it is never written to.");
            }
        }
        format.write(pages, ppi, output);
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
