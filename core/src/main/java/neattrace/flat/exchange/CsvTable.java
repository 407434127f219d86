package neattrace.flat.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.Rgb;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** A table with a heading: name, hex, c, m, y, k, group and, for spot inks, l, a, b. */
final class CsvTable {

    private static final String[] COLUMNS = {
        "name", "hex", "c", "m", "y", "k", "group", "l", "a", "b"
    };

    private CsvTable() {}

    static String write(List<Entry> entries) throws IOException {
        StringBuilder text = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader(COLUMNS).get();
        try (CSVPrinter table = new CSVPrinter(text, format)) {
            for (Entry entry : entries) {
                Cmyk build = entry.build().orElse(Cmyk.PAPER);
                List<Object> row = new ArrayList<>();
                row.addAll(List.of(guarded(entry.name()), entry.rgb().hex()));
                for (double ink : new double[] {build.c(), build.m(), build.y(), build.k()}) {
                    row.add(CssProperties.number(ink));
                }
                row.add(guarded(entry.group()));
                entry.spot().ifPresent(lab -> row.addAll(List.of(lab.l(), lab.a(), lab.b())));
                while (row.size() < COLUMNS.length) {
                    row.add("");
                }
                table.printRecord(row);
            }
        }
        return text.toString();
    }

    /**
     * Spreadsheets take what begins so for a formula and run it (OWASP, "CSV Injection"); an
     * apostrophe before it keeps it text.
     */
    private static String guarded(String text) {
        String line = text.replaceAll("\\p{Cntrl}+", " ").strip();
        return line.matches("^'*[=+\\-@].*") ? "'" + line : line;
    }

    private static String unguarded(String text) {
        return text.matches("^'+[=+\\-@].*") ? text.substring(1) : text;
    }

    static List<Entry> read(String text) throws PaletteException {
        CSVFormat format =
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .setIgnoreHeaderCase(true)
                        .setAllowMissingColumnNames(true)
                        .setTrim(true)
                        .setDelimiter(isBySemicolon(text) ? ';' : ',')
                        .get();
        List<Entry> entries = new ArrayList<>();
        try (CSVParser table = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord row : table) {
                entries.add(entry(row));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw new PaletteException("The table is damaged: " + e.getMessage(), e);
        }
        return entries;
    }

    /** Spreadsheets of some countries part columns by semicolons. */
    private static boolean isBySemicolon(String text) {
        String heading = text.lines().findFirst().orElse("");
        return heading.indexOf(';') >= 0 && heading.indexOf(',') < 0;
    }

    private static Entry entry(CSVRecord row) throws PaletteException {
        Optional<Rgb> hex = HexList.rgb(text(row, "hex"));
        Optional<Cmyk> build = Optional.empty();
        if (!text(row, "c").isEmpty()) {
            build =
                    Optional.of(
                            new Cmyk(
                                    number(row, "c"),
                                    number(row, "m"),
                                    number(row, "y"),
                                    number(row, "k")));
        }
        Optional<Lab> spot = Optional.empty();
        if (!text(row, "l").isEmpty()) {
            spot = Optional.of(new Lab(number(row, "l"), number(row, "a"), number(row, "b")));
        }
        if (hex.isEmpty() && spot.isEmpty()) {
            throw new PaletteException(
                    "Row " + row.getRecordNumber() + " of the table has no colour in \"hex\".");
        }
        Rgb rgb = hex.isPresent() ? hex.get() : spot.get().toRgb();
        return new Entry(
                unguarded(text(row, "name")), rgb, build, unguarded(text(row, "group")), spot);
    }

    private static String text(CSVRecord row, String column) {
        return row.isSet(column) ? row.get(column).strip() : "";
    }

    private static double number(CSVRecord row, String column) throws PaletteException {
        try {
            return Double.parseDouble(text(row, column).replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new PaletteException(
                    "Row " + row.getRecordNumber() + ": \"" + column + "\" is no number.", e);
        }
    }
}
