package neattrace.goods.sheet;

import neattrace.goods.sticker.Sticker;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A sticker for a sheet, about the middle of its cut.
 *
 * @param name what it shows
 * @param sticker with everything
 * @param copies how many are asked for, 1 or more
 */
public record SheetItem(String name, Sticker sticker, int copies) {

    /** More of one drawing lie on no sheet. */
    public static final int MOST_COPIES = 3000;

    public SheetItem {
        if (copies < 1 || copies > MOST_COPIES) {
            throw new IllegalArgumentException("1 to 3000 copies");
        }
        if (sticker.cuts().isEmpty()) {
            throw new IllegalArgumentException("there is nothing to make a sticker of: " + name);
        }
    }

    /** Where the reference point lies on the sticker's page, mm. */
    public Coordinate middle() {
        return sticker.area().getEnvelopeInternal().centre();
    }

    /**
     * What is cut out, about its reference point: all its pieces as one, hull of them if several.
     */
    Polygon shape() {
        Coordinate middle = middle();
        AffineTransformation map = AffineTransformation.translationInstance(-middle.x, -middle.y);
        return sticker.cuts().size() == 1
                ? (Polygon) map.transform(outside())
                : (Polygon) map.transform(sticker.area().convexHull());
    }

    private Polygon outside() {
        Polygon area = sticker.cuts().get(0).area();
        return area.getFactory().createPolygon(area.getExteriorRing());
    }
}
