package neattrace.app.station;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.job.Job;
import neattrace.job.setting.Option;
import neattrace.job.setting.Quantity;

/** Fields of settings in sentences, which show the values of whatever job is shown. */
public final class ShownFields {

    private final Bench bench;
    private final List<Consumer<Job>> shows = new ArrayList<>();

    /** Fields that change the job on a bench. */
    public ShownFields(Bench bench) {
        this.bench = bench;
    }

    /** A field of a number. */
    public NumberField of(Quantity setting) {
        NumberField field = bench.field(setting);
        shows.add(job -> field.show(setting.of(job)));
        return field;
    }

    /** A field of a choice. */
    public <T> ChoiceField<T> of(Option<T> setting) {
        ChoiceField<T> field = bench.field(setting);
        shows.add(job -> field.show(setting.of(job)));
        return field;
    }

    /** A sentence of words, fields and settings, whose fields it makes. */
    public Sentence sentence(Object... parts) {
        Object[] shown = new Object[parts.length];
        for (int i = 0; i < parts.length; i++) {
            shown[i] =
                    parts[i] instanceof Quantity number
                            ? of(number)
                            : parts[i] instanceof Option<?> choice ? of(choice) : parts[i];
        }
        return new Sentence(shown);
    }

    /** Something else that shows a job. */
    public void also(Consumer<Job> show) {
        shows.add(show);
    }

    /** Shows the values of a job. */
    public void show(Job job) {
        shows.forEach(one -> one.accept(job));
    }

    /** Forgets all fields. */
    public void clear() {
        shows.clear();
    }
}
