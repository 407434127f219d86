package neattrace.inspection;

import java.io.IOException;
import java.util.List;
import java.util.function.Function;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.stage.Run;
import neattrace.stage.Stage;

/**
 * What is looked for at one station.
 *
 * @param <I> what it reads, a value as every stage's
 */
public final class Inspection<I> {

    private final String station;
    private final List<Kind> kinds;
    private final Function<Known, I> reads;
    private final Stage<I, List<Group>> stage;

    /**
     * An inspection.
     *
     * @param station the station's key
     * @param kinds all that it may find
     * @param reads what it reads of all that is known
     * @param find finds it; groups in the order in which one works
     */
    public Inspection(
            String station,
            List<Kind> kinds,
            Function<Known, I> reads,
            Function<I, List<Group>> find) {
        this(station, kinds, reads, (input, run) -> find.apply(input));
    }

    /** One that takes steps which are remembered by themselves. */
    Inspection(String station, List<Kind> kinds, Function<Known, I> reads, Finder<I> find) {
        this.station = station;
        this.kinds = List.copyOf(kinds);
        this.reads = reads;
        this.stage = new Stage<>("Looking through the job", find::find);
    }

    /**
     * Finds.
     *
     * @param <I> what it reads
     */
    interface Finder<I> {

        List<Group> find(I input, Run<I, List<Group>> run) throws IOException;
    }

    /** The station's key. */
    public String station() {
        return station;
    }

    /** All that it may find. */
    public List<Kind> kinds() {
        return kinds;
    }

    I reads(Known known) {
        return reads.apply(known);
    }

    Stage<I, List<Group>> stage() {
        return stage;
    }
}
