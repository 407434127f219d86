package neattrace.job;

import java.util.ArrayList;
import java.util.List;
import neattrace.flat.Fill;
import neattrace.geom.Point;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.sheet.SheetFrame;

/**
 * Takes decisions along when the sheet is cropped, turned or scaled: a fill is held by a place in
 * mm on the page, and that place moves with the drawing.
 */
public final class Reframing {

    private final SheetFrame from;
    private final SheetFrame to;
    private final double fromPxPerMm;
    private final double toMmPerPx;

    private Reframing(Job before, Job after, Picture picture) {
        from = frame(before, picture);
        to = frame(after, picture);
        fromPxPerMm = pxPerMm(before, picture);
        toMmPerPx = 1 / pxPerMm(after, picture);
    }

    /**
     * The changed job with its decisions where the drawing now is; the same job if neither frame
     * nor resolution changed.
     *
     * @param picture the source both jobs share
     * @throws IllegalArgumentException if the new frame fits no sheet
     */
    public static Job carry(Job before, Job after, Picture picture) {
        boolean same =
                before.source() != after.source()
                        || before.ppi() == after.ppi()
                                && before.recipe()
                                        .effective()
                                        .frame()
                                        .equals(after.recipe().effective().frame());
        return same ? after : new Reframing(before, after, picture).carry(after);
    }

    private static SheetFrame frame(Job job, Picture picture) {
        return SheetFrame.of(job.recipe().effective().frame(), picture.width(), picture.height());
    }

    private static double pxPerMm(Job job, Picture picture) {
        Resolution scan = job.ppi() == 0 ? picture.resolution() : new Resolution(job.ppi(), true);
        return scan.pxPerMm() * job.recipe().effective().frame().enlarge();
    }

    private Job carry(Job job) {
        List<Fill> fills = new ArrayList<>();
        for (Fill fill : job.fills()) {
            fills.add(new Fill(moved(fill.anchor()), fill.swatch()));
        }
        double growth = growth();
        return job.withFills(fills)
                .withBrief(job.brief().moved(this::moved))
                .withGroups(job.groups().stream().map(group -> group.moved(this::moved)).toList())
                .withFlat(job.flat().moved(this::moved, growth))
                .withLine(job.line().moved(this::moved, growth))
                .withClose(job.close().moved(this::moved, growth));
    }

    /** How much lengths on the page grow, looked at in the middle of the old sheet. */
    private double growth() {
        Point middle = new Point(from.width() / 2.0, from.height() / 2.0);
        double toSource = from.toSource().scaleAt(middle);
        double toSheet = to.toSheet().scaleAt(from.toSource().apply(middle));
        return toSource * toSheet * fromPxPerMm * toMmPerPx;
    }

    private Point moved(Point mm) {
        Point source = from.toSource().apply(mm.times(fromPxPerMm));
        return to.toSheet().apply(source).times(toMmPerPx);
    }
}
