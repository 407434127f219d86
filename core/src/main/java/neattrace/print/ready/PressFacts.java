package neattrace.print.ready;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.press.Colorant;
import neattrace.press.Tints;
import neattrace.press.plate.Laid;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.Plates;
import neattrace.print.PlateWork;
import neattrace.stage.Progress;

/**
 * What can be measured of a sheet for the press.
 *
 * @param sheet the sheet
 * @param plates what lies anywhere on them; no pixels are kept
 * @param order its inks as they are printed
 */
public record PressFacts(PressSheet sheet, Plates plates, List<Colorant> order) {

    /** Plates are made with so many pixels an inch to be measured, or fewer if they are large. */
    private static final double PPI = 400;

    private static final double MOST_PIXELS = 20e6;

    public PressFacts {
        order = List.copyOf(order);
    }

    /**
     * Measures a sheet.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PressFacts of(PressSheet sheet, Progress progress) {
        double square = sheet.plan().widthMm() * sheet.plan().heightMm();
        double ppi = Math.min(PPI, 25.4 * Math.sqrt(MOST_PIXELS / square));
        return of(sheet, ppi, progress);
    }

    private static PressFacts of(PressSheet sheet, double ppi, Progress progress) {
        List<Laid> laid = PlateWork.of(sheet.plan());
        Plates plates =
                PlateMaker.of(
                        laid,
                        sheet.plan().widthMm(),
                        sheet.plan().heightMm(),
                        ppi,
                        List.of(),
                        progress);
        return new PressFacts(
                sheet, plates, PrintOrder.of(sheet.plan(), sheet.art().press().order()));
    }

    /** How many inks count against the goods' limit: white and gloss are screens, too. */
    public int inks() {
        return order.size();
    }

    /** How much of an ink is laid down, cm2 of solid ink. */
    public double solidCm2(Colorant ink) {
        return plates.solidSquareMm(ink) / 100;
    }

    /** How much of the sheet has any of it, percent. */
    public double coveredPercent(Colorant ink) {
        return 100
                * plates.coveredSquareMm(ink)
                / (sheet.plan().widthMm() * sheet.plan().heightMm());
    }

    /** In plain words. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (Colorant ink : order) {
            lines.add(
                    String.format(
                            Locale.ROOT,
                            "%-24s %8.2f cm2 of solid ink, on %.1f %% of the sheet",
                            ink.name(),
                            solidCm2(ink),
                            coveredPercent(ink)));
        }
        double limit = sheet.terms().inkLimit();
        lines.add(
                String.format(
                        Locale.ROOT,
                        "at most %.0f %% ink in one place%s",
                        plates.heaviest(),
                        limit == 0
                                ? ""
                                : String.format(Locale.ROOT, "; the limit is %.0f %%", limit)));
        int most = sheet.goods().printing().mostInks();
        if (most > 0 && inks() > most) {
            lines.add(inks() + " inks; " + sheet.goods().kind().noun() + ": " + most + " at most");
        }
        sheet.ready()
                .lightened()
                .forEach((from, to) -> lines.add(words(from) + " is printed as " + words(to)));
        return lines;
    }

    private static String words(Tints tints) {
        return tints.process().toString();
    }

    /** For programs. */
    public ObjectNode json() {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("widthMm", rounded(sheet.plan().widthMm()));
        root.put("heightMm", rounded(sheet.plan().heightMm()));
        ArrayNode inks = root.putArray("inks");
        for (Colorant ink : order) {
            inks.addObject()
                    .put("name", ink.name())
                    .put("kind", ink.kind().name().toLowerCase(Locale.ROOT))
                    .put("solidCm2", rounded(solidCm2(ink)))
                    .put("coveredPercent", rounded(coveredPercent(ink)));
        }
        root.put("largestTotal", rounded(plates.heaviest()));
        root.put("inkLimit", sheet.terms().inkLimit());
        root.put("registerMm", sheet.terms().trap().registerMm());
        root.put("trapMm", sheet.terms().trap().widthMm());
        root.put("traps", sheet.ready().traps().size());
        ArrayNode lightened = root.putArray("lightened");
        sheet.ready()
                .lightened()
                .forEach(
                        (from, to) ->
                                lightened
                                        .addObject()
                                        .put("from", words(from))
                                        .put("to", words(to)));
        ArrayNode heaviest = root.putArray("heaviest");
        plates.composites().stream()
                .limit(5)
                .forEach(
                        one ->
                                heaviest.addObject()
                                        .put("total", rounded(one.total()))
                                        .put("squareMm", rounded(one.squareMm())));
        return root;
    }
}
