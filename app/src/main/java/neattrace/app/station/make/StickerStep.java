package neattrace.app.station.make;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.station.Bench;
import neattrace.app.work.Shown;
import neattrace.export.GoodsFormat;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.Pull;
import neattrace.goods.sticker.StickerFacts;
import neattrace.goods.sticker.StickerPlan;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.setting.GoodsSettings;
import neattrace.job.setting.Option;
import neattrace.job.setting.Quantity;

/** A sticker: its border, bleed and the line it is cut along. */
final class StickerStep implements Step {

    private final Bench bench;
    private final ThingView view;
    private final VBox content = new VBox(8);
    private final VBox sentences = new VBox(6);
    private final Hint facts = new Hint("");
    private final Hint told = new Hint("");
    private final Button letGo;
    private final List<Consumer<Job>> shows = new ArrayList<>();
    private GoodsFormat format = GoodsFormat.SVG;
    private final ReadOnlyObjectWrapper<MadeSticker> made = new ReadOnlyObjectWrapper<>();
    private int shownId = -1;
    private boolean here;

    StickerStep(Bench bench) {
        this.bench = bench;
        this.view = new ThingView(this::pulled);
        view.setVisible(false);
        letGo = Buttons.small("Undo all pulls", "let-go", this::letGo);
    }

    /** The finished thing, which lies over the table. */
    Node view() {
        return view;
    }

    /** The sticker as it stands; null if there is none. */
    ReadOnlyObjectProperty<MadeSticker> madeProperty() {
        return made.getReadOnlyProperty();
    }

    /** Shows a piece as it comes out; null for the sticker itself. */
    void rehearse(Rehearsal rehearsal) {
        view.rehearse(rehearsal);
    }

    /** Whether one is at the station with a step open that shows the sticker. */
    void setHere(boolean is) {
        here = is;
        view.setVisible(is && made.get() != null);
        if (is && bench.shown() != null) {
            show(bench.shown());
        }
    }

    private Optional<WantedGoods> wanted() {
        return bench.drawing() == null
                ? Optional.empty()
                : MadeSticker.wanted(bench.drawing().job());
    }

    private void fill(int id) {
        shows.clear();
        GoodsSettings set = GoodsSettings.of(id);
        ChoiceField<GoodsFormat> formats =
                new ChoiceField<>(
                        "Format",
                        List.of(GoodsFormat.values()),
                        GoodsFormat::label,
                        chosen -> format = chosen);
        formats.setId("sticker-format");
        formats.show(format);
        ChoiceField<Boolean> bleed =
                new ChoiceField<>(
                        "What is shown",
                        List.of(true, false),
                        seen -> seen ? "with its bleed" : "as it is cut out",
                        view::setBleedSeen);
        bleed.setId("show-bleed");
        bleed.show(true);
        sentences
                .getChildren()
                .setAll(
                        new Sentence(
                                "Of",
                                field(set.width()),
                                "width, with a border of",
                                field(set.border()),
                                "."),
                        new Sentence(
                                "The cut has no curve tighter than",
                                field(set.radius()),
                                "; holes are",
                                field(set.holes()),
                                "."),
                        new Sentence(
                                "Beyond it run",
                                field(set.bleed()),
                                "of",
                                field(set.carried()),
                                "."),
                        new Sentence(
                                "Pieces up to",
                                field(set.join()),
                                "apart share a cut; others are",
                                field(set.loose()),
                                "."),
                        new Sentence(
                                "The backing reaches",
                                field(set.backing()),
                                "beyond; at 0 all is cut through."),
                        new Sentence("It is shown", bleed, "."),
                        facts,
                        told,
                        new Hint("Drag the line to pull it about; it stays there."),
                        letGo,
                        new Sentence("Write it as", formats, "."),
                        new FlowPane(
                                6,
                                6,
                                Buttons.small(
                                        "Write the sticker …", "write-sticker", this::choose)),
                        new Hint(
                                "Blades and lasers: keep hands clear, cut away from yourself; your"
                                        + " cutter’s own rules hold, and some vinyls give off toxic"
                                        + " gas under a laser."));
    }

    private NumberField field(Quantity setting) {
        NumberField field = bench.field(setting);
        shows.add(job -> field.show(setting.of(job)));
        return field;
    }

    private <T> ChoiceField<T> field(Option<T> setting) {
        ChoiceField<T> field = bench.field(setting);
        shows.add(job -> field.show(setting.of(job)));
        return field;
    }

    @Override
    public String title() {
        return "Sticker";
    }

    @Override
    public String state(Shown shown) {
        return MadeSticker.wanted(shown.drawing().job())
                .map(one -> one.goods().size())
                .orElse("not in the brief");
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        Optional<WantedGoods> wanted = MadeSticker.wanted(shown.drawing().job());
        if (wanted.isEmpty()) {
            made.set(null);
            shownId = -1;
            view.setVisible(false);
            content.getChildren()
                    .setAll(
                            new Hint(
                                    "The brief has no sticker. Make it one, and its border and cut"
                                            + " line are drawn at once."),
                            Buttons.small("Make it a sticker", "make-a-sticker", this::wish));
            return;
        }
        int id = wanted.get().id();
        if (shownId != id) {
            fill(id);
            shownId = id;
            content.getChildren().setAll(sentences);
        }
        shows.forEach(one -> one.accept(shown.drawing().job()));
        letGo.setVisible(!wanted.get().sticker().pulls().isEmpty());
        letGo.setManaged(letGo.isVisible());
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
        CompletableFuture.supplyAsync(() -> MadeSticker.of(shown, wanted))
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

    private void took(MadeSticker done) {
        Shown now = bench.shown();
        Optional<WantedGoods> wanted = wanted();
        if (now == null || wanted.isEmpty() || !done.isOf(now, wanted.get())) {
            return;
        }
        view.show(done);
        made.set(done);
        view.setVisible(here);
        told.setText(String.join(" ", done.told()));
        told.setVisible(!done.told().isEmpty());
        told.setManaged(told.isVisible());
        facts.setText(done.facts().cuts().isEmpty() ? "" : words(done.facts().cuts().get(0)));
    }

    private static String words(StickerFacts.Cut cut) {
        return String.format(
                Locale.ROOT,
                "%.1f × %.1f mm; the cut is %.0f mm long in %d curves, the tightest %.1f mm.",
                cut.widthMm(),
                cut.heightMm(),
                cut.lengthMm(),
                cut.curves(),
                cut.leastRadiusMm());
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
                job ->
                        job.goods()
                                .of(id)
                                .map(one -> one.withSticker(one.sticker().withPulls(pulls)))
                                .map(one -> job.withGoods(job.goods().with(one)))
                                .orElse(job));
    }

    private void choose() {
        if (bench.drawing() == null) {
            return;
        }
        File file =
                bench.chooseTarget(
                        "Write the sticker",
                        FileNames.proposed(bench.drawing().job().title() + " sticker"),
                        "Sticker",
                        format.ending());
        if (file != null) {
            Path path = file.toPath();
            write(
                    GoodsFormat.of(path).isPresent()
                            ? path
                            : Path.of(file.getPath() + format.ending()));
        }
    }

    /** Writes the sticker as it stands, as the file's name says. */
    void write(Path target) {
        GoodsFormat as = GoodsFormat.of(target).orElse(format);
        bench.workspace()
                .whenSettled(
                        shown ->
                                MadeSticker.wanted(shown.drawing().job())
                                        .ifPresent(one -> write(target, as, shown, one)));
    }

    private void write(Path target, GoodsFormat as, Shown shown, WantedGoods wanted) {
        bench.workspace()
                .write(
                        "Wrote " + target.getFileName() + ".",
                        target,
                        () ->
                                AtomicFile.write(
                                        target,
                                        out ->
                                                as.write(
                                                        StickerPlan.page(
                                                                MadeSticker.forFiles(shown, wanted)
                                                                        .sticker()),
                                                        wanted.goods().sizing().ppi(),
                                                        out)),
                        bench::refresh);
    }
}
