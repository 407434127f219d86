package neattrace.press.separate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class InkMergerTest {

    private static ColourGraph random(long seed, int colours) {
        Random chance = new Random(seed);
        List<Lab> looks = new ArrayList<>();
        List<Double> areas = new ArrayList<>();
        List<ColourGraph.Edge> edges = new ArrayList<>();
        for (int i = 0; i < colours; i++) {
            looks.add(
                    new Lab(
                            20 + 75 * chance.nextDouble(),
                            120 * chance.nextDouble() - 60,
                            120 * chance.nextDouble() - 60));
            areas.add(1 + 500 * chance.nextDouble());
            for (int j = 0; j < i; j++) {
                if (chance.nextInt(3) == 0) {
                    edges.add(new ColourGraph.Edge(j, i, 1 + 80 * chance.nextDouble()));
                }
            }
        }
        return new ColourGraph(looks, areas, edges);
    }

    private static double cost(ColourGraph graph, int[] into) {
        double[] parts = parts(graph, into);
        return parts[0] + parts[1];
    }

    /** Contrast lost, colours moved by their edges, and by their areas. */
    private static double[] parts(ColourGraph graph, int[] into) {
        double lost = 0;
        double[] boundary = new double[into.length];
        for (ColourGraph.Edge edge : graph.edges()) {
            boundary[edge.a()] += edge.lengthMm();
            boundary[edge.b()] += edge.lengthMm();
            double was =
                    DeltaE2000.between(
                            graph.colours().get(edge.a()), graph.colours().get(edge.b()));
            double is =
                    DeltaE2000.between(
                            graph.colours().get(into[edge.a()]),
                            graph.colours().get(into[edge.b()]));
            lost += edge.lengthMm() * Math.max(0, was - is);
        }
        double moved = 0;
        double spread = 0;
        for (int i = 0; i < into.length; i++) {
            double off = DeltaE2000.between(graph.colours().get(i), graph.colours().get(into[i]));
            moved += boundary[i] * off;
            spread += graph.squareMm().get(i) * off;
        }
        return new double[] {lost, moved, spread};
    }

    private static int[] ints(List<Integer> list) {
        return list.stream().mapToInt(Integer::intValue).toArray();
    }

    /** By colour alone: again and again the two most alike, the smaller into the larger. */
    private static int[] byColour(ColourGraph graph, int inks) {
        int n = graph.size();
        int[] into = new int[n];
        double[] area = new double[n];
        for (int i = 0; i < n; i++) {
            into[i] = i;
            area[i] = graph.squareMm().get(i);
        }
        for (int left = n; left > inks; left--) {
            int from = -1;
            int to = -1;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    if (i == j || into[i] != i || into[j] != j || area[i] > area[j]) {
                        continue;
                    }
                    double d = DeltaE2000.between(graph.colours().get(i), graph.colours().get(j));
                    if (d < least) {
                        least = d;
                        from = i;
                        to = j;
                    }
                }
            }
            area[to] += area[from];
            for (int k = 0; k < n; k++) {
                into[k] = into[k] == from ? to : into[k];
            }
        }
        return into;
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 5, 8})
    void itIsNeverWorseThanByColourAlone(int inks) {
        int better = 0;
        for (int seed = 0; seed < 50; seed++) {
            ColourGraph graph = random(seed, 12);
            Merging merging = InkMerger.of(graph, Set.of(), inks);
            assertThat(merging.inks()).isLessThanOrEqualTo(inks);
            double own = cost(graph, ints(merging.into()));
            double plain = cost(graph, byColour(graph, inks));
            assertThat(own).as("seed %d", seed).isLessThanOrEqualTo(plain + 1e-6);
            better += own < plain - 1e-6 ? 1 : 0;
        }
        assertThat(better).as("drawings that gain").isGreaterThan(10);
    }

    /**
     * All partitions of a few colours, each group in the ink of one of them, that are worse than
     * merging by colour alone in no measure.
     */
    @Test
    void aFewColoursAreMergedAsWellAsCanBe() {
        int asGood = 0;
        for (int seed = 0; seed < 30; seed++) {
            ColourGraph graph = random(1000 + seed, 5);
            double best = Double.MAX_VALUE;
            double[] plain = parts(graph, byColour(graph, 3));
            for (int code = 0; code < 3125; code++) {
                int[] into = new int[5];
                for (int i = 0, rest = code; i < 5; i++, rest /= 5) {
                    into[i] = rest % 5;
                }
                boolean inks = true;
                for (int one : into) {
                    inks &= into[one] == one;
                }
                long count = Arrays.stream(into).distinct().count();
                double[] now = parts(graph, into);
                boolean noWorse =
                        now[0] <= plain[0] + 1e-9
                                && now[1] <= plain[1] + 1e-9
                                && now[2] <= plain[2] + 1e-9;
                if (inks && count <= 3 && noWorse) {
                    best = Math.min(best, cost(graph, into));
                }
            }
            double own = cost(graph, ints(InkMerger.of(graph, Set.of(), 3).into()));
            assertThat(own).isGreaterThanOrEqualTo(best - 1e-6);
            asGood += own <= best * 1.001 ? 1 : 0;
        }
        assertThat(asGood).isGreaterThanOrEqualTo(20);
    }

    @Test
    void coloursThatAreKeptKeepTheirInk() {
        for (int seed = 0; seed < 20; seed++) {
            Merging merging = InkMerger.of(random(seed, 8), Set.of(0, 3), 2);
            assertThat(merging.into().get(0)).isZero();
            assertThat(merging.into().get(3)).isEqualTo(3);
            assertThat(merging.inks()).isEqualTo(2);
        }
    }

    @Test
    void singleMergesAreRankedByHarm() {
        ColourGraph graph =
                new ColourGraph(
                        List.of(new Lab(50, 0, 0), new Lab(52, 0, 0), new Lab(90, 0, 60)),
                        List.of(10.0, 10.0, 10.0),
                        List.of(new ColourGraph.Edge(0, 1, 5), new ColourGraph.Edge(1, 2, 5)));
        List<Merging> ranked = InkMerger.ranked(graph, Set.of());
        assertThat(ranked).hasSize(6);
        assertThat(ranked.get(0).into()).containsExactly(1, 1, 2);
        assertThat(ranked.get(0).cost()).isLessThanOrEqualTo(ranked.get(5).cost());
    }

    @Test
    void enoughInksAndNoColoursLeaveAllAsItIs() {
        ColourGraph graph = random(3, 6);
        assertThat(InkMerger.of(graph, Set.of(), 9).into()).containsExactly(0, 1, 2, 3, 4, 5);
        ColourGraph none = new ColourGraph(List.of(), List.of(), List.of());
        assertThat(InkMerger.of(none, Set.of(), 1).into()).isEmpty();
    }
}
