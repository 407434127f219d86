package neattrace.standin.skerry;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import neattrace.finding.Severity;
import neattrace.inspection.Inspector;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the demo's small motifs have to say for the sheet they are laid out on. */
@Tag("thorough")
class SkerryMotifsTest {

    /** Opened, the small motifs are there to be laid out, not to be worked on. */
    @ParameterizedTest
    @EnumSource(SkerryMotif.class)
    void theSmallMotifsAreFinished(SkerryMotif motif) throws IOException {
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(SkerryJobs.job(motif), Progress.SILENT);
        assertThat(drawing.emptyAreas()).isEmpty();
        assertThat(drawing.layers()).hasSizeGreaterThanOrEqualTo(5);
        assertThat(new Inspector(pipeline, Inspector.ALL).look(drawing, Progress.SILENT).groups())
                .hasSizeLessThan(3)
                .noneMatch(group -> group.kind().severity() == Severity.STOP);
        assertThat(drawing.job().title()).isEqualTo(motif.title());
    }
}
