package neattrace.plan;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import neattrace.files.AtomicFile;
import neattrace.files.SetAside;
import neattrace.json.JsonFields;

/**
 * When a person usually works; kept for all jobs in one file.
 *
 * @param hoursADay on a working day, 0 to 24
 * @param weeklyOff days of the week without work
 * @param daysOff single days without work
 */
public record WorkHabits(double hoursADay, Set<DayOfWeek> weeklyOff, SortedSet<LocalDate> daysOff) {

    /** As long as nobody has said. */
    public static final WorkHabits USUAL =
            new WorkHabits(5, EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY), new TreeSet<>());

    private static final long MOST_BYTES = 100_000;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    public WorkHabits {
        weeklyOff = Set.copyOf(weeklyOff);
        daysOff = Collections.unmodifiableSortedSet(new TreeSet<>(daysOff));
        if (!(hoursADay >= 0 && hoursADay <= 24)) {
            throw new IllegalArgumentException("a day has 0 to 24 hours of work");
        }
    }

    public WorkHabits withHoursADay(double value) {
        return new WorkHabits(value, weeklyOff, daysOff);
    }

    public WorkHabits withWeeklyOff(Set<DayOfWeek> value) {
        return new WorkHabits(hoursADay, value, daysOff);
    }

    public WorkHabits withDaysOff(SortedSet<LocalDate> value) {
        return new WorkHabits(hoursADay, weeklyOff, value);
    }

    /** The calendar of these habits. */
    public WorkCalendar calendar() {
        return new WorkCalendar(hoursADay, weeklyOff, daysOff);
    }

    /** What was kept in a file; the usual if there is none or it is damaged. */
    public static WorkHabits read(Path file) {
        return kept(file).orElse(USUAL);
    }

    /** Sets a damaged file aside; its name now, or empty if there is no such file. */
    public static Optional<Path> setDamagedAside(Path file) {
        return Files.isRegularFile(file) && kept(file).isEmpty()
                ? SetAside.file(file)
                : Optional.empty();
    }

    /** Empty if there are none or they are damaged. */
    private static Optional<WorkHabits> kept(Path file) {
        try {
            if (!Files.isRegularFile(file) || Files.size(file) > MOST_BYTES) {
                return Optional.empty();
            }
            JsonNode root = MAPPER.readTree(Files.readAllBytes(file));
            Set<DayOfWeek> off = EnumSet.noneOf(DayOfWeek.class);
            for (JsonNode day : JsonFields.need(root, "weeklyOff")) {
                off.add(JsonFields.choice(new TextNode(day.asText()), DayOfWeek.class));
            }
            SortedSet<LocalDate> days = new TreeSet<>();
            for (JsonNode day : root.path("daysOff")) {
                days.add(LocalDate.parse(day.asText()));
            }
            return Optional.of(new WorkHabits(JsonFields.number(root, "hoursADay"), off, days));
        } catch (IOException | IllegalArgumentException | DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /**
     * Keeps them in a file.
     *
     * @throws IOException if it cannot be written
     */
    public void write(Path file) throws IOException {
        ObjectNode root = MAPPER.createObjectNode().put("hoursADay", hoursADay);
        ArrayNode off = root.putArray("weeklyOff");
        weeklyOff.stream().sorted().forEach(day -> off.add(day.name()));
        ArrayNode days = root.putArray("daysOff");
        daysOff.forEach(day -> days.add(day.toString()));
        byte[] bytes = bytes(root);
        Files.createDirectories(file.toAbsolutePath().getParent());
        AtomicFile.write(file, out -> out.write(bytes));
    }

    private static byte[] bytes(ObjectNode root) {
        try {
            return MAPPER.writeValueAsBytes(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("numbers and texts can be written", e);
        }
    }
}
