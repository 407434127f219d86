package neattrace.app.station.press;

import java.awt.geom.Rectangle2D;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neattrace.press.Colorant;
import neattrace.press.Rgb;
import neattrace.press.plate.PlateView;
import neattrace.press.rehearsal.DotGain;
import neattrace.press.rehearsal.PrintedSheet;
import neattrace.print.ready.PlateStudy;

/**
 * What of the plates is looked at.
 *
 * @param shown inks that are seen; empty for all
 * @param film whether a single one is seen in grey, as its film is
 * @param total whether how much ink lies where is seen
 * @param marks what is marked on them
 * @param under what they lie on
 * @param sheet a sheet of the stand-in press instead of the plates
 */
record PlateSight(
        Set<Colorant> shown,
        boolean film,
        boolean total,
        Marks marks,
        Under under,
        Optional<SeenSheet> sheet) {

    /** What is marked, and changed by a click on it. */
    enum Marks {
        NONE,
        TRAPS,
        BENEATH
    }

    /** What plates lie on. */
    enum Under {
        WHITE("White paper"),
        PAPER("Its own paper"),
        GOODS("The goods");

        private final String words;

        Under(String words) {
            this.words = words;
        }

        /** In a few words. */
        String words() {
            return words;
        }
    }

    /**
     * A printed sheet.
     *
     * @param ready whether it was printed from what was made ready, or as drawn
     * @param left inks that were left out
     * @param gain how dots grow
     */
    record SeenSheet(PrintedSheet printed, boolean ready, Set<Colorant> left, DotGain gain) {}

    /** All plates as they print on white paper. */
    static final PlateSight FIRST =
            new PlateSight(Set.of(), false, false, Marks.NONE, Under.WHITE, Optional.empty());

    /** One plate alone, or all again if it was alone. */
    PlateSight only(Colorant ink) {
        return withShown(shown.equals(Set.of(ink)) ? Set.of() : Set.of(ink));
    }

    /** With one plate more, or without it. */
    PlateSight turned(Colorant ink, List<Colorant> all) {
        Set<Colorant> next = new LinkedHashSet<>(shown.isEmpty() ? all : shown);
        if (!next.remove(ink)) {
            next.add(ink);
        }
        return withShown(next.size() == all.size() ? Set.of() : next);
    }

    /** The same of other plates: what is not among them is not looked at, and no sheet is. */
    PlateSight of(PlateStudy study) {
        Set<Colorant> kept = new LinkedHashSet<>(shown);
        kept.retainAll(study.inks());
        Under ground = study.sheet().terms().underbase().isPresent() ? Under.GOODS : under;
        return new PlateSight(kept, film, total, marks, ground, Optional.empty());
    }

    PlateSight withShown(Set<Colorant> value) {
        return new PlateSight(value, film, total, marks, under, sheet);
    }

    PlateSight turnFilm() {
        return new PlateSight(shown, !film, total, marks, under, sheet);
    }

    PlateSight turnTotal() {
        return new PlateSight(shown, film, !total, marks, under, sheet);
    }

    /** With something marked, or nothing if that was. */
    PlateSight turnMarks(Marks value) {
        Marks next = marks == value ? Marks.NONE : value;
        return new PlateSight(shown, film, total, next, under, sheet);
    }

    PlateSight turnUnder() {
        Under next = Under.values()[(under.ordinal() + 1) % Under.values().length];
        return new PlateSight(shown, film, total, marks, next, sheet);
    }

    PlateSight withSheet(Optional<SeenSheet> value) {
        return new PlateSight(shown, film, total, marks, under, value);
    }

    /** The colour that they lie on. */
    Rgb ground(PlateStudy study) {
        return switch (under) {
            case WHITE -> Rgb.WHITE;
            case PAPER -> study.paper();
            case GOODS -> study.sheet().goods().ground().colour();
        };
    }

    /** A part of the sheet, 0xffRRGGBB. */
    int[] pixels(PlateStudy study, Rectangle2D window, int width, int height) {
        Rgb ground = ground(study);
        if (sheet.isPresent()) {
            SeenSheet seen = sheet.get();
            return study.printed(
                    seen.printed, seen.ready, seen.left, seen.gain, window, width, height, ground);
        }
        double limit = study.sheet().terms().inkLimit();
        return study.picture(
                window, width, height, new PlateView(shown, film, total, limit, ground));
    }

    /** For screen readers. */
    String words() {
        return shown.isEmpty()
                ? "All plates as they print"
                : "Plates: " + String.join(", ", shown.stream().map(Colorant::name).toList());
    }
}
