package neattrace.goods.cut;

import java.util.List;
import java.util.stream.Stream;
import neattrace.geom.CubicLoop;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * The cut of one sticker.
 *
 * @param outside the line round it, mm
 * @param holes lines of holes in it
 * @param area what lies within, its curves as chords that keep within {@link #CHORD_MM}
 */
public record StickerCut(CubicLoop outside, List<CubicLoop> holes, Polygon area) {

    /** How far chords keep from curves at most, mm. */
    public static final double CHORD_MM = 0.004;

    /** A sticker is hard to peel if it is narrower both ways, mm (common practice, no source). */
    public static final double PEELS_MM = 12;

    public StickerCut {
        holes = List.copyOf(holes);
    }

    /** All its lines, the outside first. */
    public Stream<CubicLoop> loops() {
        return Stream.concat(Stream.of(outside), holes.stream());
    }

    /** The same at another size. */
    public StickerCut scaled(double factor) {
        return new StickerCut(
                outside.scaled(factor),
                holes.stream().map(hole -> hole.scaled(factor)).toList(),
                (Polygon) AffineTransformation.scaleInstance(factor, factor).transform(area));
    }

    /** Its width, mm. */
    public double widthMm() {
        return area.getEnvelopeInternal().getWidth();
    }

    /** Its height, mm. */
    public double heightMm() {
        return area.getEnvelopeInternal().getHeight();
    }

    /** The radius where it is bent most, mm; infinite if it is nowhere. */
    public double leastRadiusMm() {
        return loops().mapToDouble(CutLine::leastRadius).min().orElseThrow();
    }

    /** Whether it is so small that it is hard to peel. */
    public boolean isSmall() {
        return Math.max(widthMm(), heightMm()) < PEELS_MM;
    }
}
