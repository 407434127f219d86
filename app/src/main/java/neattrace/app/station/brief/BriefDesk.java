package neattrace.app.station.brief;

import java.util.Optional;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import neattrace.app.station.Bench;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.goods.Goods;
import neattrace.job.Job;
import neattrace.job.WantedGoods;

/** What the parts of the Brief share: which of the goods are looked at. */
final class BriefDesk {

    private final Bench bench;
    private final ReadOnlyIntegerWrapper chosen = new ReadOnlyIntegerWrapper();

    BriefDesk(Bench bench) {
        this.bench = bench;
    }

    Bench bench() {
        return bench;
    }

    Workspace workspace() {
        return bench.workspace();
    }

    Shown shown() {
        return bench.shown();
    }

    Job job() {
        return bench.workspace().job();
    }

    /** The id of the goods that are looked at; 0 for none. */
    ReadOnlyIntegerProperty chosenProperty() {
        return chosen.getReadOnlyProperty();
    }

    /** The goods that are looked at: those that were chosen, else the main ones. */
    Optional<WantedGoods> chosen() {
        Job job = job();
        if (job == null) {
            return Optional.empty();
        }
        return job.goods().of(chosen.get()).or(() -> job.goods().main());
    }

    void choose(int id) {
        chosen.set(id);
    }

    /** Adds goods and looks at them. */
    void add(Goods goods) {
        Job job = job();
        if (job == null) {
            return;
        }
        try {
            int id = job.goods().lastId() + 1;
            bench.change("For " + goods.words(), now -> now.withGoods(now.goods().with(goods)));
            choose(id);
        } catch (IllegalArgumentException e) {
            bench.say("Not added: " + e.getMessage() + ".");
        }
    }

    /** Goes to the goods before or after those that are looked at. */
    void step(int by) {
        Job job = job();
        if (job == null || job.goods().wanted().isEmpty()) {
            return;
        }
        int count = job.goods().wanted().size();
        int at = chosen().map(job.goods().wanted()::indexOf).orElse(0);
        choose(job.goods().wanted().get(Math.floorMod(at + by, count)).id());
    }
}
