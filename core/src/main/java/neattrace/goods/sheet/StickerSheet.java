package neattrace.goods.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import neattrace.goods.nest.Airy;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.Nest;
import neattrace.goods.nest.NestPiece;
import neattrace.goods.nest.NestWish;
import neattrace.goods.nest.Nester;
import neattrace.press.PressProfile;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Stickers on a sheet.
 *
 * @param layout of the range
 * @param title in the header
 * @param number of the inventory, in the header
 * @param items the drawings; a piece's kind is its place among them
 * @param nest where they lie
 */
public record StickerSheet(
        SheetLayout layout, String title, String number, List<SheetItem> items, Nest nest) {

    public StickerSheet {
        items = List.copyOf(items);
    }

    /** The press it is printed on: that of its first drawing. */
    public PressProfile press() {
        return items.stream()
                .findFirst()
                .map(one -> one.sticker().art().press())
                .orElseGet(PressProfile::bundled);
    }

    /** For how many presses its drawings are meant. */
    public int presses() {
        return (int) items.stream().map(one -> one.sticker().art().press()).distinct().count();
    }

    /**
     * Arranges stickers.
     *
     * @param pinned those that stay; their numbers count through the copies of each item
     * @param wish how
     * @param better told of each better sheet
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static StickerSheet arrange(
            SheetLayout layout,
            String title,
            String number,
            List<SheetItem> items,
            List<Laid> pinned,
            NestWish wish,
            Consumer<StickerSheet> better,
            Progress progress) {
        List<NestPiece> pieces = pieces(items);
        if (!wish.fill()) {
            Optional<Nest> airy = Airy.nest(pieces, pinned, layout.room(), wish, progress);
            if (airy.isPresent()) {
                return new StickerSheet(layout, title, number, items, airy.get());
            }
        }
        Nest nest =
                Nester.nest(
                        pieces,
                        pinned,
                        layout.room(),
                        wish,
                        found ->
                                better.accept(
                                        new StickerSheet(layout, title, number, items, found)),
                        progress);
        return new StickerSheet(layout, title, number, items, nest);
    }

    /** All pieces asked for, copy by copy. */
    public static List<NestPiece> pieces(List<SheetItem> items) {
        List<NestPiece> pieces = new ArrayList<>();
        for (int kind = 0; kind < items.size(); kind++) {
            NestPiece piece = new NestPiece(kind, items.get(kind).shape());
            for (int copy = 0; copy < items.get(kind).copies(); copy++) {
                pieces.add(piece);
            }
        }
        return pieces;
    }

    /** The item that lies somewhere. */
    public SheetItem item(Laid laid) {
        return items.get(nest.pieces().get(laid.piece()).kind());
    }

    /** A shape on a sticker's own page, mm, where that sticker lies on the sheet. */
    public Geometry placed(Laid laid, Geometry shape) {
        Coordinate middle = item(laid).middle();
        AffineTransformation map = AffineTransformation.translationInstance(-middle.x, -middle.y);
        map.rotate(Math.toRadians(laid.turnDegrees()));
        map.translate(laid.xMm(), laid.yMm());
        return map.transform(shape);
    }
}
