package neattrace.job.pipeline;

import java.util.List;
import neattrace.geom.Outline;
import neattrace.raster.InkMap;
import neattrace.trace.InkEdit;
import neattrace.trace.PointEdit;
import neattrace.trace.Tracing;

/**
 * The lines of a job from its ink on: edits, weight, outlines, points.
 *
 * @param edited the sheet's ink with edits on it
 * @param weighed the same with the lines' weight changed
 * @param tracing its outlines, sheet px
 * @param ink the ink as it is after points were changed
 * @param lines its outlines, mm
 * @param extent how far they reach
 * @param adriftEdits edits that found no ink where they were made
 * @param adriftPoints changed points that are no longer there
 */
public record LineWork(
        InkMap edited,
        InkMap weighed,
        Tracing tracing,
        InkMap ink,
        List<Outline> lines,
        Extent extent,
        List<InkEdit> adriftEdits,
        List<PointEdit> adriftPoints) {}
