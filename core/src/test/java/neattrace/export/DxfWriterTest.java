package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.testing.Jobs;
import neattrace.trace.centre.CentrelineFinder;
import neattrace.trace.centre.StrokeArt;
import org.junit.jupiter.api.Test;

/**
 * The files read by their group codes alone (Release 12; from memory). Files of the demo were also
 * opened by hand with ezdxf 1.0, a reader of its own: no errors, no repairs.
 */
class DxfWriterTest {

    /** Places are x, y and the bulge of what leads on from there. */
    private record Polyline(String layer, boolean closed, List<double[]> places) {}

    private static List<Polyline> read(byte[] dxf) {
        String[] lines = new String(dxf, StandardCharsets.US_ASCII).split("\r\n");
        assertThat(lines.length % 2).isZero();
        List<Polyline> found = new ArrayList<>();
        String entity = "";
        String layer = "";
        boolean closed = false;
        List<double[]> places = new ArrayList<>();
        double x = 0;
        for (int i = 0; i < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].strip());
            String value = lines[i + 1];
            if (code == 0) {
                entity = value;
                if (value.equals("POLYLINE")) {
                    places = new ArrayList<>();
                } else if (value.equals("SEQEND")) {
                    found.add(new Polyline(layer, closed, places));
                }
            } else if (code == 8) {
                layer = value;
            } else if (code == 70 && entity.equals("POLYLINE")) {
                closed = value.equals("1");
            } else if (code == 10) {
                x = Double.parseDouble(value);
            } else if (code == 20 && entity.equals("VERTEX")) {
                places.add(new double[] {x, Double.parseDouble(value), 0});
            } else if (code == 42) {
                places.get(places.size() - 1)[2] = Double.parseDouble(value);
            }
        }
        assertThat(lines[lines.length - 1]).isEqualTo("EOF");
        return found;
    }

    private static double area(Polyline line) {
        double twice = 0;
        for (int i = 0, n = line.places.size(); i < n; i++) {
            double[] a = line.places.get(i);
            double[] b = line.places.get((i + 1) % n);
            twice += a[0] * b[1] - b[0] * a[1];
            // The segment of a circle beyond the chord; a bulge is the tangent of a quarter turn.
            double turn = 4 * Math.atan(a[2]);
            double radius =
                    a[2] == 0
                            ? 0
                            : Math.hypot(b[0] - a[0], b[1] - a[1])
                                    / (2 * Math.sin(Math.abs(turn) / 2));
            twice += radius * radius * (turn - Math.sin(turn));
        }
        return twice / 2;
    }

    @Test
    void outlinesAreClosedPolylinesWithYUp() throws IOException {
        CubicLoop square = CubicLoop.polygon(10, 10, 30, 10, 30, 30, 10, 30);
        CubicLoop hole = CubicLoop.polygon(15, 15, 15, 20, 20, 20, 20, 15);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DxfWriter.write(Plans.cut(List.of(new Outline(square, List.of(hole))), 50, 40), out);
        List<Polyline> read = read(out.toByteArray());
        assertThat(read).hasSize(2).allMatch(Polyline::closed);
        assertThat(read.get(0).layer).isEqualTo("OUTLINES");
        assertThat(read.get(0).places.get(0)).containsExactly(10, 30, 0);
        // Clockwise on screen is clockwise in a plane whose y runs up, too: less than zero.
        assertThat(area(read.get(0))).isCloseTo(-400, within(1e-6));
        assertThat(area(read.get(1))).isCloseTo(25, within(1e-6));
    }

    @Test
    void strokesAreOpenOrClosedAsTheyWereDrawn() throws IOException {
        InkMap map =
                DrawnInk.of(
                        300,
                        300,
                        g -> {
                            DrawnInk.pen(
                                            5,
                                            new Ellipse2D.Double(50, 60, 100, 100),
                                            new Line2D.Double(30, 220, 270, 260))
                                    .accept(g);
                            g.fillRect(200, 60, 60, 60);
                        });
        StrokeArt art =
                StrokeArt.of(map, CentrelineFinder.find(map, Progress.SILENT), new int[0], 0, 0.1);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Artwork page =
                Artwork.of(
                        new Pipeline().run(Jobs.plain(), Progress.SILENT), PressProfile.bundled());
        DxfWriter.write(Plans.cut(page, art), out);
        List<Polyline> read = read(out.toByteArray());
        Polyline line = read.stream().filter(p -> !p.closed).findFirst().orElseThrow();
        double[] first = line.places.get(0);
        double[] last = line.places.get(line.places.size() - 1);
        assertThat(Math.hypot(first[0] - last[0], first[1] - last[1]))
                .isCloseTo(24.33, within(0.2));
        Polyline ring =
                read.stream()
                        .filter(p -> p.closed && p.layer.equals("STROKES"))
                        .findFirst()
                        .orElseThrow();
        assertThat(Math.abs(area(ring))).isCloseTo(Math.PI * 25, within(0.3));
        assertThat(ring.places).as("true arcs").hasSize(4).allMatch(place -> place[2] != 0);
        Polyline solid =
                read.stream().filter(p -> p.layer.equals("SOLID_BLACKS")).findFirst().orElseThrow();
        assertThat(Math.abs(area(solid))).isCloseTo(36, within(0.3));
    }
}
