package neattrace.sheet.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.SplittableRandom;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.sheet.Mask;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.Blemish.Kind;
import neattrace.stage.Progress;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class BlemishFinderTest {

    private static final double PX_PER_MM = 10;

    /** A shade of the paper at a place, 1 for none. */
    private interface Shade {
        double at(int x, int y);
    }

    private static InkReading read(Shade shade) {
        SplittableRandom chance = new SplittableRandom(1);
        GreySheet sheet = Sheets.framed(1200, 900, 250, 6);
        byte[] samples = new byte[sheet.samples().length];
        for (int i = 0; i < samples.length; i++) {
            double tone = sheet.samples()[i] == 0 ? 25 : 238;
            double value = tone * shade.at(i % 1200, i / 1200) + 2 * chance.nextGaussian();
            samples[i] = (byte) (int) Math.max(0, Math.min(255, Math.rint(value)));
        }
        return InkMapper.read(
                new GreySheet(1200, 900, samples),
                SheetRecipe.automatic(),
                PX_PER_MM,
                Progress.SILENT);
    }

    @Test
    void aCleanSheetHasNone() {
        assertThat(BlemishFinder.find(read((x, y) -> 1))).isEmpty();
        assertThat(BlemishFinder.find(read((x, y) -> 1 - 0.4 * x / 1200))).isEmpty();
    }

    @Test
    void theShadowOfASpineIsAStripAlongTheEdge() {
        List<Blemish> found =
                BlemishFinder.find(read((x, y) -> 1 - 0.5 * Math.exp(-Math.pow(x / 80.0, 2))));
        assertThat(found).extracting(Blemish::kind).containsExactly(Kind.SPINE);
        assertThat(found.get(0).x()).isZero();
        assertThat(found.get(0).height()).isEqualTo(900);
        assertThat(found.get(0).width()).isBetween(60, 260);
        assertThat(found.get(0).cutsInk()).isFalse();
    }

    @Test
    void aStampAndASmudgeAreFoundWhereTheyAre() {
        List<Blemish> found =
                BlemishFinder.find(
                        read(
                                (x, y) -> {
                                    double ring = Math.hypot(x - 1080, y - 120);
                                    double spot = Math.hypot(x - 120, (y - 760) / 0.7);
                                    boolean stamp =
                                            Math.abs(ring - 70) < 4 || Math.abs(ring - 45) < 3;
                                    return (stamp ? 0.8 : 1)
                                            * (1 - 0.2 * Math.exp(-Math.pow(spot / 60, 2)));
                                }));
        assertThat(found)
                .extracting(Blemish::kind)
                .containsExactlyInAnyOrder(Kind.MARK, Kind.SMUDGE);
        for (Blemish blemish : found) {
            Point middle = blemish.kind() == Kind.MARK ? new Point(1080, 120) : new Point(120, 760);
            assertThat(blemish.x()).isLessThan((int) middle.x());
            assertThat(blemish.x() + blemish.width()).isGreaterThan((int) middle.x());
            assertThat(blemish.y()).isLessThan((int) middle.y());
            assertThat(blemish.y() + blemish.height()).isGreaterThan((int) middle.y());
            assertThat(blemish.inkPieces()).isZero();
        }
    }

    @Test
    void inkAlongTheBorderIsTheSheetsOwnEdgeAndOneMaskTakesItAway() {
        InkReading reading = read((x, y) -> y > 885 ? 0.1 : 1);
        List<Blemish> found = BlemishFinder.find(reading);
        assertThat(found).extracting(Blemish::kind).contains(Kind.EDGE);
        Blemish edge = found.get(0);
        assertThat(edge.kind()).as("what carries ink comes first").isEqualTo(Kind.EDGE);
        assertThat(edge.inkPieces()).isEqualTo(1);
        InkReading masked =
                InkMapper.read(
                        new neattrace.raster.Picture(
                                reading.grey(),
                                new int[0],
                                neattrace.raster.Resolution.assumed(),
                                "",
                                List.of()),
                        SheetRecipe.automatic().withMask(new Mask(edge.shape(), Mask.Kind.ERASE)),
                        PX_PER_MM,
                        null,
                        Progress.SILENT);
        assertThat(BlemishFinder.find(masked)).isEmpty();
        assertThat(masked.map().isInk(600, 895)).isFalse();
        assertThat(masked.map().isInk(600, 252)).isTrue();
    }

    @Test
    void theThinShadowOfTheSheetsEdgeIsFoundALittleInside() {
        List<Blemish> found =
                BlemishFinder.find(read((x, y) -> Math.abs(x - 1140 - y / 200) < 3 ? 0.2 : 1));
        assertThat(found).extracting(Blemish::kind).contains(Kind.EDGE);
        assertThat(found.get(0).x()).isBetween(1130, 1140);
        assertThat(found.get(0).height()).isEqualTo(900);
    }

    /** The everyday scan of the demo has a strip, a smudge and a postmark. */
    @Test
    void theDemosBlemishesAreFound() {
        ScanSettings scan = SkerryMail.MOTH.everydayScan();
        InkReading reading =
                InkMapper.read(
                        StandInScanner.scan(Drawings.of(SkerryMail.MOTH), scan),
                        SheetRecipe.automatic(),
                        scan.ppi() / 25.4,
                        Progress.SILENT);
        assertThat(BlemishFinder.find(reading))
                .extracting(Blemish::kind)
                .contains(Kind.SPINE, Kind.MARK);
    }

    /** A photo in bad light: what is offered to be masked off must never be the drawing. */
    @Test
    void unevenLightAllOverIsNoBlemish() {
        List<Blemish> found =
                BlemishFinder.find(
                        read(
                                (x, y) -> {
                                    double spine = 1 - 0.6 * Math.exp(-Math.pow(x / 60.0, 2));
                                    double waves =
                                            1 - 0.14 * Math.pow(Math.sin(x / 90.0 + y / 70.0), 2);
                                    return spine * waves * (1 - 0.3 * y / 900.0);
                                }));
        assertThat(found)
                .allSatisfy(
                        blemish ->
                                assertThat(blemish.width() * (double) blemish.height())
                                        .isLessThan(0.55 * 1200 * 900));
    }
}
