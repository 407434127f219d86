package neattrace.app.findings;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.app.work.Looked;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Place;

/**
 * What is left to decide at a station: the kinds with what was not answered yet, which of them is
 * open, and which finding is looked at.
 */
final class Worklist {

    /** What tells a finding from others. */
    private record Told(Kind kind, Optional<Place> place, String title) {

        static Told of(Finding finding) {
            return new Told(finding.kind(), finding.place(), finding.title());
        }
    }

    private final Map<String, String> openKinds = new HashMap<>();

    /** What was answered since what is shown was found. */
    private final Set<Told> answered = new HashSet<>();

    private Looked looked;
    private String station = "";
    private Finding chosen;

    /**
     * Takes over what was found.
     *
     * @param found null if nothing is known
     * @param newest whether nothing was changed since it was found
     * @param where the station's key
     */
    void show(Looked found, boolean newest, String where) {
        if (found != looked) {
            if (newest) {
                answered.clear();
            }
            chosen = again(found, chosen);
        }
        if (!where.equals(station)) {
            chosen = null;
        }
        looked = found;
        station = where;
    }

    /** The finding that takes the place of one that was chosen before; null if none does. */
    private static Finding again(Looked found, Finding before) {
        if (found == null || before == null) {
            return null;
        }
        return found.findings().at(before.kind().station()).stream()
                .filter(group -> group.kind().equals(before.kind()))
                .flatMap(group -> group.findings().stream())
                .filter(one -> Told.of(one).equals(Told.of(before)))
                .findFirst()
                .orElse(null);
    }

    Looked looked() {
        return looked;
    }

    /** Whether all is known that there is to know. */
    boolean isWhole() {
        return looked != null && looked.whole();
    }

    /** The kinds of which something is left. */
    List<Group> groups() {
        if (looked == null) {
            return List.of();
        }
        return looked.findings().at(station).stream()
                .filter(group -> !left(group).isEmpty())
                .toList();
    }

    /** What is left of a kind. */
    List<Finding> left(Group group) {
        return group.findings().stream().filter(one -> !answered.contains(Told.of(one))).toList();
    }

    /** All that is left, in its order. */
    List<Finding> findings() {
        return groups().stream().flatMap(group -> left(group).stream()).toList();
    }

    /** The kind that is open: the one chosen to be, else the most serious one. */
    Optional<Group> open() {
        List<Group> groups = groups();
        String wanted = openKinds.get(station);
        if (wanted != null && wanted.isEmpty()) {
            return Optional.empty();
        }
        return groups.stream()
                .filter(group -> group.kind().key().equals(wanted))
                .findFirst()
                .or(() -> groups.stream().findFirst());
    }

    boolean isOpen(Group group) {
        return open().filter(one -> one.kind().equals(group.kind())).isPresent();
    }

    /** Opens a kind, or closes the open one. */
    void turn(Group group) {
        openKinds.put(station, isOpen(group) ? "" : group.kind().key());
    }

    /** The finding that is looked at; null for none. */
    Finding chosen() {
        return chosen;
    }

    /** Looks at a finding, or with null at none. */
    void choose(Finding finding) {
        chosen = finding;
        if (finding != null) {
            openKinds.put(station, finding.kind().key());
        }
    }

    /** The finding to go on to, or with -1 to go back to; null if there is none. */
    Finding next(int by) {
        List<Finding> all = findings();
        if (all.isEmpty()) {
            return null;
        }
        int at = indexOf(all, chosen);
        int from = at < 0 && by > 0 ? -1 : Math.max(at, 0);
        return all.get(Math.floorMod(from + by, all.size()));
    }

    /** The first finding of the next kind; null if there is none. */
    Finding nextKind(int by) {
        List<Group> groups = groups();
        if (groups.isEmpty()) {
            return null;
        }
        int at = open().map(groups::indexOf).orElse(-1);
        int next = chosen == null && at >= 0 ? at : Math.floorMod(at + by, groups.size());
        return left(groups.get(next)).get(0);
    }

    /** What is chosen, else the first of the open kind. */
    Finding about() {
        return chosen != null ? chosen : open().map(group -> left(group).get(0)).orElse(null);
    }

    /** The open kind, if nothing of it was answered: only then is it answered as a whole. */
    Optional<Group> whole() {
        return open().filter(group -> left(group).size() == group.findings().size());
    }

    /** A finding is answered; what comes next of its kind is looked at, or nothing. */
    void answered(Finding finding) {
        List<Finding> before = findings();
        int at = indexOf(before, finding);
        answered.add(Told.of(finding));
        List<Finding> rest = findings();
        boolean sameKind =
                at >= 0 && at < rest.size() && rest.get(at).kind().equals(finding.kind());
        chosen = sameKind ? rest.get(at) : null;
    }

    /** A whole kind is answered. */
    void answered(Group group) {
        group.findings().forEach(one -> answered.add(Told.of(one)));
        chosen = null;
    }

    /** The rows of the list. */
    List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        groups().forEach(group -> rows.addAll(Row.of(group, left(group), isOpen(group))));
        return rows;
    }

    private static int indexOf(List<Finding> all, Finding one) {
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i) == one) {
                return i;
            }
        }
        return -1;
    }
}
