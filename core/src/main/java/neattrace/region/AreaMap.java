package neattrace.region;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;

/**
 * Which area every pixel belongs to. Ink pixels belong to the area whose paper is nearest, so areas
 * meet beneath the middle of the lines.
 *
 * @param cells the cell of each pixel: the areas when every gap is closed; handed over and not to
 *     be written to; -1 everywhere on a sheet without paper; empty if there are no areas
 * @param areaOf the label of the area that each cell is part of
 * @param areas all areas, each at the index of its label
 * @param gaps all narrow openings, widest first
 * @param gapPx gaps up to this width are closed, px
 */
public record AreaMap(
        int width,
        int height,
        int[] cells,
        int[] areaOf,
        List<Area> areas,
        List<Gap> gaps,
        double gapPx) {

    public AreaMap {
        areas = List.copyOf(areas);
        gaps = List.copyOf(gaps);
    }

    /** A sheet on which no areas were looked for. */
    public static AreaMap none(int width, int height) {
        return new AreaMap(width, height, new int[0], new int[0], List.of(), List.of(), 0);
    }

    /** The label of the area of a pixel, row times width plus column; -1 without paper. */
    public int label(int pixel) {
        int cell = cells[pixel];
        return cell < 0 ? -1 : areaOf[cell];
    }

    /** The area at a place in source px, also on a line; empty outside the sheet. */
    public Optional<Area> at(Point place) {
        int x = (int) Math.floor(place.x());
        int y = (int) Math.floor(place.y());
        if (areas.isEmpty() || x < 0 || y < 0 || x >= width || y >= height) {
            return Optional.empty();
        }
        int label = label(y * width + x);
        return label < 0 ? Optional.empty() : Optional.of(areas.get(label));
    }

    /** The areas that are not the paper round the drawing. */
    public List<Area> enclosed() {
        return areas.stream().filter(area -> !area.outside()).toList();
    }
}
