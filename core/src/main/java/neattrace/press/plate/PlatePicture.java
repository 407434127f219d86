package neattrace.press.plate;

import java.util.stream.IntStream;
import neattrace.press.InkLook;

/** Pictures of plates for the screen. */
public final class PlatePicture {

    /** Pixels of the map to each of the picture, across and down. */
    public static final int FINE = 2;

    private PlatePicture() {}

    /**
     * A picture, {@value #FINE} times as small as a map of it.
     *
     * @return 0xffRRGGBB, row by row
     */
    public static int[] of(PlateMap map, PlateView view, InkLook look) {
        int width = map.width() / FINE;
        int height = map.height() / FINE;
        int[] colours = view.colours(map.composites(), look);
        int[] pixels = new int[width * height];
        short[] number = map.numbers();
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < width; x++) {
                                int at = FINE * y * map.width() + FINE * x;
                                pixels[y * width + x] =
                                        mean(
                                                colours[number[at] & 0xffff],
                                                colours[number[at + 1] & 0xffff],
                                                colours[number[at + map.width()] & 0xffff],
                                                colours[number[at + map.width() + 1] & 0xffff]);
                            }
                        });
        return pixels;
    }

    private static int mean(int a, int b, int c, int d) {
        if (a == b && b == c && c == d) {
            return 0xff000000 | a;
        }
        int red = (a >> 16 & 255) + (b >> 16 & 255) + (c >> 16 & 255) + (d >> 16 & 255);
        int green = (a >> 8 & 255) + (b >> 8 & 255) + (c >> 8 & 255) + (d >> 8 & 255);
        int blue = (a & 255) + (b & 255) + (c & 255) + (d & 255);
        return 0xff000000 | red + 2 >> 2 << 16 | green + 2 >> 2 << 8 | blue + 2 >> 2;
    }
}
