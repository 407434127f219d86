package neattrace.inspection;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.press.Rgb;
import neattrace.press.black.BlackSchool;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Test;

/** Findings of the press, each of which its answers settle. */
class PressInspectionTest {

    private final Pipeline pipeline = new Pipeline();

    private Drawing drawing(Job job) throws IOException {
        return pipeline.run(job, Progress.SILENT);
    }

    private List<Finding> of(Job job, String kind) throws IOException {
        return new Inspector(pipeline, List.of(PressInspection.PRESS))
                .look(drawing(job), Progress.SILENT).groups().stream()
                        .filter(group -> group.kind().key().equals(kind))
                        .map(Group::findings)
                        .flatMap(List::stream)
                        .toList();
    }

    private Job answered(Job job, Answer answer) throws IOException {
        return ((Answer.Change) answer).apply(job, drawing(job));
    }

    @Test
    void aColourInkDoesNotReachIsToldWithPrintableOnes() throws IOException {
        Job neon =
                Jobs.coloured().withSwatch(Jobs.INNER.withWish(Optional.of(new Rgb(0, 255, 60))));
        List<Finding> found = of(neon, "colour-duller");
        assertThat(found).hasSize(1);
        assertThat(found.get(0).title()).contains("prints");
        for (Answer answer : found.get(0).answers()) {
            assertThat(of(answered(neon, answer), "colour-duller")).as(answer.label()).isEmpty();
        }
        assertThat(of(Jobs.coloured(), "colour-duller")).isEmpty();
    }

    @Test
    void solidsInBlackAloneAreToldAndMadeRich() throws IOException {
        // Its lines are half a mm wide; at 20 ppi, fifteen times as large, they are solids.
        Job job =
                Jobs.coloured()
                        .withPpi(20)
                        .withPress(PressSection.USUAL.withSchool(BlackSchool.K_ONLY));
        List<Finding> found = of(job, "black-grey");
        assertThat(found).isNotEmpty();
        for (Answer answer : found.get(0).answers()) {
            int left = of(answered(job, answer), "black-grey").size();
            assertThat(left).as(answer.label()).isLessThan(found.size());
        }
        assertThat(of(job.withPress(PressSection.USUAL), "black-grey")).isEmpty();
        assertThat(of(job.withPpi(300), "black-grey")).isEmpty();
    }

    @Test
    void coloursBeneathAllOfTheBlackAreToldAndKeptBack() throws IOException {
        Job job = Jobs.coloured().withPress(PressSection.USUAL.withSchool(BlackSchool.AS_DRAWN));
        List<Finding> found = of(job, "black-fringed");
        assertThat(found).hasSize(1);
        for (Answer answer : found.get(0).answers()) {
            assertThat(of(answered(job, answer), "black-fringed")).as(answer.label()).isEmpty();
        }
    }

    @Test
    void tooMuchInkIsMendedByTheBuildNearestInLook() throws IOException {
        Job job = Jobs.coloured().withSwatch(Jobs.INNER.withBuild(new Cmyk(100, 95, 90, 60)));
        List<Finding> found = of(job, "ink-over-limit");
        assertThat(found).hasSize(1);
        Job less = answered(job, found.get(0).answers().get(0));
        assertThat(of(less, "ink-over-limit")).isEmpty();
        Cmyk build = less.swatch(Jobs.INNER.id()).orElseThrow().build();
        assertThat(build.total()).isLessThanOrEqualTo(300);
    }
}
