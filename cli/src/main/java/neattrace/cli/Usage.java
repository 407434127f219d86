package neattrace.cli;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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

    /** An input file is never written to, and no output over another. */
    static void checkNotInput(CommandSpec spec, List<Path> inputs, Path... outputs) {
        Set<Path> known = new HashSet<>();
        for (Path output : outputs) {
            if (output != null && !known.add(output.toAbsolutePath().normalize())) {
                throw new ParameterException(spec.commandLine(), output + " is given twice.");
            }
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
