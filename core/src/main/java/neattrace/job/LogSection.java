package neattrace.job;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/**
 * What happened to the job.
 *
 * @param settled findings that were looked at and left as they are
 */
public record LogSection(List<Settled> settled) {

    /** Nothing yet. */
    public static final LogSection EMPTY = new LogSection(List.of());

    public LogSection {
        settled = List.copyOf(settled);
    }

    LogSection with(Settled finding) {
        List<Settled> next = new ArrayList<>(settled);
        next.add(finding);
        return new LogSection(next);
    }

    /** Whether any finding of a station was left as it is. */
    public boolean hasSettled(String station) {
        return settled.stream().anyMatch(one -> one.station().equals(station));
    }

    /**
     * Whether a finding was left as it is.
     *
     * @param reachPx how far it may lie from where it was, source px
     */
    public boolean isSettled(String what, Point at, double reachPx) {
        return settled.stream()
                .anyMatch(one -> one.what().equals(what) && one.at().distance(at) <= reachPx);
    }
}
