package neattrace.flat.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.flat.AreaGroup;
import neattrace.geom.Point;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Parts a layer into objects. Time grows with its pieces times their logarithm, and the union. */
public final class ObjectShapes {

    private ObjectShapes() {}

    /**
     * The objects of a layer: its groups in their order, then whatever else hangs together.
     *
     * @param groups areas named as belonging together; a piece in two groups belongs to the first
     */
    public static List<NamedShape> of(FlatLayer layer, List<AreaGroup> groups) {
        List<MultiPolygon> pieces = layer.pieces();
        int[] groupOf = groupOf(pieces, groups);
        List<NamedShape> shapes = new ArrayList<>();
        boolean anyNamed = false;
        for (int group = 0; group < groups.size(); group++) {
            List<Geometry> own = members(pieces, groupOf, group);
            if (!own.isEmpty()) {
                shapes.add(new NamedShape(groups.get(group).name(), OverlayNGRobust.union(own)));
                anyNamed = true;
            }
        }
        List<Geometry> rest = members(pieces, groupOf, -1);
        if (!rest.isEmpty()) {
            Geometry united = anyNamed ? OverlayNGRobust.union(rest) : layer.shape();
            for (int i = 0; i < united.getNumGeometries(); i++) {
                shapes.add(new NamedShape("", united.getGeometryN(i)));
            }
        }
        return shapes;
    }

    private static List<Geometry> members(List<MultiPolygon> pieces, int[] groupOf, int group) {
        List<Geometry> members = new ArrayList<>();
        for (int piece = 0; piece < groupOf.length; piece++) {
            if (groupOf[piece] == group) {
                members.add(pieces.get(piece));
            }
        }
        return members;
    }

    /** The group of each piece, -1 for none. */
    private static int[] groupOf(List<MultiPolygon> pieces, List<AreaGroup> groups) {
        int[] groupOf = new int[pieces.size()];
        Arrays.fill(groupOf, -1);
        if (groups.isEmpty() || pieces.isEmpty()) {
            return groupOf;
        }
        STRtree boxes = new STRtree();
        for (int piece = 0; piece < groupOf.length; piece++) {
            boxes.insert(pieces.get(piece).getEnvelopeInternal(), piece);
        }
        for (int group = 0; group < groups.size(); group++) {
            for (Point anchor : groups.get(group).anchors()) {
                Coordinate at = new Coordinate(anchor.x(), anchor.y());
                for (Object found : boxes.query(new Envelope(at))) {
                    int piece = (Integer) found;
                    if (groupOf[piece] < 0 && contains(pieces.get(piece), at)) {
                        groupOf[piece] = group;
                    }
                }
            }
        }
        return groupOf;
    }

    private static boolean contains(MultiPolygon piece, Coordinate at) {
        return SimplePointInAreaLocator.locate(at, piece) != Location.EXTERIOR;
    }
}
