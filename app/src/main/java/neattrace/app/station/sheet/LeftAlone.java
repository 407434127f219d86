package neattrace.app.station.sheet;

import neattrace.app.docket.Finding.Answer;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.Settled;
import neattrace.job.pipeline.Drawing;

/** Findings that are looked at and left as they are; they stay away. */
final class LeftAlone {

    /** A finding is the same one again within this distance, mm. */
    private static final double SAME_PLACE_MM = 3;

    private final Workspace workspace;

    LeftAlone(Workspace workspace) {
        this.workspace = workspace;
    }

    Answer leave(String what, Point source) {
        return new Answer("Leave it", () -> settle(what, source));
    }

    void settle(String what, Point source) {
        workspace.change("Leave a finding", job -> job.withSettled(new Settled(what, source)));
    }

    static boolean isLeft(Drawing drawing, String what, Point source) {
        double reach = SAME_PLACE_MM * drawing.reading().scanPxPerMm();
        return drawing.job().isSettled(what, source, reach);
    }

    static boolean isLeft(Drawing drawing, String what) {
        return isLeft(drawing, what, new Point(0, 0));
    }

    Answer leave(String what) {
        return leave(what, new Point(0, 0));
    }
}
