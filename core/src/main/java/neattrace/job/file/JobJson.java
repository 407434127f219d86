package neattrace.job.file;

import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.text;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import neattrace.job.Job;
import neattrace.job.KeptFields;
import neattrace.job.SheetSection;
import neattrace.job.Source;
import neattrace.job.json.BriefJson;
import neattrace.job.json.CloseJson;
import neattrace.job.json.ColourJson;
import neattrace.job.json.LineJson;
import neattrace.job.json.LogJson;
import neattrace.job.json.PressJson;
import neattrace.job.json.SheetJson;
import neattrace.job.json.WantedJson;
import neattrace.job.lift.JobLifts;
import neattrace.json.DamagedException;
import neattrace.raster.reading.Opening;

/** The job's decisions as JSON, section by section. */
final class JobJson {

    static final String FORMAT = "neat-trace-job";

    /** The oldest version that is still read. */
    private static final int FIRST_VERSION = 1;

    private static final ObjectMapper MAPPER =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private JobJson() {}

    static byte[] write(Job job) throws JsonProcessingException {
        ObjectNode root = tree(job);
        if (!job.kept().equals(KeptFields.NONE)) {
            UnknownFields.putBack(MAPPER.readTree(job.kept().json()), root);
        }
        return MAPPER.writeValueAsBytes(root);
    }

    private static ObjectNode tree(Job job) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", JobLifts.NEWEST).put("title", job.title());
        root.put("source", job.source().name());
        Opening opening = job.source().opening();
        root.putObject("opening")
                .put("page", opening.page())
                .put("upright", opening.upright())
                .put("ppi", opening.ppi());
        BriefJson.write(job.brief(), root.putObject("brief"));
        ObjectNode sheet = root.putObject("sheet").put("ppi", job.ppi());
        SheetJson.write(job.recipe(), sheet);
        LineJson.write(job.line(), root.putObject("line"));
        CloseJson.write(job.close(), root.putObject("close"));
        ColourJson.write(job.colour(), root.putObject("colour"));
        PressJson.write(job.press(), root.putObject("press"));
        WantedJson.write(job.goods(), root.putObject("goods"));
        LogJson.write(job.log(), root.putObject("log"));
        return root;
    }

    /**
     * Reads a job's decisions, of any version so far.
     *
     * @return the job, its source without bytes
     * @throws JobFileException if the format or version is another one
     * @throws DamagedException if a field is missing, or a value out of its range
     */
    static Job read(byte[] json) throws IOException {
        JsonNode read = MAPPER.readTree(json);
        if (!(read instanceof ObjectNode root) || !FORMAT.equals(root.path("format").asText())) {
            throw new JobFileException("This is no job of this program.");
        }
        int version = root.path("version").asInt();
        if (version < FIRST_VERSION || version > JobLifts.NEWEST) {
            throw new JobFileException(
                    "The job has format version "
                            + version
                            + "; this program reads versions up to "
                            + JobLifts.NEWEST
                            + ". Open it with a newer program.");
        }
        try {
            JobLifts.lift(root, version);
            Job job = sections(root);
            ObjectNode unknown = UnknownFields.of(root, tree(job));
            return unknown.isEmpty()
                    ? job
                    : job.withKept(new KeptFields(MAPPER.writeValueAsString(unknown)));
        } catch (IllegalArgumentException e) {
            throw new DamagedException(e.getMessage());
        }
    }

    private static Job sections(ObjectNode root) throws DamagedException {
        JsonNode opened = need(root, "opening");
        Opening opening =
                new Opening(
                        (int) number(opened, "page"),
                        need(opened, "upright").asBoolean(),
                        number(opened, "ppi"));
        JsonNode sheet = need(root, "sheet");
        return new Job(
                text(root, "title"),
                new Source(text(root, "source"), new byte[0], opening),
                BriefJson.read(need(root, "brief")),
                new SheetSection(number(sheet, "ppi"), SheetJson.read(sheet)),
                LineJson.read(need(root, "line")),
                CloseJson.read(need(root, "close")),
                ColourJson.read(need(root, "colour")),
                PressJson.read(need(root, "press")),
                WantedJson.read(need(root, "goods")),
                LogJson.read(need(root, "log")),
                KeptFields.NONE);
    }
}
