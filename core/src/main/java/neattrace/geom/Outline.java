package neattrace.geom;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.stream.Stream;

/**
 * One connected piece of ink: its outer edge and the holes in it.
 *
 * @param outer the edge that encloses the piece
 * @param holes the paper inside it; pieces of ink within a hole are outlines of their own
 */
public record Outline(CubicLoop outer, List<CubicLoop> holes) {

    public Outline {
        holes = List.copyOf(holes);
    }

    /** The outer edge, then every hole. */
    public Stream<CubicLoop> loops() {
        return Stream.concat(Stream.of(outer), holes.stream());
    }

    /** Number of segments in all loops. */
    public int segments() {
        return loops().mapToInt(CubicLoop::size).sum();
    }

    /** The same under a map of the plane. */
    public Outline mapped(AffineTransform map) {
        return new Outline(
                outer.mapped(map), holes.stream().map(hole -> hole.mapped(map)).toList());
    }

    /** Every coordinate times {@code factor}. */
    public Outline scaled(double factor) {
        return new Outline(
                outer.scaled(factor), holes.stream().map(loop -> loop.scaled(factor)).toList());
    }

    /** A Java2D path with even-odd winding. */
    public Path2D toPath() {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        loops().forEach(loop -> loop.appendTo(path));
        return path;
    }
}
