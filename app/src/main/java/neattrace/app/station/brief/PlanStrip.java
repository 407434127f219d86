package neattrace.app.station.brief;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import neattrace.job.log.Estimate;
import neattrace.plan.Booking;
import neattrace.plan.Plan;
import neattrace.plan.WorkCalendar;

/** A strip of days with the stages on it, the first day to the left. */
final class PlanStrip extends Canvas {

    private static final double WIDTH = 264;
    private static final double LABELS = 62;
    private static final double ROW = 16;
    private static final double HEAD = 16;

    /** More days than these do not fit; the last ones are shown. */
    private static final int MOST_DAYS = 66;

    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final Color[] STAGES = {
        Color.web("#6E8899"), Color.web("#C98A4B"), Color.web("#1F6B63"), Color.web("#B5651D")
    };

    PlanStrip() {
        super(WIDTH, HEAD);
        setId("plan-strip");
        setAccessibleText("No plan yet");
    }

    /**
     * Shows one job's days.
     *
     * @param ink colour of words, as the window has it
     */
    void show(Plan plan, WorkCalendar calendar, LocalDate today, Color ink) {
        Plan.Outcome outcome = plan.outcomes().get(0);
        List<Estimate> stages = outcome.task().left();
        setHeight(HEAD + ROW * Math.max(1, stages.size()) + 16);
        GraphicsContext g = getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        g.setFont(Font.font("Lato", 11));
        g.setTextBaseline(VPos.CENTER);
        LocalDate due = outcome.task().due();
        LocalDate begin = outcome.begin().filter(day -> day.isAfter(today)).orElse(today);
        LocalDate first = begin.minusDays(1).isBefore(today) ? today : begin.minusDays(1);
        if (ChronoUnit.DAYS.between(first, due) > MOST_DAYS) {
            first = due.minusDays(MOST_DAYS);
        }
        int days = (int) Math.max(1, ChronoUnit.DAYS.between(first, due) + 1);
        double wide = (WIDTH - LABELS) / days;
        ground(g, calendar, first, days, wide, stages.size());
        for (int row = 0; row < stages.size(); row++) {
            Estimate one = stages.get(row);
            double y = HEAD + ROW * row;
            g.setFill(ink);
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(one.stage().label(), 0, y + ROW / 2);
            g.setFill(STAGES[row % STAGES.length]);
            for (Booking booking : plan.bookings()) {
                if (booking.stage() == one.stage() && !booking.day().isBefore(first)) {
                    double x = LABELS + wide * ChronoUnit.DAYS.between(first, booking.day());
                    double share =
                            booking.hours() / Math.max(booking.hours(), calendar.hoursADay());
                    double high = Math.max(3, (ROW - 4) * share);
                    g.fillRoundRect(x + 0.5, y + ROW - 2 - high, Math.max(2, wide - 1), high, 3, 3);
                }
            }
        }
        dates(g, first, due, wide, ink);
        setAccessibleText(words(outcome));
    }

    private void ground(
            GraphicsContext g,
            WorkCalendar calendar,
            LocalDate first,
            int days,
            double wide,
            int rows) {
        for (int k = 0; k < days; k++) {
            boolean free = calendar.hours(first.plusDays(k)) == 0;
            g.setFill(free ? Color.web("#A89B84", 0.35) : Color.web("#A89B84", 0.12));
            g.fillRect(LABELS + wide * k, HEAD, Math.max(1, wide - 1), ROW * Math.max(1, rows) - 1);
        }
    }

    private void dates(GraphicsContext g, LocalDate first, LocalDate due, double wide, Color ink) {
        double y = getHeight() - 8;
        g.setFill(ink);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(DAY.format(first), LABELS, y);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(DAY.format(due), WIDTH, y);
        double x = LABELS + wide * ChronoUnit.DAYS.between(first, due) + wide / 2;
        g.setStroke(ink);
        g.setLineWidth(1.5);
        g.strokeLine(x, HEAD - 4, x, getHeight() - 16);
    }

    private static String words(Plan.Outcome outcome) {
        return outcome.begin()
                .map(day -> "Work begins on " + day + ", promised for " + outcome.task().due())
                .orElse("No work is left");
    }
}
