package neattrace.standin.cutter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import neattrace.export.DxfWriter;
import neattrace.export.HpglWriter;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import neattrace.goods.cut.CutInks;
import neattrace.goods.cut.CutLine;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.StickerCut;
import neattrace.goods.sticker.StickerPlan;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

class StandInCutterTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double HEIGHT = 100;

    private static List<CutPath> read(String text) throws IOException {
        return CutFileReader.read(text.getBytes(StandardCharsets.US_ASCII), HEIGHT);
    }

    private static Geometry box(double x, double y, double width, double height) {
        return FACTORY.toGeometry(new Envelope(x, x + width, y, y + height));
    }

    private static StickerCut cut() {
        return CutLine.of(box(20, 20, 40, 30), CutRecipe.USUAL).get(0);
    }

    private static PrintPlan plan() {
        CubicLoop round = CubicLoop.polygon(10, 10, 75, 10, 75, 60, 10, 60);
        return new PrintPlan(
                "",
                100,
                HEIGHT,
                0,
                List.of(
                        StickerPlan.kiss(List.of(cut().outside()), CutInks.USUAL),
                        StickerPlan.through(List.of(round), CutInks.USUAL)),
                PressProfile.bundled());
    }

    /**
     * As the language's guide says (from memory): 40 units a mm, y up, PD draws from where it is.
     */
    @Test
    void readsHpglAsItsGuideSays() throws IOException {
        List<CutPath> cuts =
                read("IN;SP1;PA;PU400,400;PD800,400,800,800;PU;SP2;PR;PU-400,0;PD0,-400;");
        assertThat(cuts).hasSize(2);
        assertThat(cuts.get(0).points())
                .containsExactly(new Point(10, 90), new Point(20, 90), new Point(20, 80));
        assertThat(cuts.get(0).through()).isFalse();
        assertThat(cuts.get(1).points()).containsExactly(new Point(10, 80), new Point(10, 90));
        assertThat(cuts.get(1).through()).isTrue();
    }

    @Test
    void readsBothKindsOfFilesAsTheyAreWritten() throws IOException {
        ByteArrayOutputStream hpgl = new ByteArrayOutputStream();
        HpglWriter.write(plan(), hpgl);
        ByteArrayOutputStream dxf = new ByteArrayOutputStream();
        DxfWriter.write(plan(), dxf);
        for (byte[] file : List.of(hpgl.toByteArray(), dxf.toByteArray())) {
            List<CutPath> cuts = CutFileReader.read(file, HEIGHT);
            assertThat(cuts).hasSize(2).allMatch(CutPath::isClosed);
            assertThat(cuts.get(1).through()).isTrue();
            assertThat(cuts.get(0).lengthMm())
                    .isEqualTo(cut().outside().length(0.001), within(0.1));
            for (Point at : cuts.get(0).points()) {
                assertThat(
                                cut().area()
                                        .getBoundary()
                                        .distance(
                                                FACTORY.createPoint(
                                                        new Coordinate(at.x(), at.y()))))
                        .isLessThan(0.04);
            }
        }
    }

    @Test
    void saysPlainlyWhatIsNoCutFile() {
        assertThatThrownBy(() -> read("hello")).hasMessageContaining("no cut file");
        assertThatThrownBy(() -> read("IN;SP1;PU1,2;")).hasMessageContaining("nothing to cut");
        assertThatThrownBy(() -> read("IN;PD1,2,3;")).hasMessageContaining("has no y");
        assertThatThrownBy(() -> read("IN;PD1,x;")).hasMessageContaining("is no number");
        assertThatThrownBy(() -> read("  0\r\nSECTION\r\nx\r\n1\r\n"))
                .isInstanceOf(CutFileException.class);
    }

    @Test
    void theTipKeepsToStraightLinesAndRoundsCorners() {
        CutPath corner =
                new CutPath(false, List.of(new Point(0, 50), new Point(20, 50), new Point(20, 70)));
        StandInCutter.Run run =
                StandInCutter.run(
                        List.of(corner), HEIGHT, new CutterSettings(0.25, 0, 0.5, 60, 200, 0.15));
        double worst = 0;
        for (Point tip : run.tips().get(0).points()) {
            double off = Math.min(Math.abs(tip.y() - 50), Math.abs(tip.x() - 20));
            worst = Math.max(worst, off);
            if (tip.x() < 19) {
                assertThat(tip.y()).isEqualTo(50, within(1e-6));
            }
        }
        assertThat(worst).isBetween(0.01, 0.25);
        assertThat(run.lifting()).hasSize(1);
        StandInCutter.Run right = StandInCutter.run(List.of(corner), HEIGHT, CutterSettings.USUAL);
        assertThat(right.tips().get(0).points())
                .allMatch(tip -> Math.abs(tip.y() - 50) < 1e-6 || Math.abs(tip.x() - 20) < 1e-6);
        StandInCutter.Run round =
                StandInCutter.run(
                        List.of(new CutPath(false, points(cut()))), HEIGHT, CutterSettings.USUAL);
        assertThat(round.lifting()).isEmpty();
    }

    private static List<Point> points(StickerCut cut) {
        double[] xy = cut.outside().flatten(0.01);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            points.add(new Point(xy[i], xy[i + 1]));
        }
        points.add(points.get(0));
        return points;
    }

    @Test
    void timeAndTravelAreThoseOfTheWay() {
        CutPath line = new CutPath(false, List.of(new Point(30, 60), new Point(90, 60)));
        CutterSettings settings = new CutterSettings(0, 0, 0, 60, 200, 0.15);
        StandInCutter.Run run = StandInCutter.run(List.of(line), HEIGHT, settings);
        // From (0, 100) to (30, 60) are 50 mm, back from (90, 60) are 98.49 mm.
        assertThat(run.travelMm()).isEqualTo(50 + Math.hypot(90, 40), within(1e-9));
        assertThat(run.seconds()).isEqualTo(60 / 60.0 + 0.3 + run.travelMm() / 200, within(1e-9));
    }

    @Test
    void tellsABadOrder() {
        List<Point> outside =
                List.of(
                        new Point(0, 0),
                        new Point(50, 0),
                        new Point(50, 50),
                        new Point(0, 50),
                        new Point(0, 0));
        List<Point> inside =
                List.of(new Point(10, 10), new Point(20, 10), new Point(20, 20), new Point(10, 10));
        CutPath kiss = new CutPath(false, inside);
        CutPath round = new CutPath(false, outside);
        CutPath through = new CutPath(true, outside);
        assertThat(order(kiss, round, through)).isEmpty();
        assertThat(order(round, kiss)).singleElement().asString().contains("inner cut");
        assertThat(order(through, kiss)).singleElement().asString().contains("kiss cut");
    }

    private static List<String> order(CutPath... cuts) {
        return StandInCutter.run(List.of(cuts), HEIGHT, CutterSettings.USUAL).badOrder();
    }

    /** Moving the cut by hand in 360 directions, the first drift that shows anything. */
    private static double byHand(Geometry area, Geometry bled) {
        double low = 0;
        double high = 10;
        while (high - low > 0.002) {
            double drift = (low + high) / 2;
            boolean shows = false;
            for (int k = 0; k < 360 && !shows; k++) {
                Geometry moved =
                        AffineTransformation.translationInstance(
                                        drift * Math.cos(Math.toRadians(k)),
                                        drift * Math.sin(Math.toRadians(k)))
                                .transform(area);
                shows = !bled.covers(moved);
            }
            low = shows ? low : drift;
            high = shows ? drift : high;
        }
        return low;
    }

    @Test
    void theDriftItFindsIsThatOfGeometry() {
        StickerCut cut = cut();
        Geometry bled = cut.area().buffer(0.4, 32);
        CutPath path = new CutPath(false, points(cut));
        DriftCheck.Margin margin = DriftCheck.of(List.of(path), bled, box(20, 20, 40, 30)).get(0);
        assertThat(margin.backgroundMm()).isEqualTo(byHand(cut.area(), bled), within(0.05));
        assertThat(margin.artMm()).isEqualTo(2.5, within(0.06));
        Geometry none = cut.area().buffer(-0.1);
        assertThat(DriftCheck.of(List.of(path), none, FACTORY.createPolygon()).get(0))
                .matches(one -> one.backgroundMm() == 0 && Double.isInfinite(one.artMm()));
    }
}
