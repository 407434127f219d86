package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Pieces on a sheet while they are being arranged: where each lies, and which cells are taken. Not
 * thread-safe.
 */
final class Arrangement {

    /** How much more places far up count, share of full contact; those at the left a little. */
    private static final double UP = 0.25;

    private static final double LEFT = 0.03;

    private final NestSheet sheet;
    private final Cells cells;
    private final CellGrid grid;
    private final List<NestPiece> pieces;
    private final int asked;
    private final List<Laid> pinned;
    private final Map<Integer, Spot> spots = new TreeMap<>();

    /** Long edges by kind. */
    private final Map<Integer, double[]> edges = new HashMap<>();

    /** Where pieces are drawn to, besides to where they have most contact. */
    private double towardsX = -LEFT;

    private double towardsY = -UP;

    Arrangement(List<NestPiece> pieces, List<Laid> pinned, NestSheet sheet, int turns) {
        this.sheet = sheet;
        this.cells = new Cells(sheet, turns);
        this.pieces = new ArrayList<>(pieces);
        this.asked = pieces.size();
        this.pinned = pinned;
        this.grid = cells.room(pieces, pinned);
    }

    /** What it was at some moment. */
    record Moment(Map<Integer, Spot> spots, int pieces) {}

    Moment moment() {
        return new Moment(new TreeMap<>(spots), pieces.size());
    }

    void restore(Moment moment) {
        for (int piece : laid()) {
            if (!spots.get(piece).equals(moment.spots.get(piece))) {
                takeOff(piece);
            }
        }
        moment.spots.forEach(
                (piece, spot) -> {
                    if (!spots.containsKey(piece)) {
                        put(piece, spot);
                    }
                });
        while (pieces.size() > moment.pieces) {
            pieces.remove(pieces.size() - 1);
        }
    }

    List<NestPiece> pieces() {
        return pieces;
    }

    /** How many pieces are not copies. */
    int asked() {
        return asked;
    }

    List<Integer> laid() {
        return new ArrayList<>(spots.keySet());
    }

    Spot spot(int piece) {
        return spots.get(piece);
    }

    double area(int piece) {
        return pieces.get(piece).shape().getArea();
    }

    /** The area of what lies there: more is better. */
    double worth() {
        return spots.keySet().stream().mapToDouble(this::area).sum();
    }

    /** Masks of a piece by turn. */
    List<Cells.Turned> turned(int piece) {
        return cells.of(pieces.get(piece));
    }

    /** The sheet with none of the pieces on it that can be moved. */
    CellGrid room() {
        return cells.room(pieces, pinned);
    }

    /** The same in larger cells. */
    Cells coarse(int times) {
        return cells.coarse(times);
    }

    /** The sheet in larger cells. */
    CellGrid room(Cells coarse) {
        return coarse.room(pieces, pinned);
    }

    /** One more copy; its number. */
    int copy(NestPiece piece) {
        pieces.add(piece);
        return pieces.size() - 1;
    }

    /** Takes the last copy away, which lies nowhere. */
    void forgetCopy() {
        pieces.remove(pieces.size() - 1);
    }

    void put(int piece, Spot spot) {
        spots.put(piece, spot);
        grid.take(turned(piece).get(spot.turn()).mask(), spot.x(), spot.y(), true);
    }

    void takeOff(int piece) {
        Spot spot = spots.remove(piece);
        grid.take(turned(piece).get(spot.turn()).mask(), spot.x(), spot.y(), false);
    }

    /**
     * Draws pieces that are laid from now on elsewhere than upwards.
     *
     * @param x to the right, by so much of full contact from one side of the sheet to the other
     * @param y downwards
     */
    void draw(double x, double y) {
        towardsX = x;
        towardsY = y;
    }

    /** Lays a piece where it has most contact; false if there is no free place. */
    boolean lay(int piece) {
        return lay(piece, IntStream.range(0, cells.even()));
    }

    /**
     * The same in directions, too, in which its long straight edges lie along those of others and
     * of the sheet.
     */
    boolean layAlong(int piece) {
        return lay(
                piece,
                IntStream.concat(
                        IntStream.range(0, cells.even()),
                        along(piece).stream()
                                .mapToInt(Integer::intValue)
                                .filter(turn -> turn >= cells.even())));
    }

    private boolean lay(int piece, IntStream turns) {
        List<Cells.Turned> turned = turned(piece);
        Spot best =
                turns.parallel()
                        .mapToObj(turn -> best(turned.get(turn), turn))
                        .filter(Objects::nonNull)
                        .max(
                                Comparator.comparingDouble(Spot::worth)
                                        .thenComparing(spot -> -spot.turn()))
                        .orElse(null);
        if (best == null) {
            return false;
        }
        put(piece, best);
        return true;
    }

    private TreeSet<Integer> along(int piece) {
        TreeSet<Integer> turns = new TreeSet<>();
        double[] own = edges(piece);
        for (double edge : own) {
            for (int side = 0; side < 4; side++) {
                turns.add(cells.at(pieces.get(piece), 90 * side - edge));
            }
        }
        for (int other : own.length == 0 ? List.<Integer>of() : laid()) {
            double turn = turned(other).get(spots.get(other).turn()).degrees();
            for (double there : edges(other)) {
                for (double edge : own) {
                    turns.add(cells.at(pieces.get(piece), there + turn + 180 - edge));
                }
            }
        }
        return turns;
    }

    private double[] edges(int piece) {
        NestPiece of = pieces.get(piece);
        return edges.computeIfAbsent(of.kind(), kind -> LongEdges.directions(of.shape()));
    }

    /** The free place of most contact, as far up as may be; null if there is none. */
    private Spot best(Cells.Turned form, int turn) {
        Spot best = null;
        Mask mask = form.mask();
        for (int y = 0; y < grid.height; y++) {
            int x = 0;
            while (x < grid.width) {
                int next = grid.free(mask, x, y);
                if (next > x) {
                    x = next;
                    continue;
                }
                best = better(best, form, x, y, turn);
                int end = x + grid.way(mask, x, y);
                if (end > x) {
                    best = better(best, form, end, y, turn);
                }
                x = end + 1;
            }
        }
        return best;
    }

    private Spot better(Spot best, Cells.Turned form, int x, int y, int turn) {
        double way = towardsX * x / grid.width + towardsY * y / grid.height;
        double worth = grid.contact(form.near(), x, y) / form.beside() + way;
        return best == null || worth > best.worth() ? new Spot(x, y, turn, worth) : best;
    }

    /**
     * As it is now.
     *
     * @param left pieces that found no place
     */
    Nest nest(List<Integer> left) {
        List<Laid> all = new ArrayList<>(pinned);
        spots.forEach(
                (piece, spot) ->
                        all.add(
                                new Laid(
                                        piece,
                                        spot.x() * cells.mm(),
                                        spot.y() * cells.mm(),
                                        turned(piece).get(spot.turn()).degrees(),
                                        false)));
        List<Integer> missing = left.stream().filter(piece -> piece < asked).sorted().toList();
        return new Nest(pieces, all, missing, sheet);
    }
}
