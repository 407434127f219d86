package neattrace.app.findings;

import java.util.ArrayList;
import java.util.List;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;

/** A row of the room's list. */
sealed interface Row {

    /** So many places lie side by side. */
    int TILES = 3;

    /** A kind of findings; a click opens and closes it. */
    record Head(Group group, int count, boolean open) implements Row {}

    /** Places side by side. */
    record Tiles(List<Finding> findings) implements Row {}

    /** One that has no place. */
    record Line(Finding finding) implements Row {}

    /** What can be done about a whole kind. */
    record ForAll(Group group, List<Answer> answers) implements Row {}

    /** There are more than are told singly. */
    record More(int count) implements Row {}

    /**
     * The rows of a kind.
     *
     * @param left those of its findings that were not answered yet
     */
    static List<Row> of(Group group, List<Finding> left, boolean open) {
        List<Row> rows = new ArrayList<>();
        rows.add(new Head(group, left.size() + group.more(), open));
        if (!open) {
            return rows;
        }
        List<Finding> tiles = new ArrayList<>();
        for (Finding finding : left) {
            if (finding.place().isEmpty()) {
                // One alone is told by its kind's head.
                if (left.size() > 1) {
                    rows.add(new Line(finding));
                }
                continue;
            }
            tiles.add(finding);
            if (tiles.size() == TILES) {
                rows.add(new Tiles(List.copyOf(tiles)));
                tiles.clear();
            }
        }
        if (!tiles.isEmpty()) {
            rows.add(new Tiles(List.copyOf(tiles)));
        }
        if (group.more() > 0) {
            rows.add(new More(group.more()));
        }
        // What was made for all of a kind is for all of them only.
        if (!group.answers().isEmpty() && left.size() == group.findings().size()) {
            rows.add(new ForAll(group, group.answers()));
        }
        return rows;
    }

    /** Whether a finding is in it. */
    default boolean holds(Finding finding) {
        return this instanceof Line line && line.finding() == finding
                || this instanceof Tiles tiles
                        && tiles.findings().stream().anyMatch(one -> one == finding);
    }
}
