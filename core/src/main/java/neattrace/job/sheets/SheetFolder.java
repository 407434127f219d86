package neattrace.job.sheets;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import neattrace.export.OneBitWriter.Format;
import neattrace.files.SameFile;
import neattrace.stage.Progress;

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
        Map<Path, Path> targets = targets(files, sheets, format == Format.TIFF ? ".tif" : ".png");
        int made = 0;
        List<String> troubles = new ArrayList<>();
        for (int i = 0; i < files.size(); i++) {
            Path scan = files.get(i);
            Progress part = progress.part((double) i / files.size(), (i + 1.0) / files.size());
            part.report("Sheet " + (i + 1) + " of " + files.size(), 0);
            try {
                Path target = targets.get(scan);
                if (files.stream().anyMatch(file -> SameFile.of(file, target))) {
                    throw new IOException(target + " is a scan; it is never written to.");
                }
                SheetMaker.write(SheetMaker.make(scan, wish, part), target, wish.outPpi());
                made++;
            } catch (IOException | IllegalArgumentException e) {
                troubles.add(e.getMessage());
            }
        }
        String trouble = String.join(" ", troubles);
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

    /**
     * Where the sheets of some scans go: each is named after its scan, and where two scans differ
     * in their endings alone, by these as well.
     *
     * @param ending of the sheets, with its dot
     */
    public static Map<Path, Path> targets(List<Path> scans, Path folder, String ending) {
        Map<String, Integer> known = new HashMap<>();
        scans.forEach(scan -> known.merge(stem(scan).toLowerCase(Locale.ROOT), 1, Integer::sum));
        Map<Path, Path> targets = new LinkedHashMap<>();
        Set<String> used = new HashSet<>();
        for (Path scan : scans) {
            String stem = stem(scan);
            String name = String.valueOf(scan.getFileName());
            boolean shared = known.get(stem.toLowerCase(Locale.ROOT)) > 1;
            String base =
                    shared && name.length() > stem.length()
                            ? stem + "-" + name.substring(stem.length() + 1)
                            : stem;
            String own = base;
            for (int n = 2; !used.add(own.toLowerCase(Locale.ROOT)); n++) {
                own = base + "-" + n;
            }
            targets.put(scan, folder.resolve(own + ending));
        }
        return targets;
    }

    private static String stem(Path scan) {
        String name = String.valueOf(scan.getFileName());
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }
}
