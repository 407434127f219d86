package neattrace.app.station.make;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Step;
import neattrace.app.docket.StepPane;
import neattrace.app.docket.StepTiles;
import neattrace.app.route.Stop;
import neattrace.app.station.Bench;
import neattrace.app.station.StationPanel;
import neattrace.app.table.TableMode;
import neattrace.app.work.SheetDesk;
import neattrace.app.work.Shown;
import neattrace.finding.Finding;
import neattrace.geom.Point;
import neattrace.goods.made.Grip;
import neattrace.goods.made.MadeGoods;
import neattrace.job.Job;
import neattrace.job.WantedGoods;

/** What is made of the drawing: goods as finished things, film and plates. */
public final class MakePanel implements StationPanel {

    private static final Stop STOP =
            new Stop(
                    "make",
                    "Make",
                    KeyCode.M,
                    "M4 8 L9 4 C10 6.5 14 6.5 15 4 L20 8 L17.5 11.5 L16 10.5 V20 H8 V10.5 L6.5 11.5"
                            + " Z");

    private final StickerStep sticker;
    private final RehearseStep rehearse;
    private final SheetStep sheet;
    private final LayoutStep layout;
    private final FilmStep film;
    private final GoodsStep goods;
    private final SheetDesk desk;
    private final StackPane over;
    private final GoodsWall wall;
    private final MakeBar bar;
    private boolean bleedSeen = true;
    private final Bench bench;
    private final StepPane steps;
    private final VBox content;
    private boolean here;

    /** The station on a bench. */
    public MakePanel(Bench bench) {
        this.bench = bench;
        sticker = new StickerStep(bench);
        desk = bench.workspace().sheetDesk();
        sheet = new SheetStep(bench);
        rehearse = new RehearseStep(bench, sticker, sheet, this::look);
        layout = new LayoutStep(bench);
        film = new FilmStep(bench);
        goods = new GoodsStep(bench, this::turnWall);
        steps =
                new StepPane(
                        List.of(sticker, rehearse, sheet, layout, film, goods), true, bench::shown);
        wall = new GoodsWall((shown, one) -> sticker.made(shown, one, null), this::large);
        wall.setVisible(false);
        wall.setManaged(false);
        bar = new MakeBar(this::turnBleed, this::turnTrueSize, this::turnWall);
        over = new StackPane(sticker.view(), sheet.view(), goods.view(), wall, bar);
        over.setPickOnBounds(false);
        // Where nothing lies over the table, the table has a bar of its own.
        bar.visibleProperty()
                .bind(
                        sticker.view()
                                .visibleProperty()
                                .or(sheet.view().visibleProperty())
                                .or(wall.visibleProperty()));
        content = new VBox(10, steps);
        sheet.view().scaleProperty().addListener(property -> tellScale());
        sticker.view().scaleProperty().addListener(property -> tellScale());
        sticker.view().visibleProperty().addListener(property -> tellScale());
        goods.view().scaleProperty().addListener(property -> tellScale());
        goods.view().visibleProperty().addListener(property -> tellScale());
        steps.openProperty().addListener((property, before, now) -> look());
        desk.historyProperty().addListener(property -> look());
    }

    private void look() {
        showWall(false);
        Step open = steps.openProperty().get();
        if (open == sheet || open == layout || open == sticker) {
            rehearse.setOfSheet(open != sticker);
        }
        boolean sheets =
                here
                        && (open == sheet
                                || open == layout
                                || open == rehearse && rehearse.isOfSheet());
        boolean there = sheets && desk.sheet() != null;
        boolean came = there && !desk.inHandProperty().get();
        desk.inHandProperty().set(there);
        sheet.view().setVisible(there);
        sheet.view().setManaged(there);
        sticker.setHere(here && (open == sticker || open == rehearse && !sheets));
        rehearse.setHere(here && open == rehearse);
        goods.setHere(here && open == goods);
        tellScale();
        if (came) {
            desk.lookAgain();
        }
    }

    private void tellScale() {
        double over = 0;
        if (desk.inHandProperty().get()) {
            over = sheet.view().scaleProperty().get();
        } else if (sticker.view().isVisible()) {
            over = sticker.view().scaleProperty().get();
        } else if (goods.view().isVisible()) {
            over = goods.view().scaleProperty().get();
        }
        bench.workspace().overScaleProperty().set(over);
    }

    private void turnBleed() {
        bleedSeen = !bleedSeen;
        sticker.view().setBleedSeen(bleedSeen);
        sheet.view().setBleedSeen(bleedSeen);
        bar.setBleedSeen(bleedSeen);
    }

    private void turnTrueSize() {
        if (desk.inHandProperty().get()) {
            sheet.view().turnTrueSize();
        } else {
            sticker.view().turnTrueSize();
        }
    }

    /** All goods side by side, or back. */
    private void turnWall() {
        if (wall.isVisible() && wall.isLarge()) {
            wall.setLarge(false);
            return;
        }
        showWall(!wall.isVisible() && bench.shown() != null);
    }

    private void showWall(boolean is) {
        boolean none = is && bench.shown().drawing().job().goods().wanted().isEmpty();
        wall.setVisible(is && !none);
        wall.setManaged(wall.isVisible());
        if (none) {
            bench.say("The brief says nothing yet of what it is for.");
        } else if (is) {
            wall.setLarge(false);
            wall.show(bench.shown());
            wall.requestFocus();
            bench.say("Left and Right take one in hand, Enter shows it large, Y goes back.");
        }
    }

    /** One of the goods large: stickers with all that is set of them. */
    private void large(WantedGoods goods) {
        if (goods.goods().kind().isSticker()) {
            sticker.choose(goods.id());
            showWall(false);
            bench.say("");
            steps.openStep(1);
        } else if (MadeGoods.makes(goods.goods().kind())) {
            this.goods.choose(goods.id());
            showWall(false);
            bench.say("");
            steps.openStep(6);
        } else {
            wall.setLarge(true);
        }
    }

    /** Writes pages, stencil, shirt or mug as they stand. */
    public void writeGoods(Path target) {
        goods.write(target);
    }

    /** Writes a film for each ink of the shirt. */
    public void writeFilms(Path target) {
        goods.writeFilms(target);
    }

    /** Opens the step of sheets. */
    public void openSheets() {
        steps.openStep(3);
    }

    /** Makes a sheet of stickers in a file, of the drawing on the table if that is in a file. */
    public void makeSheet(Path file) {
        sheet.create(file);
    }

    /** Puts drawings on the open sheet. */
    public void addToSheet(List<Path> drawings) {
        sheet.add(drawings);
    }

    /** A drawing of the open sheet is in another file now. */
    public void findDrawing(int id, Path file) {
        sheet.find(id, file);
    }

    /** Writes the open sheet as it stands. */
    public void writeSheet(Path target) {
        sheet.write(target);
    }

    /** Where a place on the open sheet, mm, is on the screen. */
    public Point2D onScreen(Point mm) {
        Point at = sheet.view().toView(mm);
        return sheet.view().localToScreen(at.x(), at.y());
    }

    /** What of the goods is in hand. */
    public Optional<Grip> goodsInHand() {
        return goods.view().inHand();
    }

    /** Where a place of a page of the goods, mm, is on the screen. */
    public Point2D goodsOnScreen(int page, Point mm) {
        Point at = goods.view().toView(page, mm);
        return goods.view().localToScreen(at.x(), at.y());
    }

    @Override
    public boolean standsAlone() {
        return desk.inHandProperty().get();
    }

    @Override
    public void findingChosen(Finding finding) {
        boolean sheets = desk.inHandProperty().get();
        sheet.point(sheets ? finding : null);
        sticker.point(sheets ? null : finding);
        goods.point(sheets ? null : finding);
    }

    @Override
    public void takeUp(String hand) {
        sheet.takeUp(hand);
    }

    @Override
    public boolean putAway() {
        if (wall.isVisible()) {
            turnWall();
            return true;
        }
        return goods.view().isVisible() && goods.view().layDown()
                || desk.inHandProperty().get() && sheet.view().layDown();
    }

    @Override
    public boolean stopWork() {
        if (!desk.inHandProperty().get() || desk.isSettled()) {
            return false;
        }
        desk.stop();
        return true;
    }

    /** Writes the sheet in one bit as it stands. */
    public void write(Path target) {
        film.write(target);
    }

    /** Writes the sticker as it stands. */
    public void writeSticker(Path target) {
        sticker.write(target);
    }

    /** Makes a sheet of every scan in a folder, beside whatever else goes on. */
    public void make(Path scans, Path sheets) {
        film.make(scans, sheets);
    }

    @Override
    public Stop stop() {
        return STOP;
    }

    @Override
    public String purpose() {
        return "What is made of it?";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void entered() {
        here = true;
        look();
    }

    @Override
    public void left() {
        here = false;
        sticker.point(null);
        sheet.point(null);
        goods.point(null);
        look();
    }

    @Override
    public Optional<Node> overTable() {
        return Optional.of(over);
    }

    @Override
    public boolean pressed(KeyEvent event) {
        if (wall.isVisible() && pressedAtWall(event.getCode())) {
            return true;
        }
        if (event.getCode() == KeyCode.Y) {
            turnWall();
            return true;
        }
        if (goods.view().isVisible() && goods.view().key(event)) {
            return true;
        }
        if (bar.isVisible() && pressedAtBar(event.getCode())) {
            return true;
        }
        if (StepTiles.number(event).filter(steps::openStep).isPresent()) {
            return true;
        }
        return desk.inHandProperty().get() && pressedAtSheet(event.getCode());
    }

    private boolean pressedAtWall(KeyCode key) {
        switch (key) {
            case LEFT -> wall.step(-1);
            case RIGHT -> wall.step(1);
            case ENTER -> wall.chosen().ifPresent(this::large);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean pressedAtBar(KeyCode key) {
        switch (key) {
            case X -> turnBleed();
            case T -> turnTrueSize();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean pressedAtSheet(KeyCode key) {
        switch (key) {
            case R -> desk.arrange();
            case K -> sheet.view().turnPin();
            default -> {
                return false;
            }
        }
        return true;
    }

    @Override
    public void show(Shown shown) {
        steps.show(shown);
        if (wall.isVisible()) {
            wall.show(shown);
        }
    }

    @Override
    public TableMode usualMode() {
        return TableMode.ALL;
    }

    @Override
    public boolean isTouched(Job job) {
        return film.isTouched(job);
    }

    @Override
    public String whenClear() {
        return "Nothing to decide here.";
    }
}
