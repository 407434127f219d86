package neattrace.job;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.job.log.Proof;
import neattrace.job.log.WorkLog;

/**
 * What happened to the job.
 *
 * @param settled findings that were looked at and left as they are
 * @param written files that were written of it, oldest first
 * @param work the work on it
 * @param proofs what came back from the printer, oldest first
 */
public record LogSection(
        List<Settled> settled, List<WrittenFile> written, WorkLog work, List<Proof> proofs) {

    /** Nothing yet. */
    public static final LogSection EMPTY =
            new LogSection(List.of(), List.of(), WorkLog.EMPTY, List.of());

    private static final int MOST_PROOFS = 100;

    public LogSection {
        settled = List.copyOf(settled);
        written = List.copyOf(written);
        proofs = List.copyOf(proofs);
        if (proofs.size() > MOST_PROOFS) {
            throw new IllegalArgumentException("there are at most 100 proofs");
        }
    }

    /** What was left as it is, without all else: this is what findings read. */
    public LogSection settledAlone() {
        return new LogSection(settled, List.of(), WorkLog.EMPTY, List.of());
    }

    LogSection with(Settled finding) {
        List<Settled> next = new ArrayList<>(settled);
        next.add(finding);
        return new LogSection(next, written, work, proofs);
    }

    /** The same with one more file written; one of the same name, kind and goods is replaced. */
    public LogSection with(WrittenFile file) {
        List<WrittenFile> next = new ArrayList<>(written);
        next.removeIf(
                one ->
                        one.use() == file.use()
                                && one.goods() == file.goods()
                                && one.name().equals(file.name()));
        next.add(file);
        return new LogSection(settled, next, work, proofs);
    }

    public LogSection withWork(WorkLog value) {
        return new LogSection(settled, written, value, proofs);
    }

    /** The same with the work changed. */
    public LogSection withWork(UnaryOperator<WorkLog> change) {
        return withWork(change.apply(work));
    }

    public LogSection withProofs(List<Proof> value) {
        return new LogSection(settled, written, work, value);
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
