package neattrace.press.separate;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;

/**
 * Colours, how much each covers, and along how much they meet.
 *
 * @param colours what they look like
 * @param squareMm how much each covers
 * @param openMm along how much each meets none of them, but paper
 * @param edges which meet
 */
public record ColourGraph(
        List<Lab> colours, List<Double> squareMm, List<Double> openMm, List<Edge> edges) {

    /**
     * Two that meet.
     *
     * @param a number of one
     * @param b number of the other
     * @param lengthMm along how much
     */
    public record Edge(int a, int b, double lengthMm) {}

    /** Colours that meet nothing but one another. */
    public ColourGraph(List<Lab> colours, List<Double> squareMm, List<Edge> edges) {
        this(colours, squareMm, Collections.nCopies(colours.size(), 0.0), edges);
    }

    public ColourGraph {
        colours = List.copyOf(colours);
        squareMm = List.copyOf(squareMm);
        openMm = List.copyOf(openMm);
        edges = List.copyOf(edges);
        if (colours.size() != squareMm.size() || colours.size() != openMm.size()) {
            throw new IllegalArgumentException("each colour covers something");
        }
    }

    /** How many colours there are. */
    public int size() {
        return colours.size();
    }

    /** All differences between colours, CIEDE2000. */
    double[][] differences() {
        int n = size();
        double[][] differences = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < i; j++) {
                differences[i][j] = DeltaE2000.between(colours.get(i), colours.get(j));
                differences[j][i] = differences[i][j];
            }
        }
        return differences;
    }

    /** Along how much each meets others, mm. */
    double[] boundaries() {
        double[] lengths = new double[size()];
        for (Edge edge : edges) {
            lengths[edge.a] += edge.lengthMm;
            lengths[edge.b] += edge.lengthMm;
        }
        return lengths;
    }

    /** The edges of each colour. */
    List<List<Edge>> around() {
        List<List<Edge>> around = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            around.add(new ArrayList<>());
        }
        for (Edge edge : edges) {
            around.get(edge.a).add(edge);
            around.get(edge.b).add(edge);
        }
        return around;
    }
}
