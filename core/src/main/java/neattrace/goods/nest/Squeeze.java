package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Makes room where pieces overlap: one after the other moves to where it overlaps least, and pairs
 * that go on overlapping weigh more and more (guided local search: J. Egeblad, B. Nielsen and A.
 * Odgaard, "Fast neighborhood search for two- and three-dimensional nesting problems", European
 * Journal of Operational Research 183, 2007). Overlap is counted in cells, by sums along rows.
 */
final class Squeeze {

    /** Places are looked at so far apart first, cells. */
    private static final int STRIDE = 4;

    /** So many of them are looked at more closely. */
    private static final int CLOSELY = 4;

    private static final float GROWTH = 1.1f;

    private static final float MOST_WEIGHT = 1e5f;

    /** A cell off the sheet weighs so many. */
    private static final float OFF = 40;

    /**
     * A piece.
     *
     * @param masks by turn
     * @param at where it lies at first
     */
    record Member(Mask[] masks, Spot at) {}

    private final int width;
    private final int height;
    private final CellGrid blocked;
    private final Mask[][] masks;
    private final Spot[] places;
    private final float[][] weight;
    private final float[] cells;

    /** Whose a cell is: its number and one; 0 for nobody. */
    private final int[] owner;

    private final float[] sums;
    private final Random random;

    /**
     * Pieces to be moved apart.
     *
     * @param blocked what is taken by none of them
     */
    Squeeze(CellGrid blocked, List<Member> members, Random random) {
        this.width = blocked.width;
        this.height = blocked.height;
        this.blocked = blocked;
        this.masks = members.stream().map(Member::masks).toArray(Mask[][]::new);
        this.places = members.stream().map(Member::at).toArray(Spot[]::new);
        this.weight = new float[places.length][places.length];
        for (float[] row : weight) {
            Arrays.fill(row, 1);
        }
        this.cells = new float[width * height];
        this.owner = new int[width * height];
        this.sums = new float[(width + 1) * height];
        this.random = random;
    }

    /** Moves them; whether none overlaps any more before it is over. */
    boolean run(BooleanSupplier over) {
        while (!over.getAsBoolean()) {
            List<Integer> bad = overlapping();
            if (bad.isEmpty()) {
                return true;
            }
            int piece = bad.get(random.nextInt(bad.size()));
            places[piece] = best(piece);
        }
        return false;
    }

    /** Where a piece lies now. */
    Spot spot(int piece) {
        return places[piece];
    }

    /** Those that overlap another or the sheet's edge; their weights grow. */
    private List<Integer> overlapping() {
        boolean[] bad = new boolean[places.length];
        Arrays.fill(owner, 0);
        for (int piece = 0; piece < places.length; piece++) {
            Mask mask = masks[piece][places[piece].turn()];
            boolean[] met = new boolean[places.length];
            for (int i = 0; i < mask.size(); i++) {
                int row = places[piece].y() + mask.row[i];
                int from = places[piece].x() + mask.from[i];
                int to = places[piece].x() + mask.to[i];
                if (row < 0 || row >= height || from < 0 || to >= width) {
                    bad[piece] = true;
                    continue;
                }
                for (int at = row * width + from; at <= row * width + to; at++) {
                    if (owner[at] > 0) {
                        met[owner[at] - 1] = true;
                    }
                    owner[at] = piece + 1;
                }
            }
            bad[piece] |=
                    blocked.free(mask, places[piece].x(), places[piece].y()) != places[piece].x();
            for (int other = 0; other < piece; other++) {
                if (met[other]) {
                    bad[piece] = true;
                    bad[other] = true;
                    grow(piece, other);
                }
            }
        }
        return IntStream.range(0, bad.length).filter(i -> bad[i]).boxed().toList();
    }

    private void grow(int one, int other) {
        float grown = Math.min(MOST_WEIGHT, GROWTH * weight[one][other]);
        weight[one][other] = grown;
        weight[other][one] = grown;
    }

    /** Where a piece overlaps least. */
    private Spot best(int piece) {
        weigh(piece);
        int offX = random.nextInt(STRIDE);
        int offY = random.nextInt(STRIDE);
        return IntStream.range(0, masks[piece].length)
                .parallel()
                .mapToObj(turn -> best(masks[piece][turn], turn, offX, offY))
                .max(Comparator.comparingDouble(Spot::worth).thenComparing(spot -> -spot.turn()))
                .orElseThrow();
    }

    /** The place of a mask that overlaps least; its worth is the overlap, less than nothing. */
    private Spot best(Mask mask, int turn, int offX, int offY) {
        List<Spot> near = new ArrayList<>();
        double limit = Double.MAX_VALUE;
        for (int y = offY; y < height; y += STRIDE) {
            for (int x = offX; x < width; x += STRIDE) {
                double overlap = overlap(mask, x, y, limit);
                if (overlap < limit) {
                    near.add(new Spot(x, y, turn, -overlap));
                    near.sort(Comparator.comparingDouble(Spot::worth).reversed());
                    if (near.size() > CLOSELY) {
                        near.remove(CLOSELY);
                        limit = -near.get(CLOSELY - 1).worth();
                    }
                }
            }
        }
        return near.stream()
                .map(one -> downhill(mask, one))
                .max(Comparator.comparingDouble(Spot::worth))
                .orElseThrow();
    }

    private Spot downhill(Mask mask, Spot from) {
        Spot at = from;
        for (int step = STRIDE / 2; step >= 1; ) {
            Spot better = at;
            for (int dy = -step; dy <= step; dy += step) {
                for (int dx = -step; dx <= step; dx += step) {
                    double overlap = overlap(mask, at.x() + dx, at.y() + dy, -better.worth());
                    if (overlap < -better.worth()) {
                        better = new Spot(at.x() + dx, at.y() + dy, at.turn(), -overlap);
                    }
                }
            }
            step = better == at ? step / 2 : step;
            at = better;
        }
        return at;
    }

    /** What lies in each cell but this piece, by weight, and its sums along rows. */
    private void weigh(int piece) {
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                cells[y * width + x] = blocked.isTaken(x, y) ? OFF : 0;
            }
        }
        for (int other = 0; other < places.length; other++) {
            if (other == piece) {
                continue;
            }
            Mask mask = masks[other][places[other].turn()];
            for (int i = 0; i < mask.size(); i++) {
                int row = places[other].y() + mask.row[i];
                int from = Math.max(0, places[other].x() + mask.from[i]);
                int to = Math.min(width - 1, places[other].x() + mask.to[i]);
                for (int x = from; row >= 0 && row < height && x <= to; x++) {
                    cells[row * width + x] += weight[piece][other];
                }
            }
        }
        for (int y = 0; y < height; y++) {
            float sum = 0;
            for (int x = 0; x < width; x++) {
                sum += cells[y * width + x];
                sums[y * (width + 1) + x + 1] = sum;
            }
        }
    }

    private double overlap(Mask mask, int x, int y, double limit) {
        double sum = 0;
        for (int i = 0; i < mask.size() && sum < limit; i++) {
            int row = y + mask.row[i];
            int from = x + mask.from[i];
            int to = x + mask.to[i];
            if (row < 0 || row >= height) {
                sum += OFF * (to - from + 1);
                continue;
            }
            int left = Math.max(0, Math.min(width, from));
            int right = Math.max(0, Math.min(width, to + 1));
            sum += OFF * (to - from + 1 - Math.max(0, right - left));
            if (left < right) {
                int at = row * (width + 1);
                sum += sums[at + right] - sums[at + left];
            }
        }
        return sum;
    }
}
