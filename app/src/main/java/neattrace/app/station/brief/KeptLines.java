package neattrace.app.station.brief;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import neattrace.app.work.Aside;
import neattrace.app.work.Shown;
import neattrace.app.work.Workspace;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.print.Artwork;
import neattrace.stage.Progress;

/** Drawings as they come out on goods; those whose lines keep their width are traced aside. */
final class KeptLines {

    private final Workspace workspace;

    /** Asked from beside the window's thread whether it is still wanted. */
    private final Map<Integer, Wish> wishes = new ConcurrentHashMap<>();

    private final Map<Integer, Art> made = new ConcurrentHashMap<>();

    KeptLines(Workspace workspace) {
        this.workspace = workspace;
    }

    /** A drawing on goods, and its art. */
    record Art(GoodsDrawing made, Artwork artwork) {}

    /** What was asked for. */
    private record Wish(Drawing drawing, WantedGoods wanted) {

        boolean isSameAs(Wish other) {
            return other != null
                    && drawing.lines() == other.drawing.lines()
                    && drawing.layers() == other.drawing.layers()
                    && wanted.goods().equals(other.wanted.goods());
        }
    }

    /** Forgets all but some goods. */
    void keep(List<WantedGoods> wanted) {
        List<Integer> ids = wanted.stream().map(WantedGoods::id).toList();
        wishes.keySet().retainAll(ids);
        made.keySet().retainAll(ids);
    }

    /**
     * The drawing on goods, as far as it is known: with scaled lines until others are traced.
     *
     * @param whenTraced called once they are, if they are still wanted
     */
    Art of(Shown shown, WantedGoods wanted, Runnable whenTraced) {
        Drawing drawing = shown.drawing();
        Art scaled =
                new Art(new GoodsDrawing(drawing, GoodsDrawing.fit(drawing, wanted)), shown.art());
        if (!wanted.weightsKept() || drawing.lines().isEmpty()) {
            wishes.remove(wanted.id());
            made.remove(wanted.id());
            return scaled;
        }
        Wish wish = new Wish(drawing, wanted);
        if (!wish.isSameAs(wishes.get(wanted.id()))) {
            wishes.put(wanted.id(), wish);
            made.remove(wanted.id());
            trace(wish, whenTraced);
        }
        return made.getOrDefault(wanted.id(), scaled);
    }

    private void trace(Wish wish, Runnable whenTraced) {
        int id = wish.wanted().id();
        Pipeline apart = workspace.pipeline().apart();
        Aside.run(
                () -> {
                    try {
                        GoodsDrawing on =
                                GoodsDrawing.of(
                                        apart,
                                        wish.drawing(),
                                        wish.wanted(),
                                        whileWanted(id, wish));
                        return new Art(on, Artwork.of(on.drawing(), workspace.press()));
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                },
                art -> {
                    if (wishes.get(id) == wish) {
                        made.put(id, art);
                        whenTraced.run();
                    }
                });
    }

    private Progress whileWanted(int id, Wish wish) {
        return (step, share) -> {
            if (wishes.get(id) != wish) {
                throw new CancellationException();
            }
        };
    }
}
