package neattrace.flat.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.flat.Swatch;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;

/** Writes and reads palettes. */
public final class PaletteFile {

    /** A palette of more colours is none that anybody picks from. */
    public static final int MOST_COLOURS = 1000;

    private static final int MOST_BYTES = 4 << 20;

    private PaletteFile() {}

    /** The formats. */
    public enum Format {
        /** One hex code a line, its name behind it. */
        HEX(".txt", "Hex list"),
        /** CSS custom properties. */
        CSS(".css", "CSS properties"),
        /** A table with a heading. */
        CSV(".csv", "CSV table"),
        /** JSON. */
        JSON(".json", "JSON"),
        /** Colour exchange format, ISO 17972. */
        CXF(".cxf", "CxF, measured colours");

        private final String ending;
        private final String words;

        Format(String ending, String words) {
            this.ending = ending;
            this.words = words;
        }

        /** What file names end in. */
        public String ending() {
            return ending;
        }

        /** In the user's words. */
        public String words() {
            return words;
        }

        /** The format of a file's name. */
        public static Optional<Format> of(String fileName) {
            String lower = fileName.toLowerCase(Locale.ROOT);
            for (Format format : values()) {
                if (lower.endsWith(format.ending)) {
                    return Optional.of(format);
                }
            }
            return lower.endsWith(".hex") ? Optional.of(HEX) : Optional.empty();
        }
    }

    /**
     * Writes swatches in their order.
     *
     * @param press how builds look
     * @param out stays open
     */
    public static void write(
            List<Swatch> swatches, Format format, PressProfile press, OutputStream out)
            throws IOException {
        List<Entry> entries = swatches.stream().map(swatch -> Entry.of(swatch, press)).toList();
        byte[] bytes =
                switch (format) {
                    case HEX -> HexList.write(entries).getBytes(StandardCharsets.UTF_8);
                    case CSS -> CssProperties.write(entries).getBytes(StandardCharsets.UTF_8);
                    case CSV -> CsvTable.write(entries).getBytes(StandardCharsets.UTF_8);
                    case JSON -> JsonPalette.write(entries);
                    case CXF -> Cxf.write(entries);
                };
        out.write(bytes);
    }

    /**
     * Reads swatches. Colours without ink values get the nearest printable build, those without a
     * name a plain one.
     *
     * @param fileName tells the format
     * @return swatches with ids from 1
     * @throws PaletteException if there is no colour in it, or too many, or it is damaged
     */
    public static List<Swatch> read(byte[] bytes, String fileName, PressProfile press)
            throws PaletteException {
        Format format =
                Format.of(fileName)
                        .orElseThrow(
                                () ->
                                        new PaletteException(
                                                fileName
                                                        + " is no palette; these are: .txt, .hex,"
                                                        + " .css, .csv, .json, .cxf."));
        if (bytes.length > MOST_BYTES) {
            throw new PaletteException(
                    fileName + " is larger than 4 MB; a palette here has up to 1,000 colours.");
        }
        String text = new String(bytes, StandardCharsets.UTF_8).replace("\uFEFF", "");
        List<Entry> entries =
                switch (format) {
                    case HEX -> HexList.read(text);
                    case CSS -> CssProperties.read(text);
                    case CSV -> CsvTable.read(text);
                    case JSON -> JsonPalette.read(text);
                    case CXF -> Cxf.read(bytes);
                };
        if (entries.isEmpty()) {
            throw new PaletteException("There is no colour in " + fileName + ".");
        }
        if (entries.size() > MOST_COLOURS) {
            throw new PaletteException(
                    String.format(
                            Locale.ROOT,
                            "%s has %,d colours; a palette here has up to %,d.",
                            fileName,
                            entries.size(),
                            MOST_COLOURS));
        }
        return swatches(entries, press);
    }

    private static List<Swatch> swatches(List<Entry> entries, PressProfile press) {
        List<Cmyk> builds =
                entries.parallelStream()
                        .map(entry -> entry.build().orElseGet(() -> press.nearest(entry.rgb())))
                        .toList();
        ColourNames names =
                new ColourNames()
                        .taken(
                                entries.stream()
                                        .map(Entry::name)
                                        .filter(name -> !name.isBlank())
                                        .toList());
        List<Swatch> swatches = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            Entry entry = entries.get(i);
            String name =
                    entry.name().isBlank() ? names.name(entry.rgb().toLab()) : entry.name().strip();
            swatches.add(
                    new Swatch(
                            i + 1,
                            cut(name),
                            builds.get(i),
                            cut(entry.group().strip()),
                            false,
                            entry.spot(),
                            Optional.empty(),
                            entry.build().isPresent()
                                    ? Optional.empty()
                                    : Optional.of(entry.rgb())));
        }
        return List.copyOf(swatches);
    }

    private static String cut(String name) {
        return name.length() <= Swatch.MOST_LETTERS
                ? name
                : name.substring(0, Swatch.MOST_LETTERS).strip();
    }
}
