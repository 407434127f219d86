/**
 * When work has to be done and what it costs: hours for each stage as a likely range, from what
 * drives them and from earlier work of one's own; scheduled backwards from the day promised, as
 * late as may be (jobs with the latest day first, which leaves room for all if there is room at
 * all: J. R. Jackson's rule of the earliest due date, 1955, read backwards); iCalendar (RFC 5545).
 */
package neattrace.plan;
