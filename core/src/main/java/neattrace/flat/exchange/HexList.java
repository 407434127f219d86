package neattrace.flat.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neattrace.files.XmlText;
import neattrace.press.Rgb;

/** One hex code a line; what stands behind it is its name. */
final class HexList {

    private static final Pattern CODE =
            Pattern.compile("(?<![0-9A-Za-z])#?([0-9A-Fa-f]{6}|#[0-9A-Fa-f]{3})(?![0-9A-Za-z])");

    private static final Pattern OWN = Pattern.compile("(#[0-9A-Fa-f]{6})  (\\S.*)");

    private HexList() {}

    static String write(List<Entry> entries) {
        StringBuilder text = new StringBuilder();
        for (Entry entry : entries) {
            text.append(entry.rgb().hex())
                    .append("  ")
                    .append(XmlText.clean(entry.name()))
                    .append('\n');
        }
        return text.toString();
    }

    static List<Entry> read(String text) {
        List<Entry> entries = new ArrayList<>();
        for (String line : text.split("\\R")) {
            Matcher own = OWN.matcher(line);
            if (own.matches()) {
                // As written here: whatever the name is made of, it is a name.
                Optional<Rgb> rgb = rgb(own.group(1));
                rgb.ifPresent(colour -> entries.add(Entry.plain(own.group(2), colour)));
                continue;
            }
            Matcher code = CODE.matcher(line);
            List<Integer> ends = new ArrayList<>();
            List<Rgb> colours = new ArrayList<>();
            while (code.find()) {
                rgb(code.group(1)).ifPresent(colours::add);
                ends.add(code.end());
            }
            // Several codes on one line have no names of their own.
            boolean named = colours.size() == 1;
            for (Rgb colour : colours) {
                String name = named ? line.substring(ends.get(0)).replaceAll("[,;]+$", "") : "";
                entries.add(Entry.plain(name.strip(), colour));
            }
        }
        return entries;
    }

    /** From RRGGBB or #RGB, with or without the sign. */
    static Optional<Rgb> rgb(String code) {
        String digits = code.startsWith("#") ? code.substring(1) : code;
        if (digits.length() == 3) {
            StringBuilder twice = new StringBuilder();
            digits.chars().forEach(c -> twice.append((char) c).append((char) c));
            digits = twice.toString();
        }
        return Rgb.parse(digits);
    }
}
