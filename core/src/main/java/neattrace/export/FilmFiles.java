package neattrace.export;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.press.Colorant;
import neattrace.press.plate.Halftone;
import neattrace.press.plate.PlateMaker;
import neattrace.print.PlateWork;
import neattrace.print.PrintPlan;
import neattrace.print.ready.FilmPage;
import neattrace.print.ready.PrintOrder;

/** Films for screens: one for each ink, one bit, at true size, with marks and the ink's name. */
public final class FilmFiles {

    /** Pixels an inch. */
    public static final double PPI = 1200;

    /** Lines an inch of tints on cloth (45 to 55: common practice, no source). */
    public static final double USUAL_RULING = 50;

    private FilmFiles() {}

    /** The files of a plan's inks beside a target: NAME.tif becomes NAME-INK.tif. */
    public static List<Path> files(PrintPlan plan, Path target) {
        String name = String.valueOf(target.getFileName());
        String stem = name.replaceAll("\\.tiff?$", "");
        Set<String> used = new HashSet<>();
        List<Path> files = new ArrayList<>();
        for (Colorant ink : PlateMaker.inks(PlateWork.of(plan))) {
            files.add(target.resolveSibling(stem + "-" + free(ink, used) + ".tif"));
        }
        return files;
    }

    /**
     * Writes them.
     *
     * @param order names of inks as they are printed, if not as usual
     * @param mirror whether they are seen from behind
     * @param ruling of tints, lines an inch
     * @return the files, ink by ink
     */
    public static List<Path> write(
            PrintPlan plan, List<String> order, boolean mirror, double ruling, Path target)
            throws IOException {
        PrintPlan page = FilmPage.of(plan, PrintOrder.of(plan, order), mirror);
        PlateWriter writer = new PlateWriter(page, PPI);
        List<Path> files = files(plan, target);
        for (int i = 0; i < files.size(); i++) {
            Colorant ink = writer.inks().get(i);
            Halftone screen = new Halftone(ruling, Halftone.usualDegrees(ink, writer.inks()), PPI);
            AtomicFile.write(files.get(i), out -> writer.writeFilm(ink, screen, out));
        }
        return files;
    }

    /** A name for a file that no other plate has. */
    public static String free(Colorant ink, Set<String> used) {
        String plain = FileNames.proposed(ink.name());
        String free = plain;
        for (int k = 2; !used.add(free.toLowerCase(Locale.ROOT)); k++) {
            free = plain + "-" + k;
        }
        return free;
    }
}
