package neattrace.app.work;

import java.util.List;
import neattrace.export.PlanPainter;
import neattrace.job.change.Owed;
import neattrace.job.pipeline.Drawing;
import neattrace.print.Artwork;

/**
 * A computed drawing with all that is needed to show it.
 *
 * @param of the opening of the job whose drawing it is
 * @param owed what is owed of it, and whether it was written as it is
 */
public record Shown(
        Sitting of,
        Drawing drawing,
        Artwork art,
        PlanPainter painter,
        ScanPyramid scan,
        List<Owed> owed) {

    /** In a sentence: how much of it there is, or why there is nothing. */
    public String summary() {
        int pieces = drawing.lines().size();
        int areas = drawing.areas().enclosed().size();
        String counts =
                (pieces == 1 ? "1 piece of ink, " : pieces + " pieces of ink, ")
                        + (areas == 1 ? "1 area." : areas + " areas.");
        return drawing.traced().emptiness().orElse(counts);
    }
}
