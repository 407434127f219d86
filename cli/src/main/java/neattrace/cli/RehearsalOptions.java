package neattrace.cli;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.press.rehearsal.RehearsalRun;
import neattrace.print.ready.PressSheet;
import neattrace.print.ready.SheetRehearsals;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** Whether and how sheets are printed on the stand-in press. */
final class RehearsalOptions {

    private static final int MOST = 10_000;

    @Option(
            names = "--rehearse",
            paramLabel = "N",
            description = "Print so many sheets on a stand-in press, and tell what fails.")
    private Integer sheets;

    @Option(
            names = "--seed",
            paramLabel = "N",
            defaultValue = "1",
            description = "Of all that happens by chance (${DEFAULT-VALUE}).")
    private long seed;

    void check(CommandSpec spec) {
        if (sheets != null && !(sheets >= 1 && sheets <= MOST)) {
            throw new ParameterException(
                    spec.commandLine(), "--rehearse must be 1 to " + MOST + " sheets.");
        }
    }

    /** In plain words; nothing if nothing was asked for. */
    List<String> lines(PressSheet sheet, Reporter reporter) {
        if (sheets == null) {
            return List.of();
        }
        SheetRehearsals both = SheetRehearsals.of(sheet, sheets, seed, reporter.progress());
        return List.of(words("as drawn", both.asDrawn()), words("made ready", both.ready()));
    }

    private static String words(String what, RehearsalRun run) {
        return String.format(
                Locale.ROOT,
                "%-10s %3.0f of 100 sheets fail; paper %.2f mm2, fringes %.2f mm2, at worst %.2f mm2",
                what,
                run.failing(SheetRehearsals.FAILS_MM2),
                run.meanSliverMm2(),
                run.meanFringeMm2(),
                run.worst().faultyMm2());
    }

    /** Puts it into what is told to programs. */
    void json(PressSheet sheet, ObjectNode root, Reporter reporter) {
        if (sheets == null) {
            return;
        }
        SheetRehearsals both = SheetRehearsals.of(sheet, sheets, seed, reporter.progress());
        ObjectNode node = root.putObject("rehearsal").put("sheets", sheets).put("seed", seed);
        put(both.asDrawn(), node.putObject("asDrawn"));
        put(both.ready(), node.putObject("ready"));
    }

    private static void put(RehearsalRun run, ObjectNode node) {
        node.put("failingOf100", rounded(run.failing(SheetRehearsals.FAILS_MM2)))
                .put("sliverMm2", rounded(run.meanSliverMm2()))
                .put("fringeMm2", rounded(run.meanFringeMm2()))
                .put("worstMm2", rounded(run.worst().faultyMm2()))
                .put("usualMm2", rounded(run.usual().faultyMm2()));
        ArrayNode places = node.putArray("places");
        for (FaultPlace one : run.places()) {
            places.addObject()
                    .put("fault", one.fault().name().toLowerCase(Locale.ROOT))
                    .put("xMm", rounded(one.xMm()))
                    .put("yMm", rounded(one.yMm()))
                    .put("of100", rounded(one.sheets()))
                    .put("widthMm", rounded(one.widthMm()));
        }
    }
}
