package neattrace.gang;

import java.nio.file.Path;
import java.util.regex.Pattern;
import neattrace.goods.Sizing;

/**
 * A drawing that a sheet points at.
 *
 * @param id never used twice on a sheet
 * @param file a job or a picture
 * @param widthMm of each sticker, its border included; 0 for what its own job says
 * @param copies how many are asked for
 * @param seen the state of the file when it was laid last, see {@link GangSticker#state}; empty
 *     before that
 */
public record GangDrawing(int id, Path file, double widthMm, int copies, String seen) {

    /** More are asked for by nobody who lays a sheet out; filling it may add some. */
    public static final int MOST_COPIES = 1000;

    private static final Pattern STATE = Pattern.compile("[0-9a-f-]{0,80}");

    public GangDrawing {
        if (copies < 1 || copies > MOST_COPIES) {
            throw new IllegalArgumentException("a drawing has 1 to 1000 copies");
        }
        if (!(widthMm == 0 || widthMm >= Sizing.LEAST_MM && widthMm <= Sizing.MOST_MM)) {
            throw new IllegalArgumentException("a sticker has 1 to 20000 mm of width");
        }
        if (!STATE.matcher(seen).matches()) {
            throw new IllegalArgumentException("the state of a drawing has other letters");
        }
    }

    /** The name of its file without an ending, for people. */
    public String name() {
        String name = String.valueOf(file.getFileName());
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    public GangDrawing withFile(Path value) {
        return new GangDrawing(id, value, widthMm, copies, seen);
    }

    public GangDrawing withWidthMm(double value) {
        return new GangDrawing(id, file, value, copies, seen);
    }

    public GangDrawing withCopies(int value) {
        return new GangDrawing(id, file, widthMm, value, seen);
    }

    public GangDrawing withSeen(String value) {
        return new GangDrawing(id, file, widthMm, copies, value);
    }
}
