package neattrace.cli;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.FindingsJson;
import neattrace.finding.Group;
import neattrace.finding.Place;
import neattrace.inspection.Inspector;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** What needs a decision before a job can go out. */
@Command(
        name = "check",
        description = "Tells what needs a decision in a picture or a job.",
        footer = "Exit code 5 if something stops the job.",
        sortOptions = false)
final class CheckCommand implements Callable<Integer> {

    /** No more places of one kind are told of singly; --json has them all. */
    private static final int MOST_PLACES = 8;

    @Mixin private JobInput input;

    @Option(names = "--json", description = "Tell it as JSON (docs/findings.md).")
    private boolean json;

    @Mixin private JobOptions options;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    CheckCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        Job job = input.read(spec, options);
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(job, reporter.progress().part(0, 0.6));
        Findings findings =
                new Inspector(pipeline, Inspector.ALL)
                        .look(drawing, reporter.progress().part(0.6, 1));
        if (json) {
            reporter.say(FindingsJson.write(findings, drawing.widthMm(), drawing.heightMm()));
        } else {
            tell(findings);
        }
        return findings.stop() ? ExitCode.STOPPED : ExitCode.DONE;
    }

    private void tell(Findings findings) {
        if (findings.groups().isEmpty()) {
            reporter.say("Nothing to decide.");
        }
        for (Group group : findings.groups()) {
            reporter.say(
                    String.format(
                            Locale.ROOT,
                            "%-5s %-10s %s",
                            group.kind().severity().key(),
                            group.kind().station(),
                            group.title()));
            if (group.count() == 1) {
                reporter.say(indented(group.findings().get(0).reason()));
            } else {
                places(group);
            }
        }
    }

    private void places(Group group) {
        List<Finding> told =
                group.findings().subList(0, Math.min(MOST_PLACES, group.findings().size()));
        told.forEach(finding -> reporter.say(indented(place(finding) + finding.title())));
        int more = group.count() - told.size();
        if (more > 0) {
            reporter.say(indented("and " + more + " more"));
        }
    }

    private static String place(Finding finding) {
        return finding.place()
                .map(Place::at)
                .map(at -> String.format(Locale.ROOT, "at %.1f, %.1f mm: ", at.x(), at.y()))
                .orElse("");
    }

    private static String indented(String line) {
        return " ".repeat(17) + line.strip();
    }
}
