package neattrace.standin.cutter;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;

/** Looks at the order of cuts: inside before outside, through the face before through all. */
final class CutSequence {

    private CutSequence() {}

    static List<String> faults(List<CutPath> cuts) {
        List<String> faults = new ArrayList<>();
        boolean through = false;
        for (CutPath cut : cuts) {
            if (through && !cut.through()) {
                faults.add("A kiss cut comes after a cut through the backing.");
                break;
            }
            through |= cut.through();
        }
        List<Path2D> shapes = cuts.stream().map(CutSequence::shape).toList();
        for (int i = 0; i < cuts.size(); i++) {
            for (int j = i + 1; j < cuts.size(); j++) {
                Point at = cuts.get(j).start();
                boolean late =
                        cuts.get(i).isClosed()
                                && cuts.get(i).through() == cuts.get(j).through()
                                && shapes.get(i).contains(at.x(), at.y());
                if (late) {
                    faults.add("An inner cut comes after the cut round it, which sets it free.");
                    return faults;
                }
            }
        }
        return faults;
    }

    private static Path2D shape(CutPath cut) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < cut.points().size(); i++) {
            Point at = cut.points().get(i);
            if (i == 0) {
                path.moveTo(at.x(), at.y());
            } else {
                path.lineTo(at.x(), at.y());
            }
        }
        path.closePath();
        return path;
    }
}
