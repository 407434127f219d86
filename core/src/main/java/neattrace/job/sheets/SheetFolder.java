package neattrace.job.sheets;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import neattrace.export.onebit.OneBitWriter.Format;
import neattrace.progress.Progress;

/** Makes sheets of a whole folder of scans. */
public final class SheetFolder {

    private SheetFolder() {}

    /**
     * Makes a sheet of every picture in a folder. A scan that cannot be read is passed over; a scan
     * itself is never written to.
     *
     * @param sheets where they go, each named after its scan; made if it is not there
     * @return how it went, in the user's words
     * @throws IOException if there are no scans, or none could be made
     * @throws java.util.concurrent.CancellationException if {@code progress} says so; sheets that
     *     were made already stay
     */
    public static String make(
            Path scans, Path sheets, SheetWish wish, Format format, Progress progress)
            throws IOException {
        List<Path> files = SheetMaker.pictures(scans);
        if (files.isEmpty()) {
            throw new IOException("There are no pictures in " + scans + ".");
        }
        Files.createDirectories(sheets);
        String ending = format == Format.TIFF ? ".tif" : ".png";
        int made = 0;
        String trouble = "";
        for (int i = 0; i < files.size(); i++) {
            Path scan = files.get(i);
            Progress part = progress.part((double) i / files.size(), (i + 1.0) / files.size());
            part.report("Sheet " + (i + 1) + " of " + files.size(), 0);
            try {
                Path target = sheets.resolve(stem(scan) + ending);
                if (files.stream().anyMatch(file -> same(file, target))) {
                    throw new IOException(target + " is a scan; it is never written to.");
                }
                SheetMaker.write(SheetMaker.make(scan, wish, part), target, wish.outPpi());
                made++;
            } catch (IOException | IllegalArgumentException e) {
                trouble = e.getMessage();
            }
        }
        if (made == 0) {
            throw new IOException("No sheet was made. " + trouble);
        }
        return String.format(
                        Locale.ROOT,
                        "%d of %d sheets made in %s. %s",
                        made,
                        files.size(),
                        sheets.getFileName(),
                        trouble)
                .strip();
    }

    private static boolean same(Path a, Path b) {
        return a.toAbsolutePath().normalize().equals(b.toAbsolutePath().normalize());
    }

    private static String stem(Path scan) {
        String name = scan.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }
}
