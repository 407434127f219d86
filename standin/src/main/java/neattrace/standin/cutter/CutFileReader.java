package neattrace.standin.cutter;

import java.nio.charset.StandardCharsets;
import java.util.List;

/** Reads cut files, whichever of both kinds they are. */
public final class CutFileReader {

    private static final int MOST_BYTES = 50_000_000;

    private CutFileReader() {}

    /**
     * Reads a file.
     *
     * @param bytes all of it
     * @param heightMm of the sheet, whose lower left corner is where files count from
     * @throws CutFileException if it is neither HP-GL nor DXF, is damaged, or cuts nothing
     */
    public static List<CutPath> read(byte[] bytes, double heightMm) throws CutFileException {
        if (bytes.length > MOST_BYTES) {
            throw new CutFileException("The cut file is too large.");
        }
        String text = new String(bytes, StandardCharsets.US_ASCII);
        String start = text.stripLeading();
        List<CutPath> paths;
        if (start.startsWith("IN") || start.startsWith("PU") || start.startsWith("SP")) {
            paths = new HpglReader(heightMm).read(text);
        } else if (start.matches("(?s)(0|999)\\s*\\R.*")) {
            paths = new DxfReader(heightMm).read(text);
        } else {
            throw new CutFileException("This is no cut file (HP-GL or DXF).");
        }
        if (paths.isEmpty()) {
            throw new CutFileException("The cut file has nothing to cut.");
        }
        return paths;
    }
}
