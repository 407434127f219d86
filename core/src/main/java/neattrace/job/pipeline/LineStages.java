package neattrace.job.pipeline;

import java.awt.Rectangle;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.raster.InkMap;
import neattrace.raster.Resolution;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.stage.Made;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import neattrace.trace.InkEdit;
import neattrace.trace.InkEditor;
import neattrace.trace.LineColour;
import neattrace.trace.LineNet;
import neattrace.trace.PointEdit;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;
import neattrace.trace.WeightRecipe;
import neattrace.trace.centre.CentrelineFinder;
import neattrace.trace.mend.OutlineCover;
import neattrace.trace.mend.PointEditor;
import neattrace.trace.weight.LineSplitter;
import neattrace.trace.weight.LineWeight;

/** From ink to lines: edits, weight, outlines, points, colours; and what is known about them. */
final class LineStages {

    /** A point may have moved so far since it was changed, px. */
    private static final double POINT_REACH_PX = 2;

    /** What edits are made on. */
    record Edits(Same<InkMap> sheet, List<InkEdit> edits, double pxPerMm, boolean oneBit) {}

    /** The sheet's ink with edits on it. */
    static final Stage<Edits, InkEditor.Edited> EDITED =
            new Stage<>(
                    "Mending the lines",
                    (on, run) ->
                            InkEditor.apply(
                                    on.sheet().value(), on.edits(), on.pxPerMm(), on.oneBit()));

    /** The lines of edited ink, on which further edits are made. */
    static final Stage<Same<InkMap>, LineNet> DRAWN_NET =
            new Stage<>("Finding the lines", LineStages::net);

    /** The lines as they are in the end. */
    static final Stage<Same<InkMap>, LineNet> NET =
            new Stage<>("Finding the lines", LineStages::net);

    /** Ink whose gaps are measured. */
    record Gaps(Same<InkMap> ink, CloseSettings close, double pxPerMm) {}

    /** Up to which width gaps in the outline keep the outside out, mm, for bolder outsides. */
    static final Stage<Gaps, Double> OUTSIDE_GAP =
            new Stage<>("Measuring the gaps", LineStages::closingWidth);

    /** The same for black borders, which are those of the ink in the end. */
    static final Stage<Gaps, Double> BORDER_GAP =
            new Stage<>("Measuring the gaps", LineStages::closingWidth);

    /**
     * Lines to be weighed.
     *
     * @param close decides what is outside, if that matters
     */
    record Weighing(
            Same<InkMap> edited,
            WeightRecipe weight,
            Optional<CloseSettings> close,
            double pxPerMm,
            boolean oneBit) {}

    /** The ink with the weight of its lines changed. */
    static final Stage<Weighing, InkMap> WEIGHED =
            new Stage<>("Weighing the lines", LineStages::weigh);

    /**
     * Ink to be traced.
     *
     * @param sheet the sheet it was made of: only on the same one is traced anew what changed
     */
    record Inked(Same<InkMap> sheet, Same<InkMap> weighed, TraceSettings settings) {}

    /** Outlines, sheet px. */
    static final Stage<Inked, Tracing> TRACED = new Stage<>("Tracing", LineStages::trace);

    /** Lines to be wider or thinner by one factor. */
    record Widening(Same<InkMap> ink, double widths, boolean oneBit) {}

    /** The ink with lines of other widths, for goods on which they are not scaled. */
    static final Stage<Widening, InkMap> WIDENED =
            new Stage<>(
                    "Weighing the lines",
                    (on, run) ->
                            LineWeight.widened(
                                    on.ink().value(),
                                    run.get(NET, on.ink()),
                                    on.widths(),
                                    on.oneBit()));

    /** Its outlines, sheet px. */
    static final Stage<Inked, Tracing> WIDE_TRACED = new Stage<>("Tracing", LineStages::traceAnew);

    /** Outlines whose points are changed. */
    record Points(
            Same<Tracing> tracing, Same<InkMap> weighed, List<PointEdit> points, double ppi) {}

    /**
     * Outlines with changed points.
     *
     * @param outlines mm
     * @param ink as it is after them
     * @param adrift changes whose points are no longer there
     */
    record Pointed(List<Outline> outlines, InkMap ink, List<PointEdit> adrift) {}

    /** Outlines with changed points. */
    static final Stage<Points, Pointed> POINTED =
            new Stage<>("Moving points", (on, run) -> movePoints(on));

    /** Ink that is measured. */
    record Measured(Same<InkMap> ink, double pxPerMm) {}

    /** How far the ink reaches, mm. */
    static final Stage<Measured, Extent> EXTENT =
            new Stage<>(
                    "Measuring the drawing",
                    (on, run) -> Extent.of(on.ink().value(), 1 / on.pxPerMm()));

    /**
     * Lines to be coloured.
     *
     * @param close decides what is a border, if that matters
     */
    record Colours(
            Same<InkMap> ink,
            LineColour colour,
            Optional<CloseSettings> close,
            double ppi,
            double maxErrorPx) {}

    /** Outlines in mm by swatch, 0 for black. */
    static final Stage<Colours, Map<Integer, List<Outline>>> COLOURED =
            new Stage<>("Colouring the lines", LineStages::colour);

    /** What is known about the lines as lines. */
    static final Stage<LineStudy.About, LineStudy> STUDY =
            new Stage<>("Finding the lines", LineStudy::make);

    private LineStages() {}

    private static LineNet net(Same<InkMap> ink, Run<Same<InkMap>, LineNet> run) {
        return CentrelineFinder.find(ink.value(), run.progress());
    }

    private static double closingWidth(Gaps on, Run<Gaps, Double> run) {
        CloseSettings close = on.close();
        return close.isAutomatic()
                ? AreaFinder.tree(on.ink().value(), close, on.pxPerMm(), run.progress()).calmMm()
                : close.gapMm();
    }

    private static InkMap weigh(Weighing on, Run<Weighing, InkMap> run) throws IOException {
        LineNet net = on.weight().needsLines() ? run.get(DRAWN_NET, on.edited()) : null;
        double gapMm = 0;
        if (on.close().isPresent()) {
            gapMm = run.get(OUTSIDE_GAP, new Gaps(on.edited(), on.close().get(), on.pxPerMm()));
        }
        return LineWeight.apply(
                on.edited().value(),
                () -> net,
                on.weight(),
                gapMm,
                on.pxPerMm(),
                on.oneBit(),
                run.progress());
    }

    private static Tracing traceAnew(Inked on, Run<Inked, Tracing> run) {
        return Tracer.trace(on.weighed().value(), on.settings(), run.progress());
    }

    private static Tracing trace(Inked on, Run<Inked, Tracing> run) {
        Optional<Made<Inked, Tracing>> similar =
                run.before()
                        .filter(made -> made.input().sheet().equals(on.sheet()))
                        .filter(made -> made.input().settings().equals(on.settings()));
        InkMap ink = on.weighed().value();
        if (similar.isEmpty()) {
            return Tracer.trace(ink, on.settings(), run.progress());
        }
        InkMap before = similar.get().input().weighed().value();
        return Tracer.retrace(ink, on.settings(), before, similar.get().output(), run.progress());
    }

    private static Pointed movePoints(Points on) {
        double mmPerPx = Resolution.MM_PER_INCH / on.ppi();
        List<Outline> outlines =
                on.tracing().value().outlines().stream()
                        .map(outline -> outline.scaled(mmPerPx))
                        .toList();
        PointEditor.Edited edited =
                PointEditor.apply(outlines, on.points(), POINT_REACH_PX * mmPerPx);
        return new Pointed(
                edited.outlines(),
                withPoints(on.weighed().value(), edited, 1 / mmPerPx),
                edited.adrift());
    }

    /** The ink with the insides of changed loops painted anew. */
    private static InkMap withPoints(InkMap map, PointEditor.Edited points, double pxPerMm) {
        if (points.changed().isEmpty()) {
            return map;
        }
        byte[] coverage = map.coverage().clone();
        for (CubicLoop loop : points.changed()) {
            double[] box = loop.scaled(pxPerMm).bounds();
            Rectangle px =
                    new Rectangle(
                                    (int) Math.floor(box[0]) - 2,
                                    (int) Math.floor(box[1]) - 2,
                                    (int) Math.ceil(box[2] - box[0]) + 5,
                                    (int) Math.ceil(box[3] - box[1]) + 5)
                            .intersection(new Rectangle(map.width(), map.height()));
            OutlineCover.paint(points.outlines(), pxPerMm, px, map.width(), coverage);
        }
        return new InkMap(map.width(), map.height(), coverage);
    }

    private static Map<Integer, List<Outline>> colour(
            Colours on, Run<Colours, Map<Integer, List<Outline>>> run) throws IOException {
        double mmPerPx = Resolution.MM_PER_INCH / on.ppi();
        LineNet net = run.get(NET, on.ink());
        double gapMm = 0;
        if (on.close().isPresent()) {
            gapMm = run.get(BORDER_GAP, new Gaps(on.ink(), on.close().get(), 1 / mmPerPx));
        }
        Map<Integer, List<Outline>> parts = new TreeMap<>();
        LineSplitter.split(on.ink().value(), net, on.colour(), gapMm, 1 / mmPerPx, on.maxErrorPx())
                .forEach(
                        (swatch, outlines) ->
                                parts.put(
                                        swatch,
                                        outlines.stream()
                                                .map(one -> one.scaled(mmPerPx))
                                                .toList()));
        return parts;
    }
}
