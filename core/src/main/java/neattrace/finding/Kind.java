package neattrace.finding;

import java.util.Locale;

/**
 * A kind of finding.
 *
 * @param station where it is settled: the station's key, such as {@code line}
 * @param key what it is called in files; stays the same for good, such as {@code line-too-thin}
 * @param severity how serious it is
 * @param cost what it costs to be wrong about one
 * @param many how several are told of, with {@code %d} for how many
 */
public record Kind(String station, String key, Severity severity, Cost cost, String many) {

    /** The same, more or less serious. */
    public Kind withSeverity(Severity value) {
        return new Kind(station, key, value, cost, many);
    }

    /** The same with several told of in other words, with {@code %d} for how many. */
    public Kind withMany(String value) {
        return new Kind(station, key, severity, cost, value);
    }

    /** Several of them, in a person's words. */
    public String several(int count) {
        return String.format(Locale.ROOT, many, count);
    }
}
