package neattrace.goods.stencil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Sheets of known shape: how wide their webs are is how wide they were drawn, mm. */
class WebFinderTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Envelope SHEET = new Envelope(0, 60, 0, 60);
    private static final double LEAST = 2;

    private static Geometry box(double x, double y, double width, double height) {
        return FACTORY.toGeometry(new Envelope(x, x + width, y, y + height));
    }

    private static Geometry polygon(double... xy) {
        Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
        for (int i = 0; i < ring.length; i++) {
            int k = i % (xy.length / 2);
            ring[i] = new Coordinate(xy[2 * k], xy[2 * k + 1]);
        }
        return FACTORY.createPolygon(ring);
    }

    private static List<Web> webs(Geometry cut) {
        Geometry rest = FACTORY.toGeometry(SHEET).difference(cut);
        return WebFinder.of(SheetRaster.of(SHEET, List.of(rest)), LEAST).stream()
                .map(WebFinder.Found::web)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.8, 1.2, 1.6})
    void aWebBetweenTwoCutsIsAsWideAsItIs(double wide) {
        Geometry cut = box(10, 20, 15, 20).union(box(25 + wide, 20, 15, 20));
        List<Web> webs = webs(cut).stream().filter(Web::holds).toList();
        assertThat(webs).hasSize(1);
        assertThat(webs.get(0).widthMm()).isCloseTo(wide, within(0.15));
        // Where it opens there are funnels, which are narrow as well.
        assertThat(webs.get(0).lengthMm()).isBetween(19.0, 20 + 2 * LEAST);
        assertThat(webs.get(0).at().x()).isCloseTo(25 + wide / 2, within(wide / 2));
        assertThat(webs.get(0).at().y()).isBetween(20.0, 40.0);
    }

    @Test
    void whatIsWideEnoughIsNoWeb() {
        assertThat(webs(box(10, 20, 15, 20).union(box(27.4, 20, 15, 20)))).isEmpty();
        assertThat(webs(box(10, 20, 15, 20))).isEmpty();
        assertThat(webs(FACTORY.createPolygon())).isEmpty();
    }

    /** An hourglass of 1.8 mm at its ends and 0.6 mm in its middle. */
    @Test
    void anHourglassIsAsNarrowAsItsMiddle() {
        Geometry left = polygon(10, 20, 25, 20, 25.6, 30, 25, 40, 10, 40);
        Geometry right = polygon(26.8, 20, 45, 20, 45, 40, 26.8, 40, 26.2, 30);
        List<Web> webs = webs(left.union(right)).stream().filter(Web::holds).toList();
        assertThat(webs).hasSize(1);
        assertThat(webs.get(0).widthMm()).isCloseTo(0.6, within(0.2));
        assertThat(webs.get(0).at().y()).isCloseTo(30, within(2.0));
    }

    /** A web of 1.4 mm with a slot running off it to a point: the point is no width of the web. */
    @Test
    void aTipBesideAWebIsNotItsWidth() {
        Geometry left = box(10, 20, 15, 20);
        Geometry right = box(26.4, 20, 15, 20);
        Geometry slot = polygon(26.4, 29.2, 34, 30, 26.4, 30.8);
        List<Web> webs =
                webs(left.union(right.difference(slot))).stream().filter(Web::holds).toList();
        assertThat(webs).isNotEmpty();
        assertThat(webs).allMatch(web -> Math.abs(web.widthMm() - 1.4) < 0.2);
    }

    @Test
    void aPointedTongueHoldsNothing() {
        List<Web> webs = webs(box(10, 10, 40, 40).difference(polygon(20, 50, 21, 25, 22, 50)));
        assertThat(webs).noneMatch(Web::holds);
    }

    @Test
    void aLongThinWebFlapsAndAShortOneDoesNot() {
        Geometry longOne = box(5, 5, 20, 50).union(box(26, 5, 20, 50));
        assertThat(webs(longOne)).anyMatch(Web::flaps);
        Geometry shortOne = box(5, 25, 20, 10).union(box(26, 25, 20, 10));
        assertThat(webs(shortOne)).isNotEmpty().noneMatch(Web::flaps);
    }

    @Test
    void twoWebsAreTwoAndTheNarrowestComesFirst() {
        Geometry cut =
                box(5, 5, 15, 15)
                        .union(box(21.2, 5, 15, 15))
                        .union(box(5, 35, 15, 15))
                        .union(box(20.7, 35, 15, 15));
        List<Web> webs = webs(cut).stream().filter(Web::holds).toList();
        assertThat(webs).hasSize(2);
        assertThat(webs.get(0).widthMm()).isCloseTo(0.7, within(0.15));
        assertThat(webs.get(1).widthMm()).isCloseTo(1.2, within(0.15));
    }

    @Test
    void aRasterSaysWhatLiesWhere() {
        SheetRaster raster = SheetRaster.of(SHEET, List.of(box(0, 0, 20, 60), box(40, 0, 20, 60)));
        assertThat(raster.pieceAt(5, 30)).isZero();
        assertThat(raster.pieceAt(50, 30)).isEqualTo(1);
        assertThat(raster.pieceAt(30, 30)).isEqualTo(-1);
        assertThat(raster.pieceAt(-1, 30)).isEqualTo(-2);
        assertThat(raster.pieceAt(30, 61)).isEqualTo(-2);
        assertThat(raster.box().getMinX()).isZero();
        assertThat(raster.box().getMaxY()).isCloseTo(60, within(0.2));
        int index = 7 + 3 * raster.width();
        Point at = new Point(raster.x(index), raster.y(index));
        assertThat(at.x()).isCloseTo(7.5 / raster.pxPerMm(), within(1e-9));
        assertThat(at.y()).isCloseTo(3.5 / raster.pxPerMm(), within(1e-9));
    }

    @Test
    void aSheetAsLargeAsADoorStaysWithinMemory() {
        Envelope door = new Envelope(0, 2000, 0, 900);
        SheetRaster raster = SheetRaster.of(door, List.of(FACTORY.toGeometry(door)));
        assertThat((long) raster.width() * raster.height()).isLessThanOrEqualTo(9_100_000);
        assertThat(raster.pieceAt(1999, 899)).isZero();
    }
}
