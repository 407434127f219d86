package neattrace.trace;

import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.raster.ShapeCover;

/** Lays edits on ink. Time grows with the pixels that edits touch, plus one copy of the ink. */
public final class InkEditor {

    private final InkMap map;
    private final double pxPerMm;
    private final byte[] coverage;
    private final boolean oneBit;

    private InkEditor(InkMap map, double pxPerMm, boolean oneBit) {
        this.map = map;
        this.pxPerMm = pxPerMm;
        this.coverage = map.coverage().clone();
        this.oneBit = oneBit;
    }

    /**
     * The ink with edits on it.
     *
     * @param map the ink
     * @param adrift edits that found no ink where they were made: nothing to wipe off, or nothing
     *     to join on to; they changed what they could
     */
    public record Edited(InkMap map, List<InkEdit> adrift) {

        public Edited {
            adrift = List.copyOf(adrift);
        }
    }

    /**
     * Lays edits on ink one after the other.
     *
     * @param oneBit whether pixels are all black or all white and have to stay so
     * @return the same map if there are no edits
     */
    public static Edited apply(InkMap map, List<InkEdit> edits, double pxPerMm, boolean oneBit) {
        if (edits.isEmpty()) {
            return new Edited(map, List.of());
        }
        InkEditor editor = new InkEditor(map, pxPerMm, oneBit);
        List<InkEdit> adrift = new ArrayList<>();
        for (InkEdit edit : edits) {
            if (!editor.lay(edit)) {
                adrift.add(edit);
            }
        }
        return new Edited(new InkMap(map.width(), map.height(), editor.coverage), adrift);
    }

    /** Whether the edit found what it was made for. */
    private boolean lay(InkEdit edit) {
        boolean found = edit.wiped().isEmpty() ? holdsOn(edit) : false;
        for (InkShape shape : edit.wiped()) {
            found |= wipe(shape.outline(pxPerMm));
        }
        for (InkShape shape : edit.drawn()) {
            draw(shape.outline(pxPerMm));
        }
        return found;
    }

    /** Whether what is drawn touches ink. */
    private boolean holdsOn(InkEdit edit) {
        return edit.drawn().stream().anyMatch(shape -> touches(shape.outline(pxPerMm)));
    }

    private boolean touches(Shape outline) {
        boolean[] any = {false};
        cover(outline)
                .forEach((x, y, cover) -> any[0] |= (coverage[y * map.width() + x] & 0xff) > 127);
        return any[0];
    }

    private boolean wipe(Shape outline) {
        boolean[] any = {false};
        cover(outline)
                .forEach(
                        (x, y, cover) -> {
                            int i = y * map.width() + x;
                            int ink = coverage[i] & 0xff;
                            any[0] |= ink >= InkMap.INK && cover >= InkMap.INK;
                            put(i, ink * (255 - cover) / 255);
                        });
        return any[0];
    }

    private void draw(Shape outline) {
        cover(outline)
                .forEach(
                        (x, y, cover) -> {
                            int i = y * map.width() + x;
                            int ink = coverage[i] & 0xff;
                            put(i, 255 - (255 - ink) * (255 - cover) / 255);
                        });
    }

    private void put(int index, int value) {
        coverage[index] = (byte) (oneBit ? (value >= InkMap.INK ? 255 : 0) : value);
    }

    private ShapeCover cover(Shape outline) {
        return ShapeCover.of(outline, map.width(), map.height(), 0);
    }
}
