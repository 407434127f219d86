package neattrace.app.station.make;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Step;
import neattrace.app.station.Bench;
import neattrace.app.station.SittingWatch;
import neattrace.app.work.Shown;
import neattrace.export.GoodsFormat;
import neattrace.finding.Finding;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.Pull;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureException;

/** A sticker: its border, bleed and the line it is cut along. */
final class StickerStep implements Step {

    private final Bench bench;
    private final GoodsWriting writing;
    private final ThingView view;
    private final VBox content = new VBox(8);
    private final StickerSentences sentences;
    private final ReadOnlyObjectWrapper<MadeSticker> made = new ReadOnlyObjectWrapper<>();
    private final SittingWatch watch = new SittingWatch();
    private boolean here;

    /** The goods that are looked at, if they are there; else the first sticker of the brief. */
    private int chosen;

    StickerStep(Bench bench) {
        this.bench = bench;
        this.writing = new GoodsWriting(bench);
        this.view = new ThingView(this::pulled);
        view.setVisible(false);
        sentences = new StickerSentences(bench, this::letGo, this::choose);
    }

    /** The finished thing, which lies over the table. */
    ThingView view() {
        return view;
    }

    /** The sticker as it stands; null if there is none. */
    ReadOnlyObjectProperty<MadeSticker> madeProperty() {
        return made.getReadOnlyProperty();
    }

    /** Points a finding out; null for none. */
    void point(Finding finding) {
        view.point(finding);
    }

    /** Shows a piece as it comes out; null for the sticker itself. */
    void rehearse(Rehearsal rehearsal) {
        view.rehearse(rehearsal);
    }

    /** Whether one is at the station with a step open that shows the sticker. */
    void setHere(boolean is) {
        here = is;
        if (!is) {
            view.leave();
        }
        view.setVisible(is && made.get() != null);
        if (is && bench.shown() != null) {
            show(bench.shown());
        }
    }

    private Optional<WantedGoods> wanted() {
        return bench.drawing() == null ? Optional.empty() : wanted(bench.drawing().job());
    }

    private Optional<WantedGoods> wanted(Job job) {
        return job.goods()
                .of(chosen)
                .filter(one -> one.goods().kind().isSticker())
                .or(() -> GoodsSticker.wanted(job));
    }

    /** Looks at a sticker of the brief. */
    void choose(int id) {
        view.leave();
        chosen = id;
        if (bench.shown() != null) {
            show(bench.shown());
        }
    }

    @Override
    public String title() {
        return "Sticker";
    }

    @Override
    public String state(Shown shown) {
        return wanted(shown.drawing().job()).map(one -> one.goods().size()).orElse("none yet");
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Optional<WantedGoods> wanted = wanted(shown.drawing().job());
        if (watch.isAnother(shown)) {
            view.forget();
            made.set(null);
        }
        if (wanted.isEmpty()) {
            made.set(null);
            view.setVisible(false);
            content.getChildren()
                    .setAll(
                            new Hint(
                                    "The brief has no sticker. Make it one, and its border and cut"
                                            + " line are drawn at once."),
                            Buttons.small("Make it a sticker", "make-a-sticker", this::wish));
            return;
        }
        sentences.show(shown.drawing().job(), wanted.get());
        if (!content.getChildren().contains(sentences)) {
            content.getChildren().setAll(sentences);
        }
        if (here) {
            make(shown, wanted.get());
        }
    }

    private void wish() {
        bench.change(
                "Sticker",
                job -> job.withGoods(job.goods().with(UsualGoods.of(GoodsKind.STICKER))));
    }

    /** Makes it beside the window's thread; only the newest counts. */
    private void make(Shown shown, WantedGoods wanted) {
        if (made.get() != null && made.get().isOf(shown, wanted)) {
            view.setVisible(here);
            return;
        }
        MadeSticker before = made.get();
        CompletableFuture.supplyAsync(() -> made(shown, wanted, before))
                .whenComplete(
                        (done, trouble) ->
                                Platform.runLater(
                                        () -> {
                                            if (done == null) {
                                                bench.say("The sticker could not be made.");
                                            } else {
                                                took(done);
                                            }
                                        }));
    }

    MadeSticker made(Shown shown, WantedGoods wanted, MadeSticker before) {
        try {
            return MadeSticker.of(bench.workspace().pipeline(), shown, wanted, before);
        } catch (PictureException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void took(MadeSticker done) {
        Shown now = bench.shown();
        Optional<WantedGoods> wanted = wanted();
        if (now == null || wanted.isEmpty() || !done.isOf(now, wanted.get())) {
            return;
        }
        view.show(done);
        made.set(done);
        view.setVisible(here);
        sentences.tell(done);
    }

    private void pulled(Pull pull) {
        wanted().ifPresent(
                        one -> {
                            List<Pull> pulls = new ArrayList<>(one.sticker().pulls());
                            pulls.add(pull);
                            set("Cut line pulled", one.id(), pulls);
                        });
    }

    private void letGo() {
        wanted().ifPresent(one -> set("Pulls undone", one.id(), List.of()));
    }

    private void set(String what, int id, List<Pull> pulls) {
        bench.change(
                what,
                job -> job.changed(id, one -> one.withSticker(one.sticker().withPulls(pulls))));
    }

    private void choose() {
        writing.choose("sticker", "Sticker", sentences.format().ending(), this::write);
    }

    /** Writes the sticker as it stands, as the file's name says. */
    void write(Path target) {
        writing.write(
                target,
                sentences.format(),
                this::wanted,
                (as, shown, wanted, progress) ->
                        as.write(
                                List.of(plan(as, shown, wanted)),
                                wanted.goods().sizing().ppi(),
                                target));
    }

    private PrintPlan plan(GoodsFormat as, Shown shown, WantedGoods wanted) throws IOException {
        return MadeSticker.forFiles(
                bench.workspace().pipeline(), shown, wanted, as == GoodsFormat.PDF);
    }
}
