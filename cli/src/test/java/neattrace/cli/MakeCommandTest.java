package neattrace.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import neattrace.gang.GangDrawing;
import neattrace.gang.GangFile;
import neattrace.gang.GangPlace;
import neattrace.gang.GangSheet;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.sheet.LayoutFile;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.Strip;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@Tag("thorough")
class MakeCommandTest {

    private record Outcome(int code, String out, String err) {

        JsonNode json() throws IOException {
            return new ObjectMapper().readTree(out);
        }
    }

    @TempDir private Path folder;
    private Path drawing;

    @BeforeEach
    void draw() throws IOException {
        drawing = picture("tear.png", true);
    }

    private Path picture(String name, boolean ink) throws IOException {
        BufferedImage image = new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 400, 400);
        if (ink) {
            g.setColor(Color.BLACK);
            g.setStroke(new BasicStroke(8));
            g.drawOval(60, 80, 240, 200);
            g.drawLine(290, 150, 360, 60);
        }
        g.dispose();
        Path file = folder.resolve(name);
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private static Outcome run(Object... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        String[] words = new String[arguments.length];
        for (int i = 0; i < words.length; i++) {
            words[i] = String.valueOf(arguments[i]);
        }
        int code = NeatTrace.run(new PrintWriter(out, true), new PrintWriter(err, true), words);
        return new Outcome(code, out.toString(), err.toString());
    }

    @Test
    void makesAStickerInEveryFormat() throws IOException {
        for (String ending : new String[] {"svg", "pdf", "png", "dxf", "plt"}) {
            Path file = folder.resolve("sticker." + ending);
            Outcome made = run("make", "sticker", drawing, "-o", file, "--width", 50);
            assertThat(made.err()).isEmpty();
            assertThat(made.code()).isZero();
            assertThat(file).isNotEmptyFile();
        }
    }

    @Test
    void tellsMeasuresOfAStickerAsJson() throws IOException {
        Path file = folder.resolve("sticker.svg");
        Outcome made =
                run("make", "sticker", drawing, "-o", file, "--width", 50, "--border", 3, "--json");
        JsonNode cut = made.json().at("/stickers/0");
        assertThat(cut.get("widthMm").asDouble()).isEqualTo(50, within(0.3));
        assertThat(cut.get("nearestMm").asDouble()).isGreaterThan(2.95);
        assertThat(cut.get("leastRadiusMm").asDouble()).isGreaterThan(0.98);
        assertThat(made.json().get("findings")).isEmpty();
        assertThat(Files.readString(file)).contains("id=\"cut\"", "id=\"art\"", "id=\"bleed\"");
    }

    @Test
    void makesASheetOfSeveralDrawingsOnALayout() throws IOException {
        Path layout = folder.resolve("range.ntlayout");
        LayoutFile.save(
                layout,
                SheetLayout.USUAL
                        .withSize(148, 210)
                        .withHeader(Strip.NONE.withHeightMm(14))
                        .withFooter(Strip.NONE.withHeightMm(8))
                        .withShop("Our shop"));
        Path other = picture("other.png", true);
        Path file = folder.resolve("sheet.svg");
        Outcome made =
                run(
                        "make",
                        "sheet",
                        drawing,
                        other,
                        "-o",
                        file,
                        "--layout",
                        layout,
                        "--copies",
                        2,
                        "--width",
                        30,
                        "--title",
                        "Two",
                        "--number",
                        "7",
                        "--turns",
                        4,
                        "--json");
        assertThat(made.err()).isEmpty();
        assertThat(made.json().get("stickers").asInt()).isEqualTo(4);
        assertThat(made.json().get("nearestMm").asDouble()).isGreaterThan(2.98);
        assertThat(Files.readString(file))
                .contains("width=\"148mm\"", "id=\"ground\"", "id=\"cut-through\"");
    }

    @Test
    void fillsASheetAndSaysWhatFits() throws IOException {
        Path file = folder.resolve("sheet.plt");
        Outcome filled =
                run(
                        "make",
                        "sheet",
                        drawing,
                        "-o",
                        file,
                        "--fill",
                        "--page",
                        "A6",
                        "--width",
                        30,
                        "--turns",
                        4,
                        "--seconds",
                        1,
                        "--json");
        assertThat(filled.json().get("stickers").asInt()).isGreaterThanOrEqualTo(6);
        Outcome crammed =
                run(
                        "make",
                        "sheet",
                        drawing,
                        "-o",
                        file,
                        "--copies",
                        40,
                        "--page",
                        "100x120",
                        "--width",
                        30,
                        "--turns",
                        4,
                        "--seconds",
                        1);
        assertThat(crammed.out()).contains("of 40 stickers fit");
        Outcome wide = run("make", "sheet", drawing, "-o", file, "--width", 500, "--turns", 1);
        assertThat(wide.out())
                .contains("0 stickers on", "0 of 1 stickers fit")
                .doesNotContain("Inf");
        Outcome pixels =
                run(
                        "make",
                        "sheet",
                        drawing,
                        "-o",
                        file,
                        "--page",
                        "4200x3200px",
                        "--width",
                        30,
                        "--turns",
                        1,
                        "--json");
        assertThat(pixels.json().get("widthMm").asDouble()).isEqualTo(355.6, within(0.001));
    }

    @Test
    void saysPlainlyWhatCannotBeMade() throws IOException {
        Path file = folder.resolve("out.svg");
        Path empty = picture("empty.png", false);
        Outcome nothing = run("make", "sticker", empty, "-o", file, "--json");
        assertThat(nothing.code()).isEqualTo(ExitCode.STOPPED);
        assertThat(run("make", "sheet", empty, "-o", file).code()).isEqualTo(ExitCode.STOPPED);
        assertThat(run("make", "sticker", drawing, "-o", "out.gif").code())
                .isEqualTo(ExitCode.USAGE);
        Outcome wide = run("make", "sticker", drawing, "-o", file, "--border", 60);
        assertThat(wide.code()).isEqualTo(ExitCode.USAGE);
        assertThat(wide.err()).contains("at most 50 mm");
        assertThat(run("make", "sheet", drawing, "-o", file, "--page", "A99").err())
                .contains("There is no paper called A99");
        assertThat(run("make", "sticker", drawing, "-o", drawing).code()).isEqualTo(ExitCode.USAGE);
        assertThat(run("make", "sheet", drawing, "-o", file, "--layout", drawing).code())
                .isEqualTo(ExitCode.UNREADABLE);
        assertThat(run("make").code()).isEqualTo(ExitCode.USAGE);
    }

    /** A job's own border, radius and pulls count where nothing else is given. */
    @Test
    void whatAJobDecidesOfItsStickerCounts() throws IOException {
        Job plain = JobFile.ofAny(drawing);
        GoodsSection goods = plain.goods().with(UsualGoods.of(GoodsKind.STICKER));
        WantedGoods sticker = goods.wanted().get(0);
        WantedGoods own =
                sticker.withGoods(
                                sticker.goods().withEdges(sticker.goods().edges().withBorderMm(4)))
                        .withSticker(
                                sticker.sticker().withCut(sticker.sticker().cut().withRadiusMm(3)));
        Path job = folder.resolve("own.ntjob");
        JobFile.save(job, plain.withGoods(goods.with(own)), new byte[0]);
        JsonNode made = run("make", "sticker", job, "-o", folder.resolve("o.svg"), "--json").json();
        JsonNode cut = made.path("stickers").get(0);
        assertThat(cut.path("nearestMm").asDouble()).isBetween(3.95, 4.1);
        assertThat(cut.path("leastRadiusMm").asDouble()).isGreaterThan(2.94);
        JsonNode given =
                run(
                                "make",
                                "sticker",
                                job,
                                "-o",
                                folder.resolve("p.svg"),
                                "--border",
                                "2",
                                "--json")
                        .json();
        assertThat(given.path("stickers").get(0).path("nearestMm").asDouble()).isBetween(1.95, 2.1);
    }

    @Test
    void aSheetKeptInAFileIsWrittenAsItLies() throws IOException {
        Path sheet = folder.resolve("harbour.ntsheet");
        GangSheet kept = GangSheet.EMPTY.with(drawing);
        GangDrawing one = kept.drawings().get(0).withWidthMm(40);
        GangFile.save(
                sheet, kept.with(one).withPlaces(List.of(new GangPlace(1, 60.5, 70.25, 30, true))));
        Outcome done = run("make", "sheet", sheet, "-o", folder.resolve("s.svg"), "--json");
        assertThat(done.code()).isZero();
        JsonNode placed = done.json().path("placed").get(0);
        assertThat(placed.path("xMm").asDouble()).isEqualTo(60.5);
        assertThat(placed.path("turnDegrees").asDouble()).isEqualTo(30);
        Files.delete(drawing);
        Outcome gone = run("make", "sheet", sheet, "-o", folder.resolve("t.svg"));
        assertThat(gone.code()).isEqualTo(3);
        assertThat(gone.err()).contains("is not there any more");
        assertThat(folder.resolve("t.svg")).doesNotExist();
    }

    @Test
    void aSheetTakesTheGoodsForSheetsWhereAJobHasBoth() throws IOException {
        Job plain = JobFile.ofAny(drawing);
        GoodsSection both =
                plain.goods()
                        .with(UsualGoods.of(GoodsKind.STICKER))
                        .with(UsualGoods.of(GoodsKind.STICKER_SHEET));
        Path job = folder.resolve("both.ntjob");
        JobFile.save(job, plain.withGoods(both), new byte[0]);
        Outcome sticker = run("make", "sticker", job, "-o", folder.resolve("both.svg"), "--json");
        assertThat(sticker.json().path("stickers").get(0).path("widthMm").asDouble())
                .isCloseTo(60, within(0.2));
        Path sheet = folder.resolve("both.plt");
        Outcome told =
                run("make", "sheet", job, "-o", sheet, "--page", "70x70", "--rim", "8", "--json");
        // 50 mm fit within 54, 60 would not.
        assertThat(told.json().path("stickers").asInt()).isEqualTo(1);
    }

    @Test
    void aColouringPageIsMade() throws IOException {
        Path file = folder.resolve("page.svg");
        Outcome made = run("make", "page", drawing, "-o", file, "--paper", "A5", "--json");
        assertThat(made.code()).isEqualTo(ExitCode.DONE);
        assertThat(made.json().path("widthMm").asDouble()).isEqualTo(148);
        assertThat(made.json().path("areas").asInt()).isEqualTo(1);
        assertThat(Files.readString(file)).contains("width=\"148mm\"", "id=\"art\"");
        assertThat(run("make", "page", drawing, "-o", file, "--tint", 5).code())
                .isEqualTo(ExitCode.USAGE);
        assertThat(run("make", "page", drawing, "-o", folder.resolve("a.dxf")).code())
                .isEqualTo(ExitCode.USAGE);
        assertThat(run("make", "page", drawing, drawing, "-o", file).err())
                .contains("Several drawings become one PDF");
    }

    @Test
    void aDrawingWithoutColoursHasNoNumbers() throws IOException {
        Path file = folder.resolve("page.pdf");
        Outcome made = run("make", "page", drawing, drawing, "-o", file, "--numbers", "--json");
        assertThat(made.code()).isEqualTo(ExitCode.DONE);
        assertThat(made.json().path("pages")).hasSize(2);
        assertThat(made.out()).contains("no-colours");
    }

    @Test
    void aCutStencilIsMade() throws IOException {
        Path file = folder.resolve("stencil.svg");
        Outcome made =
                run("make", "stencil", drawing, "-o", file, "--kind", "cut", "--tie", 2, "--json");
        assertThat(made.code()).isEqualTo(ExitCode.DONE);
        JsonNode sheet = made.json().path("sheets").path(0);
        assertThat(sheet.path("onePiece").asBoolean()).isTrue();
        assertThat(sheet.path("islands").path(0).path("ties").asInt()).isEqualTo(2);
        assertThat(Files.readString(file)).contains("id=\"cut\"", "id=\"ties\"");
        for (String ending : List.of("dxf", "plt", "pdf")) {
            Path other = folder.resolve("stencil." + ending);
            assertThat(run("make", "stencil", drawing, "-o", other, "--kind", "cut").code())
                    .isEqualTo(ExitCode.DONE);
            assertThat(other).isNotEmptyFile();
        }
        assertThat(run("make", "stencil", drawing, "-o", file, "--kind", "rubber").code())
                .isEqualTo(ExitCode.USAGE);
        assertThat(run("make", "stencil", drawing, "-o", file, "--kind", "cut", "--tie", 0).code())
                .isEqualTo(ExitCode.USAGE);
    }

    @Test
    void aTransferStencilIsMadeOnAsManySheetsAsItTakes() throws IOException {
        Path file = folder.resolve("transfer.svg");
        Outcome made =
                run(
                        "make",
                        "stencil",
                        drawing,
                        "-o",
                        file,
                        "--kind",
                        "transfer",
                        "--width",
                        300,
                        "--weight",
                        0.8,
                        "--json");
        assertThat(made.code()).isEqualTo(ExitCode.DONE);
        assertThat(made.json().path("widthMm").asDouble()).isEqualTo(300);
        assertThat(made.json().path("sheets")).hasSize(2);
        assertThat(folder.resolve("transfer-2.svg")).isNotEmptyFile();
        assertThat(Files.readString(folder.resolve("transfer-1.svg")))
                .contains("stroke-width=\"0.8\"", "id=\"marks\"");
        Path guided = folder.resolve("guided.svg");
        assertThat(
                        run(
                                        "make",
                                        "stencil",
                                        drawing,
                                        "-o",
                                        guided,
                                        "--kind",
                                        "transfer",
                                        "--reference",
                                        drawing)
                                .code())
                .isEqualTo(ExitCode.DONE);
        assertThat(Files.readString(folder.resolve("guided-2.svg"))).contains("<image");
        Path pen = folder.resolve("transfer.dxf");
        assertThat(run("make", "stencil", drawing, "-o", pen, "--kind", "transfer").code())
                .isEqualTo(ExitCode.DONE);
        assertThat(Files.readString(pen)).contains("STROKES");
    }

    @Test
    void aPrintForAShirtIsMade() throws IOException {
        Path made = folder.resolve("shirt");
        Outcome told =
                run(
                        "make",
                        "shirt",
                        drawing,
                        "--out-dir",
                        made,
                        "--width",
                        250,
                        "--place",
                        "back",
                        "--cloth",
                        "#1F2A44",
                        "--json");
        assertThat(told.code()).isEqualTo(ExitCode.DONE);
        assertThat(told.json().path("widthMm").asDouble()).isEqualTo(250);
        assertThat(told.json().path("cloth").asText()).isEqualToIgnoringCase("#1F2A44");
        assertThat(made.resolve("tear.pdf")).isNotEmptyFile();
        assertThat(Files.readString(made.resolve("tear.svg"))).contains("width=\"250mm\"");
        assertThat(run("make", "shirt", drawing, "--out-dir", made, "--place", "sleeve").code())
                .isEqualTo(ExitCode.USAGE);
        assertThat(run("make", "shirt", drawing, "--out-dir", made, "--cloth", "blue").code())
                .isEqualTo(ExitCode.USAGE);
    }

    @Test
    void aWrapForAMugIsMade() throws IOException {
        Path file = folder.resolve("mug.pdf");
        Outcome told = run("make", "mug", drawing, "-o", file, "--wrap", "210x95", "--json");
        assertThat(told.code()).isEqualTo(ExitCode.DONE);
        assertThat(told.json().path("motifs")).hasSize(2);
        assertThat(told.json().path("widthMm").asDouble()).isEqualTo(210);
        assertThat(run("make", "mug", drawing, "-o", file, "--diameter", 5).code())
                .isEqualTo(ExitCode.USAGE);
    }
}
