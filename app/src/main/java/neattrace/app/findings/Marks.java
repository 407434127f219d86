package neattrace.app.findings;

import java.util.Locale;
import java.util.Optional;
import neattrace.app.table.Mark;
import neattrace.finding.Finding;
import neattrace.finding.Measure;
import neattrace.finding.Place;

/** How findings are pointed out on the table. */
final class Marks {

    private Marks() {}

    /** The mark of a finding; empty if it has no place. */
    static Optional<Mark> of(Finding finding) {
        return finding.place().map(place -> mark(place, tag(finding)).strengthened());
    }

    private static Mark mark(Place place, String tag) {
        if (place instanceof Place.Stretch stretch) {
            return new Mark(place.at(), stretch.from(), stretch.to(), tag, true, stretch.open())
                    .along(stretch.way());
        }
        if (place instanceof Place.Box box) {
            return Mark.box(box.corners().get(0), box.corners().get(1), tag);
        }
        if (place instanceof Place.Line line) {
            return Mark.line(line.way(), place.at(), tag);
        }
        return Mark.at(place.at(), tag, true);
    }

    /** Its measure, or what it is if nothing is measured. */
    static String tag(Finding finding) {
        return finding.measure().map(Marks::words).orElse(finding.title());
    }

    /** A measure in as many digits as one can use. */
    static String words(Measure measure) {
        double size = Math.abs(measure.value());
        boolean count = measure.unit().isEmpty() || measure.value() == Math.rint(measure.value());
        String format = count || size >= 10 ? "%.0f" : size >= 0.1 ? "%.2f" : "%.3f";
        String number = String.format(Locale.ROOT, format, measure.value());
        return (number + " " + measure.unit()).strip();
    }
}
