package neattrace.print.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.press.Colorant;
import neattrace.print.lettering.Lettering;
import neattrace.print.lettering.Lettering.Face;
import org.locationtech.jts.geom.Geometry;

/**
 * The names of inks along the outer edges of a film, above and below, where no mark stands: as
 * large as all of them find room, and each on the page whatever there is of it.
 */
final class FilmNames {

    /** Sizes of type that are tried, mm; the first has an x-height of 1.2 mm and more. */
    private static final double[] SIZES_MM = {2.6, 2.1, 1.6, 1.3, 1, 0.8, 0.6};

    /** Crosses, corners and tints keep this much of a film's edge free, mm. */
    private static final double BAND_MM = 3.6;

    private static final double EDGE_MM = 1;

    private FilmNames() {}

    /** A name for each ink, numbered in their order, on a page of a size, mm. */
    static List<Geometry> of(List<Colorant> inks, double width, double height) {
        List<String> names = new ArrayList<>();
        for (int i = 0; i < inks.size(); i++) {
            names.add((i + 1) + " " + inks.get(i).name());
        }
        for (double size : SIZES_MM) {
            Optional<List<Geometry>> set = set(names, size, width, height, false);
            if (set.isPresent()) {
                return set.get();
            }
        }
        return set(names, SIZES_MM[SIZES_MM.length - 1], width, height, true).orElseThrow();
    }

    /** Row by row, from the top edge and then from the bottom edge; empty if they find no room. */
    private static Optional<List<Geometry>> set(
            List<String> names, double size, double width, double height, boolean cut) {
        int rows = Math.max(1, (int) (BAND_MM / (1.2 * size)));
        double room = width - 2 * EDGE_MM;
        List<Geometry> set = new ArrayList<>();
        int row = 0;
        double x = 0;
        for (String name : names) {
            String text = cut ? cut(name, size, room) : name;
            double wide = Lettering.widthMm(text, Face.PLAIN, size);
            if (x > 0 && x + wide > room) {
                row++;
                x = 0;
            }
            boolean over = wide > room || row >= 2 * rows;
            if (over && !cut) {
                return Optional.empty();
            }
            int at = row % (2 * rows);
            double foot =
                    at < rows
                            ? EDGE_MM / 2 + (at + 0.8) * 1.2 * size
                            : height - EDGE_MM / 2 - (2 * rows - 1 - at + 0.2) * 1.2 * size;
            set.add(
                    Lettering.line(
                            text, Face.PLAIN, size, EDGE_MM + x, foot, Lettering.Align.LEFT));
            x += wide + 1.5 * size;
        }
        return Optional.of(set);
    }

    private static String cut(String name, double size, double room) {
        String text = name;
        while (text.length() > 1 && Lettering.widthMm(text + "…", Face.PLAIN, size) > room) {
            text = text.substring(0, text.length() - 1);
        }
        return text.equals(name) ? name : text + "…";
    }
}
