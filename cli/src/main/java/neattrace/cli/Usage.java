package neattrace.cli;

import java.nio.file.Path;
import java.util.List;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;

/** Checks that several commands share. */
final class Usage {

    private Usage() {}

    static void checkPpi(CommandSpec spec, double ppi) {
        if (ppi != 0 && !(ppi >= 10 && ppi <= 20_000)) {
            throw new ParameterException(spec.commandLine(), "--ppi must be 10 to 20000.");
        }
    }

    /** An input file is never written to. */
    static void checkNotInput(CommandSpec spec, List<Path> inputs, Path... outputs) {
        for (Path output : outputs) {
            for (Path input : inputs) {
                if (output != null
                        && output.toAbsolutePath()
                                .normalize()
                                .equals(input.toAbsolutePath().normalize())) {
                    throw new ParameterException(
                            spec.commandLine(), output + " is an input; it is never written to.");
                }
            }
        }
    }
}
