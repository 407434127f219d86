package neattrace.app.station.make;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.export.GoodsFormat;
import neattrace.geom.Point;
import neattrace.goods.cut.BladeDrift;
import neattrace.goods.sticker.StickerPlan;
import neattrace.print.PrintLayer;
import neattrace.print.PrintPlan;
import neattrace.standin.cutter.CutFileReader;
import neattrace.standin.cutter.CutPath;
import neattrace.standin.cutter.CutterSettings;
import neattrace.standin.cutter.DriftCheck;
import neattrace.standin.cutter.StandInCutter;

/**
 * A sticker cut on the stand-in, from the cut file as it would be written.
 *
 * @param of what was cut
 * @param run what came of it
 * @param margins how much drift each cut bears
 * @param drift by which the sheet lies off, mm
 */
record Rehearsal(
        MadeSticker of, StandInCutter.Run run, List<DriftCheck.Margin> margins, Point drift) {

    /** Writes the cut file, reads it again, and cuts. */
    static Rehearsal of(MadeSticker made, CutterSettings settings, Point drift) throws IOException {
        PrintPlan plan = made.plan();
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        GoodsFormat.HPGL.write(plan, made.wanted().goods().sizing().ppi(), file);
        List<CutPath> cuts = CutFileReader.read(file.toByteArray(), plan.heightMm());
        boolean throughArt = made.sticker().recipe().cut().borderMm() == 0;
        List<DriftCheck.Margin> margins =
                DriftCheck.of(
                        cuts,
                        made.printed(),
                        throughArt
                                ? made.sticker().silhouette().getFactory().createPolygon()
                                : made.sticker().silhouette());
        StandInCutter.Run run = StandInCutter.run(cuts, plan.heightMm(), settings);
        return new Rehearsal(made, run, margins, drift);
    }

    /** Where the blade runs on the sheet as it lies, cut by cut. */
    List<List<Point>> lines(boolean through) {
        List<List<Point>> lines = new ArrayList<>();
        for (CutPath tip : run.tips()) {
            if (tip.through() == through) {
                lines.add(tip.points().stream().map(at -> at.plus(drift)).toList());
            }
        }
        return lines;
    }

    /** Whether cuts through the face have a layer of their own that is not empty. */
    boolean hasKiss() {
        return of.plan().layers().stream()
                .filter(PrintLayer::isTechnical)
                .anyMatch(
                        layer ->
                                layer.name().equals(StickerPlan.KISS)
                                        && !layer.objects().isEmpty());
    }

    /** What was found, in plain sentences. */
    List<String> told() {
        List<String> told = new ArrayList<>();
        told.add(run.took());
        double background = margins.stream().mapToDouble(one -> one.backgroundMm()).min().orElse(0);
        double art = margins.stream().mapToDouble(one -> one.artMm()).min().orElse(0);
        if (!margins.isEmpty()) {
            told.add(shows("Bare vinyl shows", background));
            if (Double.isFinite(art)) {
                told.add(shows("The drawing is cut into", art));
            }
        }
        told.addAll(run.faults());
        return told;
    }

    private static String shows(String what, double mm) {
        String seen =
                mm < BladeDrift.USUAL_MM
                        ? ": less than blades drift in practice (0.3 to 0.5 mm)."
                        : mm < BladeDrift.MOST_MM ? ": some blades drift as far (0.5 mm)." : ".";
        return String.format(Locale.ROOT, "%s from %.2f mm of drift on%s", what, mm, seen);
    }
}
