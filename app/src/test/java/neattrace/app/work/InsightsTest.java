package neattrace.app.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import neattrace.inspection.Inspector;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** What cannot be found out is said, for the sheet as for the lines. */
@ExtendWith(ApplicationExtension.class)
class InsightsTest {

    @Test
    void whatCannotBeLookedThroughIsTold() throws Exception {
        Traced broken = mock(Traced.class);
        when(broken.picture()).thenThrow(new IllegalStateException("the picture is gone"));
        when(broken.resolution()).thenThrow(new IllegalStateException("the measure is gone"));
        Drawing drawing = mock(Drawing.class);
        when(drawing.traced()).thenReturn(broken);
        when(drawing.job()).thenReturn(Job.of(new Source("gone.png", new byte[0])));
        try (Insights insights = new Insights(new Pipeline(), Inspector.ALL, Insights.CALM)) {
            Platform.runLater(() -> insights.lookThrough(drawing));
            WaitForAsyncUtils.waitFor(
                    20,
                    TimeUnit.SECONDS,
                    () ->
                            !insights.reviewFailureProperty().get().isEmpty()
                                    && !insights.studyFailureProperty().get().isEmpty()
                                    && !insights.lookFailureProperty().get().isEmpty());
            assertThat(insights.reviewProperty().get()).isNull();
            assertThat(insights.studyProperty().get()).isNull();
        }
    }
}
