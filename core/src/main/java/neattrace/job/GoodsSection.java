package neattrace.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import neattrace.goods.Costs;
import neattrace.goods.FileUse;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.making.Makings;

/**
 * What the drawing is for.
 *
 * @param wanted the goods, the main ones first; empty as long as nobody has said
 * @param lastId the last id that was given
 */
public record GoodsSection(List<WantedGoods> wanted, int lastId) implements OnPage<GoodsSection> {

    /** Nobody has said. */
    public static final GoodsSection UNDECIDED = new GoodsSection(List.of(), 0);

    /** No drawing is for more goods at once. */
    public static final int MOST = 24;

    public GoodsSection {
        wanted = List.copyOf(wanted);
        Set<Integer> ids = new HashSet<>();
        for (WantedGoods one : wanted) {
            if (one.id() < 1 || one.id() > lastId || !ids.add(one.id())) {
                throw new IllegalArgumentException("goods have ids of their own");
            }
        }
        if (wanted.size() > MOST) {
            throw new IllegalArgumentException("a drawing is for at most 24 goods");
        }
    }

    /** The main ones. */
    public Optional<WantedGoods> main() {
        return wanted.stream().findFirst();
    }

    /** The goods with an id. */
    public Optional<WantedGoods> of(int id) {
        return wanted.stream().filter(one -> one.id() == id).findFirst();
    }

    /** The first goods of a kind; usual ones if there are none. */
    public WantedGoods firstOf(GoodsKind kind) {
        return wanted.stream()
                .filter(one -> one.goods().kind() == kind)
                .findFirst()
                .orElseGet(() -> UNDECIDED.with(UsualGoods.of(kind)).wanted().get(0));
    }

    /** The same with more goods, of which nothing is said yet. */
    public GoodsSection with(Goods goods) {
        List<WantedGoods> next = new ArrayList<>(wanted);
        next.add(
                new WantedGoods(
                        lastId + 1,
                        goods,
                        true,
                        0,
                        "",
                        false,
                        Costs.UNKNOWN,
                        Makings.USUAL,
                        FileUse.usual(goods.kind())));
        return new GoodsSection(next, lastId + 1);
    }

    /** The same with goods changed, whose id is there. */
    public GoodsSection with(WantedGoods changed) {
        return new GoodsSection(
                wanted.stream().map(one -> one.id() == changed.id() ? changed : one).toList(),
                lastId);
    }

    /** The same with the goods of an id changed; as it is if they are not there. */
    public GoodsSection changed(int id, UnaryOperator<WantedGoods> change) {
        return of(id).map(one -> with(change.apply(one))).orElse(this);
    }

    /** The same without some goods. */
    public GoodsSection without(int id) {
        return new GoodsSection(wanted.stream().filter(one -> one.id() != id).toList(), lastId);
    }

    /** The same with some goods as the main ones. */
    public GoodsSection withMain(int id) {
        List<WantedGoods> next = new ArrayList<>();
        of(id).ifPresent(next::add);
        wanted.stream().filter(one -> one.id() != id).forEach(next::add);
        return new GoodsSection(next, lastId);
    }

    /**
     * What goods are called in findings: their kind, with a number from the second of a kind on,
     * such as {@code sticker-2}.
     */
    public String key(WantedGoods goods) {
        int before = 0;
        for (WantedGoods one : wanted) {
            if (one.id() == goods.id()) {
                break;
            }
            before += one.goods().kind() == goods.goods().kind() ? 1 : 0;
        }
        String kind = goods.goods().kind().key();
        return before == 0 ? kind : kind + "-" + (before + 1);
    }

    @Override
    public GoodsSection moved(UnaryOperator<Point> map, double growth) {
        return new GoodsSection(
                wanted.stream().map(one -> one.moved(map, growth)).toList(), lastId);
    }
}
