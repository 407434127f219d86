package neattrace.app.station.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import neattrace.app.station.ArtPicture;
import neattrace.app.station.GoodsShape;
import neattrace.app.work.Aside;
import neattrace.app.work.Shown;
import neattrace.goods.Needs.Coloured;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.GoodsDrawing;

/** All goods of the brief as finished things, side by side, or one of them large. */
final class GoodsWall extends Region {

    private static final double TITLE_PX = 26;
    private static final double MARGIN_PX = 14;
    private static final int ART_PX = 900;
    private static final Color INK = Color.web("#17323F");
    private static final Color CARD = Color.web("#FFFDF7", 0.55);
    private static final Color RULE = Color.web("#A89B84");

    /** Makes stickers; takes its time. */
    @FunctionalInterface
    interface Maker {
        MadeSticker make(Shown shown, WantedGoods wanted);
    }

    private final Canvas canvas = new Canvas();
    private final Maker maker;
    private final Consumer<WantedGoods> whenChosen;
    private final List<MadeSticker> made = new ArrayList<>();
    private final List<Image> pictures = new ArrayList<>();
    private Shown shown;
    private Image art;

    /** The same without colours, as some goods have it. */
    private Image lines;

    private int chosen = -1;
    private boolean large;

    /** Every painting has a number; only the newest counts. */
    private int turn;

    /**
     * A wall.
     *
     * @param maker makes the stickers among them
     * @param whenChosen told which is to be seen large
     */
    GoodsWall(Maker maker, Consumer<WantedGoods> whenChosen) {
        this.maker = maker;
        this.whenChosen = whenChosen;
        setId("goods-wall");
        getStyleClass().add("wall");
        getChildren().add(canvas);
        setFocusTraversable(true);
        setOnMouseClicked(this::clicked);
        setAccessibleText("All goods of the brief, side by side");
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    }

    private List<WantedGoods> goods() {
        return shown == null ? List.of() : shown.drawing().job().goods().wanted();
    }

    /** What is seen: all, or the one in hand. */
    private List<WantedGoods> seen() {
        return large && chosen >= 0 ? List.of(goods().get(chosen)) : goods();
    }

    /** Shows the goods in hand alone, or all of them. */
    void setLarge(boolean is) {
        large = is && chosen >= 0;
        paint();
    }

    boolean isLarge() {
        return large;
    }

    /** Shows the goods of a drawing. */
    void show(Shown next) {
        boolean other = shown == null || shown.art() != next.art();
        boolean same = !other && goods().equals(next.drawing().job().goods().wanted());
        shown = next;
        if (other) {
            art = null;
            lines = null;
        }
        chosen = Math.min(chosen, goods().size() - 1);
        if (!same) {
            paint();
        }
    }

    /** The goods in hand; empty for none. */
    Optional<WantedGoods> chosen() {
        return chosen < 0 ? Optional.empty() : Optional.of(goods().get(chosen));
    }

    /** Takes the goods after, or before, in hand. */
    void step(int by) {
        if (!goods().isEmpty()) {
            chosen = Math.floorMod(chosen < 0 && by < 0 ? -1 : chosen + by, goods().size());
            if (large) {
                paint();
            } else {
                draw();
            }
        }
    }

    private void clicked(MouseEvent event) {
        requestFocus();
        Grid grid = grid();
        for (int i = 0; i < seen().size() && !large; i++) {
            if (grid.holds(i, event.getX(), event.getY())) {
                chosen = i;
                draw();
                whenChosen.accept(goods().get(i));
                return;
            }
        }
    }

    /** Rows and columns in which the goods are largest. */
    private Grid grid() {
        int n = Math.max(1, seen().size());
        return IntStream.rangeClosed(1, n)
                .mapToObj(
                        columns -> new Grid(columns, n, getWidth(), getHeight() - MakeBar.roomPx()))
                .max((one, other) -> Double.compare(one.side(), other.side()))
                .orElseThrow();
    }

    private record Grid(int columns, int count, double width, double height) {

        double wide() {
            return (width - MARGIN_PX) / columns - MARGIN_PX;
        }

        double high() {
            int rows = (count + columns - 1) / columns;
            return (height - MARGIN_PX) / rows - MARGIN_PX;
        }

        double side() {
            return Math.min(wide(), high() - TITLE_PX);
        }

        double left(int i) {
            return MARGIN_PX + i % columns * (wide() + MARGIN_PX);
        }

        double top(int i) {
            return MARGIN_PX + i / columns * (high() + MARGIN_PX);
        }

        boolean holds(int i, double x, double y) {
            return x >= left(i) && y >= top(i) && x < left(i) + wide() && y < top(i) + high();
        }
    }

    /** Makes what is a sticker, paints all beside the window's thread. */
    private void paint() {
        if (shown == null || getWidth() < 2 || getHeight() < 2) {
            return;
        }
        turn++;
        int now = turn;
        Shown of = shown;
        made.clear();
        pictures.clear();
        Grid grid = grid();
        for (int i = 0; i < seen().size(); i++) {
            made.add(null);
            pictures.add(null);
            WantedGoods wanted = seen().get(i);
            int at = i;
            if (wanted.goods().kind().isSticker()) {
                Aside.run(() -> painted(of, wanted, grid), one -> took(now, at, one));
            }
        }
        if (art == null) {
            ArtPicture.paint(of.art(), ART_PX, true, this::setArt, () -> shown == of);
            ArtPicture.paint(of.art(), ART_PX, false, this::setLines, () -> shown == of);
        }
        draw();
    }

    private void setArt(Image image) {
        art = image;
        draw();
    }

    private void setLines(Image image) {
        lines = image;
        draw();
    }

    private record Painted(MadeSticker made, StickerPicture picture) {}

    private Painted painted(Shown of, WantedGoods wanted, Grid grid) {
        MadeSticker sticker = maker.make(of, wanted);
        int width = (int) Math.max(2, grid.wide());
        int height = (int) Math.max(2, grid.high() - 2 * TITLE_PX);
        return new Painted(sticker, StickerPicture.of(sticker, width, height, MARGIN_PX));
    }

    private void took(int of, int at, Painted one) {
        if (of == turn) {
            made.set(at, one.made());
            pictures.set(at, one.picture().image());
            draw();
        }
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        Grid grid = grid();
        for (int i = 0; i < seen().size() && i < made.size(); i++) {
            g.save();
            g.translate(grid.left(i), grid.top(i));
            card(g, grid, i);
            g.restore();
        }
    }

    private void card(GraphicsContext g, Grid grid, int i) {
        WantedGoods wanted = seen().get(i);
        boolean inHand = !large && i == chosen;
        double width = grid.wide();
        double height = grid.high();
        g.setFill(CARD);
        g.fillRoundRect(0, 0, width, height, 10, 10);
        g.setStroke(inHand ? INK : RULE);
        g.setLineWidth(inHand ? 2 : 1);
        g.strokeRoundRect(0.5, 0.5, width - 1, height - 1, 10, 10);
        words(g, wanted.goods().name(), width / 2, 8, 13);
        g.save();
        g.beginPath();
        g.rect(2, 2, width - 4, height - 4);
        g.clip();
        g.translate(0, TITLE_PX);
        if (made.get(i) != null) {
            sticker(g, i, width, height - 2 * TITLE_PX);
            words(g, size(made.get(i)), width / 2, height - 2 * TITLE_PX + 4, 12);
        } else if (!wanted.goods().kind().isSticker()) {
            shape(g, wanted, width, height - TITLE_PX);
        }
        g.restore();
    }

    private void sticker(GraphicsContext g, int i, double width, double height) {
        MadeSticker sticker = made.get(i);
        StickerPicture place =
                StickerPicture.place(
                        sticker, (int) Math.max(2, width), (int) Math.max(2, height), MARGIN_PX);
        new ThingPainter(g, sticker, pictures.get(i), place.scale(), place.left(), place.top())
                .sticker(false);
    }

    private void shape(GraphicsContext g, WantedGoods wanted, double width, double height) {
        new GoodsShape(
                        wanted.making().cloth(),
                        GoodsDrawing.fit(shown.drawing(), wanted),
                        shown.drawing().extent(),
                        List.of(),
                        wanted.goods().needs().coloured() == Coloured.NO ? lines : art,
                        shown.drawing().widthMm())
                .paint(g, width, height, INK);
    }

    private static String size(MadeSticker made) {
        return made.facts().cuts().isEmpty()
                ? "nothing to make it of"
                : String.format(
                        Locale.ROOT,
                        "%.0f × %.0f mm",
                        made.facts().cuts().get(0).widthMm(),
                        made.facts().cuts().get(0).heightMm());
    }

    private static void words(GraphicsContext g, String words, double x, double y, double size) {
        g.setFill(INK);
        g.setFont(Font.font("Lato Semibold", size));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.fillText(words, x, y);
    }
}
