package neattrace.goods.page;

import java.util.Optional;
import neattrace.geom.Point;
import org.locationtech.jts.geom.Geometry;

/**
 * A number on a page, mm of the page.
 *
 * @param number of the swatch, from 1
 * @param at its middle
 * @param heightMm of its digits
 * @param letters their shapes
 * @param leader what leads from it to an area without room for it; empty if it stands in its area
 */
public record PlacedNumber(
        int number, Point at, double heightMm, Geometry letters, Optional<Geometry> leader) {}
