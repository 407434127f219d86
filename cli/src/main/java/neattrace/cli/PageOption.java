package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.file.JobFile;
import neattrace.raster.reading.Opening;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** Which page of a picture is read. */
final class PageOption {

    @Option(
            names = "--page",
            paramLabel = "N",
            defaultValue = "1",
            description = "Which page of a file that has several; 1 unless said otherwise.")
    private int page;

    /**
     * Looks at what can be judged before a file is read.
     *
     * @throws ParameterException if there can be no such page
     */
    void check(CommandSpec spec) {
        if (page < 1 || page > Opening.MOST_PAGES) {
            throw new ParameterException(spec.commandLine(), "--page must be 1 to 10000.");
        }
    }

    /**
     * A job of a file, or a new one of that page of a picture.
     *
     * @throws ParameterException if a page of a job is asked for
     */
    Job of(CommandSpec spec, Path input) throws IOException {
        Job job = JobFile.ofAny(input);
        if (page == 1) {
            return job;
        }
        if (String.valueOf(input.getFileName()).endsWith(JobFile.ENDING)) {
            throw new ParameterException(
                    spec.commandLine(), "--page: " + input + " is a job; it has its page.");
        }
        return job.withSource(
                new Source(
                        job.source().name(),
                        job.source().bytes(),
                        Opening.USUAL.withPage(page - 1)));
    }
}
