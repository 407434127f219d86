package neattrace.app.station.brief;

import java.util.List;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.TextValue;
import neattrace.app.station.Bench;
import neattrace.app.station.ShownFields;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.GoodsWish;
import neattrace.goods.Sizing.Fit;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.setting.GoodsSettings;

/**
 * The size of some goods and what lies round the drawing, in sentences; only what matters to them.
 */
final class SizeSentences extends VBox {

    private final Bench bench;
    private final int id;
    private final GoodsKind kind;
    private final Fit fit;
    private final ShownFields fields;

    SizeSentences(BriefDesk desk, WantedGoods goods) {
        super(4);
        this.bench = desk.bench();
        this.fields = new ShownFields(bench);
        this.id = goods.id();
        this.kind = goods.goods().kind();
        this.fit = goods.goods().sizing().fit();
        GoodsSettings set = GoodsSettings.of(id);
        size(set);
        edges(set);
        order(desk, set);
    }

    /** Whether these are the sentences for goods as they are now. */
    boolean fits(WantedGoods goods) {
        return goods.id() == id
                && goods.goods().kind() == kind
                && goods.goods().sizing().fit() == fit;
    }

    void show(Job job) {
        fields.show(job);
    }

    private void size(GoodsSettings set) {
        ChoiceField<Fit> how = fields.of(set.fit());
        switch (fit) {
            case WIDTH -> getChildren().add(fields.sentence("It is", set.width(), how, "."));
            case HEIGHT -> getChildren().add(fields.sentence("It is", set.height(), how, "."));
            case PAGE ->
                    getChildren()
                            .add(
                                    fields.sentence(
                                            "It lies",
                                            how,
                                            "of",
                                            set.width(),
                                            "×",
                                            set.height(),
                                            "."));
            case SCANNED -> getChildren().add(new Sentence("It is", how, "."));
        }
        if (fit != Fit.SCANNED) {
            TextValue other = new TextValue("Another size", "A4, 6 cm, 2.5 in", this::resize);
            other.setId("goods-size-" + id);
            fields.also(job -> other.show(""));
            getChildren().add(new Sentence("Or:", other));
            getChildren().add(fields.sentence("Its lines are", set.weightsKept(), "."));
        }
    }

    private void resize(String words) {
        Goods goods = bench.workspace().job().goods().of(id).map(WantedGoods::goods).orElseThrow();
        try {
            Goods sized = GoodsWish.sized(goods, words);
            bench.change("Size", job -> job.changed(id, one -> one.withGoods(sized)));
        } catch (IllegalArgumentException e) {
            bench.say(e.getMessage() + ".");
        }
        show(bench.workspace().job());
    }

    private void edges(GoodsSettings set) {
        if (kind == GoodsKind.STICKER || kind == GoodsKind.STICKER_SHEET) {
            getChildren()
                    .add(
                            fields.sentence(
                                    "A border of",
                                    set.border(),
                                    "is round it; its colour runs on",
                                    set.bleed(),
                                    "beyond the cut."));
        } else if (kind == GoodsKind.PRINT) {
            getChildren()
                    .add(
                            fields.sentence(
                                    "It bleeds by",
                                    set.bleed(),
                                    "and keeps",
                                    set.margin(),
                                    "clear."));
        } else if (fit == Fit.PAGE) {
            getChildren().add(fields.sentence("The outer", set.margin(), "stay clear."));
        }
    }

    private void order(BriefDesk desk, GoodsSettings set) {
        TextValue maker =
                new TextValue(
                        "Printer or cutter",
                        "nobody yet",
                        words -> change(one -> one.withMaker(words)));
        maker.setId("goods-maker-" + id);
        fields.also(job -> maker.show(job.goods().of(id).map(WantedGoods::maker).orElse("")));
        ChoiceField<Boolean> sale =
                new ChoiceField<>(
                        "Sold or not",
                        List.of(true, false),
                        sold -> sold ? "to be sold" : "not for sale",
                        sold -> change(one -> one.withForSale(sold)));
        sale.setId("goods-sale-" + id);
        fields.also(job -> sale.show(job.goods().of(id).map(WantedGoods::forSale).orElse(true)));
        getChildren().add(fields.sentence(set.pieces(), "pieces,", sale, ", made by", maker, "."));
    }

    private void change(java.util.function.UnaryOperator<WantedGoods> change) {
        try {
            bench.change("Goods", job -> job.changed(id, change));
        } catch (IllegalArgumentException e) {
            bench.say(e.getMessage() + ".");
        }
    }
}
