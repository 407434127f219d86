package neattrace.job.setting;

import java.util.Arrays;
import java.util.List;
import neattrace.region.CloseSettings;
import neattrace.region.Mend;

/** What can be set about gaps and the frame. */
public final class GapSettings {

    public static final Quantity GAP =
            Quantity.of(
                            "gap-width",
                            "Gap width",
                            "mm",
                            0,
                            CloseSettings.WIDEST_GAP_MM,
                            0.1,
                            job -> job.close().gapMm(),
                            (job, v) -> job.withClose(job.close().withGapMm(v)))
                    .orAuto(CloseSettings.AUTOMATIC);

    public static final Option<Mend> MEND =
            new Option<>(
                    "mending-way",
                    "How gaps are closed by hand",
                    Arrays.asList(Mend.values()),
                    mend ->
                            switch (mend) {
                                case UNSEEN -> "an unseen line";
                                case INK -> "ink, as the lines are drawn";
                                case RUN_PAST -> "an end that runs on past";
                            },
                    job -> job.close().mend(),
                    (job, mend) -> job.withClose(job.close().withMend(mend)));

    public static final Quantity FRAME_INSET =
            Quantity.of(
                            "frame-inset",
                            "Frame inside the sheet's edge",
                            "mm",
                            0,
                            CloseSettings.WIDEST_FRAME_MM,
                            0.5,
                            job -> job.close().frameMm(),
                            (job, v) -> job.withClose(job.close().withFrameMm(v)))
                    .orAuto(CloseSettings.NO_FRAME);

    /** All of them. */
    static final List<Setting> ALL = List.of(GAP, MEND, FRAME_INSET);

    private GapSettings() {}
}
