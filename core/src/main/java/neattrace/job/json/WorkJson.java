package neattrace.job.json;

import static neattrace.json.JsonFields.choice;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.text;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.job.log.Drivers;
import neattrace.job.log.Estimate;
import neattrace.job.log.Proof;
import neattrace.job.log.Proof.Fault;
import neattrace.job.log.Snapshot;
import neattrace.job.log.Tools;
import neattrace.job.log.WorkLog;
import neattrace.job.log.WorkStage;
import neattrace.job.log.WorkedTime;
import neattrace.json.DamagedException;

/** The work on a drawing, and its proofs. */
final class WorkJson {

    private WorkJson() {}

    static void write(WorkLog work, ObjectNode node) {
        Tools tools = work.tools();
        node.putObject("tools")
                .put("scanner", tools.scanner())
                .put("paper", tools.paper())
                .put("pen", tools.pen());
        ArrayNode worked = node.putArray("worked");
        for (WorkedTime one : work.worked()) {
            worked.addObject()
                    .put("station", one.station())
                    .put("day", one.day().toString())
                    .put("seconds", one.seconds());
        }
        ObjectNode hours = node.putObject("hours");
        work.byHand().forEach((stage, value) -> hours.put(stage.key(), value));
        ArrayNode drivers = node.putArray("drivers");
        work.drivers()
                .ifPresent(
                        one ->
                                drivers.addObject()
                                        .put("lineMm", one.lineMm())
                                        .put("areas", one.areas())
                                        .put("colouredGoods", one.colouredGoods())
                                        .put("goods", one.goods())
                                        .put("inks", one.inks()));
        ArrayNode estimates = node.putArray("estimates");
        for (Estimate one : work.estimates()) {
            estimates
                    .addObject()
                    .put("stage", one.stage().key())
                    .put("low", one.low())
                    .put("likely", one.likely())
                    .put("high", one.high());
        }
    }

    static WorkLog read(JsonNode node) throws DamagedException {
        JsonNode tools = need(node, "tools");
        Map<WorkStage, Double> hours = new EnumMap<>(WorkStage.class);
        for (Map.Entry<String, JsonNode> one : need(node, "hours").properties()) {
            hours.put(stage(one.getKey()), number(need(node, "hours"), one.getKey()));
        }
        return new WorkLog(
                new Tools(text(tools, "scanner"), text(tools, "paper"), text(tools, "pen")),
                worked(need(node, "worked")),
                hours,
                drivers(need(node, "drivers")),
                estimates(need(node, "estimates")));
    }

    private static List<WorkedTime> worked(JsonNode array) throws DamagedException {
        List<WorkedTime> worked = new ArrayList<>();
        for (JsonNode one : array) {
            worked.add(
                    new WorkedTime(
                            text(one, "station"), day(text(one, "day")), whole(one, "seconds")));
        }
        return worked;
    }

    private static Optional<Drivers> drivers(JsonNode array) throws DamagedException {
        if (array.isEmpty()) {
            return Optional.empty();
        }
        JsonNode one = array.get(0);
        return Optional.of(
                new Drivers(
                        number(one, "lineMm"),
                        whole(one, "areas"),
                        whole(one, "colouredGoods"),
                        whole(one, "goods"),
                        whole(one, "inks")));
    }

    private static List<Estimate> estimates(JsonNode array) throws DamagedException {
        List<Estimate> estimates = new ArrayList<>();
        for (JsonNode one : array) {
            estimates.add(
                    new Estimate(
                            stage(text(one, "stage")),
                            number(one, "low"),
                            number(one, "likely"),
                            number(one, "high")));
        }
        return estimates;
    }

    private static WorkStage stage(String key) throws DamagedException {
        return WorkStage.of(key)
                .orElseThrow(() -> new DamagedException("\"" + key + "\" is no stage of work"));
    }

    static void write(List<Proof> proofs, ArrayNode array) {
        for (Proof proof : proofs) {
            ObjectNode node = array.addObject();
            node.put("day", proof.day().toString()).put("goods", proof.goods());
            ArrayNode faults = node.putArray("faults");
            proof.faults().stream().sorted().forEach(fault -> faults.add(fault.name()));
            node.put("words", proof.words())
                    .put("changed", proof.changed())
                    .put("photo", proof.photo().base64());
        }
    }

    static List<Proof> proofs(JsonNode array) throws DamagedException {
        List<Proof> proofs = new ArrayList<>();
        for (JsonNode one : array) {
            Set<Fault> faults = EnumSet.noneOf(Fault.class);
            for (JsonNode fault : need(one, "faults")) {
                faults.add(choice(fault, Fault.class));
            }
            proofs.add(
                    new Proof(
                            day(text(one, "day")),
                            whole(one, "goods"),
                            faults,
                            text(one, "words"),
                            text(one, "changed"),
                            Snapshot.ofBase64(text(one, "photo"))));
        }
        return proofs;
    }

    static LocalDate day(String day) throws DamagedException {
        try {
            return LocalDate.parse(day);
        } catch (DateTimeParseException e) {
            throw new DamagedException("\"" + day + "\" is no day");
        }
    }
}
