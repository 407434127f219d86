package neattrace.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import neattrace.export.PlateWriter;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.plate.Halftone;
import neattrace.press.plate.PlateMaker;
import neattrace.press.separate.InkOrder;
import neattrace.print.PlateWork;
import neattrace.print.PrintPlan;
import neattrace.print.ready.FilmPage;
import picocli.CommandLine.Model.CommandSpec;

/** Films for screens: one for each ink, at true size, with marks and the ink's name. */
final class Films {

    /** Pixels an inch. */
    static final double PPI = 1200;

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private Films() {}

    /** The inks of a plan in the order of printing. */
    static List<String> order(PrintPlan plan) {
        return InkOrder.of(PlateMaker.inks(PlateWork.of(plan)), new InkLook(plan.press())).stream()
                .map(Colorant::name)
                .toList();
    }

    static void write(
            CommandSpec spec,
            PrintPlan plan,
            boolean mirror,
            double ruling,
            Path folder,
            String name,
            List<Path> inputs)
            throws IOException {
        PlateWriter writer = new PlateWriter(FilmPage.of(plan, mirror), PPI);
        Set<String> used = new HashSet<>();
        for (Colorant ink : writer.inks()) {
            Path file = folder.resolve(name + "-" + free(ink, used) + ".tif");
            Usage.checkNotInput(spec, inputs, file);
            Halftone screen = new Halftone(ruling, Halftone.usualDegrees(ink, writer.inks()), PPI);
            AtomicFile.write(file, out -> writer.writeFilm(ink, screen, out));
        }
    }

    /** Facts with the order of printing. */
    static String told(String json, List<String> order) {
        try {
            ObjectNode root = (ObjectNode) MAPPER.readTree(json);
            ArrayNode screens = root.putArray("screens");
            order.forEach(screens::add);
            return root.toString();
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("facts are JSON", e);
        }
    }

    /** A name for a file that no other plate has. */
    static String free(Colorant ink, Set<String> used) {
        String plain = FileNames.proposed(ink.name());
        String free = plain;
        for (int k = 2; !used.add(free.toLowerCase(Locale.ROOT)); k++) {
            free = plain + "-" + k;
        }
        return free;
    }
}
