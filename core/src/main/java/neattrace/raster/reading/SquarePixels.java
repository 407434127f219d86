package neattrace.raster.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.geom.Homography;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.raster.Resampler;
import neattrace.stage.Progress;

/** Fax machines and some scanners write pixels that are not square; a drawing would be squeezed. */
final class SquarePixels {

    /** Ratios nearer to one than this are rounding. */
    private static final double SAME = 0.005;

    private SquarePixels() {}

    /** The picture with as many pixels down as across, at the finer of both. */
    static Picture of(Picture picture, Density density, Progress progress) throws PictureException {
        double across = density.across();
        double down = density.down();
        if (!(across > 0 && down > 0) || Math.abs(across / down - 1) < SAME) {
            return picture;
        }
        double finer = Math.max(across, down);
        int width = (int) Math.round(picture.width() * finer / across);
        int height = (int) Math.round(picture.height() * finer / down);
        PictureReader.checkSize("The picture with square pixels", width, height, 9);
        Homography toSource =
                new Homography(
                        (double) picture.width() / width,
                        0,
                        0,
                        0,
                        (double) picture.height() / height,
                        0,
                        0,
                        0,
                        1);
        byte[] grey = channel(picture, picture.grey().samples(), toSource, width, height, progress);
        int[] rgb = new int[picture.rgb().length == 0 ? 0 : width * height];
        for (int shift = 0; shift <= 16 && rgb.length > 0; shift += 8) {
            byte[] one = new byte[picture.rgb().length];
            for (int i = 0; i < one.length; i++) {
                one[i] = (byte) (picture.rgb()[i] >> shift);
            }
            byte[] more = channel(picture, one, toSource, width, height, progress);
            for (int i = 0; i < rgb.length; i++) {
                rgb[i] |= (more[i] & 0xff) << shift;
            }
        }
        List<String> notes = new ArrayList<>(picture.notes());
        notes.add(
                String.format(
                        Locale.ROOT,
                        "The file has %.0f pixels an inch across and %.0f down; it was made square.",
                        across,
                        down));
        return new Picture(
                new GreySheet(width, height, grey),
                rgb,
                density.resolution(),
                picture.format(),
                notes);
    }

    private static byte[] channel(
            Picture picture,
            byte[] samples,
            Homography toSource,
            int width,
            int height,
            Progress progress) {
        return Resampler.resample(
                samples,
                picture.width(),
                picture.height(),
                toSource,
                width,
                height,
                (byte) 255,
                progress);
    }
}
