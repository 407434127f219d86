package neattrace.finding;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * All that was found.
 *
 * @param groups the most serious first, then by the cost of being wrong, then in the order in which
 *     one works
 */
public record Findings(List<Group> groups) {

    /** Nothing. */
    public static final Findings NONE = new Findings(List.of());

    public Findings {
        groups = groups.stream().sorted(Group.ORDER).toList();
    }

    /** What is settled at one station. */
    public List<Group> at(String station) {
        return groups.stream().filter(group -> group.kind().station().equals(station)).toList();
    }

    /** How many kinds of things of a severity there are at a station. */
    public int kinds(String station, Severity severity) {
        return (int)
                at(station).stream().filter(group -> group.kind().severity() == severity).count();
    }

    /** Whether something stops the job. */
    public boolean stop() {
        return groups.stream().anyMatch(group -> group.kind().severity() == Severity.STOP);
    }

    /** The stations that have something to tell. */
    public Set<String> stations() {
        Set<String> stations = new LinkedHashSet<>();
        groups.forEach(group -> stations.add(group.kind().station()));
        return stations;
    }
}
