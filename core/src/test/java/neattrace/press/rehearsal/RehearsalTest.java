package neattrace.press.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Tints;
import neattrace.press.plate.Laid;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.PlateMap;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class RehearsalTest {

    private static final double REGISTER = 0.3;
    private static final Colorant SEA = Colorant.spot("Sea", new Lab(35, -10, -30));
    private static final Colorant SAND = Colorant.spot("Sand", new Lab(70, 2, 25));

    private static final InkLook LOOK = new InkLook(PressProfile.bundled());

    private static Laid laid(double left, double top, double right, double bottom, Tints tints) {
        return new Laid(
                new Rectangle2D.Double(left, top, right - left, bottom - top), tints, false);
    }

    private static RehearsalRun run(List<Laid> laid, int sheets, long seed) {
        PlateMap map =
                PlateMaker.map(laid, 40, 40, Rehearsal.ppi(REGISTER, 40, 40), Progress.SILENT);
        return Rehearsal.of(
                map,
                PlateMaker.inks(laid),
                PressRecipe.of(REGISTER, seed),
                LOOK,
                sheets,
                run -> {},
                Progress.SILENT);
    }

    private static List<Laid> halves(double overlap) {
        return List.of(
                laid(5, 5, 20 + overlap, 35, Tints.full(SAND)),
                new Laid(new Rectangle2D.Double(20, 5, 15, 30), Tints.full(SEA), overlap > 0));
    }

    @Test
    void paperShowsBetweenInksThatJustMeetAndNoneThatOverlap() {
        RehearsalRun bare = run(halves(0), 100, 1);
        assertThat(bare.meanSliverMm2()).isGreaterThan(0.5);
        assertThat(bare.failing(0.1)).isBetween(30.0, 70.0);
        assertThat(bare.places()).isNotEmpty();
        FaultPlace place = bare.places().get(0);
        assertThat(place.fault()).isEqualTo(Fault.SLIVER);
        assertThat(place.xMm()).isCloseTo(20, within(3.0));
        assertThat(place.widthMm()).isBetween(0.05, REGISTER);
        RehearsalRun trapped = run(halves(REGISTER + 0.01), 100, 1);
        assertThat(trapped.meanSliverMm2()).isZero();
        assertThat(trapped.places()).isEmpty();
    }

    @Test
    void fringesShowRoundRichBlackUnlessItsColoursAreKeptBack() {
        Tints under = Tints.of(new Cmyk(60, 40, 40, 0));
        Laid black =
                new Laid(
                        new Rectangle2D.Double(10, 10, 20, 20),
                        Tints.of(new Cmyk(0, 0, 0, 100)),
                        true);
        RehearsalRun asDrawn = run(List.of(laid(10, 10, 30, 30, under), black), 60, 4);
        assertThat(asDrawn.meanFringeMm2()).isGreaterThan(1);
        assertThat(asDrawn.places().get(0).fault()).isEqualTo(Fault.FRINGE);
        RehearsalRun back = run(List.of(laid(10.31, 10.31, 29.69, 29.69, under), black), 60, 4);
        assertThat(back.meanFringeMm2()).isZero();
    }

    @Test
    void aLightHairlineBetweenTwoInksDrowns() {
        List<Laid> hairline =
                List.of(
                        laid(5, 5, 20, 35, Tints.full(SAND)),
                        laid(20.12, 5, 35, 35, Tints.full(SEA)));
        assertThat(run(hairline, 80, 2).places()).anyMatch(place -> place.fault() == Fault.DROWNED);
        List<Laid> wide =
                List.of(laid(5, 5, 20, 35, Tints.full(SAND)), laid(22, 5, 35, 35, Tints.full(SEA)));
        assertThat(run(wide, 80, 2).places()).isEmpty();
    }

    @Test
    void aLightLineInADarkOneDrownsWithATrapBesideItAsWell() {
        List<Laid> line =
                List.of(
                        laid(5, 5, 20, 35, Tints.full(SEA)),
                        laid(20, 5, 20.1, 35, Tints.full(SAND)),
                        laid(20.1, 5, 35, 35, Tints.full(SEA)));
        List<Laid> trapped = new ArrayList<>(line);
        trapped.add(new Laid(new Rectangle2D.Double(19.8, 5, 0.2, 30), Tints.full(SAND), true));
        trapped.add(new Laid(new Rectangle2D.Double(20.1, 5, 0.2, 30), Tints.full(SAND), true));
        for (List<Laid> one : List.of(line, trapped)) {
            assertThat(run(one, 80, 2).places()).anyMatch(place -> place.fault() == Fault.DROWNED);
        }
    }

    @Test
    void whatLiesBetweenInkAndThePagesEdgeIsNoLine() {
        Tints black = Tints.of(new Cmyk(0, 0, 0, 100));
        assertThat(run(List.of(laid(0.1, 0.1, 39.9, 39.9, black)), 80, 2).places()).isEmpty();
    }

    @Test
    void aRunIsTheSameForTheSameSeedHoweverManySheetsItHas() {
        RehearsalRun one = run(halves(0), 20, 9);
        RehearsalRun again = run(halves(0), 20, 9);
        assertThat(again.sheets()).isEqualTo(one.sheets());
        assertThat(again.places()).isEqualTo(one.places());
        assertThat(run(halves(0), 7, 9).sheets()).isEqualTo(one.sheets().subList(0, 7));
        assertThat(run(halves(0), 20, 10).sheets()).isNotEqualTo(one.sheets());
    }

    @Test
    void noTwoPlatesLieFartherOffThanTheTolerance() {
        for (int number = 0; number < 300; number++) {
            PrintedSheet sheet = Rehearsal.sheet(PressRecipe.of(REGISTER, 3), number, 4, 200, 300);
            for (double x : new double[] {-100, 0, 100}) {
                for (double y : new double[] {-150, 0, 150}) {
                    for (PlateShift a : sheet.shifts()) {
                        for (PlateShift b : sheet.shifts()) {
                            double off =
                                    Math.hypot(a.dx(x, y) - b.dx(x, y), a.dy(x, y) - b.dy(x, y));
                            assertThat(off).isLessThanOrEqualTo(REGISTER + 1e-9);
                        }
                    }
                }
            }
        }
    }

    @Test
    void worstAndUsualSheetsAreThose() {
        RehearsalRun run = run(halves(0), 31, 5);
        assertThat(run.sheets()).allMatch(sheet -> sheet.faultyMm2() <= run.worst().faultyMm2());
        long below =
                run.sheets().stream()
                        .filter(sheet -> sheet.faultyMm2() < run.usual().faultyMm2())
                        .count();
        assertThat(below).isLessThanOrEqualTo(15);
    }

    @Test
    void firstResultsComeBeforeTheLastAndARunCanBeStopped() {
        List<Integer> seen = new ArrayList<>();
        List<Laid> laid = halves(0);
        PlateMap map = PlateMaker.map(laid, 40, 40, 300, Progress.SILENT);
        Rehearsal.of(
                map,
                PlateMaker.inks(laid),
                PressRecipe.of(REGISTER, 1),
                LOOK,
                50,
                run -> seen.add(run.sheets().size()),
                Progress.SILENT);
        assertThat(seen).isSorted().hasSizeGreaterThan(2);
        assertThat(seen.get(0)).isLessThanOrEqualTo(4);
        assertThatThrownBy(
                        () ->
                                Rehearsal.of(
                                        map,
                                        PlateMaker.inks(laid),
                                        PressRecipe.of(REGISTER, 1),
                                        LOOK,
                                        50,
                                        run -> {
                                            throw new CancellationException();
                                        },
                                        Progress.SILENT))
                .isInstanceOf(CancellationException.class);
    }

    /** Worked by hand: a patch of density 0.50 where full ink has 1.50, by Murray and Davies. */
    @Test
    void dotsAreMeasuredByMurrayAndDavies() {
        assertThat(DotGain.tintOf(0.5, 1.5, 1)).isCloseTo(0.7061, within(1e-4));
        assertThat(DotGain.tintOf(0.5, 1.5, 1.7)).isCloseTo(0.5662, within(1e-4));
        assertThat(DotGain.tintOf(0, 1.5, 1)).isZero();
        assertThat(DotGain.tintOf(1.5, 1.5, 1.7)).isCloseTo(1, within(1e-12));
    }

    @Test
    void gainIsMostAtHalfAndEdgesGrowAsRoundDotsDo() {
        DotGain gain = new DotGain(20);
        assertThat(gain.printed(0.5)).isCloseTo(0.7, within(1e-12));
        assertThat(gain.printed(0)).isZero();
        assertThat(gain.printed(1)).isEqualTo(1);
        // Dots of 50 % at 2 lines a mm: radius 0.1995 mm; of 70 %: 0.2360 mm.
        assertThat(gain.spreadMm(2)).isCloseTo(0.0365, within(1e-4));
        assertThatThrownBy(() -> new DotGain(41)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void gapsNarrowerThanEdgesGrowFill() {
        Tints solid = Tints.of(new Cmyk(0, 0, 0, 100));
        List<Laid> laid = List.of(laid(5, 5, 20, 35, solid), laid(20.05, 5, 35, 35, solid));
        PlateMap map = PlateMaker.map(laid, 40, 40, 1000, Progress.SILENT);
        RehearsalRun coarse =
                Rehearsal.of(
                        map,
                        PlateMaker.inks(laid),
                        new PressRecipe(REGISTER, new DotGain(25), 2, 1),
                        LOOK,
                        30,
                        run -> {},
                        Progress.SILENT);
        assertThat(coarse.places()).anyMatch(place -> place.fault() == Fault.FILLED);
        RehearsalRun fine =
                Rehearsal.of(
                        map,
                        PlateMaker.inks(laid),
                        new PressRecipe(REGISTER, new DotGain(10), 8, 1),
                        LOOK,
                        30,
                        run -> {},
                        Progress.SILENT);
        assertThat(fine.places()).noneMatch(place -> place.fault() == Fault.FILLED);
    }
}
