package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Arranges pieces on a sheet, none nearer to another than the gap, none nearer to an edge than the
 * rim. The first arrangement of 30 stickers on A4 takes about a second; it gets better until time
 * or rounds are over, or it is stopped. The same seed gives the same arrangement as long as time is
 * not what ends it.
 */
public final class Nester {

    /** So many cells along the square root of the sheet. */
    private static final double CELLS = 360;

    private static final double LEAST_CELL_MM = 0.2;

    /** From the middle of a cell to its corner, in cells. */
    private static final double CORNER = Math.sqrt(0.5) + 1e-6;

    /** Contact is what lies so near, cells. */
    private static final double NEAR_CELLS = 2.2;

    /** How much more places far up count, share of full contact. */
    private static final double UP = 0.25;

    /** Taken off and laid again in a round, at most. */
    private static final int MOST_TAKEN = 6;

    /** After so many rounds one more is squeezed in. */
    private static final int SQUEEZE_EVERY = 60;

    /** Moves for each piece in a squeeze. */
    private static final int MOVES_EACH = 20;

    /** Not more copies are added. */
    private static final int MOST_COPIES = 2000;

    private record Form(Mask mask, Mask near, double full) {}

    private record Spot(int x, int y, int turn, double worth) {}

    private final NestSheet sheet;
    private final NestWish wish;
    private final double cellMm;
    private final CellGrid grid;
    private final List<NestPiece> pieces;
    private final Map<Integer, Form[]> forms = new TreeMap<>();
    private final Map<Integer, Spot> spots = new TreeMap<>();
    private final int asked;
    private final List<Laid> pinned;
    private final Random random;
    private final long end;
    private final Progress progress;

    private Nester(
            List<NestPiece> pieces,
            List<Laid> pinned,
            NestSheet sheet,
            NestWish wish,
            Progress progress) {
        this.sheet = sheet;
        this.wish = wish;
        this.pieces = new ArrayList<>(pieces);
        this.asked = pieces.size();
        this.pinned = pinned;
        this.random = new Random(wish.seed());
        this.end = System.nanoTime() + (long) (wish.seconds() * 1e9);
        this.progress = progress;
        this.cellMm =
                Math.max(LEAST_CELL_MM, Math.sqrt(sheet.widthMm() * sheet.heightMm()) / CELLS);
        this.grid = blocked();
    }

    /**
     * Arranges.
     *
     * @param pieces one each; with {@link NestWish#fill} more copies of them in turn
     * @param pinned those that stay where they are, whatever lies near
     * @param better told of each better arrangement while it goes on
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Nest nest(
            List<NestPiece> pieces,
            List<Laid> pinned,
            NestSheet sheet,
            NestWish wish,
            Consumer<Nest> better,
            Progress progress) {
        return new Nester(pieces, pinned, sheet, wish, progress).run(better);
    }

    /** What is off the rim, or kept out, or pinned, is taken. */
    private CellGrid blocked() {
        CellGrid grid =
                new CellGrid(
                        (int) Math.floor(sheet.widthMm() / cellMm) + 1,
                        (int) Math.floor(sheet.heightMm() / cellMm) + 1);
        GeometryFactory factory = new GeometryFactory();
        Envelope sides =
                new Envelope(-cellMm, sheet.widthMm() + cellMm, -cellMm, sheet.heightMm() + cellMm);
        double spare = sheet.gapMm() / 2 + cellMm * CORNER;
        Envelope room = sheet.inside().getEnvelopeInternal();
        // A piece's cells cover it grown by the spare, and reach so far beyond it at least.
        room.expandBy(Math.sqrt(spare * spare - cellMm * cellMm / 4) - cellMm);
        Geometry free = factory.toGeometry(room);
        grid.take(Mask.of(factory.toGeometry(sides).difference(free), cellMm), 0, 0, true);
        for (Geometry kept : sheet.kept()) {
            grid.take(Mask.of(kept.buffer(cellMm * CORNER), cellMm), 0, 0, true);
        }
        for (Laid one : pinned) {
            Geometry shape = one.place(pieces.get(one.piece()).shape()).buffer(spare);
            grid.take(Mask.of(shape, cellMm), 0, 0, true);
        }
        return grid;
    }

    private Nest run(Consumer<Nest> better) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            int piece = i;
            if (pinned.stream().noneMatch(one -> one.piece() == piece)) {
                order.add(i);
            }
        }
        order.sort(Comparator.comparingDouble((Integer i) -> -area(i)));
        List<Integer> left = lay(order);
        fill();
        Nest best = nest(left);
        better.accept(best);
        for (int round = 0; round < wish.rounds() && isWorthIt(left); round++) {
            progress.report("Arranging", (double) round / wish.rounds());
            if (System.nanoTime() > end) {
                break;
            }
            double before = worth();
            Map<Integer, Spot> kept = new TreeMap<>(spots);
            int copies = pieces.size();
            List<Integer> again = new ArrayList<>(taken());
            again.addAll(left);
            shuffled(again);
            List<Integer> over = lay(again);
            fill();
            if (worth() >= before - 1e-9) {
                left = over;
                if (worth() > before + 1e-9) {
                    best = nest(left);
                    better.accept(best);
                }
            } else {
                restore(kept, copies);
            }
            if (round % SQUEEZE_EVERY == SQUEEZE_EVERY - 1) {
                List<Integer> squeezed = squeezed(left);
                if (squeezed.size() < left.size() || spots.size() > kept.size()) {
                    left = squeezed;
                    fill();
                    best = nest(left);
                    better.accept(best);
                }
            }
        }
        return best;
    }

    /** Tries to squeeze one more in: the smallest that is left, or a copy of the smallest. */
    private List<Integer> squeezed(List<Integer> left) {
        int more =
                left.stream().min(Comparator.comparingDouble(this::area)).orElseGet(this::copied);
        if (more < 0) {
            return left;
        }
        CellGrid blocked = blocked();
        List<Integer> order = new ArrayList<>(spots.keySet());
        order.add(more);
        List<Mask[]> masks = new ArrayList<>();
        List<Squeeze.Place> places = new ArrayList<>();
        for (int piece : order) {
            masks.add(Arrays.stream(form(piece)).map(Form::mask).toArray(Mask[]::new));
            Spot spot = spots.get(piece);
            places.add(
                    spot == null
                            ? new Squeeze.Place(grid.width / 2, grid.height / 2, 0)
                            : new Squeeze.Place(spot.x(), spot.y(), spot.turn()));
        }
        Squeeze squeeze = new Squeeze(blocked, masks, places, random);
        int[] moves = {MOVES_EACH * order.size()};
        boolean done =
                squeeze.run(
                        () -> {
                            progress.report("Arranging", 0);
                            return moves[0]-- <= 0 || System.nanoTime() > end;
                        });
        if (!done) {
            if (more >= asked) {
                pieces.remove(pieces.size() - 1);
            }
            return left;
        }
        for (int i = 0; i < order.size(); i++) {
            Spot was = spots.get(order.get(i));
            if (was != null) {
                grid.take(form(order.get(i))[was.turn()].mask(), was.x(), was.y(), false);
            }
        }
        for (int i = 0; i < order.size(); i++) {
            Squeeze.Place at = squeeze.place(i);
            spots.put(order.get(i), new Spot(at.x(), at.y(), at.turn(), 0));
            grid.take(form(order.get(i))[at.turn()].mask(), at.x(), at.y(), true);
        }
        List<Integer> over = new ArrayList<>(left);
        over.remove(Integer.valueOf(more));
        return over;
    }

    /** One more copy of the smallest; -1 if none are wanted. */
    private int copied() {
        if (!wish.fill()) {
            return -1;
        }
        pieces.add(
                pieces.stream()
                        .min(Comparator.comparingDouble(one -> one.shape().getArea()))
                        .orElseThrow());
        return pieces.size() - 1;
    }

    /** With all laid and no copies wanted there is nothing to win. */
    private boolean isWorthIt(List<Integer> left) {
        return !spots.isEmpty() && (wish.fill() || !left.isEmpty());
    }

    private double area(int piece) {
        return pieces.get(piece).shape().getArea();
    }

    /** The area of what lies there: more is better. */
    private double worth() {
        double worth = 0;
        for (int piece : spots.keySet()) {
            worth += area(piece);
        }
        return worth;
    }

    /** Takes off some that lie near one another. */
    private List<Integer> taken() {
        List<Integer> all = new ArrayList<>(spots.keySet());
        int count = Math.min(all.size(), 2 + random.nextInt(MOST_TAKEN - 1));
        Spot middle = spots.get(all.get(random.nextInt(all.size())));
        all.sort(
                Comparator.comparingDouble(
                        (Integer i) ->
                                Math.hypot(
                                        spots.get(i).x() - middle.x(),
                                        spots.get(i).y() - middle.y())));
        List<Integer> taken = new ArrayList<>(all.subList(0, count));
        for (int piece : taken) {
            Spot spot = spots.remove(piece);
            grid.take(form(piece)[spot.turn()].mask(), spot.x(), spot.y(), false);
        }
        return taken;
    }

    /** Larger ones mostly first, but not always. */
    private void shuffled(List<Integer> order) {
        Map<Integer, Double> key = new TreeMap<>();
        for (int piece : order) {
            key.put(piece, -area(piece) * (0.4 + random.nextDouble()));
        }
        Collections.shuffle(order, random);
        order.sort(Comparator.comparingDouble(key::get));
    }

    private void restore(Map<Integer, Spot> kept, int copies) {
        for (int piece : new ArrayList<>(spots.keySet())) {
            Spot now = spots.get(piece);
            if (!now.equals(kept.get(piece))) {
                grid.take(form(piece)[now.turn()].mask(), now.x(), now.y(), false);
                spots.remove(piece);
            }
        }
        kept.forEach(
                (piece, spot) -> {
                    if (spots.putIfAbsent(piece, spot) == null) {
                        grid.take(form(piece)[spot.turn()].mask(), spot.x(), spot.y(), true);
                    }
                });
        while (pieces.size() > copies) {
            pieces.remove(pieces.size() - 1);
        }
    }

    /** Lays pieces one after the other; those that find no place are left. */
    private List<Integer> lay(List<Integer> order) {
        List<Integer> left = new ArrayList<>();
        for (int piece : order) {
            if (!lay(piece)) {
                left.add(piece);
            }
        }
        return left;
    }

    private boolean lay(int piece) {
        progress.report("Arranging", 0);
        Form[] turned = form(piece);
        Spot best =
                IntStream.range(0, turned.length)
                        .parallel()
                        .mapToObj(turn -> best(turned[turn], turn))
                        .filter(spot -> spot != null)
                        .max(
                                Comparator.comparingDouble(Spot::worth)
                                        .thenComparing(spot -> -spot.turn()))
                        .orElse(null);
        if (best == null) {
            return false;
        }
        spots.put(piece, best);
        grid.take(turned[best.turn()].mask(), best.x(), best.y(), true);
        return true;
    }

    /** Adds copies in turn as long as one of a kind fits. */
    private void fill() {
        if (!wish.fill()) {
            return;
        }
        List<NestPiece> kinds =
                pieces.stream()
                        .collect(
                                Collectors.toMap(
                                        NestPiece::kind,
                                        one -> one,
                                        (one, other) -> one,
                                        TreeMap::new))
                        .values()
                        .stream()
                        .toList();
        List<NestPiece> fitting = new ArrayList<>(kinds);
        for (int k = 0; !fitting.isEmpty() && pieces.size() < MOST_COPIES; ) {
            NestPiece next = fitting.get(k % fitting.size());
            pieces.add(next);
            if (lay(pieces.size() - 1)) {
                k++;
            } else {
                pieces.remove(pieces.size() - 1);
                fitting.remove(next);
            }
            if (System.nanoTime() > end && spots.size() > 0) {
                return;
            }
        }
    }

    /** The free place of most contact, as far up as may be; null if there is none. */
    private Spot best(Form form, int turn) {
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

    private Spot better(Spot best, Form form, int x, int y, int turn) {
        double up = 1 - (y + x / 8.0) / (grid.height + grid.width / 8.0);
        double worth = grid.contact(form.near(), x, y) / form.full() + UP * up;
        return best == null || worth > best.worth() ? new Spot(x, y, turn, worth) : best;
    }

    private Form[] form(int piece) {
        return forms.computeIfAbsent(pieces.get(piece).kind(), kind -> forms(pieces.get(piece)));
    }

    private Form[] forms(NestPiece piece) {
        double spare = sheet.gapMm() / 2 + cellMm * CORNER;
        Geometry grown = piece.shape().buffer(spare, 6);
        Geometry near = piece.shape().buffer(spare + NEAR_CELLS * cellMm, 6);
        Form[] turned = new Form[wish.turns()];
        for (int turn = 0; turn < turned.length; turn++) {
            AffineTransformation map =
                    AffineTransformation.rotationInstance(Math.toRadians(degrees(turn)));
            Mask mask = Mask.of(map.transform(grown), cellMm);
            Mask wide = Mask.of(map.transform(near), cellMm);
            turned[turn] = new Form(mask, wide, Math.max(1, cells(wide) - cells(mask)));
        }
        return turned;
    }

    private static int cells(Mask mask) {
        int cells = 0;
        for (int i = 0; i < mask.size(); i++) {
            cells += mask.to[i] - mask.from[i] + 1;
        }
        return cells;
    }

    private double degrees(int turn) {
        return 360.0 * turn / wish.turns();
    }

    private Nest nest(List<Integer> left) {
        List<Laid> laid = new ArrayList<>(pinned);
        spots.forEach(
                (piece, spot) ->
                        laid.add(
                                new Laid(
                                        piece,
                                        spot.x() * cellMm,
                                        spot.y() * cellMm,
                                        degrees(spot.turn()),
                                        false)));
        List<Integer> missing = left.stream().filter(piece -> piece < asked).sorted().toList();
        return new Nest(pieces, laid, missing, sheet);
    }
}
