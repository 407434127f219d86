package neattrace.trace.centre;

import java.util.Arrays;
import java.util.stream.IntStream;
import neattrace.raster.InkMap;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.LineNode;
import neattrace.trace.SolidBlack;
import neattrace.trace.Stub;

/**
 * A sheet in half its size, whose coverages are means of four, and what was found on it doubled.
 */
final class Halving {

    private Halving() {}

    static InkMap halved(InkMap map) {
        int width = (map.width() + 1) / 2;
        int height = (map.height() + 1) / 2;
        byte[] coverage = new byte[width * height];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < width; x++) {
                                int sum =
                                        at(map, 2 * x, 2 * y)
                                                + at(map, 2 * x + 1, 2 * y)
                                                + at(map, 2 * x, 2 * y + 1)
                                                + at(map, 2 * x + 1, 2 * y + 1);
                                coverage[y * width + x] = (byte) ((sum + 2) / 4);
                            }
                        });
        return new InkMap(width, height, coverage);
    }

    private static int at(InkMap map, int x, int y) {
        boolean inside = x < map.width() && y < map.height();
        return inside ? map.coverage()[y * map.width() + x] & 0xff : 0;
    }

    static LineNet doubled(LineNet net) {
        return new LineNet(
                net.lines().stream()
                        .map(
                                line ->
                                        new InkLine(
                                                twice(line.x()),
                                                twice(line.y()),
                                                twice(line.width()),
                                                line.closed(),
                                                line.start(),
                                                line.end()))
                        .toList(),
                net.nodes().stream()
                        .map(n -> new LineNode(n.at().times(2), 2 * n.radius(), n.lines()))
                        .toList(),
                net.solids().stream()
                        .map(s -> new SolidBlack(twice(s.x()), twice(s.y()), twice(s.radius())))
                        .toList(),
                net.stubs().stream()
                        .map(
                                stub ->
                                        new Stub(
                                                stub.root().times(2),
                                                stub.tip().times(2),
                                                2 * stub.out(),
                                                2 * stub.lineWidth()))
                        .toList(),
                net.onward());
    }

    private static double[] twice(double[] values) {
        return Arrays.stream(values).map(v -> 2 * v).toArray();
    }
}
