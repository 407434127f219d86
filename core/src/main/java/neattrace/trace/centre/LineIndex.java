package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.trace.InkLine;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.hprtree.HPRtree;

/**
 * Finds lines by place. Building one takes time linear in samples, asking it the log of the runs.
 */
public final class LineIndex {

    /** Samples are kept in runs of this many. */
    private static final int RUN = 24;

    /** Among lines that cover a place the one whose middle is nearest counts. */
    private static final double BY_MIDDLE = 1e-3;

    private final List<InkLine> lines;
    private final HPRtree runs = new HPRtree();

    /** A stretch of a line: samples {@code from} to {@code to}, both included. */
    public record Run(int line, int from, int to) {}

    /**
     * A place on a line.
     *
     * @param line which one
     * @param sample which of its samples
     * @param away how far its edge lies from the place asked for, px; about 0 within its ink
     */
    public record Spot(int line, int sample, double away) {}

    /** An index of lines, which are told by their numbers in the list. */
    public LineIndex(List<InkLine> lines) {
        this.lines = List.copyOf(lines);
        for (int i = 0; i < lines.size(); i++) {
            InkLine line = lines.get(i);
            for (int from = 0; from < line.size() - 1; from += RUN) {
                int to = Math.min(line.size() - 1, from + RUN);
                runs.insert(box(line, from, to), new Run(i, from, to));
            }
        }
    }

    private static Envelope box(InkLine line, int from, int to) {
        Envelope box = new Envelope();
        double wide = 0;
        for (int k = from; k <= to; k++) {
            box.expandToInclude(line.x()[k], line.y()[k]);
            wide = Math.max(wide, line.width()[k]);
        }
        box.expandBy(wide / 2);
        return box;
    }

    /** The runs whose ink may reach into a box, px. */
    public List<Run> near(Envelope box) {
        List<Run> found = new ArrayList<>();
        // A tree that was never filled cannot be asked.
        if (runs.size() > 0) {
            runs.query(box, item -> found.add((Run) item));
        }
        return found;
    }

    /** The track of a run. */
    public PenTrack track(Run run) {
        return PenTrack.of(lines.get(run.line), run.from, run.to);
    }

    /** The place on a line nearest to a place, if ink of a line lies within reach, px. */
    public Optional<Spot> nearest(Point place, double reachPx) {
        Envelope box = new Envelope(place.x(), place.x(), place.y(), place.y());
        box.expandBy(reachPx);
        Spot best = null;
        for (Run run : near(box)) {
            InkLine line = lines.get(run.line);
            for (int k = run.from; k <= run.to; k++) {
                double middle = Math.hypot(line.x()[k] - place.x(), line.y()[k] - place.y());
                double edge = Math.max(0, middle - line.width()[k] / 2);
                double away = edge + BY_MIDDLE * middle;
                if (edge <= reachPx && (best == null || away < best.away)) {
                    best = new Spot(run.line, k, away);
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
