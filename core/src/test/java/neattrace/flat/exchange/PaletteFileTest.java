package neattrace.flat.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import neattrace.flat.Swatch;
import neattrace.flat.exchange.PaletteFile.Format;
import neattrace.press.Cmyk;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Document;

class PaletteFileTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static final List<Swatch> PALETTE =
            List.of(
                    new Swatch(1, "Beak, \"orange\"", new Cmyk(0, 62, 92, 0)).withGroup("Bird"),
                    new Swatch(2, "Möwe grau", new Cmyk(22.5, 16, 24, 18)),
                    new Swatch(3, "Möwe-grau", new Cmyk(0, 0, 0, 40))
                            .withSpot(Optional.of(new Lab(61.25, -3.5, 12))));

    private static byte[] written(Format format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PaletteFile.write(PALETTE, format, PRESS, out);
        return out.toByteArray();
    }

    private static List<Swatch> read(String text, String name) throws PaletteException {
        return PaletteFile.read(text.getBytes(StandardCharsets.UTF_8), name, PRESS);
    }

    @ParameterizedTest
    @EnumSource(Format.class)
    void whatIsWrittenIsReadBack(Format format) throws IOException {
        List<Swatch> back = PaletteFile.read(written(format), "p" + format.ending(), PRESS);
        assertThat(back).extracting(Swatch::name).containsExactly(names());
        for (int i = 0; i < back.size(); i++) {
            Lab was = PRESS.preview(PALETTE.get(i).build()).toLab();
            Lab is = PRESS.preview(back.get(i).build()).toLab();
            assertThat(DeltaE2000.between(was, is)).isLessThan(1.5);
            if (format != Format.HEX) {
                assertThat(back.get(i).build()).isEqualTo(PALETTE.get(i).build());
            }
            if (format == Format.CSV || format == Format.JSON) {
                assertThat(back.get(i)).isEqualTo(PALETTE.get(i));
            }
            if (format == Format.CXF) {
                assertThat(back.get(i).spot()).isEqualTo(PALETTE.get(i).spot());
            }
        }
    }

    private static String[] names() {
        return PALETTE.stream().map(Swatch::name).toArray(String[]::new);
    }

    /** CSS Custom Properties 1: a name begins with two dashes; each may stand only once. */
    @Test
    void cssHasAPropertyForEachSwatch() throws IOException {
        String css = new String(written(Format.CSS), StandardCharsets.UTF_8);
        assertThat(css).startsWith(":root {\n").endsWith("}\n");
        assertThat(css).contains("  --beak-orange: " + hex(0) + ";");
        assertThat(css).contains("  --möwe-grau: ", "  --möwe-grau-2: ");
    }

    private static String hex(int i) {
        return PRESS.preview(PALETTE.get(i).build()).hex();
    }

    /** RFC 4180: fields with commas or quotes are quoted, quotes doubled, lines end in CR LF. */
    @Test
    void csvIsQuotedAsTheStandardSays() throws IOException {
        String csv = new String(written(Format.CSV), StandardCharsets.UTF_8);
        assertThat(csv).startsWith("name,hex,c,m,y,k,group,l,a,b\r\n");
        assertThat(csv)
                .contains("\"Beak, \"\"orange\"\"\",\"" + hex(0) + "\",0,62,92,0,Bird,,,\r\n");
    }

    @Test
    void jsonHasTheDocumentedFields() throws IOException {
        JsonNode root = new ObjectMapper().readTree(written(Format.JSON));
        assertThat(root.at("/swatches/0/hex").asText()).isEqualTo(hex(0));
        assertThat(root.at("/swatches/2/lab/0").asDouble()).isEqualTo(61.25);
    }

    /** The layout of the colour exchange format, ISO 17972-1; names from memory. */
    @Test
    void cxfHasAnObjectForEachColourWithItsMeasure() throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        Document document =
                factory.newDocumentBuilder().parse(new ByteArrayInputStream(written(Format.CXF)));
        assertThat(document.getDocumentElement().getLocalName()).isEqualTo("CxF");
        var labs = document.getElementsByTagNameNS("*", "ColorCIELab");
        assertThat(labs.getLength()).isEqualTo(3);
        String specification =
                labs.item(2).getAttributes().getNamedItem("ColorSpecification").getNodeValue();
        assertThat(document.getElementsByTagNameNS("*", "ColorSpecification").item(0))
                .matches(
                        node ->
                                node.getAttributes()
                                        .getNamedItem("Id")
                                        .getNodeValue()
                                        .equals(specification));
    }

    @Test
    void otherPeoplesFilesAreRead() throws IOException {
        assertThat(read("#ff0000\n00FF00 grass;\n; a note\n#00f sea", "x.hex"))
                .extracting(Swatch::name)
                .containsExactly("Red", "grass", "sea");
        assertThat(read("a { --brand: rgb(10, 20, 30); --x: 3px; --y:#12345678 }", "x.css"))
                .extracting(Swatch::name)
                .containsExactly("Brand", "Y");
        assertThat(read("Name;HEX\nRock;#808080\n", "x.csv"))
                .extracting(Swatch::name)
                .containsExactly("Rock");
        assertThat(read("[\"#102030\", \"#405060\"]", "x.json")).hasSize(2);
        assertThat(read("{\"rock\": \"#808080\"}", "x.json")).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({
        "x.txt, nothing here, no colour",
        "x.css, a { color: red }, no colour",
        "x.json, {\"swatches\": [, no JSON",
        "x.json, [\"red\"], no colour like",
        "x.json, '{\"swatches\": [{\"hex\": \"#102030\", \"cmyk\": [1, 2, \"x\", 4]}]}', number 2",
        "x.json, '{\"swatches\": [{\"hex\": \"#102030\", \"cmyk\": [1, 2]}]}', no list of 4",
        "x.csv, 'name,hex', no colour",
        "x.cxf, <a/>, no CxF",
        "x.cxf, <CxF, damaged",
        "x.png, abc, no palette"
    })
    void brokenFilesAreNamed(String name, String text, String message) {
        assertThatThrownBy(() -> read(text, name))
                .isInstanceOf(PaletteException.class)
                .hasMessageContaining(message);
    }

    @Test
    void inksBeyondTheirRangeAreNamed() {
        assertThatThrownBy(() -> read("name,hex,c,m,y,k\nA,#000000,0,0,0,140\n", "x.csv"))
                .isInstanceOf(PaletteException.class)
                .hasMessageContaining("0 to 100");
    }

    /** What is known by its look alone was wished for; its inks are the nearest there are. */
    @Test
    void coloursWithoutInksAreWishes() throws IOException {
        byte[] bytes = "00FF30".getBytes(StandardCharsets.UTF_8);
        Swatch swatch = PaletteFile.read(bytes, "bright.hex", PressProfile.bundled()).get(0);
        assertThat(swatch.wish()).contains(new Rgb(0, 255, 48));
    }

    @Test
    void whatIsTooDeepOrTooLongIsToldInPlainWords() {
        for (String text : List.of("[".repeat(5000), "[" + "9".repeat(5000) + "]")) {
            assertThatThrownBy(() -> read(text, "x.json"))
                    .isInstanceOf(PaletteException.class)
                    .hasMessageNotContaining("`")
                    .hasMessageNotContaining("Stream");
        }
    }

    @Test
    void tenThousandColoursAreRefused() {
        assertThatThrownBy(() -> read("#123456\n".repeat(10_000), "x.txt"))
                .isInstanceOf(PaletteException.class)
                .hasMessageContaining("10,000 colours");
    }

    @Test
    void aPaletteReadsNoOtherFiles() {
        String evil =
                "<!DOCTYPE CxF [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><CxF><a>&x;</a></CxF>";
        assertThatThrownBy(() -> read(evil, "x.cxf")).isInstanceOf(PaletteException.class);
    }

    /** sRGB to L*a*b* and back, for every colour of a screen. */
    @Property(tries = 500, seed = "20261")
    void labComesBack(@ForAll int packed) {
        Rgb rgb = Rgb.of(packed);
        Rgb back = rgb.toLab().toRgb();
        assertThat((double) back.r()).isCloseTo(rgb.r(), within(1.0));
        assertThat((double) back.g()).isCloseTo(rgb.g(), within(1.0));
        assertThat((double) back.b()).isCloseTo(rgb.b(), within(1.0));
    }

    /** Whatever stands in a name, each format writes what it can read again. */
    @ParameterizedTest
    @EnumSource(Format.class)
    void hostileNamesNeitherBreakAFileNorComeOutOfOne(Format format) throws IOException {
        List<String> names =
                List.of(
                        "=1+1",
                        "@SUM(A1)",
                        "'-x",
                        "**//",
                        "a */ b",
                        "x\uFFFEy",
                        "tab\there",
                        "line\nbreak",
                        "<&\">",
                        "semi; {colon}: #fff");
        List<Swatch> swatches = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            swatches.add(new Swatch(i + 1, names.get(i), new Cmyk(i, 10, 20, 0)));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PaletteFile.write(swatches, format, PRESS, out);
        List<Swatch> back = PaletteFile.read(out.toByteArray(), "x" + format.ending(), PRESS);
        assertThat(back).hasSize(names.size());
        if (format == Format.CSV) {
            assertThat(out.toString(StandardCharsets.UTF_8)).doesNotContain("\n=", "\n@");
            assertThat(back.get(0).name()).isEqualTo("=1+1");
            assertThat(back.get(2).name()).isEqualTo("'-x");
        }
    }

    /** Eighty thousand dashes took a minute: each was looked at from each. */
    @Test
    @Timeout(20)
    void dashesWithoutEndAreReadAtOnce() {
        assertThatThrownBy(() -> read("--".repeat(40_000), "x.css"))
                .isInstanceOf(PaletteException.class);
        assertThatThrownBy(() -> read("--a" + "-b".repeat(400_000) + ": ", "x.css"))
                .isInstanceOf(PaletteException.class);
        assertThatThrownBy(() -> read("a".repeat(5 << 20), "x.txt"))
                .isInstanceOf(PaletteException.class)
                .hasMessageContaining("larger");
    }
}
