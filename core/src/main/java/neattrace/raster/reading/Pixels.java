package neattrace.raster.reading;

import neattrace.raster.GreySheet;

/**
 * Pixels over white paper.
 *
 * @param rgb one entry a pixel, or none where all are grey
 */
record Pixels(GreySheet grey, int[] rgb) {

    Pixels(int width, int height, byte[] grey) {
        this(new GreySheet(width, height, grey), new int[0]);
    }
}
