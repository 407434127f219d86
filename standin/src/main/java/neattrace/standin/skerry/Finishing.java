package neattrace.standin.skerry;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.inspection.Inspector;
import neattrace.job.Job;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.proposal.Proposal;
import neattrace.proposal.Proposer;
import neattrace.stage.Progress;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;

/**
 * Finishes demo jobs anew, when their drawings or what is decided by itself have changed: {@code
 * java -cp ... neattrace.standin.skerry.Finishing standin/src/main/resources}.
 */
final class Finishing {

    /**
     * The stickers and the shirt are finished; the page and the stencil are there to be worked on.
     */
    private static final List<SkerryDrawing> FINISHED =
            Stream.<SkerryDrawing>concat(
                            Stream.of(SkerryMail.PUFFIN, SkerryMail.MAIL_BOAT),
                            Arrays.stream(SkerryMotif.values()))
                    .toList();

    /** Somebody has looked at everything about the small motifs. */
    private static final Set<String> ALL = Set.of("sheet", "line", "close", "flats");

    private Finishing() {}

    public static void main(String[] arguments) throws IOException {
        Path folder =
                Path.of(arguments[0]).resolve(Finishing.class.getPackageName().replace('.', '/'));
        Files.createDirectories(folder);
        for (SkerryDrawing drawn : FINISHED) {
            ScanSettings settings = drawn.everydayScan();
            byte[] png =
                    StandInScanner.png(StandInScanner.scan(drawn.draw(), settings), settings.ppi());
            Job begun = SkerryJobs.begun(drawn, png);
            Proposal proposal =
                    Proposer.propose(
                            new Pipeline(), begun, Optional.empty(), Set.of(), Progress.SILENT);
            Files.write(
                    folder.resolve(SkerryJobs.resource(drawn)),
                    JobFile.decisions(
                            lookedThrough(
                                    proposal.drawing(),
                                    drawn instanceof SkerryMail ? Set.of("sheet", "press") : ALL)));
        }
    }

    /** With what is doubtful at some stations looked at and left as it is. */
    private static Job lookedThrough(Drawing drawing, Set<String> stations) throws IOException {
        Findings findings =
                new Inspector(new Pipeline(), Inspector.ALL).look(drawing, Progress.SILENT);
        Job job = drawing.job();
        for (String station : stations) {
            for (Group group : findings.at(station)) {
                for (Finding finding : group.findings()) {
                    job = left(job, finding, drawing);
                }
            }
        }
        return job;
    }

    private static Job left(Job job, Finding finding, Drawing drawing) {
        for (Answer answer : finding.answers()) {
            if (answer.key().equals("leave") && answer instanceof Answer.Change change) {
                return change.apply(job, drawing);
            }
        }
        return job;
    }
}
