package neattrace.flat.exchange;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neattrace.files.XmlText;
import neattrace.press.Cmyk;
import neattrace.press.Rgb;

/** Custom properties of the root element; ink values and the name as it was stand in a comment. */
final class CssProperties {

    private static final Pattern PROPERTY =
            Pattern.compile(
                    "--([\\w-]+)\\s*:\\s*(#[0-9A-Fa-f]{3,8}|rgba?\\([^)]*\\))\\s*;?"
                            + "(?:[ \\t]*/\\*(.*?)\\*/)?",
                    Pattern.UNICODE_CHARACTER_CLASS);

    /** No property is longer than this. */
    private static final int MOST_LETTERS = 400;

    private static final Pattern NOTE =
            Pattern.compile("(.*), C([\\d.]+) M([\\d.]+) Y([\\d.]+) K([\\d.]+)");

    private static final Pattern NUMBER = Pattern.compile("[\\d.]+%?");

    private CssProperties() {}

    static String write(List<Entry> entries) {
        StringBuilder text = new StringBuilder(":root {\n");
        Set<String> used = new HashSet<>();
        for (Entry entry : entries) {
            Cmyk build = entry.build().orElse(Cmyk.PAPER);
            text.append("  --")
                    .append(identifier(entry.name(), used))
                    .append(": ")
                    .append(entry.rgb().hex())
                    .append("; /* ")
                    .append(comment(entry.name()))
                    .append(
                            String.format(
                                    Locale.ROOT,
                                    ", C%s M%s Y%s K%s */%n",
                                    number(build.c()),
                                    number(build.m()),
                                    number(build.y()),
                                    number(build.k())));
        }
        return text.append("}\n").toString().replace("\r\n", "\n");
    }

    /** On one line, and without the end of a comment, also none that cutting one out would make. */
    private static String comment(String name) {
        return XmlText.clean(name).replaceAll("\\*+/", "/");
    }

    static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private static String identifier(String name, Set<String> used) {
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        plain = plain.replaceAll("^-+|-+$", "");
        String base = plain.isEmpty() ? "colour" : plain;
        String id = base;
        for (int n = 2; !used.add(id); n++) {
            id = base + "-" + n;
        }
        return id;
    }

    static List<Entry> read(String text) {
        List<Entry> entries = new ArrayList<>();
        // From one property to the next: a pattern that looks for its own beginning at every dash
        // would go over the rest of the text again and again.
        int at = text.indexOf("--");
        while (at >= 0 && entries.size() <= PaletteFile.MOST_COLOURS) {
            int name = at;
            while (name < text.length() && text.charAt(name) == '-') {
                name++;
            }
            int end = Math.min(text.length(), name + MOST_LETTERS);
            Matcher property = PROPERTY.matcher(text).region(name - 2, end);
            boolean found = property.lookingAt();
            if (found) {
                colour(property.group(2))
                        .ifPresent(
                                rgb ->
                                        entries.add(
                                                entry(property.group(1), rgb, property.group(3))));
            }
            at = text.indexOf("--", found ? property.end() : name);
        }
        return entries;
    }

    private static Entry entry(String identifier, Rgb rgb, String note) {
        Matcher known = NOTE.matcher(note == null ? "" : note.strip());
        if (known.matches()) {
            try {
                Cmyk build =
                        new Cmyk(
                                Double.parseDouble(known.group(2)),
                                Double.parseDouble(known.group(3)),
                                Double.parseDouble(known.group(4)),
                                Double.parseDouble(known.group(5)));
                return new Entry(known.group(1), rgb, Optional.of(build), "", Optional.empty());
            } catch (IllegalArgumentException e) {
                // Such inks there are not; the colour itself still counts.
                return Entry.plain(known.group(1), rgb);
            }
        }
        String words = identifier.replace('-', ' ').strip();
        String name =
                words.isEmpty() ? "" : Character.toUpperCase(words.charAt(0)) + words.substring(1);
        return Entry.plain(name, rgb);
    }

    private static Optional<Rgb> colour(String value) {
        if (value.startsWith("#")) {
            // What stands behind six digits, or three, is how opaque it is.
            int digits = value.length() - 1;
            return digits < 6
                    ? HexList.rgb(value.substring(0, 4))
                    : HexList.rgb(value.substring(0, 7));
        }
        Matcher number = NUMBER.matcher(value);
        int[] parts = new int[3];
        for (int i = 0; i < 3; i++) {
            if (!number.find()) {
                return Optional.empty();
            }
            String found = number.group();
            boolean percent = found.endsWith("%");
            try {
                double part =
                        Double.parseDouble(
                                percent ? found.substring(0, found.length() - 1) : found);
                parts[i] = (int) Math.round(Math.min(255, percent ? part * 2.55 : part));
            } catch (NumberFormatException e) {
                return Optional.empty();
            }
        }
        return Optional.of(new Rgb(parts[0], parts[1], parts[2]));
    }
}
