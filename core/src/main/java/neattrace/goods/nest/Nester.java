package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import neattrace.stage.Progress;

/**
 * Arranges pieces on a sheet, none nearer to another than the gap, none nearer to an edge than the
 * rim. The first arrangement of 30 stickers on A4 takes about a second; it gets better until time
 * or rounds are over, or it is stopped. The same seed gives the same arrangement as long as time is
 * not what ends it.
 */
public final class Nester {

    /** Taken off and laid again in a round, at most. */
    private static final int MOST_TAKEN = 6;

    /** One round of so many begins from scratch. */
    private static final int FROM_SCRATCH = 4;

    /** In a round pieces are drawn some way by so much of full contact at most. */
    private static final double MOST_PULL = 0.4;

    /** Few pieces may have to lie quite otherwise: they begin from scratch more often. */
    private static final int FEW = 12;

    /** Areas that differ by less are the same, mm2. */
    private static final double SAME = 1e-9;

    /** After so many rounds one more is squeezed in. */
    private static final int SQUEEZE_EVERY = 40;

    /** Moves for each piece in a squeeze. */
    private static final int MOVES_EACH = 20;

    /** The same in larger cells, and how many times as large those are. */
    private static final int ROUGH_MOVES_EACH = 150;

    private static final int COARSE = 3;

    /** Not more copies are added. */
    private static final int MOST_COPIES = 2000;

    private final Arrangement now;
    private final NestWish wish;
    private final Random random;
    private final long end;
    private final Progress progress;

    /** Whether pieces are laid along one another's long edges, too, which takes its time. */
    private boolean along;

    private Nester(Arrangement start, NestWish wish, Progress progress) {
        this.now = start;
        this.wish = wish;
        this.random = new Random(wish.seed());
        this.end = System.nanoTime() + (long) (wish.seconds() * 1e9);
        this.progress = progress;
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
        Arrangement start = new Arrangement(pieces, pinned, sheet, wish.turns());
        List<Integer> free = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            free.add(i);
        }
        pinned.forEach(one -> free.remove(Integer.valueOf(one.piece())));
        return new Nester(start, wish, progress).run(free, better);
    }

    private Nest run(List<Integer> order, Consumer<Nest> better) {
        order.sort(Comparator.comparingDouble((Integer i) -> -now.area(i)));
        List<Integer> left = lay(order, false);
        fill();
        Nest best = now.nest(left);
        better.accept(best);
        for (int round = 0; round < wish.rounds() && isWorthIt(left); round++) {
            progress.report("Arranging", (double) round / wish.rounds());
            if (isOver()) {
                break;
            }
            double before = now.worth();
            left = again(left);
            if (round % SQUEEZE_EVERY == SQUEEZE_EVERY - 1) {
                left = squeezed(left);
            }
            if (now.worth() > before + SAME) {
                best = now.nest(left);
                better.accept(best);
            }
        }
        return best;
    }

    private boolean isOver() {
        return System.nanoTime() > end;
    }

    /** With all laid and no copies wanted there is nothing to win. */
    private boolean isWorthIt(List<Integer> left) {
        return !now.laid().isEmpty() && (wish.fill() || !left.isEmpty());
    }

    /** Lays some pieces again in another order; as it was if that is worse. */
    private List<Integer> again(List<Integer> left) {
        Arrangement.Moment before = now.moment();
        double worth = now.worth();
        boolean few = now.asked() <= FEW;
        boolean scratch = !wish.fill() && random.nextInt(FROM_SCRATCH) < (few ? 3 : 1);
        List<Integer> some = scratch ? now.laid() : neighbours();
        some.forEach(now::takeOff);
        some.addAll(left);
        if (few && random.nextBoolean()) {
            Collections.shuffle(some, random);
        } else {
            shuffle(some);
        }
        if (!wish.fill()) {
            along = few || random.nextBoolean();
            // Those that are left may find room where the others keep to another side.
            double to = 2 * Math.PI * random.nextDouble();
            double pull = MOST_PULL * random.nextDouble();
            now.draw(pull * Math.cos(to), pull * Math.sin(to));
        }
        List<Integer> over = lay(some, true);
        fill();
        if (now.worth() >= worth - SAME) {
            return over;
        }
        now.restore(before);
        return left;
    }

    /** Some that lie near one another. */
    private List<Integer> neighbours() {
        List<Integer> all = now.laid();
        int count = Math.min(all.size(), 2 + random.nextInt(MOST_TAKEN - 1));
        Spot middle = now.spot(all.get(random.nextInt(all.size())));
        all.sort(Comparator.comparingDouble((Integer i) -> away(now.spot(i), middle)));
        return new ArrayList<>(all.subList(0, count));
    }

    private static double away(Spot one, Spot other) {
        return Math.hypot(one.x() - other.x(), one.y() - other.y());
    }

    /** Larger ones mostly first, but not always. */
    private void shuffle(List<Integer> order) {
        Map<Integer, Double> key = new HashMap<>();
        for (int piece : order) {
            key.put(piece, -now.area(piece) * (0.4 + random.nextDouble()));
        }
        Collections.shuffle(order, random);
        order.sort(Comparator.comparingDouble(key::get));
    }

    /** Lays pieces one after the other; those that find no place are left. */
    private List<Integer> lay(List<Integer> order, boolean again) {
        List<Integer> left = new ArrayList<>();
        // Room only gets less: where one found none, no other of its kind does.
        Set<Integer> without = new HashSet<>();
        for (int piece : order) {
            progress.report("Arranging", 0);
            int kind = now.pieces().get(piece).kind();
            boolean late = again && isOver();
            boolean laid =
                    !late
                            && !without.contains(kind)
                            && (along ? now.layAlong(piece) : now.lay(piece));
            if (!laid) {
                without.add(kind);
                left.add(piece);
            }
        }
        return left;
    }

    /** Adds copies in turn as long as one of a kind fits. */
    private void fill() {
        if (!wish.fill()) {
            return;
        }
        List<NestPiece> fitting =
                new ArrayList<>(
                        now.pieces().stream()
                                .collect(
                                        Collectors.toMap(
                                                NestPiece::kind,
                                                one -> one,
                                                (one, other) -> one,
                                                TreeMap::new))
                                .values());
        for (int k = 0; !fitting.isEmpty() && now.pieces().size() < MOST_COPIES; ) {
            progress.report("Arranging", 0);
            NestPiece next = fitting.get(k % fitting.size());
            if (now.lay(now.copy(next))) {
                k++;
            } else {
                now.forgetCopy();
                fitting.remove(next);
            }
            if (isOver() && !now.laid().isEmpty()) {
                return;
            }
        }
    }

    /** Tries to squeeze one more in: the smallest that is left, or a copy of the smallest. */
    private List<Integer> squeezed(List<Integer> left) {
        Comparator<Integer> byArea = Comparator.comparingDouble(now::area);
        boolean copied = left.isEmpty();
        int more =
                copied
                        ? now.copy(
                                now.pieces()
                                        .get(
                                                IntStream.range(0, now.asked())
                                                        .boxed()
                                                        .min(byArea)
                                                        .orElseThrow()))
                        : left.stream().min(byArea).orElseThrow();
        if (!squeeze(more)) {
            if (copied) {
                now.forgetCopy();
            }
            return left;
        }
        List<Integer> over = new ArrayList<>(left);
        over.remove(Integer.valueOf(more));
        return over;
    }

    /**
     * Moves all that lies there until one more fits; false, and nothing changed, if it does not.
     * Larger cells tell soon how it might go; finer ones make sure.
     */
    private boolean squeeze(int more) {
        List<Integer> order = now.laid();
        order.add(more);
        List<Spot> start = new ArrayList<>();
        now.laid().forEach(piece -> start.add(now.spot(piece)));
        CellGrid room = now.room();
        start.add(new Spot(room.width / 2, room.height / 2, 0, 0));
        List<Spot> rough = rough(order, start);
        List<Squeeze.Member> members = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            members.add(new Squeeze.Member(masks(order.get(i)), rough.get(i)));
        }
        Squeeze squeeze = new Squeeze(room, members, random);
        if (!squeeze.run(over(MOVES_EACH * order.size()))) {
            return false;
        }
        now.laid().forEach(now::takeOff);
        for (int i = 0; i < order.size(); i++) {
            now.put(order.get(i), squeeze.spot(i));
        }
        return true;
    }

    /** Where they would lie in larger cells, whether or not all fit there. */
    private List<Spot> rough(List<Integer> order, List<Spot> start) {
        Cells coarse = now.coarse(COARSE);
        List<Squeeze.Member> members = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            int piece = order.get(i);
            Spot at = start.get(i);
            members.add(
                    new Squeeze.Member(
                            coarse.like(now.pieces().get(piece), now.turned(piece)).stream()
                                    .map(Cells.Turned::mask)
                                    .toArray(Mask[]::new),
                            new Spot(
                                    Math.round((float) at.x() / COARSE),
                                    Math.round((float) at.y() / COARSE),
                                    at.turn(),
                                    0)));
        }
        Squeeze squeeze = new Squeeze(now.room(coarse), members, random);
        squeeze.run(over(ROUGH_MOVES_EACH * order.size()));
        List<Spot> rough = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            Spot at = squeeze.spot(i);
            rough.add(new Spot(COARSE * at.x(), COARSE * at.y(), at.turn(), 0));
        }
        return rough;
    }

    private BooleanSupplier over(int most) {
        int[] moves = {most};
        return () -> {
            progress.report("Arranging", 0);
            return moves[0]-- <= 0 || isOver();
        };
    }

    private Mask[] masks(int piece) {
        return now.turned(piece).stream().map(Cells.Turned::mask).toArray(Mask[]::new);
    }
}
