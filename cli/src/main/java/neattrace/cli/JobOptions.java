package neattrace.cli;

import java.util.List;
import neattrace.job.Job;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;

/** What every command that computes a job lets one change in it. */
final class JobOptions {

    @Option(names = "--ppi", paramLabel = "N", description = "Resolution, over the file's own.")
    private double ppi;

    @Option(
            names = "--set",
            paramLabel = "KEY=VALUE",
            description = "Any setting of the window; see: neat-trace settings.")
    private List<String> settings = List.of();

    /**
     * Looks at what can be judged before a file is read.
     *
     * @throws picocli.CommandLine.ParameterException if the resolution is no sensible one
     */
    void check(CommandSpec spec) {
        Usage.checkPpi(spec, ppi);
    }

    /**
     * The job with what was given.
     *
     * @throws picocli.CommandLine.ParameterException if a setting is not known or out of its range
     */
    Job in(CommandSpec spec, Job job) {
        Job set = Usage.with(spec, job, settings);
        return ppi > 0 ? set.withPpi(ppi) : set;
    }
}
