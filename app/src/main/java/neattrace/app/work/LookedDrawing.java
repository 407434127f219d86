package neattrace.app.work;

import neattrace.finding.Findings;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;

/**
 * What was found in a drawing so far.
 *
 * @param drawing in which it was found
 * @param findings what was found
 * @param whole whether all that there is to know was known then
 */
public record LookedDrawing(Drawing drawing, Findings findings, boolean whole) implements Looked {

    /**
     * Whether its places and areas mean the same in a job as it stands: the same sheet lies the
     * same way.
     */
    public boolean holdsFor(Job job) {
        return job != null
                && job.source() == drawing.job().source()
                && job.ppi() == drawing.job().ppi()
                && job.recipe()
                        .effective()
                        .frame()
                        .equals(drawing.job().recipe().effective().frame());
    }
}
