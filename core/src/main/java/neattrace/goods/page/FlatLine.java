package neattrace.goods.page;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** A straight line with a width, which ends flush. */
public final class FlatLine {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final BufferParameters FLUSH =
            new BufferParameters(2, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 2);

    private FlatLine() {}

    /** A line from one place to another. */
    public static Geometry of(Coordinate from, Coordinate to, double width) {
        return BufferOp.bufferOp(
                FACTORY.createLineString(new Coordinate[] {from, to}), width / 2, FLUSH);
    }
}
