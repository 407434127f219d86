package neattrace.app.station.press;

import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.function.BooleanSupplier;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import neattrace.app.station.Bench;
import neattrace.app.work.Shown;
import neattrace.goods.Needs;
import neattrace.job.Job;
import neattrace.job.LogSection;
import neattrace.job.PressSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.print.ready.PlateStudy;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;

/** What the steps of the station share: the goods that are printed, and their plates. */
final class PressDesk {

    private final Bench bench;
    private final ReadOnlyObjectWrapper<PlateStudy> study = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<PlateStudy> seen = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper tried = new ReadOnlyStringWrapper("");
    private int chosen;
    private boolean here;

    /** Counts what was tried; only the newest is seen. */
    private volatile int tries;

    /** What is being made, or was last; work on anything else stops. */
    private volatile Asked asked;

    /** A drawing on goods; the job's press is part of the job. */
    private record Asked(Job job, Optional<WantedGoods> wanted) {}

    PressDesk(Bench bench) {
        this.bench = bench;
    }

    Bench bench() {
        return bench;
    }

    /** The plates; null as long as there are none. */
    ReadOnlyObjectProperty<PlateStudy> studyProperty() {
        return study.getReadOnlyProperty();
    }

    /** The plates that are looked at: those of the job, or of what is being tried. */
    ReadOnlyObjectProperty<PlateStudy> seenProperty() {
        return seen.getReadOnlyProperty();
    }

    /** What is being tried, in a person's words; empty for nothing. */
    ReadOnlyStringProperty triedProperty() {
        return tried.getReadOnlyProperty();
    }

    /**
     * Looks at plates as they would be, without changing the job; the same again looks back.
     *
     * @param what it is, in a few words
     */
    void look(String what, UnaryOperator<PressSection> change) {
        Shown shown = bench.shown();
        if (shown == null || tried.get().equals(what)) {
            lookBack();
            return;
        }
        tried.set(what);
        int own = ++tries;
        Job job = shown.drawing().job();
        Drawing drawing = shown.drawing().withJob(job.withPress(change.apply(job.press())));
        Asked on = new Asked(drawing.job(), wanted(job));
        CompletableFuture.supplyAsync(() -> made(drawing, on, () -> tries != own))
                .whenComplete(
                        (done, trouble) ->
                                Platform.runLater(
                                        () -> {
                                            if (tries == own && done != null) {
                                                seen.set(done);
                                            }
                                        }));
    }

    /** Looks at the job's own plates again. */
    void lookBack() {
        tries++;
        tried.set("");
        seen.set(study.get());
    }

    /** Changes what was decided about printing; one step of undo. */
    void change(String what, UnaryOperator<PressSection> change) {
        bench.change(what, job -> job.withPress(change.apply(job.press())));
    }

    /** Goods of the brief that are printed in colour. */
    static List<WantedGoods> printed(Job job) {
        return job.goods().wanted().stream()
                .filter(one -> one.goods().needs().coloured() != Needs.Coloured.NO)
                .toList();
    }

    /** The goods whose plates are looked at; empty for the page as it is. */
    Optional<WantedGoods> wanted(Job job) {
        List<WantedGoods> all = printed(job);
        return all.stream().filter(one -> one.id() == chosen).findFirst().or(() -> first(all));
    }

    private static Optional<WantedGoods> first(List<WantedGoods> all) {
        return all.stream().findFirst();
    }

    /** Looks at the next of the goods. */
    void next() {
        Shown shown = bench.shown();
        if (shown == null) {
            return;
        }
        List<WantedGoods> all = printed(shown.drawing().job());
        wanted(shown.drawing().job())
                .ifPresent(one -> chosen = all.get((all.indexOf(one) + 1) % all.size()).id());
        show(shown);
    }

    /** Whether one is at the station. */
    void setHere(boolean is) {
        here = is;
        if (bench.shown() != null) {
            show(bench.shown());
        }
    }

    /** Makes the plates of a drawing beside the window's thread; only the newest count. */
    void show(Shown shown) {
        if (!here) {
            return;
        }
        Job job = shown.drawing().job();
        Asked next = new Asked(job.withLog(LogSection.EMPTY), wanted(job));
        if (next.equals(asked)) {
            return;
        }
        asked = next;
        CompletableFuture.supplyAsync(() -> made(shown.drawing(), next, () -> asked != next))
                .whenComplete(
                        (done, trouble) -> Platform.runLater(() -> took(next, done, trouble)));
    }

    private PlateStudy made(Drawing drawing, Asked what, BooleanSupplier isPast) {
        Progress progress =
                (step, share) -> {
                    if (isPast.getAsBoolean()) {
                        throw new CancellationException();
                    }
                };
        try {
            return PlateStudy.of(bench.workspace().pipeline(), drawing, what.wanted, progress);
        } catch (PictureException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void took(Asked what, PlateStudy done, Throwable trouble) {
        if (asked != what) {
            return;
        }
        if (trouble == null) {
            study.set(done);
            lookBack();
        } else {
            bench.say("The plates could not be made. What was there is kept.");
        }
    }
}
