package neattrace.gang;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import neattrace.goods.sheet.SheetLayout;

/**
 * A sheet of stickers as a job of its own: which drawings, how many of each, where they lie and
 * what is written round them. Immutable.
 *
 * @param layout what it shares with the other sheets of its range
 * @param title in the header
 * @param number of the inventory, in the header
 * @param drawings what it points at, in the order in which they were added
 * @param lastId the last id that was given to a drawing
 * @param aim what an arrangement is after
 * @param turns in how many directions a sticker may lie, evenly round; 1 for upright
 * @param seed the same one gives the same arrangement
 * @param places where stickers lie, in the order in which they were laid
 * @param left findings that are left as they are, by their keys
 */
public record GangSheet(
        SheetLayout layout,
        String title,
        String number,
        List<GangDrawing> drawings,
        int lastId,
        GangAim aim,
        int turns,
        long seed,
        List<GangPlace> places,
        Set<String> left) {

    /** An empty one. */
    public static final GangSheet EMPTY =
            new GangSheet(
                    SheetLayout.USUAL,
                    "",
                    "",
                    List.of(),
                    0,
                    GangAim.EVEN,
                    24,
                    1,
                    List.of(),
                    Set.of());

    /** Not more drawings lie on one sheet. */
    public static final int MOST_DRAWINGS = 200;

    /** Not more stickers. */
    public static final int MOST_PLACES = 3000;

    private static final int MOST_LEFT = 2000;

    public GangSheet {
        drawings = List.copyOf(drawings);
        places = List.copyOf(places);
        left = Set.copyOf(left);
        if (title.length() > SheetLayout.LONGEST || number.length() > SheetLayout.LONGEST) {
            throw new IllegalArgumentException("title and number have up to 200 letters");
        }
        if (turns < 1 || turns > 360) {
            throw new IllegalArgumentException("a sticker may lie in 1 to 360 directions");
        }
        if (drawings.size() > MOST_DRAWINGS || places.size() > MOST_PLACES) {
            throw new IllegalArgumentException("a sheet has up to 200 drawings, 3000 stickers");
        }
        if (left.size() > MOST_LEFT) {
            throw new IllegalArgumentException("too much is left as it is");
        }
        Set<Integer> ids = new HashSet<>();
        for (GangDrawing one : drawings) {
            if (one.id() < 1 || one.id() > lastId || !ids.add(one.id())) {
                throw new IllegalArgumentException("drawings have ids of their own");
            }
        }
        if (!places.stream().allMatch(place -> ids.contains(place.drawing()))) {
            throw new IllegalArgumentException("a sticker lies there of no drawing");
        }
    }

    /** The drawing of an id. */
    public Optional<GangDrawing> drawing(int id) {
        return drawings.stream().filter(one -> one.id() == id).findFirst();
    }

    /** How many copies are asked for in all. */
    public int asked() {
        return drawings.stream().mapToInt(GangDrawing::copies).sum();
    }

    /** How many stickers are pinned. */
    public int pinned() {
        return (int) places.stream().filter(GangPlace::pinned).count();
    }

    /** The same with a drawing more; as it was if it points there already. */
    public GangSheet with(Path file) {
        Path whole = file.toAbsolutePath().normalize();
        if (drawings.stream().anyMatch(one -> one.file().equals(whole))) {
            return this;
        }
        List<GangDrawing> next = new ArrayList<>(drawings);
        next.add(new GangDrawing(lastId + 1, whole, 0, 1, ""));
        return new GangSheet(
                layout, title, number, next, lastId + 1, aim, turns, seed, places, left);
    }

    /** The same with a drawing changed, whose id is there. */
    public GangSheet with(GangDrawing changed) {
        return withDrawings(
                drawings.stream().map(one -> one.id() == changed.id() ? changed : one).toList());
    }

    /** The same without a drawing and its stickers. */
    public GangSheet without(int id) {
        return withPlaces(places.stream().filter(place -> place.drawing() != id).toList())
                .withDrawings(drawings.stream().filter(one -> one.id() != id).toList());
    }

    private GangSheet withDrawings(List<GangDrawing> value) {
        return new GangSheet(layout, title, number, value, lastId, aim, turns, seed, places, left);
    }

    /** The same with a sticker lying elsewhere, by its number among the places. */
    public GangSheet with(int place, GangPlace value) {
        List<GangPlace> next = new ArrayList<>(places);
        next.set(place, value);
        return withPlaces(next);
    }

    /** The same with all stickers free to be arranged. */
    public GangSheet unpinned() {
        return withPlaces(places.stream().map(place -> place.withPinned(false)).toList());
    }

    /** The same with a finding left as it is. */
    public GangSheet leaving(String finding) {
        Set<String> next = new TreeSet<>(left);
        next.add(finding);
        return new GangSheet(
                layout, title, number, drawings, lastId, aim, turns, seed, places, next);
    }

    public GangSheet withPlaces(List<GangPlace> value) {
        return new GangSheet(
                layout, title, number, drawings, lastId, aim, turns, seed, value, left);
    }

    public GangSheet withLayout(SheetLayout value) {
        return new GangSheet(
                value, title, number, drawings, lastId, aim, turns, seed, places, left);
    }

    public GangSheet withTitle(String value) {
        return new GangSheet(
                layout, value, number, drawings, lastId, aim, turns, seed, places, left);
    }

    public GangSheet withNumber(String value) {
        return new GangSheet(
                layout, title, value, drawings, lastId, aim, turns, seed, places, left);
    }

    public GangSheet withAim(GangAim value) {
        return new GangSheet(
                layout, title, number, drawings, lastId, value, turns, seed, places, left);
    }

    public GangSheet withTurns(int value) {
        return new GangSheet(
                layout, title, number, drawings, lastId, aim, value, seed, places, left);
    }

    public GangSheet withSeed(long value) {
        return new GangSheet(
                layout, title, number, drawings, lastId, aim, turns, value, places, left);
    }
}
