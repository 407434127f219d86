package neattrace.app.station;

import neattrace.app.docket.Finding.Answer;
import neattrace.app.work.Workspace;
import neattrace.geom.Point;
import neattrace.job.Settled;
import neattrace.job.pipeline.Drawing;

/** Findings that are looked at and left as they are; they stay away. */
public final class LeftAlone {

    /** A finding is the same one again within this distance, mm. */
    private static final double SAME_PLACE_MM = 3;

    private final Workspace workspace;

    /** For findings of a workspace. */
    public LeftAlone(Workspace workspace) {
        this.workspace = workspace;
    }

    /** The answer that leaves a finding at a place, source px. */
    public Answer leave(String what, Point source) {
        return new Answer("Leave it", () -> settle(what, source));
    }

    /** Leaves a finding. */
    public void settle(String what, Point source) {
        workspace.change("Leave a finding", job -> job.withSettled(new Settled(what, source)));
    }

    /** Whether a finding at a place was left. */
    public static boolean isLeft(Drawing drawing, String what, Point source) {
        double reach = SAME_PLACE_MM * drawing.reading().scanPxPerMm();
        return drawing.job().isSettled(what, source, reach);
    }

    /** Whether a finding about the whole was left. */
    public static boolean isLeft(Drawing drawing, String what) {
        return isLeft(drawing, what, new Point(0, 0));
    }

    /** The answer that leaves a finding about the whole. */
    public Answer leave(String what) {
        return leave(what, new Point(0, 0));
    }
}
