package neattrace.job.file;

import static neattrace.job.file.JsonFields.need;
import static neattrace.job.file.JsonFields.number;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Form;
import neattrace.flat.Palette;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Settled;
import neattrace.job.Source;
import neattrace.job.recipe.LineJson;
import neattrace.job.recipe.RecipeException;
import neattrace.job.recipe.SheetJson;
import neattrace.press.BlackRule;
import neattrace.raster.reading.Opening;
import neattrace.sheet.SheetRecipe;
import neattrace.trace.LineColour;
import neattrace.trace.LineRecipe;

/**
 * The job's decisions as JSON. Written field by field, so that the format is what is documented.
 */
final class JobJson {

    static final String FORMAT = "neat-trace-job";
    static final int VERSION = 5;

    /** The oldest version that is still read. */
    private static final int FIRST_VERSION = 1;

    private static final ObjectMapper MAPPER =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private JobJson() {}

    /** A job read from JSON, still without its source. */
    record Parsed(String sourceName, Job withoutSource) {
        Job job(Source source) {
            Job job = withoutSource;
            return new Job(
                    job.title(),
                    source,
                    job.ppi(),
                    job.recipe(),
                    job.line(),
                    job.close(),
                    job.palette(),
                    job.fills(),
                    job.groups(),
                    job.flat(),
                    job.black(),
                    job.settled());
        }
    }

    static byte[] write(Job job) throws JsonProcessingException {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION).put("title", job.title());
        root.put("source", job.source().name()).put("ppi", job.ppi());
        Opening opening = job.source().opening();
        root.putObject("opening")
                .put("page", opening.page())
                .put("upright", opening.upright())
                .put("ppi", opening.ppi());
        SheetJson.write(job.recipe(), root.putObject("sheet"));
        LineJson.write(job.line(), root.putObject("line"));
        CloseJson.write(job.close(), root.putObject("close"));
        PaletteJson.write(job.palette(), root);
        ArrayNode fills = root.putArray("fills");
        for (Fill fill : job.fills()) {
            fills.addObject()
                    .put("x", fill.anchor().x())
                    .put("y", fill.anchor().y())
                    .put("swatch", fill.swatch());
        }
        PaletteJson.writeGroups(job.groups(), root.putArray("groups"));
        FlatJson.write(job.flat(), root.putObject("flat"));
        root.put("black", job.black().name());
        ArrayNode settled = root.putArray("settled");
        for (Settled finding : job.settled()) {
            settled.addObject()
                    .put("what", finding.what())
                    .put("x", finding.at().x())
                    .put("y", finding.at().y());
        }
        return MAPPER.writeValueAsBytes(root);
    }

    /**
     * Reads a job's decisions.
     *
     * @throws JobFileException if the format or version is another one or a field is missing
     * @throws IllegalArgumentException if a value is out of its range
     */
    static Parsed read(byte[] json) throws IOException {
        JsonNode root = MAPPER.readTree(json);
        if (root == null || !FORMAT.equals(root.path("format").asText())) {
            throw new JobFileException("This is no job of this program.");
        }
        int version = root.path("version").asInt();
        if (version < FIRST_VERSION || version > VERSION) {
            throw new JobFileException(
                    "The job has format version "
                            + version
                            + "; this program reads versions up to "
                            + VERSION
                            + ". Open it with a newer program.");
        }
        JsonNode sheet = need(root, "sheet");
        List<Fill> fills = new ArrayList<>();
        for (JsonNode node : need(root, "fills")) {
            Point anchor = new Point(number(node, "x"), number(node, "y"));
            fills.add(new Fill(anchor, need(node, "swatch").asInt()));
        }
        String sourceName = need(root, "source").asText();
        Job job =
                new Job(
                        need(root, "title").asText(),
                        new Source(sourceName, new byte[0], opening(root.path("opening"))),
                        number(root, "ppi"),
                        recipe(sheet, version),
                        line(need(root, "line"), version),
                        CloseJson.read(need(root, "close"), version),
                        PaletteJson.read(root, version),
                        fills,
                        PaletteJson.readGroups(root, version),
                        version < 4 ? FlatRecipe.USUAL : FlatJson.read(need(root, "flat")),
                        BlackRule.valueOf(need(root, "black").asText()),
                        settled(root, version));
        return new Parsed(sourceName, remembering(job));
    }

    /** Ids that fills, forms and lines mention were used, though their swatch may be gone. */
    private static Job remembering(Job job) {
        int last = job.palette().lastId();
        for (Fill fill : job.fills()) {
            last = Math.max(last, fill.swatch());
        }
        for (Form form : job.flat().forms()) {
            last = Math.max(last, form.needs().stream().max(Integer::compare).orElse(0));
        }
        last = Math.max(last, job.line().colour().swatch());
        for (LineColour.Hold hold : job.line().colour().held()) {
            last = Math.max(last, hold.swatch());
        }
        Palette p = job.palette();
        return job.withPalette(new Palette(p.swatches(), p.colourways(), p.shown(), last));
    }

    /** Files from before pages could be chosen took the first one as it is stored. */
    private static Opening opening(JsonNode node) throws JobFileException {
        return node.isMissingNode()
                ? Opening.AS_STORED
                : new Opening(
                        (int) number(node, "page"),
                        need(node, "upright").asBoolean(),
                        number(node, "ppi"));
    }

    private static List<Settled> settled(JsonNode root, int version) throws JobFileException {
        List<Settled> settled = new ArrayList<>();
        if (version > 1) {
            for (JsonNode node : need(root, "settled")) {
                Point at = new Point(number(node, "x"), number(node, "y"));
                settled.add(new Settled(need(node, "what").asText(), at));
            }
        }
        return settled;
    }

    private static SheetRecipe recipe(JsonNode sheet, int version) throws IOException {
        if (version == 1) {
            return SheetRecipe.plain(
                    need(sheet, "evenLight").asBoolean(),
                    number(sheet, "inkPercent"),
                    number(sheet, "speckMm"));
        }
        try {
            return SheetJson.read(sheet);
        } catch (RecipeException e) {
            throw new JobFileException("The job is damaged. " + e.getMessage(), e);
        }
    }

    private static LineRecipe line(JsonNode line, int version) throws IOException {
        if (version < 3) {
            return LineRecipe.AS_DRAWN.withMaxErrorPx(number(line, "maxErrorPx"));
        }
        try {
            return LineJson.read(line);
        } catch (RecipeException e) {
            throw new JobFileException("The job is damaged. " + e.getMessage(), e);
        }
    }
}
