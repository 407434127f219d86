package neattrace.job.pipeline;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neattrace.flat.LineLayer;
import neattrace.geom.Outline;
import neattrace.job.Job;
import neattrace.progress.Progress;
import neattrace.raster.Resolution;
import neattrace.trace.LineColour;
import neattrace.trace.hold.LineSplitter;

/** The outlines of a job's lines by colour. */
final class LineColours {

    private LineColours() {}

    /** Outlines in mm by swatch, 0 for black; taken from before if nothing they read changed. */
    static Map<Integer, List<Outline>> of(
            Job job, LineWork work, Resolution resolution, Traced before) {
        LineColour colour = job.line().colour();
        Map<Integer, List<Outline>> parts = new TreeMap<>();
        boolean known = colour.swatch() == 0 || job.swatch(colour.swatch()).isPresent();
        if (colour.isBlack() || !known) {
            parts.put(0, work.lines());
            return parts;
        }
        if (colour.held().isEmpty() && !colour.borderBlack()) {
            parts.put(colour.swatch(), work.lines());
            return parts;
        }
        boolean same =
                before != null
                        && before.work().ink() == work.ink()
                        && before.job().close().equals(job.close())
                        && before.job().line().colour().equals(colour);
        if (same) {
            parts.put(0, before.blackLines());
            for (LineLayer layer : before.colouredLines()) {
                parts.put(layer.swatch().id(), layer.shapes());
            }
            return parts;
        }
        LineSplitter.split(
                        work.ink(),
                        work.net().get(),
                        colour,
                        colour.borderBlack()
                                ? ClosingWidth.of(
                                        work.ink(),
                                        job.close(),
                                        resolution.pxPerMm(),
                                        Progress.SILENT)
                                : 0,
                        resolution.pxPerMm(),
                        job.line().maxErrorPx())
                .forEach(
                        (swatch, outlines) ->
                                parts.put(
                                        swatch,
                                        outlines.stream()
                                                .map(one -> one.scaled(resolution.mmPerPx()))
                                                .toList()));
        return parts;
    }
}
