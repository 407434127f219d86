package neattrace.export;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.geom.Arc;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicSegments;
import neattrace.geom.Point;
import neattrace.press.DeltaE2000;
import neattrace.press.Rgb;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;

/**
 * Writes outlines or strokes as polylines. Circular arcs stay arcs (a vertex with a bulge); other
 * curves become chords that keep within {@link #TOLERANCE_MM} of them.
 */
public final class DxfWriter {

    /** The largest distance between curve and chords, mm: finer than any blade or pen goes. */
    public static final double TOLERANCE_MM = 0.01;

    private static final int LONGEST_NAME = 31;

    /** Colours 1 to 7 of the format (from memory). */
    private static final int[] NAMED = {
        0xFF0000, 0xFFFF00, 0x00FF00, 0x00FFFF, 0x0000FF, 0xFF00FF, 0x000000
    };

    private final Writer out;
    private final double heightMm;

    private DxfWriter(Writer out, double heightMm) {
        this.out = out;
        this.heightMm = heightMm;
    }

    /**
     * Writes {@code plan}, layer by layer, to {@code out}, which stays open.
     *
     * @throws IllegalArgumentException if the plan has more in it than curves
     */
    public static void write(PrintPlan plan, OutputStream out) throws IOException {
        Map<String, String> names = names(plan.layers());
        DxfWriter writer = open(plan, names, out);
        for (PrintLayer layer : plan.layers()) {
            for (PrintObject object : layer.objects()) {
                writer.object(object.shape(), names.get(layer.name()));
            }
        }
        writer.close();
    }

    private void object(PrintShape shape, String layer) throws IOException {
        if (shape instanceof PrintShape.Stroked stroked) {
            polyline(stroked.path(), stroked.closed(), layer);
        } else if (shape instanceof PrintShape.Curved curved) {
            for (CubicLoop loop : curved.outline().loops().toList()) {
                polyline(loop, true, layer);
            }
        } else {
            throw new IllegalArgumentException("cutters run along curves");
        }
    }

    private static DxfWriter open(PrintPlan plan, Map<String, String> names, OutputStream out)
            throws IOException {
        Writer text = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.US_ASCII));
        DxfWriter writer = new DxfWriter(text, plan.heightMm());
        writer.pair(999, "Neat Trace, mm");
        writer.section("HEADER");
        writer.pair(9, "$ACADVER");
        writer.pair(1, "AC1009");
        // Millimetres, metric (the format's published header variables): without them a reader
        // takes its own unit, and an inch is 25 times as large.
        writer.pair(9, "$INSUNITS");
        writer.pair(70, "4");
        writer.pair(9, "$MEASUREMENT");
        writer.pair(70, "1");
        writer.pair(9, "$EXTMIN");
        writer.place(0, plan.heightMm());
        writer.pair(9, "$EXTMAX");
        writer.place(plan.widthMm(), 0);
        writer.pair(0, "ENDSEC");
        writer.section("TABLES");
        writer.pair(0, "TABLE");
        writer.pair(2, "LAYER");
        writer.pair(70, String.valueOf(names.size()));
        Set<String> entered = new HashSet<>();
        for (PrintLayer layer : plan.layers()) {
            if (!entered.add(layer.name())) {
                continue;
            }
            writer.pair(0, "LAYER");
            writer.pair(2, names.get(layer.name()));
            writer.pair(70, "0");
            writer.pair(62, String.valueOf(colour(layer.screen())));
            writer.pair(6, "CONTINUOUS");
        }
        writer.pair(0, "ENDTAB");
        writer.pair(0, "ENDSEC");
        writer.section("ENTITIES");
        return writer;
    }

    /**
     * Names as this version of the format takes them, capital letters, digits and - _ $, no two
     * alike: accents go, other scripts become LAYER, and what is then alike gets a number.
     */
    private static Map<String, String> names(List<PrintLayer> layers) {
        Map<String, String> names = new LinkedHashMap<>();
        Set<String> used = new HashSet<>();
        for (PrintLayer layer : layers) {
            names.computeIfAbsent(layer.name(), name -> free(plain(name), used));
        }
        return names;
    }

    private static String plain(String name) {
        String letters =
                Normalizer.normalize(name, Normalizer.Form.NFD)
                        .replaceAll("\\p{M}+", "")
                        .toUpperCase(Locale.ROOT)
                        .replaceAll("[^A-Z0-9_$]+", "-");
        boolean none = letters.chars().noneMatch(c -> c >= 'A' && c <= 'Z');
        return none ? "LAYER" + (letters.equals("-") ? "" : letters) : letters;
    }

    private static String free(String wanted, Set<String> used) {
        String name = cut(wanted, LONGEST_NAME);
        for (int k = 2; !used.add(name); k++) {
            String number = "-" + k;
            name = cut(wanted, LONGEST_NAME - number.length()) + number;
        }
        return name;
    }

    private static String cut(String name, int letters) {
        return name.substring(0, Math.min(letters, name.length()));
    }

    /** The nearest of the format's seven named colours: red to magenta, then black. */
    private static int colour(Rgb screen) {
        int best = NAMED.length;
        double least = Double.MAX_VALUE;
        for (int k = 0; k < NAMED.length; k++) {
            double unlike = DeltaE2000.between(Rgb.of(NAMED[k]).toLab(), screen.toLab());
            if (unlike < least) {
                least = unlike;
                best = k + 1;
            }
        }
        return best;
    }

    private void close() throws IOException {
        pair(0, "ENDSEC");
        pair(0, "EOF");
        out.flush();
    }

    private void section(String name) throws IOException {
        pair(0, "SECTION");
        pair(2, name);
    }

    private void polyline(CubicSegments path, boolean closed, String layer) throws IOException {
        pair(0, "POLYLINE");
        pair(8, layer);
        pair(66, "1");
        pair(70, closed ? "1" : "0");
        pair(10, "0.0");
        pair(20, "0.0");
        pair(30, "0.0");
        for (int i = 0; i < path.size(); i++) {
            Optional<Arc> arc = path.arc(i);
            if (arc.isPresent()) {
                vertex(path.point(i), layer);
                pair(42, String.format(Locale.ROOT, "%.6f", bulge(arc.get())));
                continue;
            }
            int pieces = path.pieces(i, TOLERANCE_MM);
            for (int k = 0; k < pieces; k++) {
                vertex(path.at(i, (double) k / pieces), layer);
            }
        }
        if (!closed) {
            vertex(path.point(path.size()), layer);
        }
        pair(0, "SEQEND");
        pair(8, layer);
    }

    private void vertex(Point at, String layer) throws IOException {
        pair(0, "VERTEX");
        pair(8, layer);
        place(at.x(), at.y());
    }

    /** The tangent of a quarter of the sweep, counterclockwise if positive, where y runs up. */
    private static double bulge(Arc arc) {
        return -Math.tan(arc.sweep() / 4);
    }

    /** A place on the page, whose y runs down, in the file's plane, whose y runs up. */
    private void place(double x, double y) throws IOException {
        pair(10, number(x));
        pair(20, number(heightMm - y));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }

    private void pair(int code, String value) throws IOException {
        out.write(String.format(Locale.ROOT, "%3d\r\n%s\r\n", code, value));
    }
}
