package neattrace.gang;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.Nest;
import neattrace.goods.nest.NestPiece;
import neattrace.goods.nest.NestWish;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.StickerSheet;
import neattrace.stage.Progress;

/** Lays a sheet's stickers out: as its places say, or anew round those that are pinned. */
public final class GangArranger {

    private final GangSheet sheet;
    private final List<GangSticker> there;
    private final List<SheetItem> items = new ArrayList<>();

    /** The number of each item's first piece. */
    private final List<Integer> first = new ArrayList<>();

    private GangArranger(GangSheet sheet, List<GangSticker> stickers, boolean pinnedOnly) {
        this.sheet = sheet;
        this.there =
                stickers.stream()
                        .filter(one -> one.sticker().isPresent())
                        .filter(one -> sheet.drawing(one.drawing().id()).isPresent())
                        .toList();
        int next = 0;
        for (GangSticker one : there) {
            int id = one.drawing().id();
            int lying =
                    (int)
                            sheet.places().stream()
                                    .filter(place -> place.drawing() == id)
                                    .filter(place -> place.pinned() || !pinnedOnly)
                                    .count();
            int copies = Math.max(sheet.drawing(id).orElseThrow().copies(), lying);
            first.add(next);
            next += copies;
            items.add(
                    new SheetItem(
                            one.title(),
                            one.sticker().orElseThrow(),
                            Math.min(SheetItem.MOST_COPIES, copies)));
        }
    }

    /**
     * The sheet as its places say; what is asked for and lies nowhere is left over.
     *
     * @param stickers what became of its drawings; those that could not be read are passed over
     */
    public static StickerSheet laid(GangSheet sheet, List<GangSticker> stickers) {
        return new GangArranger(sheet, stickers, false).laid();
    }

    /**
     * The numbers of the places of what {@link #laid} lays, in the same order: those of drawings
     * that could not be read lie nowhere.
     */
    public static List<Integer> places(GangSheet sheet, List<GangSticker> stickers) {
        Set<Integer> readable = new HashSet<>();
        stickers.stream()
                .filter(one -> one.sticker().isPresent())
                .forEach(one -> readable.add(one.drawing().id()));
        return IntStream.range(0, sheet.places().size())
                .filter(i -> readable.contains(sheet.places().get(i).drawing()))
                .boxed()
                .toList();
    }

    /**
     * Arranges all that is not pinned anew.
     *
     * @param patience how long is looked for something better
     * @param better told of each better arrangement
     * @return the sheet with its places; those of drawings that could not be read are kept
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static GangSheet arrange(
            GangSheet sheet,
            List<GangSticker> stickers,
            NestWish patience,
            Consumer<GangSheet> better,
            Progress progress) {
        GangArranger arranger = new GangArranger(sheet, stickers, true);
        return arranger.items.isEmpty() ? sheet : arranger.run(patience, better, progress);
    }

    /**
     * Lays those elsewhere that lie in the way of others: nearer than the gap to one that is pinned
     * or was laid before, or where none may lie. Only if they find no room is all that is not
     * pinned arranged anew.
     *
     * @return the sheet with its places; as it was if nothing lies in the way
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static GangSheet makeRoom(
            GangSheet sheet, List<GangSticker> stickers, NestWish patience, Progress progress) {
        StickerSheet now = laid(sheet, stickers);
        Set<Integer> inTheWay = GangWay.of(sheet, now, places(sheet, stickers));
        boolean missing = !now.nest().left().isEmpty();
        if (inTheWay.isEmpty() && !missing) {
            return sheet;
        }
        List<GangPlace> held = new ArrayList<>();
        for (int i = 0; i < sheet.places().size(); i++) {
            GangPlace place = sheet.places().get(i);
            held.add(place.withPinned(!inTheWay.contains(i)));
        }
        GangSheet others = sheet.withPlaces(held).withAim(GangAim.EVEN);
        GangSheet tried = arrange(others, stickers, patience, found -> {}, progress);
        if (laid(tried, stickers).nest().laid().size() < now.nest().laid().size()) {
            return arrange(sheet, stickers, patience, found -> {}, progress);
        }
        return tried.withPlaces(inOrder(sheet, held, inTheWay, tried)).withAim(sheet.aim());
    }

    /** Places in their order, those in the way where they were laid, more at the end. */
    private static List<GangPlace> inOrder(
            GangSheet sheet, List<GangPlace> held, Set<Integer> inTheWay, GangSheet tried) {
        List<GangPlace> more = new ArrayList<>(tried.places());
        for (int i = 0; i < held.size(); i++) {
            if (!inTheWay.contains(i)) {
                more.remove(held.get(i));
            }
        }
        List<GangPlace> next = new ArrayList<>(sheet.places());
        for (int i : new TreeSet<>(inTheWay)) {
            int id = next.get(i).drawing();
            Optional<GangPlace> to = more.stream().filter(one -> one.drawing() == id).findFirst();
            to.ifPresent(more::remove);
            next.set(i, to.orElse(null));
        }
        next.removeIf(Objects::isNull);
        next.addAll(more);
        return next;
    }

    private GangSheet run(NestWish patience, Consumer<GangSheet> better, Progress progress) {
        NestWish wish =
                new NestWish(
                        sheet.turns(),
                        sheet.aim() == GangAim.FILL,
                        sheet.seed(),
                        patience.seconds(),
                        patience.rounds());
        StickerSheet arranged =
                StickerSheet.arrange(
                        sheet.layout(),
                        sheet.title(),
                        sheet.number(),
                        items,
                        lying(true),
                        wish,
                        found -> better.accept(with(found)),
                        progress);
        return with(arranged);
    }

    private StickerSheet laid() {
        List<NestPiece> pieces = StickerSheet.pieces(items);
        List<Laid> lying = lying(false);
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            left.add(i);
        }
        lying.forEach(one -> left.remove(Integer.valueOf(one.piece())));
        return new StickerSheet(
                sheet.layout(),
                sheet.title(),
                sheet.number(),
                items,
                new Nest(pieces, lying, left, sheet.layout().room()));
    }

    /** Places as they are numbered in an arrangement, in the order of the sheet. */
    private List<Laid> lying(boolean pinnedOnly) {
        Map<Integer, Integer> next = new HashMap<>();
        for (int k = 0; k < there.size(); k++) {
            next.put(there.get(k).drawing().id(), first.get(k));
        }
        List<Laid> lying = new ArrayList<>();
        for (GangPlace place : sheet.places()) {
            Integer piece = next.get(place.drawing());
            if (piece != null && (place.pinned() || !pinnedOnly)) {
                next.put(place.drawing(), piece + 1);
                lying.add(
                        new Laid(
                                piece,
                                place.xMm(),
                                place.yMm(),
                                place.turnDegrees(),
                                place.pinned()));
            }
        }
        return lying;
    }

    private GangSheet with(StickerSheet arranged) {
        List<GangPlace> places = new ArrayList<>();
        for (Laid laid : arranged.nest().laid()) {
            int kind = arranged.nest().pieces().get(laid.piece()).kind();
            places.add(
                    new GangPlace(
                            there.get(kind).drawing().id(),
                            laid.xMm(),
                            laid.yMm(),
                            laid.turnDegrees(),
                            laid.pinned()));
        }
        sheet.places().stream()
                .filter(place -> there.stream().noneMatch(has(place)))
                .forEach(places::add);
        GangSheet next = sheet.withPlaces(places);
        for (GangSticker one : there) {
            GangDrawing drawing = next.drawing(one.drawing().id()).orElseThrow();
            next = next.with(drawing.withSeen(one.state()));
        }
        return next;
    }

    private static Predicate<GangSticker> has(GangPlace place) {
        return one -> one.drawing().id() == place.drawing();
    }
}
