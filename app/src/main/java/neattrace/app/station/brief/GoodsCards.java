package neattrace.app.station.brief;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.RowConstraints;
import neattrace.app.station.ArtPicture;
import neattrace.app.work.Aside;
import neattrace.app.work.Shown;
import neattrace.geom.Outline;
import neattrace.goods.GoodsFit;
import neattrace.goods.Needs.Coloured;
import neattrace.goods.Silhouette;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.print.Artwork;

/** All goods of a drawing over the table, each as large as there is room for. */
final class GoodsCards extends GridPane {

    /** A picture this near to the size it is seen in is not painted anew. */
    private static final double NEAR = 0.02;

    /** No picture is larger, px. */
    private static final double MOST_PX = 6000;

    private final BriefDesk desk;
    private final Map<Integer, GoodsCard> cards = new LinkedHashMap<>();
    private final Map<Integer, Painted> painted = new LinkedHashMap<>();
    private final Map<Integer, Object> cut = new LinkedHashMap<>();
    private final Map<Integer, Artwork> seen = new LinkedHashMap<>();
    private final KeptLines keptLines;
    private boolean here;

    GoodsCards(BriefDesk desk) {
        this.desk = desk;
        this.keptLines = new KeptLines(desk.workspace());
        setId("goods-cards");
        getStyleClass().add("wall");
        setHgap(14);
        setVgap(14);
        setVisible(false);
        desk.chosenProperty().addListener(property -> choose());
        desk.bench().table().handProperty().addListener(property -> setHere(here));
    }

    /** Whether one is at the station. */
    void setHere(boolean is) {
        here = is;
        // What is drawn by hand is drawn on the table beneath.
        boolean drawing = desk.bench().table().handProperty().get() != null;
        setVisible(here && !drawing && !cards.isEmpty());
    }

    /**
     * Shows the goods of a drawing.
     *
     * @param thinnestMm its thinnest lines, on the page; empty as long as they are not known
     */
    void show(Shown shown, OptionalDouble thinnestMm) {
        List<WantedGoods> wanted = shown.drawing().job().goods().wanted();
        arrange(wanted);
        keptLines.keep(wanted);
        for (WantedGoods one : wanted) {
            show(one, shown, thinnestMm);
        }
        choose();
        setHere(here);
    }

    private void show(WantedGoods one, Shown shown, OptionalDouble thinnestMm) {
        KeptLines.Art art =
                keptLines.of(
                        shown,
                        one,
                        () -> {
                            if (desk.shown() == shown && cards.containsKey(one.id())) {
                                show(one, shown, thinnestMm);
                            }
                        });
        Drawing drawing = art.made().drawing();
        GoodsFit fit = art.made().fit();
        GoodsCard card = cards.get(one.id());
        card.show(
                one,
                fit,
                drawing.extent(),
                drawing.widthMm(),
                drawing.traced().scan().ppi(),
                thinnestMm,
                drawing.areas().enclosed().stream()
                        .mapToDouble(area -> 2 * area.radiusPx() * drawing.resolution().mmPerPx())
                        .min());
        seen.put(one.id(), art.artwork());
        paint(one.id());
        cut(one, card, drawing.lines(), fit);
    }

    private void choose() {
        int id = desk.chosen().map(WantedGoods::id).orElse(0);
        cards.forEach((key, card) -> card.setChosen(key == id));
    }

    /** One beside the other, then in rows of two or three. */
    private void arrange(List<WantedGoods> wanted) {
        List<Integer> ids = wanted.stream().map(WantedGoods::id).toList();
        if (ids.equals(new ArrayList<>(cards.keySet()))) {
            return;
        }
        Map<Integer, GoodsCard> before = new LinkedHashMap<>(cards);
        cards.clear();
        painted.keySet().retainAll(ids);
        cut.keySet().retainAll(ids);
        seen.keySet().retainAll(ids);
        for (int id : ids) {
            GoodsCard card = before.get(id);
            cards.put(
                    id,
                    card == null ? new GoodsCard(() -> desk.choose(id), () -> paint(id)) : card);
        }
        getChildren().clear();
        getColumnConstraints().clear();
        getRowConstraints().clear();
        int columns = ids.size() < 3 ? ids.size() : ids.size() < 5 ? 2 : 3;
        int rows = columns == 0 ? 0 : (ids.size() + columns - 1) / columns;
        for (int column = 0; column < columns; column++) {
            ColumnConstraints even = new ColumnConstraints();
            even.setPercentWidth(100.0 / columns);
            even.setHgrow(Priority.ALWAYS);
            getColumnConstraints().add(even);
        }
        for (int row = 0; row < rows; row++) {
            RowConstraints even = new RowConstraints();
            even.setPercentHeight(100.0 / rows);
            even.setVgrow(Priority.ALWAYS);
            even.setMinHeight(0);
            getRowConstraints().add(even);
        }
        int k = 0;
        for (GoodsCard card : cards.values()) {
            add(card, k % columns, k / columns);
            k++;
        }
    }

    /** A picture that was asked for. */
    private record Painted(Artwork art, int sidePx) {}

    /** Paints the drawing in the size in which it is seen: scaled down it would be ragged. */
    private void paint(int id) {
        Artwork art = seen.get(id);
        GoodsCard card = cards.get(id);
        if (art == null || card == null) {
            return;
        }
        double side = Math.max(art.widthMm(), art.heightMm());
        int px = (int) Math.min(MOST_PX, Math.rint(side * card.pagePxPerMm()));
        Painted last = painted.get(id);
        boolean near =
                last != null && last.art() == art && Math.abs(last.sidePx() - px) <= NEAR * px;
        if (px < 1 || near) {
            return;
        }
        Painted next = new Painted(art, px);
        painted.put(id, next);
        boolean colours =
                desk.job()
                        .goods()
                        .of(id)
                        .filter(one -> one.goods().needs().coloured() == Coloured.NO)
                        .isEmpty();
        ArtPicture.paint(next.art(), px, colours, card::setArt, () -> painted.get(id) == next);
    }

    /** What a silhouette is made of. */
    private record Rim(List<Outline> lines, double mm) {}

    private void cut(WantedGoods one, GoodsCard card, List<Outline> lines, GoodsFit fit) {
        double border = one.goods().edges().borderMm();
        Rim rim = new Rim(lines, border / fit.factor());
        boolean same =
                cut.get(one.id()) instanceof Rim last
                        && last.lines() == lines
                        && last.mm() == rim.mm();
        if (same) {
            return;
        }
        cut.put(one.id(), rim);
        if (border == 0) {
            card.setSilhouette(List.of());
            return;
        }
        Aside.run(
                () -> Silhouette.of(lines, rim.mm()),
                rings -> {
                    if (cut.get(one.id()) == rim) {
                        card.setSilhouette(rings);
                    }
                });
    }
}
