package neattrace.press.separate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import neattrace.press.Lab;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OneColourTest {

    /** A grid of areas with slanted neighbours left out at random: a planar map. */
    private static ColourGraph map(long seed, int side) {
        Random chance = new Random(seed);
        List<Lab> looks = new ArrayList<>();
        List<Double> areas = new ArrayList<>();
        List<ColourGraph.Edge> edges = new ArrayList<>();
        for (int i = 0; i < side * side; i++) {
            looks.add(new Lab(20 + 80 * chance.nextDouble(), 0, 0));
            areas.add(1 + 30 * chance.nextDouble());
            if (i % side > 0) {
                edges.add(new ColourGraph.Edge(i - 1, i, 1 + 5 * chance.nextDouble()));
            }
            if (i >= side) {
                edges.add(new ColourGraph.Edge(i - side, i, 1 + 5 * chance.nextDouble()));
            }
            if (i >= side && i % side > 0) {
                edges.add(new ColourGraph.Edge(i - side - 1, i, 1 + chance.nextDouble()));
            }
        }
        return new ColourGraph(looks, areas, edges);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void neighboursStillDiffer(long seed) {
        ColourGraph graph = map(seed, 12);
        Random chance = new Random(seed);
        int[] colours = chance.ints(graph.size(), 0, 9).toArray();
        for (boolean lines : new boolean[] {true, false}) {
            List<Tone> tones = OneColour.of(graph, colours, lines, Map.of());
            assertThat(OneColour.kept(graph, colours, tones)).isGreaterThanOrEqualTo(0.95);
        }
    }

    @Test
    void lightAreasStayLighterThanDarkOnes() {
        ColourGraph graph =
                new ColourGraph(
                        List.of(new Lab(97, 0, 0), new Lab(60, 0, 0), new Lab(25, 0, 0)),
                        List.of(10.0, 10.0, 10.0),
                        List.of(new ColourGraph.Edge(0, 1, 5), new ColourGraph.Edge(1, 2, 5)));
        List<Tone> tones = OneColour.of(graph, new int[] {1, 2, 3}, false, Map.of());
        assertThat(tones.get(0).percent()).isLessThan(tones.get(1).percent());
        assertThat(tones.get(1).percent()).isLessThan(tones.get(2).percent());
    }

    @Test
    void areasOfAColourHaveOneToneAndBlackLinesAreNotSwallowed() {
        ColourGraph graph =
                new ColourGraph(
                        List.of(new Lab(20, 0, 0), new Lab(80, 0, 0), new Lab(20, 0, 0)),
                        List.of(10.0, 10.0, 10.0),
                        List.of(new ColourGraph.Edge(0, 1, 5), new ColourGraph.Edge(1, 2, 5)));
        List<Tone> tones = OneColour.of(graph, new int[] {7, 8, 7}, true, Map.of());
        assertThat(tones.get(0)).isEqualTo(tones.get(2)).isNotEqualTo(tones.get(1));
        assertThat(tones).doesNotContain(Tone.INK);
    }

    @Test
    void whatWasChosenByHandStaysAndItsNeighboursGiveWay() {
        ColourGraph graph =
                new ColourGraph(
                        List.of(new Lab(50, 0, 0), new Lab(52, 20, 0)),
                        List.of(10.0, 10.0),
                        List.of(new ColourGraph.Edge(0, 1, 5)));
        for (Tone tone : Tone.values()) {
            List<Tone> tones = OneColour.of(graph, new int[] {1, 2}, false, Map.of(0, tone));
            assertThat(tones.get(0)).isEqualTo(tone);
            assertThat(tones.get(1)).isNotEqualTo(tone);
        }
    }

    @Test
    void aClickGoesThroughAllTones() {
        Tone tone = Tone.BARE;
        for (int i = 0; i < Tone.values().length; i++) {
            tone = OneColour.next(tone);
        }
        assertThat(tone).isEqualTo(Tone.BARE);
        assertThat(OneColour.next(Tone.DARK)).isEqualTo(Tone.INK);
    }
}
