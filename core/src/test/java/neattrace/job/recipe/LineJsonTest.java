package neattrace.job.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import neattrace.geom.Point;
import neattrace.trace.LineColour;
import neattrace.trace.LineLimits;
import neattrace.trace.LineRecipe;
import neattrace.trace.PointEdit;
import neattrace.trace.WeightRecipe;
import neattrace.trace.edit.InkEdit;
import neattrace.trace.edit.InkShape;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LineJsonTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static LineRecipe full() {
        InkShape stroke =
                new InkShape.Stroke(
                        new double[] {1.5, 2.25}, new double[] {3, 4}, new double[] {0.5, 0.25});
        InkShape area =
                new InkShape.Area(
                        List.of(
                                new double[] {0, 0, 4, 0, 4, 4, 0, 4},
                                new double[] {1, 1, 1, 2, 2, 2, 2, 1}));
        return new LineRecipe(
                List.of(
                        new InkEdit(
                                "Ends joined", new Point(2, 3), List.of(area), List.of(stroke))),
                new WeightRecipe(0.5, 0.25, -0.125, 0.75, List.of(new Point(8, 9))),
                0.45,
                List.of(
                        new PointEdit.Move(
                                new Point(1, 2),
                                new Point(1.5, 2),
                                new Point(1, 1.5),
                                new Point(2, 2.5)),
                        new PointEdit.Add(new Point(7, 7)),
                        new PointEdit.Delete(new Point(6, 6.5))),
                new LineColour(4, true, List.of(new LineColour.Hold(new Point(3, 3), 9))),
                new LineLimits(0.3, 0.35, 1200));
    }

    private static ObjectNode json(LineRecipe recipe) {
        ObjectNode node = MAPPER.createObjectNode();
        LineJson.write(recipe, node);
        return node;
    }

    @Test
    void everythingComesBack() throws RecipeException {
        assertThat(LineJson.read(json(full()))).isEqualTo(full());
        assertThat(LineJson.read(json(LineRecipe.AS_DRAWN))).isEqualTo(LineRecipe.AS_DRAWN);
    }

    @Test
    void comesBackThroughTextToo() throws Exception {
        JsonNode read = MAPPER.readTree(MAPPER.writeValueAsBytes(json(full())));
        assertThat(LineJson.read(read)).isEqualTo(full());
    }

    @Test
    void placesAreKeptToATenthOfAThousandth() throws RecipeException {
        InkShape shape =
                new InkShape.Stroke(
                        new double[] {1.0 / 3}, new double[] {2.0 / 3}, new double[] {1.0 / 7});
        LineRecipe recipe =
                LineRecipe.AS_DRAWN.with(
                        new InkEdit("Line drawn", new Point(0, 0), List.of(), List.of(shape)));
        InkShape.Stroke back =
                (InkShape.Stroke) LineJson.read(json(recipe)).edits().get(0).drawn().get(0);
        assertThat(back.x()[0]).isEqualTo(0.3333);
        assertThat(back.width()[0]).isEqualTo(0.1429);
    }

    @ParameterizedTest
    @ValueSource(strings = {"weight", "maxErrorPx", "edits", "points", "colour", "limits"})
    void aMissingPartIsNamed(String field) {
        ObjectNode node = json(full());
        node.remove(field);
        assertThatThrownBy(() -> LineJson.read(node))
                .isInstanceOf(RecipeException.class)
                .hasMessageContaining(field);
    }

    @ParameterizedTest
    @CsvSource({
        "/weight, evenMm",
        "/weight, taperShare",
        "/weight, outsideParts",
        "/colour, swatch",
        "/colour, borderBlack",
        "/colour, held",
        "/limits, leastGapMm",
        "/limits, viewingMm",
        "/edits/0, what",
        "/edits/0, at",
        "/edits/0, drawn",
        "/points/0, kind",
        "/points/0, to"
    })
    void aMissingFieldWithinAPartIsNamed(String where, String field) {
        ObjectNode node = json(full());
        ((ObjectNode) node.at(where)).remove(field);
        assertThatThrownBy(() -> LineJson.read(node))
                .isInstanceOf(RecipeException.class)
                .hasMessageContaining(field);
    }

    @Test
    void valuesThatAreNoneAreTold() {
        ObjectNode text = json(full());
        text.put("maxErrorPx", "close");
        assertThatThrownBy(() -> LineJson.read(text)).isInstanceOf(RecipeException.class);
        ObjectNode kind = json(full());
        ((ObjectNode) kind.at("/points/0")).put("kind", "TURN");
        assertThatThrownBy(() -> LineJson.read(kind))
                .isInstanceOf(RecipeException.class)
                .hasMessageContaining("point edit");
        ObjectNode flag = json(full());
        ((ObjectNode) flag.at("/colour")).put("borderBlack", 1);
        assertThatThrownBy(() -> LineJson.read(flag)).isInstanceOf(RecipeException.class);
        ObjectNode place = json(full());
        ((ObjectNode) place.at("/edits/0")).putArray("at").add(1);
        assertThatThrownBy(() -> LineJson.read(place)).isInstanceOf(RecipeException.class);
    }

    @Test
    void valuesOutOfTheirRangeAreRefused() {
        ObjectNode loose = json(full());
        loose.put("maxErrorPx", 50);
        assertThatThrownBy(() -> LineJson.read(loose)).isInstanceOf(IllegalArgumentException.class);
        ObjectNode bold = json(full());
        ((ObjectNode) bold.at("/weight")).put("allMm", 99);
        assertThatThrownBy(() -> LineJson.read(bold)).isInstanceOf(IllegalArgumentException.class);
        ObjectNode far = json(full());
        ((ObjectNode) far.at("/edits/0/drawn/0")).putArray("x").add(1e9).add(2);
        assertThatThrownBy(() -> LineJson.read(far)).isInstanceOf(IllegalArgumentException.class);
        ObjectNode uneven = json(full());
        ((ObjectNode) uneven.at("/edits/0/drawn/0")).putArray("width").add(1);
        assertThatThrownBy(() -> LineJson.read(uneven))
                .isInstanceOf(IllegalArgumentException.class);
        ObjectNode near = json(full());
        ((ObjectNode) near.at("/limits")).put("viewingMm", 1);
        assertThatThrownBy(() -> LineJson.read(near)).isInstanceOf(IllegalArgumentException.class);
    }
}
