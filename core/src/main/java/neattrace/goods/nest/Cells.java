package neattrace.goods.nest;

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

    /** Corners of a quarter circle; masks are no finer. */
    private static final int QUARTER = 6;

    /**
     * A shape turned.
     *
     * @param mask the cells it takes, half a gap round it included
     * @param near those and the ones beside them
     * @param beside how many those are
     */
    record Turned(Mask mask, Mask near, double beside) {}

    private final NestSheet sheet;
    private final int turns;
    private final double mm;

    /** By half the gap, and so much that no cell's corner is forgotten, mm. */
    private final double spareMm;

    private final Map<Integer, Turned[]> known = new HashMap<>();

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

    double degrees(int turn) {
        return 360.0 * turn / turns;
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

    /** A piece in all directions in which it may lie; copies share them. */
    Turned[] of(NestPiece piece) {
        return known.computeIfAbsent(piece.kind(), kind -> turned(piece));
    }

    private Turned[] turned(NestPiece piece) {
        Geometry grown = piece.shape().buffer(spareMm, QUARTER);
        Geometry near = piece.shape().buffer(spareMm + NEAR * mm, QUARTER);
        Turned[] turned = new Turned[turns];
        for (int turn = 0; turn < turns; turn++) {
            AffineTransformation map =
                    AffineTransformation.rotationInstance(Math.toRadians(degrees(turn)));
            Mask mask = Mask.of(map.transform(grown), mm);
            Mask wide = Mask.of(map.transform(near), mm);
            turned[turn] = new Turned(mask, wide, Math.max(1, wide.cells() - mask.cells()));
        }
        return turned;
    }
}
