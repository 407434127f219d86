package neattrace.job.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import neattrace.geom.Point;
import neattrace.json.DamagedException;
import neattrace.testing.Recipes;
import neattrace.trace.InkEdit;
import neattrace.trace.InkShape;
import neattrace.trace.LineRecipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LineJsonTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static ObjectNode json(LineRecipe recipe) {
        ObjectNode node = MAPPER.createObjectNode();
        LineJson.write(recipe, node);
        return node;
    }

    @Test
    void everythingComesBack() throws DamagedException {
        assertThat(LineJson.read(json(Recipes.lines()))).isEqualTo(Recipes.lines());
        assertThat(LineJson.read(json(LineRecipe.AS_DRAWN))).isEqualTo(LineRecipe.AS_DRAWN);
    }

    @Test
    void comesBackThroughTextToo() throws Exception {
        JsonNode read = MAPPER.readTree(MAPPER.writeValueAsBytes(json(Recipes.lines())));
        assertThat(LineJson.read(read)).isEqualTo(Recipes.lines());
    }

    @Test
    void placesAreKeptToATenthOfAThousandth() throws DamagedException {
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
    @ValueSource(strings = {"weight", "maxErrorPx", "edits", "points", "colour"})
    void aMissingPartIsNamed(String field) {
        ObjectNode node = json(Recipes.lines());
        node.remove(field);
        assertThatThrownBy(() -> LineJson.read(node))
                .isInstanceOf(DamagedException.class)
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
        "/edits/0, what",
        "/edits/0, at",
        "/edits/0, drawn",
        "/points/0, kind",
        "/points/0, to"
    })
    void aMissingFieldWithinAPartIsNamed(String where, String field) {
        ObjectNode node = json(Recipes.lines());
        ((ObjectNode) node.at(where)).remove(field);
        assertThatThrownBy(() -> LineJson.read(node))
                .isInstanceOf(DamagedException.class)
                .hasMessageContaining(field);
    }

    @Test
    void valuesThatAreNoneAreTold() {
        ObjectNode text = json(Recipes.lines());
        text.put("maxErrorPx", "close");
        assertThatThrownBy(() -> LineJson.read(text)).isInstanceOf(DamagedException.class);
        ObjectNode kind = json(Recipes.lines());
        ((ObjectNode) kind.at("/points/0")).put("kind", "TURN");
        assertThatThrownBy(() -> LineJson.read(kind))
                .isInstanceOf(DamagedException.class)
                .hasMessageContaining("point edit");
        ObjectNode flag = json(Recipes.lines());
        ((ObjectNode) flag.at("/colour")).put("borderBlack", 1);
        assertThatThrownBy(() -> LineJson.read(flag)).isInstanceOf(DamagedException.class);
        ObjectNode place = json(Recipes.lines());
        ((ObjectNode) place.at("/edits/0")).putArray("at").add(1);
        assertThatThrownBy(() -> LineJson.read(place)).isInstanceOf(DamagedException.class);
    }

    @Test
    void valuesOutOfTheirRangeAreRefused() {
        ObjectNode loose = json(Recipes.lines());
        loose.put("maxErrorPx", 50);
        assertThatThrownBy(() -> LineJson.read(loose)).isInstanceOf(IllegalArgumentException.class);
        ObjectNode bold = json(Recipes.lines());
        ((ObjectNode) bold.at("/weight")).put("allMm", 99);
        assertThatThrownBy(() -> LineJson.read(bold)).isInstanceOf(IllegalArgumentException.class);
        ObjectNode far = json(Recipes.lines());
        ((ObjectNode) far.at("/edits/0/drawn/0")).putArray("x").add(1e9).add(2);
        assertThatThrownBy(() -> LineJson.read(far)).isInstanceOf(DamagedException.class);
        ObjectNode uneven = json(Recipes.lines());
        ((ObjectNode) uneven.at("/edits/0/drawn/0")).putArray("width").add(1);
        assertThatThrownBy(() -> LineJson.read(uneven))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
