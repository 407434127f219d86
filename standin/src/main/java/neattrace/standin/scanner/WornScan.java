package neattrace.standin.scanner;

import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;

/**
 * A scan and what is on it that the drawing has not.
 *
 * @param sheet the scan
 * @param dust middles of the dark specks, px; none of them touches the drawing's ink
 * @param whites middles of the bright specks on the ink, px
 */
public record WornScan(GreySheet sheet, List<Speck> dust, List<Speck> whites) {

    public WornScan {
        dust = List.copyOf(dust);
        whites = List.copyOf(whites);
    }

    /**
     * One speck.
     *
     * @param at its middle, px
     * @param radius px
     */
    public record Speck(Point at, double radius) {}
}
