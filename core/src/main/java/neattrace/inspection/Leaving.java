package neattrace.inspection;

import neattrace.finding.Answer;
import neattrace.geom.Point;
import neattrace.job.LogSection;
import neattrace.job.Settled;
import neattrace.sheet.ink.InkReading;

/** Findings that are looked at and left as they are; they stay away. */
final class Leaving {

    /** What answers that leave a finding are called. */
    static final String LEAVE = "leave";

    /** A finding is the same one again within this distance, mm. */
    private static final double SAME_PLACE_MM = 3;

    private final String station;
    private final InkReading reading;
    private final double pxPerMm;
    private final LogSection log;

    /**
     * What was left on a sheet.
     *
     * @param station whose findings these are
     * @param pxPerMm of the sheet
     * @param log knows what was left
     */
    Leaving(String station, InkReading reading, double pxPerMm, LogSection log) {
        this.station = station;
        this.reading = reading;
        this.pxPerMm = pxPerMm;
        this.log = log;
    }

    /** A place of the page, mm, on the untouched scan, where what was left is kept. */
    private Point source(Point mm) {
        return reading.frame().toSource().apply(mm.times(pxPerMm));
    }

    /** Whether a finding at a place, mm, was left. */
    boolean isLeft(String what, Point mm) {
        return log.isSettled(what, source(mm), SAME_PLACE_MM * reading.scanPxPerMm());
    }

    /** Whether a finding about the whole was left. */
    boolean isLeft(String what) {
        return log.isSettled(what, Settled.WHOLE, 0);
    }

    /** The answer that leaves a finding at a place, mm. */
    Answer.Change leave(String what, Point mm) {
        return leave(LEAVE, "Leave it", new Settled(station, what, source(mm)));
    }

    /** The same in other words. */
    Answer.Change leave(String label, String what, Point mm) {
        return leave(LEAVE, label, new Settled(station, what, source(mm)));
    }

    /** The answer that leaves a finding about the whole. */
    Answer.Change leave(String what) {
        return leave(LEAVE, "Leave it", Settled.whole(station, what));
    }

    /** The same in other words. */
    Answer.Change leaveAll(String label, String what) {
        return leave(LEAVE, label, Settled.whole(station, what));
    }

    private static Answer.Change leave(String key, String label, Settled settled) {
        return new Answer.Change(
                key, label, "Leave a finding", (job, drawing) -> job.withSettled(settled));
    }
}
