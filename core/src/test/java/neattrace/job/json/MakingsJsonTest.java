package neattrace.job.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import neattrace.geom.Point;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.Makings;
import neattrace.goods.making.Motif;
import neattrace.goods.making.PageMend;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.goods.making.TransferRecipe;
import neattrace.goods.making.WrapRecipe;
import neattrace.json.DamagedException;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How goods are made, written and read again. */
class MakingsJsonTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static ObjectNode written(Makings makings) {
        ObjectNode node = MAPPER.createObjectNode();
        MakingsJson.write(makings, node);
        StickerJson.write(makings.sticker(), node.putObject("sticker"));
        return node;
    }

    private static Makings again(ObjectNode node) throws DamagedException, IOException {
        return MakingsJson.read(MAPPER.readTree(MAPPER.writeValueAsBytes(node)));
    }

    private static <T> T any(Random random, T[] values) {
        return values[random.nextInt(values.length)];
    }

    private static List<Point> points(Random random) {
        List<Point> points = new ArrayList<>();
        for (int k = random.nextInt(4); k > 0; k--) {
            points.add(new Point(random.nextInt(400) / 4.0, random.nextInt(400) / 4.0));
        }
        return points;
    }

    private static Makings random(Random random) {
        List<PageMend> mends = new ArrayList<>();
        points(random)
                .forEach(at -> mends.add(new PageMend(at, any(random, PageMend.How.values()))));
        List<TieChoice> ties = new ArrayList<>();
        points(random).forEach(at -> ties.add(new TieChoice(at, random.nextBoolean())));
        List<Motif> motifs = new ArrayList<>();
        points(random)
                .forEach(
                        at ->
                                motifs.add(
                                        new Motif(
                                                random.nextInt(3),
                                                at.x(),
                                                at.y(),
                                                1 + random.nextInt(90),
                                                random.nextInt(360),
                                                random.nextBoolean())));
        double weight = 0.25 * (1 + random.nextInt(8));
        return Makings.USUAL
                .withPage(
                        new PageRecipe(
                                random.nextInt(60),
                                random.nextBoolean(),
                                any(random, PageRecipe.Tint.values()),
                                10 + random.nextInt(91),
                                random.nextBoolean(),
                                random.nextBoolean(),
                                random.nextBoolean(),
                                any(random, PageRecipe.Pencil.values()),
                                mends))
                .withTransfer(
                        new TransferRecipe(
                                weight,
                                weight + random.nextInt(4),
                                points(random),
                                points(random),
                                random.nextBoolean(),
                                any(random, TransferRecipe.Colour.values()),
                                50 + random.nextInt(400),
                                50 + random.nextInt(400),
                                random.nextInt(41),
                                random.nextBoolean()))
                .withStencil(
                        new StencilRecipe(
                                any(random, StencilRecipe.Away.values()),
                                0.25 * (1 + random.nextInt(20)),
                                ties,
                                random.nextInt(50),
                                random.nextBoolean()))
                .withCloth(
                        new ClothRecipe(
                                any(random, ClothRecipe.Place.values()),
                                any(random, ClothRecipe.Size.values()),
                                random.nextInt(300),
                                random.nextBoolean() ? "" : "Å. Skérry & Co <3>",
                                points(random).stream().findFirst(),
                                0.5 * (1 + random.nextInt(60)),
                                random.nextBoolean()))
                .withWrap(new WrapRecipe(motifs, 30 + random.nextInt(200), random.nextBoolean()));
    }

    @RepeatedTest(60)
    void whatIsWrittenIsRead(RepetitionInfo info) throws Exception {
        Makings makings = random(new Random(info.getCurrentRepetition()));
        assertThat(again(written(makings))).isEqualTo(makings);
    }

    @Test
    void whatIsAsUsualIsNotWritten() throws Exception {
        ObjectNode node = written(Makings.USUAL);
        assertThat(node.properties()).hasSize(1);
        assertThat(again(node)).isEqualTo(Makings.USUAL);
    }

    @Test
    void aSignatureWithoutAPlaceHasNone() throws Exception {
        Makings signed = Makings.USUAL.withCloth(ClothRecipe.USUAL.withSignature("A"));
        ObjectNode node = written(signed);
        assertThat(node.path("cloth").has("signatureAt")).isFalse();
        assertThat(again(node).cloth().signatureAt()).isEqualTo(Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({
        "page, tint, magenta",
        "page, pencil, crayon",
        "transfer, colour, gold",
        "stencil, away, everything",
        "cloth, place, sleeve",
        "cloth, size, xs"
    })
    void whatIsUnknownIsDamageAndNamed(String section, String field, String value) {
        ObjectNode node = written(random(new Random(1)));
        ((ObjectNode) node.get(section)).put(field, value);
        assertThatThrownBy(() -> again(node))
                .isInstanceOf(DamagedException.class)
                .hasMessageContaining(value);
    }

    @ParameterizedTest
    @CsvSource({
        "page, gutterMm",
        "page, numbers",
        "transfer, weightMm",
        "transfer, sheet",
        "stencil, ties",
        "stencil, thickened",
        "cloth, signature",
        "wrap, motifs",
        "wrap, leftHanded"
    })
    void whatIsMissingIsDamage(String section, String field) {
        ObjectNode node = written(random(new Random(1)));
        ((ObjectNode) node.get(section)).remove(field);
        assertThatThrownBy(() -> again(node)).isInstanceOf(DamagedException.class);
    }
}
