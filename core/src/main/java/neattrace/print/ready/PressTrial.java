package neattrace.print.ready;

import java.util.List;
import neattrace.geom.Point;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.press.rehearsal.RehearsalRun;

/**
 * One of the goods of a job on the stand-in press.
 *
 * @param goods its id in the job
 * @param registerMm how far plates lie off at most
 * @param factor how many times as large as on its page the drawing comes out
 * @param origin where the page's corner lies, mm on the sheet
 * @param run what came of it
 * @param mends what was tried for what fails
 */
public record PressTrial(
        int goods,
        double registerMm,
        double factor,
        Point origin,
        RehearsalRun run,
        List<Mended> mends) {

    /**
     * The same sheets after a mend: the same seed, so that plates lie alike.
     *
     * @param mend what was done
     * @param run what came of it
     */
    public record Mended(PressMend mend, RehearsalRun run) {

        /** On how many of a hundred sheets a place still fails. */
        public double sheets(FaultPlace place) {
            return run.map().at(place.fault(), place.xMm(), place.yMm(), place.reachMm());
        }
    }

    public PressTrial {
        mends = List.copyOf(mends);
    }

    PressTrial with(List<Mended> more) {
        return new PressTrial(goods, registerMm, factor, origin, run, more);
    }

    /** Where a place lies on the drawing's page, mm. */
    public Point onPage(FaultPlace place) {
        return new Point(place.xMm(), place.yMm()).minus(origin).times(1 / factor);
    }

    /** Places that fail whatever was tried. */
    List<FaultPlace> unmended() {
        return run.places().stream()
                .filter(place -> mends.stream().noneMatch(one -> one.sheets(place) == 0))
                .toList();
    }
}
