package neattrace.cli;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import neattrace.files.SameFile;
import neattrace.goods.GoodsFile;
import neattrace.goods.GoodsWish;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.setting.Settings;
import neattrace.raster.Resolution;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;

/** Checks that several commands share. */
final class Usage {

    private Usage() {}

    /**
     * One of some choices by its key.
     *
     * @throws ParameterException with all keys if there is no such one
     */
    static <T> T choice(
            CommandSpec spec, String option, String text, T[] all, Function<T, String> keyOf) {
        return Arrays.stream(all)
                .filter(one -> keyOf.apply(one).equals(text.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(
                        () ->
                                new ParameterException(
                                        spec.commandLine(),
                                        option
                                                + " is one of "
                                                + String.join(
                                                        ", ",
                                                        Arrays.stream(all).map(keyOf).toList())
                                                + "."));
    }

    static void checkPpi(CommandSpec spec, double ppi) {
        if (ppi != 0 && !Resolution.isSensible(ppi)) {
            throw new ParameterException(spec.commandLine(), "--ppi must be 10 to 20000.");
        }
    }

    /** An input file is never written to, and no output over another. */
    static void checkNotInput(CommandSpec spec, List<Path> inputs, Path... outputs) {
        Set<Path> known = new HashSet<>();
        for (Path output : outputs) {
            if (output != null && known.stream().anyMatch(one -> SameFile.of(one, output))) {
                throw new ParameterException(spec.commandLine(), output + " is given twice.");
            }
            if (output != null) {
                known.add(output);
            }
            for (Path input : inputs) {
                if (output != null && SameFile.of(output, input)) {
                    throw new ParameterException(
                            spec.commandLine(), output + " is an input; it is never written to.");
                }
            }
        }
    }

    /** An output's ending says what is written; any other would be a surprise. */
    static void checkEnding(CommandSpec spec, String option, Path output, String... endings) {
        if (output == null) {
            return;
        }
        String name = String.valueOf(output.getFileName()).toLowerCase(Locale.ROOT);
        if (Arrays.stream(endings).noneMatch(name::endsWith)) {
            throw new ParameterException(
                    spec.commandLine(),
                    option
                            + " must end in "
                            + String.join(" or ", endings)
                            + ", not as "
                            + output.getFileName()
                            + " does.");
        }
    }

    /**
     * Goods given on the command line.
     *
     * @throws ParameterException if there are no such goods or no such size
     */
    static GoodsSection goods(CommandSpec spec, List<String> wishes) {
        try {
            GoodsSection section = GoodsSection.UNDECIDED;
            for (String wish : wishes) {
                section = section.with(GoodsWish.parse(wish, GoodsFile.shelf().all()));
            }
            return section;
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), "--for: " + e.getMessage() + ".");
        }
    }

    /**
     * A job with settings given on the command line.
     *
     * @throws ParameterException if one is not known or out of its range
     */
    static Job with(CommandSpec spec, Job job, List<String> settings) {
        try {
            return Settings.with(job, settings);
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), "--set: " + e.getMessage() + ".");
        }
    }
}
