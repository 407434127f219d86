package neattrace.app.station.brief;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import neattrace.app.docket.NumberField;
import neattrace.job.log.Estimate;
import neattrace.job.log.WorkLog;
import neattrace.job.log.WorkStage;

/** Stage by stage: hours that were worked, which the person may correct, and hours still needed. */
final class StageTable extends GridPane {

    private static final double TENTHS = 10;

    private final Map<WorkStage, NumberField> taken = new EnumMap<>(WorkStage.class);
    private final Map<WorkStage, Label> left = new EnumMap<>(WorkStage.class);

    StageTable(BriefDesk desk) {
        setId("stage-table");
        setHgap(8);
        setVgap(1);
        ColumnConstraints names = new ColumnConstraints();
        ColumnConstraints hours = new ColumnConstraints();
        ColumnConstraints rest = new ColumnConstraints();
        names.setMinWidth(72);
        hours.setMinWidth(52);
        rest.setHgrow(Priority.ALWAYS);
        getColumnConstraints().setAll(names, hours, rest);
        addRow(0, soft("Stage"), soft("Worked"), soft("Still needed"));
        for (WorkStage stage : WorkStage.values()) {
            NumberField field =
                    new NumberField(
                            "Hours of work: " + stage.label(),
                            "h",
                            0,
                            WorkLog.MOST_HOURS,
                            0.5,
                            value -> set(desk, stage, value));
            field.setId("hours-" + stage.key());
            Label needed = soft("");
            taken.put(stage, field);
            left.put(stage, needed);
            Label name = new Label(stage.label());
            name.getStyleClass().add("stage-name");
            addRow(stage.ordinal() + 1, name, field, needed);
        }
    }

    private static Label soft(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("stage-note");
        label.setAlignment(Pos.CENTER_LEFT);
        return label;
    }

    /** What the person says counts; 0 takes it back, and what was measured counts again. */
    private static void set(BriefDesk desk, WorkStage stage, double hours) {
        desk.bench()
                .change(
                        "Hours of work",
                        job ->
                                job.withLog(
                                        job.log().withWork(work -> work.withHours(stage, hours))));
    }

    /**
     * Shows a log.
     *
     * @param needed of stages that are not done
     */
    void show(WorkLog log, List<Estimate> needed) {
        Map<WorkStage, Double> hours = log.hours();
        for (WorkStage stage : WorkStage.values()) {
            double worked = hours.getOrDefault(stage, 0.0);
            boolean said = log.byHand().containsKey(stage);
            taken.get(stage).show(said ? worked : Math.rint(worked * TENTHS) / TENTHS);
            left.get(stage)
                    .setText(
                            needed.stream()
                                    .filter(one -> one.stage() == stage)
                                    .findFirst()
                                    .map(StageTable::words)
                                    .orElse("done"));
        }
    }

    private static String words(Estimate one) {
        return String.format(
                Locale.ROOT, "%.1f h, likely %.1f to %.1f", one.likely(), one.low(), one.high());
    }
}
