package neattrace.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import neattrace.goods.GoodsFile;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.file.JobFile;
import neattrace.press.PressProfile;
import neattrace.press.black.BlackSchool;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The command on two discs in a ring, one red and one blue, on yellow. */
@Tag("thorough")
class PressCommandTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int SIDE = 400;

    @TempDir private Path folder;
    private Path lines;
    private Path rough;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void draw() throws IOException {
        lines = folder.resolve("discs.png");
        rough = folder.resolve("rough.png");
        ImageIO.write(picture(true), "png", lines.toFile());
        ImageIO.write(picture(false), "png", rough.toFile());
    }

    private static BufferedImage picture(boolean ink) {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, SIDE, SIDE);
        g.setStroke(new BasicStroke(5));
        Ellipse2D[] discs = {
            new Ellipse2D.Double(30, 30, 340, 340),
            new Ellipse2D.Double(80, 130, 110, 110),
            new Ellipse2D.Double(210, 130, 110, 110)
        };
        Color[] colours = {new Color(240, 200, 60), new Color(200, 60, 50), new Color(60, 90, 160)};
        for (int i = 0; i < discs.length; i++) {
            g.setColor(ink ? Color.BLACK : colours[i]);
            if (ink) {
                g.draw(discs[i]);
            } else {
                g.fill(discs[i]);
            }
        }
        g.dispose();
        return image;
    }

    private int run(String... arguments) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return NeatTrace.run(
                new PrintWriter(out, true),
                new PrintWriter(err, true),
                Stream.concat(
                                Stream.of(
                                        "press",
                                        lines.toString(),
                                        "--rough",
                                        rough.toString(),
                                        "--out-dir",
                                        folder.resolve("out").toString()),
                                Stream.of(arguments))
                        .toArray(String[]::new));
    }

    private JsonNode json() throws IOException {
        return MAPPER.readTree(out.toString());
    }

    private List<String> written() throws IOException {
        if (!Files.exists(folder.resolve("out"))) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder.resolve("out"))) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void bothFilesAndAPlateForEachInkAreWritten() throws IOException {
        assertThat(run("--plates", "--ppi", "150", "--json")).isZero();
        assertThat(written())
                .containsExactly(
                        "discs-Black.tif",
                        "discs-Cyan.tif",
                        "discs-Magenta.tif",
                        "discs-Yellow.tif",
                        "discs-x1a.pdf",
                        "discs.pdf");
        BufferedImage plate = ImageIO.read(folder.resolve("out/discs-Yellow.tif").toFile());
        double widthMm = json().get("widthMm").asDouble();
        assertThat(plate.getWidth()).isEqualTo((int) Math.round(widthMm / 25.4 * 150));
        assertThat(plate.getRaster().getNumBands()).isEqualTo(1);
        assertThat(plate.getRaster().getSample(2, 2, 0)).as("no ink is white").isEqualTo(255);
        int middle = plate.getRaster().getSample(plate.getWidth() / 2, plate.getHeight() / 5, 0);
        assertThat(middle).as("yellow is ink").isLessThan(120);
        try (PDDocument document = Loader.loadPDF(folder.resolve("out/discs.pdf").toFile())) {
            assertThat(document.getPage(0).getMediaBox().getWidth() / 72 * 25.4)
                    .isCloseTo(widthMm, within(0.01));
        }
        assertThat(json().get("inks")).hasSize(4);
        assertThat(json().get("largestTotal").asDouble()).isLessThanOrEqualTo(300);
    }

    @Test
    void spotsGiveAPlateForEachColourAndFewerInksMergeThem() throws IOException {
        assertThat(run("--spots", "--json")).isZero();
        assertThat(json().get("inks")).hasSize(4);
        assertThat(json().get("merges")).isEmpty();
        assertThat(run("--spots", "--inks", "3", "--json")).isZero();
        assertThat(json().get("inks")).hasSize(3);
        assertThat(json().at("/merges/0/difference").asDouble()).isPositive();
        assertThat(run("--spots", "--inks", "1", "--json")).isZero();
        assertThat(json().get("inks")).hasSize(2);
    }

    @Test
    void clothIsLeftOutAndDarkClothGetsWhite() throws IOException {
        assertThat(run("--json")).isZero();
        double page = json().get("widthMm").asDouble();
        assertThat(run("--spots", "--cloth", "#3C5AA0", "--json")).isZero();
        assertThat(json().get("widthMm").asDouble()).as("cloth changes no size").isEqualTo(page);
        List<String> names = json().findValuesAsText("name");
        assertThat(names).contains("White");
        assertThat(json().get("inks")).as("white, black, yellow, red").hasSize(4);
    }

    /** Goods that are printed in inks of their own have a screen for each colour, not four. */
    @Test
    void goodsInInksOfTheirOwnHaveAPlateForEach() throws IOException {
        Path shirt = folder.resolve("shirt.ntgoods");
        GoodsFile.save(shirt, UsualGoods.of(GoodsKind.SHIRT));
        assertThat(run("--goods", shirt.toString(), "--json")).isZero();
        List<String> inks = new ArrayList<>();
        json().get("inks").forEach(ink -> inks.add(ink.get("name").asText()));
        assertThat(inks).hasSize(4).contains("Black").doesNotContain("Cyan", "Magenta", "Yellow");
    }

    @Test
    void oneColourIsBlackAloneAndEdgesStay() throws IOException {
        assertThat(run("--one-colour", "--json")).isZero();
        assertThat(json().get("inks")).hasSize(1);
        assertThat(json().get("edgesKept").asDouble()).isGreaterThanOrEqualTo(0.95);
    }

    @Test
    void filmsAreOneBitWithARim() throws IOException {
        assertThat(run("--spots", "--ruling", "50", "--ppi", "400")).isZero();
        BufferedImage film = ImageIO.read(folder.resolve("out/discs-Black.tif").toFile());
        assertThat(film.getColorModel().getPixelSize()).isEqualTo(1);
        assertThat(run("--spots", "--plates", "--ppi", "400")).isZero();
        BufferedImage plate = ImageIO.read(folder.resolve("out/discs-Black.tif").toFile());
        assertThat(film.getWidth() - plate.getWidth()).isBetween(436, 446);
    }

    @Test
    void aRehearsalTellsBothAndIsTheSameAgain() throws IOException {
        String[] rehearse = {
            "--set", "black-rule=as-drawn", "--rehearse", "20", "--seed", "3", "--json"
        };
        assertThat(run(rehearse)).isZero();
        JsonNode first = json().get("rehearsal");
        assertThat(first.at("/asDrawn/fringeMm2").asDouble()).isPositive();
        run(rehearse);
        assertThat(json().get("rehearsal")).isEqualTo(first);
        run("--rehearse", "20", "--seed", "3", "--json");
        assertThat(json().at("/rehearsal/ready/fringeMm2").asDouble())
                .isLessThan(first.at("/ready/fringeMm2").asDouble());
    }

    @Test
    void goodsSaySizeRegisterAndLimit() throws IOException {
        Path goods = folder.resolve("shirt.ntgoods");
        GoodsFile.save(goods, UsualGoods.of(GoodsKind.SHIRT));
        assertThat(run("--goods", goods.toString(), "--spots", "--json")).isZero();
        assertThat(json().get("registerMm").asDouble()).isEqualTo(0.3);
        assertThat(json().get("trapMm").asDouble()).isEqualTo(0.3);
        assertThat(json().get("widthMm").asDouble()).isEqualTo(280);
    }

    @Test
    void theLimitHoldsAndIsTold() throws IOException {
        assertThat(run("--limit", "150", "--json")).isZero();
        assertThat(json().get("largestTotal").asDouble()).isLessThanOrEqualTo(150);
        assertThat(json().get("inkLimit").asDouble()).isEqualTo(150);
    }

    @Test
    void theScreenCopyIsTagged() throws IOException {
        assertThat(run("--web")).isZero();
        byte[] png = Files.readAllBytes(folder.resolve("out/discs.png"));
        assertThat(new String(png, StandardCharsets.ISO_8859_1)).contains("sRGB");
    }

    @ParameterizedTest
    @CsvSource({
        "--limit, 0, 100 to 400",
        "--limit, 500, 100 to 400",
        "--trap, 9, 0 to 5 mm",
        "--register, -1, 0 to 5 mm",
        "--inks, 0, 1 to 100",
        "--cloth, blue, such as #",
        "--ppi, 3, 10 to 20000",
        "--ruling, 2, 5 to",
        "--ruling, 900, half the plate",
        "--rehearse, 0, 1 to",
        "--rehearse, 1000000, 1 to",
        "--set, trap=7, trap",
        "--goods, nothing.ntgoods, no file of goods",
        "--profile, nothing.icc, cannot be read"
    })
    void badInputIsAnsweredInASentenceAndNothingIsWritten(String option, String value, String says)
            throws IOException {
        assertThat(run(option, value))
                .isEqualTo(says.equals("cannot be read") || option.equals("--goods") ? 3 : 2);
        assertThat(err.toString().toLowerCase(Locale.ROOT))
                .contains(says.toLowerCase(Locale.ROOT))
                .doesNotContain("exception");
        assertThat(written()).isEmpty();
    }

    @Test
    void profilesThatAreNoneAreNamed() throws IOException {
        byte[] press = PressProfile.bundled().bytes();
        Path file = folder.resolve("own.icc");
        Files.write(file, new byte[200]);
        assertThat(run("--profile", file.toString())).isEqualTo(3);
        assertThat(err.toString()).contains("no ICC profile");
        byte[] rgb = press.clone();
        rgb[16] = 'R';
        rgb[17] = 'G';
        rgb[18] = 'B';
        rgb[19] = ' ';
        Files.write(file, rgb);
        assertThat(run("--profile", file.toString())).isEqualTo(3);
        assertThat(err.toString()).contains("RGB");
        Files.write(file, Arrays.copyOf(press, press.length / 3));
        assertThat(run("--profile", file.toString())).isEqualTo(3);
        assertThat(err.toString()).contains("damaged");
        assertThat(written()).isEmpty();
        Files.write(file, press);
        assertThat(run("--profile", file.toString())).isZero();
    }

    @Test
    void theInputIsNeverWrittenTo() throws IOException {
        assertThat(
                        NeatTrace.run(
                                new PrintWriter(out, true),
                                new PrintWriter(err, true),
                                "press",
                                folder.resolve("out/discs.pdf").toString(),
                                "--out-dir",
                                folder.resolve("out").toString()))
                .isEqualTo(3);
        byte[] before = Files.readAllBytes(lines);
        run();
        assertThat(Files.readAllBytes(lines)).isEqualTo(before);
    }

    private int command(String... arguments) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return NeatTrace.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
    }

    /** Sheets are printed for the goods of the job, and what fails is told with what mends it. */
    @Test
    void checkTellsWhatFailsOnThePress() throws IOException {
        Path made = folder.resolve("made");
        assertThat(
                        command(
                                "propose",
                                lines.toString(),
                                "--rough",
                                rough.toString(),
                                "--for",
                                "sticker:40mm",
                                "--out-dir",
                                made.toString()))
                .as(err.toString())
                .isZero();
        Path file = made.resolve("discs.ntjob");
        Job job = JobFile.open(file);
        JobFile.save(
                file,
                job.withPress(job.press().withSchool(BlackSchool.AS_DRAWN).withRegisterMm(0.4)),
                new byte[0]);
        command("check", file.toString(), "--json");
        JsonNode fringe = null;
        for (JsonNode one : json()) {
            fringe = one.get("kind").asText().equals("black-fringed") ? one : fringe;
        }
        assertThat(fringe).isNotNull();
        assertThat(fringe.get("whole").asBoolean()).isFalse();
        assertThat(fringe.get("measure").get("unit").asText()).isEqualTo("mm");
        assertThat(fringe.get("measure").get("value").asDouble()).isBetween(0.06, 0.4);
        assertThat(fringe.get("reason").asText()).contains("of 100 sheets on the 40 mm sticker");
        assertThat(fringe.get("answers").get(0).get("key").asText()).isEqualTo("keep-back");
        assertThat(fringe.get("answers").get(0).get("words").asText())
                .startsWith("Keep colours back: then");
    }

    @Test
    void aSheetOfStickersGoesToPrintersWithinTheInkLimit() throws IOException {
        Path sheet = folder.resolve("sheet.pdf");
        assertThat(
                        command(
                                "make",
                                "sheet",
                                lines.toString(),
                                "-o",
                                sheet.toString(),
                                "--copies",
                                "2",
                                "--width",
                                "60",
                                "--page",
                                "A4",
                                "--seconds",
                                "1"))
                .as(err.toString())
                .isZero();
        try (PDDocument document = Loader.loadPDF(sheet.toFile())) {
            var names = document.getDocumentCatalog().getOCProperties().getGroupNames();
            assertThat(Arrays.asList(names)).anyMatch(name -> name.contains("Under the black"));
        }
    }
}
