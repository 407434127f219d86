package neattrace.app.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
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
        try (Insights insights = new Insights(new Pipeline())) {
            Platform.runLater(() -> insights.lookThrough(broken));
            WaitForAsyncUtils.waitFor(
                    20,
                    TimeUnit.SECONDS,
                    () ->
                            !insights.reviewFailureProperty().get().isEmpty()
                                    && !insights.studyFailureProperty().get().isEmpty());
            assertThat(insights.reviewProperty().get()).isNull();
            assertThat(insights.studyProperty().get()).isNull();
        }
    }
}
