package neattrace.app.station.make;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.TextValue;
import neattrace.app.station.Bench;
import neattrace.app.station.ShownFields;
import neattrace.export.GoodsFormat;
import neattrace.goods.GoodsKind;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.setting.GoodsSettings;
import neattrace.job.setting.MakingSettings;

/** What is set and told of pages, stencils, shirts and mugs in the docket. */
final class GoodsSentences extends VBox {

    private final Bench bench;
    private final Button write;
    private final Button films;
    private final Consumer<Integer> choosing;
    private final VBox told = new VBox(4);
    private final ShownFields fields;
    private GoodsFormat format = GoodsFormat.PDF;
    private WantedGoods shown;
    private List<WantedGoods> all = List.of();

    GoodsSentences(Bench bench, Consumer<Integer> choosing, Button write, Button films) {
        super(6);
        this.bench = bench;
        this.fields = new ShownFields(bench);
        this.choosing = choosing;
        this.write = write;
        this.films = films;
    }

    /** The format that is chosen. */
    GoodsFormat format() {
        return format;
    }

    /** Shows the values of a job. */
    void show(Job job, List<WantedGoods> goods, WantedGoods wanted) {
        boolean same =
                shown != null
                        && shown.id() == wanted.id()
                        && shown.goods().kind() == wanted.goods().kind()
                        && ids(all).equals(ids(goods));
        all = List.copyOf(goods);
        shown = wanted;
        if (!same) {
            fill(wanted);
        }
        fields.show(job);
    }

    private static List<Integer> ids(List<WantedGoods> goods) {
        return goods.stream().map(WantedGoods::id).toList();
    }

    /** Tells what was measured. */
    void tell(List<String> lines) {
        told.getChildren()
                .setAll(
                        lines.stream()
                                .map(
                                        line -> {
                                            return (Node) hint(typeset(line));
                                        })
                                .toList());
    }

    private void fill(WantedGoods wanted) {
        fields.clear();
        getChildren().clear();
        if (all.size() > 1) {
            ChoiceField<WantedGoods> which =
                    new ChoiceField<>(
                            "Goods",
                            all,
                            one -> one.goods().words(),
                            one -> choosing.accept(one.id()));
            which.setId("goods-which");
            which.show(wanted);
            getChildren().add(new Sentence("Of the brief:", which, "."));
        }
        int id = wanted.id();
        getChildren().addAll(sentences(id, wanted.goods().kind()));
        getChildren().add(told);
        getChildren()
                .addAll(new Sentence("Write it as", formats(wanted.goods().kind()), "."), write);
        if (wanted.goods().kind() == GoodsKind.SHIRT) {
            getChildren().add(films);
        }
    }

    private List<Node> sentences(int id, GoodsKind kind) {
        GoodsSettings set = GoodsSettings.of(id);
        MakingSettings made = MakingSettings.of(id);
        return switch (kind) {
            case COLOURING_PAGE ->
                    List.of(
                            fields.sentence(
                                    "A page of",
                                    set.width(),
                                    "by",
                                    set.height(),
                                    ", clear for",
                                    set.margin(),
                                    "all round and",
                                    made.gutter(),
                                    "on a book's inner side."),
                            fields.sentence("Lines in", made.tint(), "at", made.tintPercent(), "."),
                            fields.sentence(
                                    "Areas bear",
                                    made.numbers(),
                                    "; in the corner stands",
                                    made.sample(),
                                    "."),
                            fields.sentence(
                                    "A circle of",
                                    set.area(),
                                    "must fit into each, for",
                                    made.pencil(),
                                    "."),
                            hint("Goods for children: local product rules apply."));
            case CUT_STENCIL ->
                    List.of(
                            fields.sentence(
                                    "A sheet of",
                                    set.width(),
                                    "by",
                                    set.height(),
                                    "with a rim of",
                                    set.margin(),
                                    "; what is cut away is",
                                    made.away(),
                                    "."),
                            fields.sentence(
                                    "Islands hang by ties",
                                    made.tie(),
                                    "wide; those up to",
                                    made.drop(),
                                    "fall out."),
                            fields.sentence("Webs narrower than they hold", made.thickened(), "."),
                            hint(
                                    "Blades and lasers: keep hands clear; the maker's own rules stand."));
            case TRANSFER_STENCIL ->
                    List.of(
                            fields.sentence(
                                    "Lines of",
                                    made.weight(),
                                    ", bolder outside:",
                                    made.outside(),
                                    "; in",
                                    made.lineColour(),
                                    "and",
                                    made.mirrored(),
                                    "."),
                            fields.sentence(
                                    "On sheets of",
                                    set.width(),
                                    "by",
                                    set.height(),
                                    "; a guide sheet",
                                    made.guide(),
                                    "."),
                            hint(
                                    "Used on skin: hygiene, allergy and infection are matters for"
                                            + " licensed practitioners and local rules. This only"
                                            + " prepares line art."));
            case SHIRT ->
                    List.of(
                            fields.sentence(
                                    "Printed",
                                    set.width(),
                                    "wide on",
                                    made.place(),
                                    "of",
                                    made.garments(),
                                    "."),
                            fields.sentence(
                                    "Signed",
                                    signature(id),
                                    "in letters of",
                                    made.signature(),
                                    "."),
                            fields.sentence("Films are", made.films(), ", as the printer says."),
                            hint(
                                    "Inks and curing heat: follow the maker's safety sheet; ventilate."));
            default ->
                    List.of(
                            fields.sentence(
                                    "A wrap of",
                                    set.width(),
                                    "by",
                                    set.height(),
                                    ", clear of the handle for",
                                    set.margin(),
                                    "."),
                            fields.sentence(
                                    "The mug is",
                                    made.diameter(),
                                    "wide, held in the",
                                    made.leftHanded(),
                                    "."),
                            hint("Goods for food: local product rules apply."));
        };
    }

    /** As type sets what consoles show plainly. */
    private static String typeset(String line) {
        return line.replace(" x ", " × ").replace("mm2", "mm²").replace("cm2", "cm²");
    }

    private static Hint hint(String words) {
        Hint hint = new Hint(words);
        hint.setMinHeight(USE_PREF_SIZE);
        return hint;
    }

    private TextValue signature(int id) {
        TextValue field =
                new TextValue(
                        "What it is signed with",
                        "with nothing",
                        words ->
                                bench.change(
                                        "Signature",
                                        job -> job.changed(id, one -> signed(one, words))));
        field.setId("goods-made-signature-text-" + id);
        fields.also(
                job ->
                        job.goods()
                                .of(id)
                                .ifPresent(one -> field.show(one.making().cloth().signature())));
        return field;
    }

    private static WantedGoods signed(WantedGoods goods, String words) {
        return goods.withMaking(
                goods.making().withCloth(goods.making().cloth().withSignature(words)));
    }

    private ChoiceField<GoodsFormat> formats(GoodsKind kind) {
        boolean machines = kind == GoodsKind.CUT_STENCIL;
        List<GoodsFormat> known =
                machines
                        ? List.of(
                                GoodsFormat.PDF, GoodsFormat.SVG, GoodsFormat.DXF, GoodsFormat.HPGL)
                        : List.of(GoodsFormat.PDF, GoodsFormat.SVG, GoodsFormat.PNG);
        format = known.contains(format) ? format : known.get(0);
        ChoiceField<GoodsFormat> formats =
                new ChoiceField<>(
                        "Format", known, GoodsSentences::words, chosen -> format = chosen);
        formats.setId("goods-format");
        formats.show(format);
        return formats;
    }

    private static String words(GoodsFormat format) {
        return switch (format) {
            case SVG -> "SVG, in layers";
            case PDF -> "PDF, all pages";
            case PNG -> "PNG, transparent";
            case DXF -> "DXF, for cutters";
            case HPGL -> "HP-GL, for cutters";
        };
    }
}
