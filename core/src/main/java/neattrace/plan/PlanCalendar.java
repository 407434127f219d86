package neattrace.plan;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import biweekly.util.ICalDate;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Date;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;

/** Plans for other calendars: iCalendar (RFC 5545), all-day events, written by biweekly. */
public final class PlanCalendar {

    private PlanCalendar() {}

    /**
     * One event for each stage of each job, from its first day to its last, one for the day of each
     * announcement and one for each day promised. The same plan has the same event ids.
     *
     * @param now when it is written
     */
    public static String write(Plan plan, Instant now) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Neat Trace//Plan//EN");
        Map<String, List<Booking>> stages = new LinkedHashMap<>();
        for (Booking booking : plan.bookings()) {
            stages.computeIfAbsent(
                            booking.task() + "|" + booking.stage().key(), k -> new ArrayList<>())
                    .add(booking);
        }
        stages.forEach((key, bookings) -> calendar.addEvent(stage(key, bookings, now)));
        for (Plan.Outcome outcome : plan.outcomes()) {
            Task task = outcome.task();
            if (task.announceDays() > 0) {
                LocalDate day = task.due().minusDays(task.announceDays());
                calendar.addEvent(
                        day(task.job() + ": announce", task.id() + "|announce", day, now));
            }
            calendar.addEvent(day(task.job() + ": promised", task.id() + "|due", task.due(), now));
        }
        return Biweekly.write(calendar).go();
    }

    private static VEvent stage(String key, List<Booking> bookings, Instant now) {
        Booking first = bookings.get(0);
        LocalDate last = bookings.get(bookings.size() - 1).day();
        double hours = bookings.stream().mapToDouble(Booking::hours).sum();
        VEvent event = day(first.job() + ": " + first.stage().label(), key, first.day(), now);
        // The end of an all-day event is the day after (RFC 5545, 3.6.1).
        event.setDateEnd(new DateEnd(date(last.plusDays(1))));
        event.setDescription(String.format(Locale.ROOT, "%.1f hours", hours));
        return event;
    }

    private static VEvent day(String summary, String key, LocalDate day, Instant now) {
        VEvent event = new VEvent();
        event.setSummary(summary);
        event.setUid(
                UUID.nameUUIDFromBytes((summary + "|" + key).getBytes(StandardCharsets.UTF_8))
                        .toString());
        event.setDateTimeStamp(Date.from(now));
        event.setDateStart(new DateStart(date(day)));
        return event;
    }

    /** A day without a time: biweekly takes days by the clock of this place. */
    private static ICalDate date(LocalDate day) {
        Date start = Date.from(day.atStartOfDay(ZoneId.systemDefault()).toInstant());
        return new ICalDate(start, false);
    }
}
