package neattrace.goods.cloth;

import static neattrace.json.JsonFields.rounded;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neattrace.geom.Point;
import neattrace.goods.Detail;
import neattrace.goods.Remark;
import neattrace.goods.making.ClothRecipe;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.DeltaE2000;
import neattrace.press.Rgb;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;
import neattrace.trace.LineLimits;

/**
 * What can be measured of a print on cloth, and what a person should know of it.
 *
 * @param print the print
 * @param inks a screen for each, by its name, with its colour
 * @param thin how many lines are thinner than the goods hold or the eye sees from afar
 * @param findings in plain words
 */
public record ClothFacts(ClothPrint print, Map<String, Rgb> inks, int thin, List<Remark> findings) {

    /** An ink as near to the cloth as this is the cloth (CIEDE2000; common practice, no source). */
    public static final double SAME = 3;

    /** A signature larger than this share of the print's height is no small one. */
    public static final double LARGE = 0.06;

    public ClothFacts {
        inks = Map.copyOf(inks);
        findings = List.copyOf(findings);
    }

    /**
     * Measures a print.
     *
     * @param plan of it
     * @param thin how many lines are too thin
     */
    public static ClothFacts of(ClothPrint print, PrintPlan plan, int thin) {
        Map<String, Rgb> inks = new LinkedHashMap<>();
        for (PrintLayer layer : plan.layers()) {
            for (PrintObject object : layer.objects()) {
                // What the cloth shows is no ink.
                object.tints()
                        .percent()
                        .forEach(
                                (ink, share) -> {
                                    if (share > 0) {
                                        inks.putIfAbsent(ink.name(), layer.screen());
                                    }
                                });
            }
        }
        return new ClothFacts(print, inks, thin, findings(print, inks, thin));
    }

    /**
     * How many lines of a print cloth does not hold, or are not seen from where it is looked at.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static int thin(Pipeline pipeline, ClothPrint print, Progress progress) {
        Detail detail = print.goods().detail();
        double k = print.factor();
        LineLimits limits = new LineLimits(detail.lineMm() / k, 0, detail.seenMm() / k, 1);
        return pipeline.study(print.drawing().traced(), progress).against(limits).size();
    }

    private static List<Remark> findings(ClothPrint print, Map<String, Rgb> inks, int thin) {
        List<Remark> findings = new ArrayList<>();
        if (inks.isEmpty()) {
            findings.add(new Remark("empty", "There is nothing to print."));
        }
        int most = print.goods().printing().mostInks();
        if (most > 0 && inks.size() > most) {
            findings.add(
                    new Remark(
                            "inks",
                            inks.size()
                                    + " inks; the printer takes "
                                    + most
                                    + ". Every ink is a screen that costs."));
        }
        for (Map.Entry<String, Rgb> ink : inks.entrySet()) {
            double unlike = DeltaE2000.between(ink.getValue().toLab(), print.cloth().toLab());
            if (unlike < SAME) {
                findings.add(
                        new Remark(
                                "cloth-colour",
                                ink.getKey()
                                        + " is as good as the cloth's own colour: left out, it"
                                        + " saves an ink."));
            }
        }
        if (thin > 0) {
            findings.add(
                    new Remark(
                            "thin",
                            String.format(
                                    Locale.ROOT,
                                    "%d %s thinner than cloth holds or an arm's length shows:"
                                            + " %.2f mm.",
                                    thin,
                                    thin == 1 ? "line is" : "lines are",
                                    Math.max(
                                            print.goods().detail().lineMm(),
                                            print.goods().detail().seenMm()))));
        }
        signature(print, findings);
        return findings;
    }

    private static void signature(ClothPrint print, List<Remark> findings) {
        ClothRecipe recipe = print.recipe();
        if (recipe.signature().isEmpty()) {
            return;
        }
        if (print.signature().isEmpty()) {
            findings.add(
                    new Remark(
                            "signature-room",
                            "No area is quiet and large enough for the signature."));
        }
        if (recipe.signatureMm() < print.goods().detail().xHeightMm()) {
            findings.add(
                    new Remark(
                            "signature-small",
                            String.format(
                                    Locale.ROOT,
                                    "Small letters of %.1f mm fill in on cloth; %.1f mm hold.",
                                    recipe.signatureMm(),
                                    print.goods().detail().xHeightMm())));
        }
        if (recipe.signatureMm() > LARGE * print.heightMm()) {
            findings.add(
                    new Remark("signature-large", "The signature draws the eye from the drawing."));
        }
    }

    /** What people read. */
    public List<String> lines() {
        ClothRecipe recipe = print.recipe();
        List<String> lines = new ArrayList<>();
        lines.add(
                String.format(
                        Locale.ROOT,
                        "%.1f x %.1f mm on %s of %s, %.0f mm below %s; %d %s",
                        print.widthMm(),
                        print.heightMm(),
                        recipe.place().label(),
                        recipe.size().label(),
                        print.belowMm(),
                        ClothPlaces.from(recipe.place()),
                        inks.size(),
                        inks.size() == 1 ? "ink" : "inks"));
        findings.forEach(finding -> lines.add(finding.words()));
        return lines;
    }

    /** The same for programs. */
    public String json() {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ClothRecipe recipe = print.recipe();
        root.put("place", recipe.place().key()).put("size", recipe.size().key());
        root.put("widthMm", rounded(print.widthMm())).put("heightMm", rounded(print.heightMm()));
        ObjectNode lies = root.putObject("lies");
        lies.put("from", ClothPlaces.from(recipe.place()));
        lies.put("belowMm", rounded(print.belowMm()));
        lies.put("asideMm", ClothPlaces.asideMm(recipe.place()));
        ObjectNode sizes = root.putObject("widths");
        double own = print.widthMm() / ClothPlaces.step(recipe.size(), recipe.place());
        for (ClothRecipe.Size size : ClothRecipe.Size.values()) {
            sizes.put(size.key(), rounded(own * ClothPlaces.step(size, recipe.place())));
        }
        root.put("cloth", print.cloth().hex());
        ArrayNode all = root.putArray("inks");
        inks.forEach(
                (build, colour) -> all.addObject().put("build", build).put("hex", colour.hex()));
        root.put("thinLines", thin);
        ArrayNode quiet = root.putArray("signaturePlaces");
        for (Point at : print.quiet()) {
            quiet.addObject()
                    .put(
                            "xMm",
                            rounded(print.factor() * (at.x() - print.drawing().extent().left())))
                    .put(
                            "yMm",
                            rounded(print.factor() * (at.y() - print.drawing().extent().top())));
        }
        Remark.put(findings, root);
        return root.toPrettyString();
    }
}
