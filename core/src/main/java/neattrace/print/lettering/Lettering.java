package neattrace.print.lettering;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Sets a line of text as polygons. */
public final class Lettering {

    /** Typefaces. */
    public enum Face {
        /** For titles. */
        TITLE("Vollkorn-SemiBold.ttf"),
        /** For everything else. */
        PLAIN("Lato-Regular.ttf");

        private final String file;

        Face(String file) {
            this.file = file;
        }

        /** The typeface's file. */
        public InputStream open() {
            return Lettering.class.getResourceAsStream(file);
        }
    }

    /** Where a line begins, or what it ends or is centred at. */
    public enum Align {
        LEFT,
        MIDDLE,
        RIGHT
    }

    /** Read once: making a font of a stream writes a file each time. */
    private static final Map<Face, Font> FONTS = fonts();

    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

    /** How far chords keep from curves at most, mm. */
    private static final double FLATNESS_MM = 0.01;

    private Lettering() {}

    /**
     * A line of text.
     *
     * @param sizeMm of the type, from the top of its body to its foot
     * @param x where it begins, has its middle or ends, mm
     * @param baseline on which it stands, mm
     */
    public static Geometry line(
            String text, Face face, double sizeMm, double x, double baseline, Align align) {
        GlyphVector glyphs =
                FONTS.get(face).deriveFont((float) sizeMm).createGlyphVector(CONTEXT, text.strip());
        Rectangle2D box = glyphs.getLogicalBounds();
        double left =
                switch (align) {
                    case LEFT -> x;
                    case MIDDLE -> x - box.getWidth() / 2;
                    case RIGHT -> x - box.getWidth();
                };
        GeometryFactory factory = new GeometryFactory();
        List<Geometry> letters = new ArrayList<>();
        for (int i = 0; i < glyphs.getNumGlyphs(); i++) {
            letters.add(
                    letter(
                            AffineTransform.getTranslateInstance(left, baseline)
                                    .createTransformedShape(glyphs.getGlyphOutline(i)),
                            factory));
        }
        return letters.isEmpty()
                ? factory.createPolygon()
                : OverlayNGRobust.union(factory.buildGeometry(letters));
    }

    /** How wide a line is, mm. */
    public static double widthMm(String text, Face face, double sizeMm) {
        return FONTS.get(face)
                .deriveFont((float) sizeMm)
                .getStringBounds(text.strip(), CONTEXT)
                .getWidth();
    }

    /** What lies in an odd number of its rings belongs to a letter. */
    private static Geometry letter(Shape shape, GeometryFactory factory) {
        Geometry letter = factory.createPolygon();
        for (Object each : ShapeReader.toCoordinates(shape.getPathIterator(null, FLATNESS_MM))) {
            Coordinate[] ring = (Coordinate[]) each;
            if (ring.length > 3) {
                letter =
                        OverlayNGRobust.overlay(
                                letter,
                                GeometryFixer.fix(factory.createPolygon(ring)),
                                OverlayNG.SYMDIFFERENCE);
            }
        }
        return letter;
    }

    private static Map<Face, Font> fonts() {
        Map<Face, Font> fonts = new EnumMap<>(Face.class);
        for (Face face : Face.values()) {
            fonts.put(face, font(face));
        }
        return fonts;
    }

    private static Font font(Face face) {
        try (InputStream in = face.open()) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("the shipped typeface is damaged", e);
        }
    }
}
