package neattrace.print.ready;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.goods.GoodsFit;
import neattrace.job.PressSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackShapes;
import neattrace.press.plate.Laid;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.PlateMap;
import neattrace.press.plate.PlatePicture;
import neattrace.press.plate.PlateView;
import neattrace.press.rehearsal.DotGain;
import neattrace.press.rehearsal.PressRecipe;
import neattrace.press.rehearsal.PrintedSheet;
import neattrace.press.rehearsal.RehearsalRun;
import neattrace.press.rehearsal.SheetPicture;
import neattrace.press.trap.Trap;
import neattrace.print.PlateWork;
import neattrace.print.PrintPlan;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A sheet for the press with all that is needed to look at its plates. Safe for several threads.
 */
public final class PlateStudy {

    /** What lies where is looked up on so many pixels at most. */
    private static final double MOST_PIXELS = 8e6;

    /** So much black ink is solid, percent. */
    private static final double SOLID = 90;

    /** So many places with most ink are looked for. */
    private static final int MOST_PLACES = 12;

    private final PressSheet sheet;
    private final PressFacts facts;
    private final List<Laid> laid;
    private final List<Laid> plain;
    private final List<Colorant> plates;
    private final InkLook look;
    private final PlateMap map;
    private final List<FewerInks> merges;
    private final List<InkPlace> heaviest;

    private PlateStudy(PressSheet sheet, PressFacts facts, Progress progress) {
        this.sheet = sheet;
        this.facts = facts;
        this.laid = PlateWork.of(sheet.plan());
        this.plain = PlateWork.of(sheet.plain());
        this.plates = PlateMaker.inks(laid);
        this.look = new InkLook(sheet.plan().press());
        double width = sheet.plan().widthMm();
        double height = sheet.plan().heightMm();
        double ppi = Math.min(600, 25.4 * Math.sqrt(MOST_PIXELS / (width * height)));
        this.map = PlateMaker.map(laid, width, height, ppi, progress);
        this.merges = FewerInks.ranked(sheet.art());
        this.heaviest = heaviest(map);
    }

    /**
     * Studies a drawing.
     *
     * @param wanted goods it is printed on; empty for the page as it is
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PlateStudy of(
            Pipeline pipeline, Drawing drawing, Optional<WantedGoods> wanted, Progress progress)
            throws PictureException {
        Drawing made = drawing;
        Optional<GoodsFit> fit = Optional.empty();
        if (wanted.isPresent()) {
            GoodsDrawing on =
                    GoodsDrawing.of(pipeline, drawing, wanted.get(), progress.part(0, 0.2));
            made = on.drawing();
            fit = Optional.of(on.fit());
        }
        PressArt own = PressArt.of(made);
        PressArt art = wanted.map(one -> own.on(one.goods())).orElse(own);
        PressSheet sheet = PressSheet.of(art, fit, progress.part(0.2, 0.8));
        return new PlateStudy(
                sheet, PressFacts.of(sheet, progress.part(0.8, 0.9)), progress.part(0.9, 1));
    }

    /** The sheet. */
    public PressSheet sheet() {
        return sheet;
    }

    /** What was measured of it. */
    public PressFacts facts() {
        return facts;
    }

    /** Its inks as they are printed. */
    public List<Colorant> inks() {
        return facts.order();
    }

    /** What an ink looks like in full. */
    public Rgb colour(Colorant ink) {
        return ink.kind() == Colorant.Kind.UNDERBASE ? Rgb.WHITE : look.screen(Tints.full(ink));
    }

    /** The paper as it is measured. */
    public Rgb paper() {
        return sheet.plan().press().paper().toScreen();
    }

    /**
     * A part of the sheet.
     *
     * @param window mm
     * @return 0xffRRGGBB, row by row
     */
    public int[] picture(Rectangle2D window, int width, int height, PlateView view) {
        PlateMap map =
                PlateMaker.map(
                        laid,
                        window,
                        PlatePicture.FINE * width,
                        PlatePicture.FINE * height,
                        Progress.SILENT);
        return PlatePicture.of(map, view, look);
    }

    /** The same as a printed sheet shows it, before it was made ready or after. */
    public int[] printed(
            PrintedSheet one,
            boolean ready,
            Set<Colorant> left,
            DotGain gain,
            Rectangle2D window,
            int width,
            int height,
            Rgb ground) {
        List<Laid> work = ready ? laid : plain;
        return SheetPicture.of(
                work,
                PlateMaker.inks(work),
                one,
                left,
                gain,
                new Rectangle2D.Double(0, 0, sheet.plan().widthMm(), sheet.plan().heightMm()),
                window,
                width,
                height,
                look,
                ground);
    }

    /** What comes to lie at a place on the sheet, mm; nothing beside it. */
    public Tints at(Point mm) {
        int x = (int) Math.floor(mm.x() / sheet.plan().widthMm() * map.width());
        int y = (int) Math.floor(mm.y() / sheet.plan().heightMm() * map.height());
        boolean out = x < 0 || y < 0 || x >= map.width() || y >= map.height();
        return out ? Tints.NONE : map.at(x, y);
    }

    /** Every merge of one ink into another, those that harm least first. */
    public List<FewerInks> merges() {
        return merges;
    }

    /**
     * Places with the most ink, the heaviest first: one for each of the composites that lie there,
     * in the longest run of it.
     *
     * @param most how many at most; no more than {@value #MOST_PLACES} are known
     */
    public List<InkPlace> heaviestPlaces(int most) {
        return heaviest.subList(0, Math.min(most, heaviest.size()));
    }

    private static List<InkPlace> heaviest(PlateMap map) {
        int[] longest = new int[map.composites().size()];
        int[] middle = new int[longest.length];
        short[] numbers = map.numbers();
        for (int i = 0, length = 0; i < numbers.length; i++) {
            boolean on = i % map.width() > 0 && numbers[i] == numbers[i - 1];
            length = on ? length + 1 : 1;
            int number = numbers[i] & 0xffff;
            if (length > longest[number]) {
                longest[number] = length;
                middle[number] = i - length / 2;
            }
        }
        double mmPerPx = 25.4 / map.ppi();
        return IntStream.range(0, longest.length)
                .filter(i -> longest[i] > 0 && map.composites().get(i).total() > 0)
                .boxed()
                .sorted(
                        Comparator.comparingDouble((Integer i) -> map.composites().get(i).total())
                                .reversed())
                .limit(MOST_PLACES)
                .map(
                        i ->
                                new InkPlace(
                                        map.composites().get(i),
                                        new Point(
                                                (middle[i] % map.width() + 0.5) * mmPerPx,
                                                (middle[i] / map.width() + 0.5) * mmPerPx)))
                .toList();
    }

    /**
     * Inks that lie on one another.
     *
     * @param at a place where they do, mm on the sheet
     */
    public record InkPlace(Tints tints, Point at) {}

    /** Whether colours meet, trapped or not, within a reach of a place on the sheet, mm. */
    public boolean hasSeam(Point mm, double reachMm) {
        Geometry place = new GeometryFactory().createPoint(new Coordinate(mm.x(), mm.y()));
        return sheet.ready().traps().stream()
                .anyMatch(trap -> trap.seam().isWithinDistance(place, reachMm));
    }

    /**
     * The press section with the trap of the seam at a place on the sheet, mm, switched off; or on
     * again, wherever on that seam it was switched off.
     */
    public PressSection turned(PressSection press, Point mm) {
        List<Trap> traps = sheet.ready().traps();
        Optional<Trap> there = PressReady.nearest(traps, mm);
        if (there.isEmpty()) {
            return press;
        }
        List<Point> kept =
                press.untrapped().stream()
                        .filter(
                                one ->
                                        PressReady.nearest(traps, sheet.onSheet(one))
                                                .filter(trap -> trap.seam() == there.get().seam())
                                                .isEmpty())
                        .toList();
        if (kept.size() < press.untrapped().size()) {
            return press.withUntrapped(kept);
        }
        List<Point> all = new ArrayList<>(kept);
        all.add(sheet.onPage(mm));
        return press.withUntrapped(all);
    }

    /** Whether solid black is printed at a place on the sheet, mm. */
    public boolean isBlack(Point mm) {
        return at(mm).of(Colorant.BLACK) >= SOLID;
    }

    /**
     * The press section with the piece of black at a place on the sheet, mm, printed the other way:
     * with colours beneath it, or without; what was chosen there before is left to the rule again.
     */
    public PressSection turnedBlack(PressSection press, Point mm) {
        Point page = sheet.onPage(mm);
        List<BlackChoice> kept =
                press.choices().stream()
                        .filter(
                                one ->
                                        one.at().distance(page) * sheet.factor()
                                                > BlackShapes.REACH_MM)
                        .toList();
        if (kept.size() < press.choices().size()) {
            return press.withChoices(kept);
        }
        Geometry place = new GeometryFactory().createPoint(new Coordinate(mm.x(), mm.y()));
        boolean rich = sheet.ready().underlay().isWithinDistance(place, BlackShapes.REACH_MM);
        List<BlackChoice> all = new ArrayList<>(kept);
        all.add(new BlackChoice(page, !rich));
        return press.withChoices(all);
    }

    /** The press section with the area at a place on the sheet, mm, in the next darker tone. */
    public PressSection darker(PressSection press, Point mm) {
        return sheet.oneColour()
                .map(one -> press.withOneColour(one.darker(press.oneColour(), sheet.onPage(mm))))
                .orElse(press);
    }

    /**
     * Prints sheets on the stand-in press.
     *
     * @param ready as made ready, or as drawn
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public RehearsalRun rehearse(
            boolean ready,
            int sheets,
            PressRecipe recipe,
            Consumer<RehearsalRun> sofar,
            Progress progress) {
        PrintPlan plan = ready ? sheet.plan() : sheet.plain();
        return SheetRehearsals.run(plan, sheets, recipe, sofar, progress);
    }

    /** The plates in the order of the shifts of printed sheets. */
    public List<Colorant> plates() {
        return plates;
    }
}
