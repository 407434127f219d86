package neattrace.app.station.make;

import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import neattrace.app.docket.BuildField;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.TextValue;
import neattrace.app.station.Bench;
import neattrace.app.station.ShownFields;
import neattrace.export.GoodsFormat;
import neattrace.goods.cut.CutInks;
import neattrace.goods.sticker.StickerFacts;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.setting.GoodsSettings;
import neattrace.press.Cmyk;

/** What is set and told of a sticker in the docket. */
final class StickerSentences extends VBox {

    private final Bench bench;
    private final Button letGo;
    private final Button write;
    private final Hint facts = new Hint("");
    private final Hint pulling =
            new Hint(
                    "Drag the line to pull it about; it stays there. By keys: . and , go along it,"
                            + " arrows pull.");
    private final ShownFields fields;
    private GoodsFormat format = GoodsFormat.SVG;
    private int shownId = -1;
    private Sentence inks;

    StickerSentences(Bench bench, Runnable whenLetGo, Runnable whenWritten) {
        super(6);
        this.bench = bench;
        this.fields = new ShownFields(bench);
        facts.setMinHeight(USE_PREF_SIZE);
        pulling.setMinHeight(USE_PREF_SIZE);
        this.letGo = Buttons.small("Undo all pulls", "let-go", whenLetGo);
        this.write = Buttons.small("Write the sticker …", "write-sticker", whenWritten);
    }

    /** The format that is chosen. */
    GoodsFormat format() {
        return format;
    }

    /** Shows the values of a job. */
    void show(Job job, WantedGoods wanted) {
        if (shownId != wanted.id()) {
            fill(wanted.id());
            shownId = wanted.id();
        }
        fields.show(job);
        letGo.setVisible(!wanted.sticker().pulls().isEmpty());
        letGo.setManaged(letGo.isVisible());
    }

    /** Tells what was measured of a sticker. */
    void tell(MadeSticker made) {
        facts.setText(made.facts().cuts().isEmpty() ? "" : words(made.facts().cuts().get(0)));
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

    private void fill(int id) {
        fields.clear();
        GoodsSettings set = GoodsSettings.of(id);
        getChildren()
                .setAll(
                        fields.sentence(
                                "Of",
                                set.width(),
                                "width, its border",
                                set.border(),
                                "in",
                                border(id),
                                "."),
                        fields.sentence("Paper it encloses", set.enclosed(), "."),
                        fields.sentence(
                                "The cut has no curve tighter than",
                                set.radius(),
                                "; holes are",
                                set.holes(),
                                "."),
                        fields.sentence("Beyond it run", set.bleed(), "of", set.carried(), "."),
                        fields.sentence(
                                "Pieces up to",
                                set.join(),
                                "apart share a cut; others are",
                                set.loose(),
                                "."),
                        fields.sentence(
                                "The backing reaches",
                                set.backing(),
                                "beyond; at 0 all is cut through."),
                        facts,
                        pulling,
                        letGo,
                        new Sentence("Write it as", formats(), "."),
                        inks(id),
                        write);
    }

    /** The border's colour, as a build. */
    private BuildField border(int id) {
        BuildField field =
                new BuildField(
                        "Colour of the border",
                        "white",
                        bench.workspace().press()::preview,
                        build ->
                                bench.change(
                                        "Colour of the border",
                                        job -> job.changed(id, one -> inBorder(one, build))));
        field.words().setId("goods-border-colour-" + id);
        fields.also(job -> job.goods().of(id).ifPresent(one -> field.show(one.sticker().border())));
        return field;
    }

    /** What cuts are called in files of inks; only those have names for them. */
    private Sentence inks(int id) {
        TextValue kiss = ink(id, "cut-ink", CutInks::kiss, CutInks::withKiss);
        TextValue through = ink(id, "through-ink", CutInks::through, CutInks::withThrough);
        inks = new Sentence("Cuts are inks called", kiss, "and", through, ".");
        showInks();
        return inks;
    }

    private TextValue ink(
            int id,
            String what,
            Function<CutInks, String> of,
            BiFunction<CutInks, String, CutInks> with) {
        TextValue field =
                new TextValue(
                        "What the ink of cuts is called",
                        "a name",
                        words ->
                                bench.change(
                                        "Ink of cuts",
                                        job -> job.changed(id, one -> called(one, with, words))));
        field.setId("goods-" + what + "-" + id);
        fields.also(
                job ->
                        job.goods()
                                .of(id)
                                .ifPresent(one -> field.show(of.apply(one.sticker().inks()))));
        return field;
    }

    private static WantedGoods called(
            WantedGoods goods, BiFunction<CutInks, String, CutInks> with, String words) {
        return goods.withSticker(
                goods.sticker().withInks(with.apply(goods.sticker().inks(), words)));
    }

    private void showInks() {
        inks.setVisible(format == GoodsFormat.PDF);
        inks.setManaged(inks.isVisible());
    }

    private static WantedGoods inBorder(WantedGoods goods, Cmyk build) {
        return goods.withSticker(goods.sticker().withBorder(build));
    }

    private ChoiceField<GoodsFormat> formats() {
        ChoiceField<GoodsFormat> formats =
                new ChoiceField<>(
                        "Format",
                        List.of(GoodsFormat.values()),
                        GoodsFormat::label,
                        chosen -> {
                            format = chosen;
                            showInks();
                        });
        formats.setId("sticker-format");
        formats.show(format);
        return formats;
    }
}
