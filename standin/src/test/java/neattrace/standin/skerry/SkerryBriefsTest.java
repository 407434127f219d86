package neattrace.standin.skerry;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.finding.Severity;
import neattrace.inspection.Inspector;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.stage.Progress;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What the demo's jobs have to say, each for the goods it is meant for. */
@Tag("thorough")
class SkerryBriefsTest {

    private static final Map<SkerryMail, Drawing> DRAWINGS = new EnumMap<>(SkerryMail.class);
    private static final Map<SkerryMail, Findings> FOUND = new EnumMap<>(SkerryMail.class);

    @BeforeAll
    static void look() throws IOException {
        for (SkerryMail mail : SkerryMail.values()) {
            Pipeline pipeline = new Pipeline();
            Drawing drawing = pipeline.run(SkerryJobs.job(mail), Progress.SILENT);
            DRAWINGS.put(mail, drawing);
            FOUND.put(mail, new Inspector(pipeline, Inspector.ALL).look(drawing, Progress.SILENT));
        }
    }

    @Test
    void allTogetherTellNoMoreThanACarefulPersonWantsToKnow() {
        List<Group> all = FOUND.values().stream().flatMap(one -> one.groups().stream()).toList();
        assertThat(all).hasSizeLessThan(25);
    }

    @Test
    void theColouringPageSaysNothingOfBareAreas() {
        assertThat(DRAWINGS.get(SkerryMail.GLASSHOUSE).emptyAreas()).hasSizeGreaterThan(300);
        assertThat(FOUND.get(SkerryMail.GLASSHOUSE).groups())
                .extracting(group -> group.kind().key())
                .contains("area-too-small")
                .doesNotContain("area-bare", "not-coloured");
    }

    @Test
    void theStickerIsFinished() {
        assertThat(FOUND.get(SkerryMail.PUFFIN).groups())
                .allMatch(group -> group.kind().severity() == Severity.INFO);
        assertThat(DRAWINGS.get(SkerryMail.PUFFIN).emptyAreas()).isEmpty();
        assertThat(DRAWINGS.get(SkerryMail.PUFFIN).layers()).hasSize(7);
    }

    @Test
    void eachIsForItsGoods() {
        for (SkerryMail mail : SkerryMail.values()) {
            Job job = DRAWINGS.get(mail).job();
            assertThat(job.goods().wanted()).hasSize(1);
            assertThat(job.title()).isEqualTo(mail.title());
        }
    }
}
