package neattrace.geom;

import java.util.function.UnaryOperator;

/**
 * A decision that holds to places on the drawing's page. Whatever moves the page, a crop, a tilt, a
 * turn or another resolution, moves them, wherever in a job they are kept: what has a part that is
 * one is one itself.
 *
 * @param <T> what it is
 */
public interface OnPage<T> {

    /**
     * The same where the drawing now is.
     *
     * @param map from places on the old page to the new one, mm
     * @param growth how much lengths on the page grow
     */
    T moved(UnaryOperator<Point> map, double growth);
}
