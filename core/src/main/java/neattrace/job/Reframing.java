package neattrace.job;

import neattrace.geom.Point;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.sheet.SheetFrame;

/**
 * Takes decisions along when the sheet is cropped, turned or scaled: all that holds to places on
 * the page, see {@link neattrace.geom.OnPage}, moves with the drawing. What is kept in pixels of
 * the source stays: that does not move.
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
        double growth = growth();
        return job.withBrief(job.brief().moved(this::moved, growth))
                .withLine(job.line().moved(this::moved, growth))
                .withClose(job.close().moved(this::moved, growth))
                .withColour(job.colour().moved(this::moved, growth))
                .withPress(job.press().moved(this::moved, growth))
                .withGoods(job.goods().moved(this::moved, growth));
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
