package neattrace.print.ready;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
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
import neattrace.press.plate.Laid;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.PlateMap;
import neattrace.press.plate.PlatePicture;
import neattrace.press.plate.PlateView;
import neattrace.press.rehearsal.DotGain;
import neattrace.press.rehearsal.PressRecipe;
import neattrace.press.rehearsal.PrintedSheet;
import neattrace.press.rehearsal.Rehearsal;
import neattrace.press.rehearsal.RehearsalRun;
import neattrace.press.rehearsal.SheetPicture;
import neattrace.press.trap.Trap;
import neattrace.print.PlateWork;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;

/**
 * A sheet for the press with all that is needed to look at its plates. Safe for several threads.
 */
public final class PlateStudy {

    private static final double PICK_MM = 1e-3;

    private final PressSheet sheet;
    private final PressFacts facts;
    private final List<Laid> laid;
    private final List<Laid> plain;
    private final List<Colorant> plates;
    private final InkLook look;

    private PlateStudy(PressSheet sheet, PressFacts facts) {
        this.sheet = sheet;
        this.facts = facts;
        this.laid = PlateWork.of(sheet.plan());
        this.plain = PlateWork.of(sheet.plain());
        this.plates = PlateMaker.inks(laid);
        this.look = new InkLook(sheet.plan().press());
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
        PressSheet sheet = PressSheet.of(made, fit, progress.part(0.2, 0.8));
        return new PlateStudy(sheet, PressFacts.of(sheet, progress.part(0.8, 1)));
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
                DotGain.COATED,
                new Rectangle2D.Double(0, 0, sheet.plan().widthMm(), sheet.plan().heightMm()),
                window,
                width,
                height,
                look,
                ground);
    }

    /** What comes to lie at a place on the sheet, mm. */
    public Tints at(Point mm) {
        Rectangle2D spot =
                new Rectangle2D.Double(
                        mm.x() - PICK_MM / 2, mm.y() - PICK_MM / 2, PICK_MM, PICK_MM);
        return PlateMaker.map(laid, spot, 1, 1, Progress.SILENT).at(0, 0);
    }

    /** A place with the most ink, mm on the sheet; empty if there is none. */
    public Optional<Point> heaviestPlace() {
        if (facts.plates().composites().isEmpty()) {
            return Optional.empty();
        }
        double most = facts.plates().heaviest();
        PlateMap map =
                PlateMaker.map(
                        laid,
                        sheet.plan().widthMm(),
                        sheet.plan().heightMm(),
                        facts.plates().ppi(),
                        Progress.SILENT);
        int[] run = new int[2];
        for (int i = 0, length = 0; i < map.numbers().length; i++) {
            boolean heavy = map.composites().get(map.numbers()[i] & 0xffff).total() > most - 1e-6;
            length = heavy && i % map.width() > 0 ? length + 1 : heavy ? 1 : 0;
            if (length > run[1]) {
                run[0] = i - length / 2;
                run[1] = length;
            }
        }
        double mmPerPx = 25.4 / map.ppi();
        return run[1] == 0
                ? Optional.empty()
                : Optional.of(
                        new Point(
                                (run[0] % map.width() + 0.5) * mmPerPx,
                                (run[0] / map.width() + 0.5) * mmPerPx));
    }

    /** What tints look like. */
    public Rgb screen(Tints tints) {
        return look.screen(tints);
    }

    /** Traps that are made. */
    public List<Trap> traps() {
        return sheet.ready().traps().stream()
                .filter(trap -> !sheet.ready().untrapped().contains(trap))
                .toList();
    }

    /** The press section with a trap switched off, or on again, at a place on the sheet, mm. */
    public PressSection turned(PressSection press, Point mm, double reachMm) {
        Point page = sheet.onPage(mm);
        List<Point> kept =
                press.untrapped().stream()
                        .filter(one -> one.distance(page) * sheet.factor() > reachMm)
                        .toList();
        if (kept.size() < press.untrapped().size()) {
            return press.withUntrapped(kept);
        }
        List<Point> all = new ArrayList<>(kept);
        all.add(page);
        return press.withUntrapped(all);
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
        List<Laid> work = ready ? laid : plain;
        double width = sheet.plan().widthMm();
        double height = sheet.plan().heightMm();
        double ppi = Rehearsal.ppi(recipe.registerMm(), width, height);
        PlateMap map = PlateMaker.map(work, width, height, ppi, progress.part(0, 0.05));
        return Rehearsal.of(
                map, PlateMaker.inks(work), recipe, sheets, sofar, progress.part(0.05, 1));
    }

    /** The plates in the order of the shifts of printed sheets. */
    public List<Colorant> plates() {
        return plates;
    }
}
