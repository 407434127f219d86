package neattrace.job;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/**
 * What happened to the job.
 *
 * @param settled findings that were looked at and left as they are
 * @param written files that were written of it, oldest first
 */
public record LogSection(List<Settled> settled, List<WrittenFile> written) {

    /** Nothing yet. */
    public static final LogSection EMPTY = new LogSection(List.of(), List.of());

    public LogSection {
        settled = List.copyOf(settled);
        written = List.copyOf(written);
    }

    LogSection with(Settled finding) {
        List<Settled> next = new ArrayList<>(settled);
        next.add(finding);
        return new LogSection(next, written);
    }

    /** The same with one more file written; one of the same name and kind is replaced. */
    public LogSection with(WrittenFile file) {
        List<WrittenFile> next = new ArrayList<>(written);
        next.removeIf(one -> one.use() == file.use() && one.name().equals(file.name()));
        next.add(file);
        return new LogSection(settled, next);
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
