package neattrace.sheet.review;

import java.util.List;
import neattrace.raster.RunLabels;

/** Long thin ink along the border: the edge of the sheet, and its shadow. */
final class BorderInk {

    /** The shadow of a sheet's edge is no thicker than this with its slant, mm. */
    private static final double SHADOW_LINE_MM = 3;

    /** It lies no farther from the border than this, mm. */
    private static final double SHADOW_REACH_MM = 15;

    /** It is at least this share of the border long. */
    private static final double SHADOW_SHARE = 0.85;

    private final int width;
    private final int height;
    private final double pxPerMm;

    private BorderInk(int width, int height, double pxPerMm) {
        this.width = width;
        this.height = height;
        this.pxPerMm = pxPerMm;
    }

    /** Boxes of such pieces of ink, px: left, top, right, bottom. */
    static List<int[]> find(RunLabels ink, int width, int height, double pxPerMm) {
        BorderInk border = new BorderInk(width, height, pxPerMm);
        return boxes(ink).stream().filter(border::isOfTheEdge).toList();
    }

    private static List<int[]> boxes(RunLabels ink) {
        int[][] box = new int[ink.count()][];
        ink.forEachRun(
                (y, from, to, part) -> {
                    int[] b = box[part];
                    if (b == null) {
                        box[part] = new int[] {from, y, to, y + 1};
                    } else {
                        b[0] = Math.min(b[0], from);
                        b[2] = Math.max(b[2], to);
                        b[3] = y + 1;
                    }
                });
        return List.of(box);
    }

    private boolean isOfTheEdge(int[] b) {
        boolean side = b[0] == 0 || b[2] == width;
        boolean end = b[1] == 0 || b[3] == height;
        boolean upright = side && b[3] - b[1] >= BlemishFinder.STRIP_SHARE * height;
        boolean level = end && b[2] - b[0] >= BlemishFinder.STRIP_SHARE * width;
        boolean thin =
                upright && b[2] - b[0] <= 0.15 * width || level && b[3] - b[1] <= 0.15 * height;
        return thin || isShadowLine(b);
    }

    /** The thin shadow of a sheet's edge, a little inside the border and all along it. */
    private boolean isShadowLine(int[] b) {
        double most = SHADOW_LINE_MM * pxPerMm;
        double reach = SHADOW_REACH_MM * pxPerMm;
        boolean upright =
                b[3] - b[1] >= SHADOW_SHARE * height
                        && b[2] - b[0] <= most
                        && (b[2] <= reach || b[0] >= width - reach);
        boolean level =
                b[2] - b[0] >= SHADOW_SHARE * width
                        && b[3] - b[1] <= most
                        && (b[3] <= reach || b[1] >= height - reach);
        return upright || level;
    }
}
