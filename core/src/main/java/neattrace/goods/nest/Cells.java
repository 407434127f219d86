package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** A sheet and the shapes for it as cells. */
final class Cells {

    /** So many cells along the square root of the sheet. */
    private static final double MOST = 360;

    private static final double LEAST_MM = 0.2;

    /** From the middle of a cell to its corner, in cells. */
    private static final double CORNER = Math.sqrt(0.5) + 1e-6;

    /** Contact is what lies so near, cells. */
    private static final double NEAR = 2.2;

    /** Directions so near to each other are one. */
    private static final double SAME_DEGREES = 0.2;

    /** So many directions along other pieces are kept of a piece at most. */
    private static final int MOST_ALONG = 160;

    /** Corners of a quarter circle; masks are no finer. */
    private static final int QUARTER = 6;

    /**
     * A shape turned.
     *
     * @param degrees by so much, clockwise as y runs down
     * @param mask the cells it takes, half a gap round it included
     * @param near those and the ones beside them
     * @param beside how many those are
     */
    record Turned(double degrees, Mask mask, Mask near, double beside) {}

    private final NestSheet sheet;
    private final int turns;
    private final double mm;

    /** By half the gap, and so much that no cell's corner is forgotten, mm. */
    private final double spareMm;

    /** By kind: evenly round first, then as pieces lie along others. */
    private final Map<Integer, List<Turned>> known = new HashMap<>();

    Cells(NestSheet sheet, int turns) {
        this.sheet = sheet;
        this.turns = turns;
        this.mm = Math.max(LEAST_MM, Math.sqrt(sheet.widthMm() * sheet.heightMm()) / MOST);
        this.spareMm = sheet.gapMm() / 2 + mm * CORNER;
    }

    /** The same in larger cells, with no more spare than the gap: for a quick look. */
    private Cells(Cells fine, int times) {
        this.sheet = fine.sheet;
        this.turns = fine.turns;
        this.mm = fine.mm * times;
        this.spareMm = sheet.gapMm() / 2;
    }

    /** So many times as large cells. */
    Cells coarse(int times) {
        return new Cells(this, times);
    }

    /** How large a cell is, mm. */
    double mm() {
        return mm;
    }

    /** The sheet, where what is off the rim, kept out, or pinned is taken. */
    CellGrid room(List<NestPiece> pieces, List<Laid> pinned) {
        CellGrid grid =
                new CellGrid(
                        (int) Math.floor(sheet.widthMm() / mm) + 1,
                        (int) Math.floor(sheet.heightMm() / mm) + 1);
        GeometryFactory factory = new GeometryFactory();
        Envelope sides = new Envelope(-mm, sheet.widthMm() + mm, -mm, sheet.heightMm() + mm);
        Envelope room = sheet.inside().getEnvelopeInternal();
        // A piece's cells cover it grown by the spare, and reach so far beyond it at least.
        room.expandBy(Math.sqrt(Math.max(0, spareMm * spareMm - mm * mm / 4)) - mm);
        Geometry free = factory.toGeometry(room);
        grid.take(Mask.of(factory.toGeometry(sides).difference(free), mm), 0, 0, true);
        for (Geometry kept : sheet.kept()) {
            grid.take(Mask.of(kept.buffer(mm * CORNER), mm), 0, 0, true);
        }
        for (Laid one : pinned) {
            Geometry shape = one.place(pieces.get(one.piece()).shape()).buffer(spareMm);
            grid.take(Mask.of(shape, mm), 0, 0, true);
        }
        return grid;
    }

    /** In how many directions pieces may lie evenly round; those come first. */
    int even() {
        return turns;
    }

    /** A piece in all directions in which it lay so far or may lie; copies share them. */
    List<Turned> of(NestPiece piece) {
        return known.computeIfAbsent(piece.kind(), kind -> evenly(piece));
    }

    /**
     * The number of a direction among those of a piece, as a new one if need be; -1 for too many.
     */
    int at(NestPiece piece, double degrees) {
        List<Turned> all = of(piece);
        double wanted = degrees - 360 * Math.floor(degrees / 360);
        for (int i = 0; i < all.size(); i++) {
            double off = Math.abs(all.get(i).degrees() - wanted);
            if (Math.min(off, 360 - off) < SAME_DEGREES) {
                return i;
            }
        }
        if (all.size() >= turns + MOST_ALONG) {
            return -1;
        }
        all.add(turned(piece, wanted));
        return all.size() - 1;
    }

    /** A piece in the same directions as in other cells. */
    List<Turned> like(NestPiece piece, List<Turned> others) {
        return others.stream().map(other -> turned(piece, other.degrees())).toList();
    }

    private List<Turned> evenly(NestPiece piece) {
        List<Turned> all = new ArrayList<>();
        for (int turn = 0; turn < turns; turn++) {
            all.add(turned(piece, 360.0 * turn / turns));
        }
        return all;
    }

    private Turned turned(NestPiece piece, double degrees) {
        AffineTransformation map = AffineTransformation.rotationInstance(Math.toRadians(degrees));
        Geometry shape = map.transform(piece.shape());
        Mask mask = Mask.of(shape.buffer(spareMm, QUARTER), mm);
        Mask wide = Mask.of(shape.buffer(spareMm + NEAR * mm, QUARTER), mm);
        return new Turned(degrees, mask, wide, Math.max(1, wide.cells() - mask.cells()));
    }
}
