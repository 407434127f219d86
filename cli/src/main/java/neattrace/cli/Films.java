package neattrace.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import neattrace.export.FilmFiles;
import neattrace.job.PressSection;
import neattrace.press.Colorant;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PrintOrder;
import picocli.CommandLine.Model.CommandSpec;

/** Films for screens: one for each ink, at true size, with marks and the ink's name. */
final class Films {

    /** Pixels an inch. */
    static final double PPI = FilmFiles.PPI;

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private Films() {}

    /** The inks of a plan in the order of printing. */
    static List<String> order(PrintPlan plan, PressSection press) {
        return PrintOrder.of(plan, press.order()).stream().map(Colorant::name).toList();
    }

    static void write(
            CommandSpec spec,
            PrintPlan plan,
            List<String> order,
            boolean mirror,
            double ruling,
            Path folder,
            String name,
            List<Path> inputs)
            throws IOException {
        Path target = folder.resolve(name + ".tif");
        for (Path file : FilmFiles.files(plan, target)) {
            Usage.checkNotInput(spec, inputs, file);
        }
        FilmFiles.write(plan, order, mirror, ruling, target);
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
}
