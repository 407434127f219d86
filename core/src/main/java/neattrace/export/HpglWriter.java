package neattrace.export;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicSegments;
import neattrace.geom.Point;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;

/**
 * Writes what machines cut along as HP-GL, the plotters' language (Hewlett-Packard, "HP-GL/2 and HP
 * RTL Reference Guide", from memory): IN, PA, SP, PU, PD in units of 0.025 mm, y upwards from the
 * lower left corner of the page. Each layer has a pen, the first one pen 1. Curves become chords
 * that keep within {@link #TOLERANCE_MM}.
 */
public final class HpglWriter {

    /** Units for each mm. */
    public static final double UNITS = 40;

    /** The largest distance between curve and chords before they are rounded to units, mm. */
    public static final double TOLERANCE_MM = 0.01;

    private final Writer out;
    private final double heightMm;

    private HpglWriter(Writer out, double heightMm) {
        this.out = out;
        this.heightMm = heightMm;
    }

    /**
     * Writes what is to be cut of a plan, layer by layer, to {@code out}, which stays open.
     *
     * @throws IllegalArgumentException if something to be cut is no curve
     */
    public static void write(PrintPlan plan, OutputStream out) throws IOException {
        Writer text = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.US_ASCII));
        HpglWriter writer = new HpglWriter(text, plan.heightMm());
        text.write("IN;PA;\n");
        int pen = 1;
        for (PrintLayer layer : plan.of(PrintLayer.Kind.TECHNICAL)) {
            text.write("SP" + pen++ + ";\n");
            for (PrintObject object : layer.objects()) {
                writer.object(object.shape());
            }
        }
        text.write("PU0,0;SP0;\n");
        text.flush();
    }

    private void object(PrintShape shape) throws IOException {
        if (shape instanceof PrintShape.Stroked stroked) {
            path(stroked.path(), stroked.closed());
        } else if (shape instanceof PrintShape.Curved curved) {
            for (CubicLoop loop : curved.outline().loops().toList()) {
                path(loop, true);
            }
        } else {
            throw new IllegalArgumentException("cutters run along curves");
        }
    }

    private void path(CubicSegments path, boolean closed) throws IOException {
        out.write("PU" + place(path.point(0)) + ";PD");
        String separator = "";
        for (int i = 0; i < path.size(); i++) {
            int pieces = path.pieces(i, TOLERANCE_MM);
            for (int k = 1; k <= pieces; k++) {
                boolean last = closed && i + 1 == path.size() && k == pieces;
                Point at = last ? path.point(0) : path.at(i, (double) k / pieces);
                out.write(separator + place(at));
                separator = ",";
            }
        }
        out.write(";PU;\n");
    }

    private String place(Point at) {
        return Math.round(at.x() * UNITS) + "," + Math.round((heightMm - at.y()) * UNITS);
    }
}
