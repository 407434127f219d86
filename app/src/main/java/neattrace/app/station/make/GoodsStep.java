package neattrace.app.station.make;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Step;
import neattrace.app.station.Bench;
import neattrace.app.station.SittingWatch;
import neattrace.app.work.Shown;
import neattrace.export.FilmFiles;
import neattrace.export.GoodsFormat;
import neattrace.files.FileNames;
import neattrace.finding.Finding;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.made.MadeGoods;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;

/** Pages, stencils, shirts and mugs of the brief as finished things. */
final class GoodsStep implements Step {

    private final Bench bench;
    private final GoodsWriting writing;
    private final GoodsView view;
    private final VBox content = new VBox(8);
    private final GoodsSentences sentences;
    private boolean here;
    private int chosen;

    /** What is being made, or was last; work on anything else stops. */
    private volatile Asked asked;

    private MadeGoods made;
    private final SittingWatch watch = new SittingWatch();
    private Finding pointed;

    /** Goods of a job. */
    private record Asked(Job job, WantedGoods wanted) {}

    GoodsStep(Bench bench, Runnable showAll) {
        this.bench = bench;
        this.writing = new GoodsWriting(bench);
        this.view =
                new GoodsView(this::change, bench.workspace().overWordsProperty()::set, showAll);
        view.setVisible(false);
        view.setManaged(false);
        sentences =
                new GoodsSentences(
                        bench,
                        this::choose,
                        Buttons.small("Write it …", "write-goods", this::chooseFile),
                        Buttons.small("Films …", "write-films", this::chooseFilms));
    }

    /** The finished things, which lie over the table. */
    GoodsView view() {
        return view;
    }

    /** Whether one is at the station with this step open. */
    void setHere(boolean is) {
        here = is;
        if (bench.shown() != null) {
            show(bench.shown());
        } else {
            seen(false);
        }
    }

    private void change(String name, UnaryOperator<WantedGoods> change) {
        if (made == null) {
            return;
        }
        int id = made.wanted().id();
        bench.change(name, job -> job.changed(id, change));
    }

    private void seen(boolean is) {
        view.setVisible(is);
        view.setManaged(is);
        if (!is) {
            view.layDown();
        }
    }

    /** Looks at goods of the brief. */
    void choose(int id) {
        chosen = id;
        if (bench.shown() != null) {
            show(bench.shown());
        }
    }

    /** Points a finding out, on the goods it is about if they are looked at; null for none. */
    void point(Finding finding) {
        if (finding != null && here && bench.shown() != null) {
            Job job = bench.shown().drawing().job();
            goods(job).stream()
                    .filter(one -> finding.goods().contains(job.goods().key(one)))
                    .findFirst()
                    .ifPresent(one -> choose(one.id()));
        }
        pointed = finding;
        if (bench.shown() != null) {
            pointOut(bench.shown().drawing().job());
        }
    }

    /** A finding is seen on the goods it is about alone. */
    private void pointOut(Job job) {
        boolean about =
                pointed != null
                        && wanted(job)
                                .filter(one -> pointed.goods().contains(job.goods().key(one)))
                                .isPresent();
        view.point(about ? pointed : null);
    }

    private static List<WantedGoods> goods(Job job) {
        return job.goods().wanted().stream()
                .filter(one -> MadeGoods.makes(one.goods().kind()))
                .toList();
    }

    private Optional<WantedGoods> wanted(Job job) {
        List<WantedGoods> all = goods(job);
        return all.stream()
                .filter(one -> one.id() == chosen)
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    @Override
    public String title() {
        return "Goods";
    }

    @Override
    public String state(Shown shown) {
        List<WantedGoods> all = goods(shown.drawing().job());
        return all.isEmpty() ? "none yet" : String.valueOf(all.size());
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Job job = shown.drawing().job();
        Optional<WantedGoods> wanted = wanted(job);
        if (watch.isAnother(shown)) {
            view.forget();
            made = null;
            asked = null;
            pointed = null;
        } else if (made != null && wanted.filter(one -> one.id() == made.wanted().id()).isEmpty()) {
            // What keys have moved of other goods is kept there.
            view.layDown();
        }
        if (wanted.isEmpty()) {
            seen(false);
            made = null;
            asked = null;
            content.getChildren().setAll(offers());
            return;
        }
        pointOut(job);
        sentences.show(job, goods(job), wanted.get());
        if (!content.getChildren().contains(sentences)) {
            content.getChildren().setAll(sentences);
        }
        seen(here);
        if (here) {
            make(shown, wanted.get());
        }
    }

    private List<Node> offers() {
        return List.of(
                new Hint("The brief has no page, stencil, shirt or mug. Make it one:"),
                offer(GoodsKind.COLOURING_PAGE),
                offer(GoodsKind.CUT_STENCIL),
                offer(GoodsKind.TRANSFER_STENCIL),
                offer(GoodsKind.SHIRT),
                offer(GoodsKind.MUG));
    }

    private Node offer(GoodsKind kind) {
        return Buttons.small(
                kind.label(),
                "make-a-" + kind.key(),
                () ->
                        bench.change(
                                kind.label(),
                                job -> job.withGoods(job.goods().with(UsualGoods.of(kind)))));
    }

    /** Makes them beside the window's thread; only the newest counts. */
    private void make(Shown shown, WantedGoods wanted) {
        Asked next = new Asked(shown.drawing().job(), wanted);
        if (next.equals(asked)) {
            return;
        }
        asked = next;
        CompletableFuture.supplyAsync(() -> made(shown, wanted, whileAsked(next)))
                .whenComplete(
                        (done, trouble) -> Platform.runLater(() -> took(next, done, trouble)));
    }

    private Progress whileAsked(Asked what) {
        return (step, share) -> {
            if (asked != what) {
                throw new CancellationException();
            }
        };
    }

    private MadeGoods made(Shown shown, WantedGoods wanted, Progress progress) {
        try {
            return MadeGoods.of(
                    bench.workspace().pipeline(),
                    shown.drawing(),
                    wanted,
                    bench.workspace().press(),
                    progress);
        } catch (PictureException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void took(Asked what, MadeGoods done, Throwable trouble) {
        if (asked != what) {
            return;
        }
        if (done == null) {
            Throwable cause = trouble.getCause() == null ? trouble : trouble.getCause();
            boolean plain = cause instanceof IllegalArgumentException;
            sentences.tell(
                    List.of(
                            plain
                                    ? "It cannot be made: " + cause.getMessage() + "."
                                    : "The "
                                            + what.wanted().goods().words()
                                            + " could not be made."));
            return;
        }
        made = done;
        sentences.tell(done.told());
        view.show(done);
    }

    private void chooseFile() {
        if (made != null) {
            GoodsKind kind = made.wanted().goods().kind();
            writing.choose(kind.noun(), kind.label(), sentences.format().ending(), this::write);
        }
    }

    /** Writes them as they stand, as the file's name says. */
    void write(Path target) {
        writing.write(
                target,
                sentences.format(),
                this::wanted,
                (as, shown, wanted, progress) ->
                        pages(
                                target,
                                as,
                                made(shown, wanted, progress.part(0, 0.5)),
                                as == GoodsFormat.PDF
                                        ? pressed(shown, wanted, progress.part(0.5, 0.9))
                                        : List.of(),
                                wanted.goods().sizing().ppi()));
    }

    private List<PrintPlan> pressed(Shown shown, WantedGoods wanted, Progress progress)
            throws PictureException {
        return MadeGoods.pressed(
                bench.workspace().pipeline(),
                shown.drawing(),
                wanted,
                bench.workspace().press(),
                progress);
    }

    private void chooseFilms() {
        if (bench.drawing() != null) {
            bench.chooseTarget(
                    "Write films",
                    FileNames.proposed(bench.drawing().job().title()),
                    "Films, one for each ink",
                    ".tif",
                    path -> path.toString().endsWith(".tif"),
                    this::writeFilms);
        }
    }

    /** Writes a film for each ink of a shirt beside a name: NAME-INK.tif. */
    void writeFilms(Path target) {
        writing.write(
                target,
                GoodsFormat.PDF,
                this::wanted,
                (as, shown, wanted, progress) ->
                        FilmFiles.write(
                                pressed(shown, wanted, progress).get(0),
                                shown.drawing().job().press().order(),
                                wanted.making().cloth().mirrored(),
                                FilmFiles.USUAL_RULING,
                                target));
    }

    /** All pages in one file, or in files of their own; only the one that was named is replaced. */
    private static List<Path> pages(
            Path target, GoodsFormat as, MadeGoods goods, List<PrintPlan> pressed, double ppi)
            throws IOException {
        if (goods.pages().isEmpty()) {
            throw new IOException("There is nothing to write: " + String.join(" ", goods.told()));
        }
        for (Path file : as.files(target, goods.pages().size())) {
            if (!file.equals(target) && Files.exists(file)) {
                throw new IOException(
                        file.getFileName() + " is there already; choose another name.");
            }
        }
        return as.write(pressed.isEmpty() ? goods.pages() : pressed, ppi, target);
    }
}
