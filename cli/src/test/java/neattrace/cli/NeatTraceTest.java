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
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import neattrace.goods.GoodsWish;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.file.JobFile;
import neattrace.raster.Picture;
import neattrace.raster.PngFile;
import neattrace.raster.reading.PictureReader;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("thorough")
class NeatTraceTest {

    private record Outcome(int code, String out, String err) {}

    @TempDir private Path folder;
    private Path drawing;

    @BeforeEach
    void draw() throws IOException {
        drawing = folder.resolve("rings.png");
        Files.write(drawing, rings(0xFFFFFFFF, 0xFFFFFFFF, 300));
    }

    /** Two rings on 254 x 127 px: 21.5 x 10.75 mm at 300 ppi; inside of each a colour. */
    private static byte[] rings(int left, int right, double ppi) throws IOException {
        BufferedImage image = new BufferedImage(254, 127, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 254, 127);
        g.setStroke(new BasicStroke(6));
        for (int i = 0; i < 2; i++) {
            Ellipse2D ring = new Ellipse2D.Double(14 + 127 * i, 14, 99, 99);
            g.setColor(new Color(i == 0 ? left : right));
            g.fill(ring);
            g.setColor(Color.BLACK);
            g.draw(ring);
        }
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        if (ppi > 0) {
            PngFile.write(image, ppi, out);
        } else {
            ImageIO.write(image, "png", out);
        }
        return out.toByteArray();
    }

    private static Outcome run(Object... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code =
                NeatTrace.run(
                        new PrintWriter(out, true),
                        new PrintWriter(err, true),
                        Stream.of(arguments).map(Object::toString).toArray(String[]::new));
        return new Outcome(code, out.toString(), err.toString());
    }

    private static void assertOneLine(String err) {
        assertThat(err.strip()).isNotEmpty().doesNotContain("\n").doesNotContain("Exception");
    }

    @Test
    void tracesOnePictureOverItsWholePage() throws IOException {
        Path svg = folder.resolve("out.svg");
        Outcome outcome = run("trace", drawing, "-o", svg);
        assertThat(outcome).isEqualTo(new Outcome(0, "", ""));
        assertThat(Files.readString(svg))
                .contains("width=\"21.5053mm\"", "viewBox=\"0 0 21.5053 10.7527\"")
                .contains("<g id=\"lines-000000\"");
        assertThat(paths(svg)).isEqualTo(2);
    }

    private static long paths(Path svg) throws IOException {
        return Pattern.compile("<path ").matcher(Files.readString(svg)).results().count();
    }

    @Test
    void theResolutionCanBeSaid() throws IOException {
        Path svg = folder.resolve("out.svg");
        assertThat(run("trace", drawing, "-o", svg, "--ppi", 600).code()).isZero();
        assertThat(Files.readString(svg)).contains("width=\"10.7527mm\"");
    }

    @Test
    void smootherCurvesCanBeAskedForInMmOnThePage() throws IOException {
        Path usual = folder.resolve("usual.svg");
        Path smooth = folder.resolve("smooth.svg");
        assertThat(run("trace", drawing, "-o", usual).code()).isZero();
        assertThat(run("trace", drawing, "-o", smooth, "--closeness", 0.3).code()).isZero();
        assertThat(Files.size(smooth)).isLessThanOrEqualTo(Files.size(usual));
        for (String wrong : List.of("-1", "0.00001", "80", "near")) {
            Path none = folder.resolve("none.svg");
            Outcome outcome = run("trace", drawing, "-o", none, "--closeness", wrong);
            assertThat(outcome.code()).isEqualTo(2);
            assertOneLine(outcome.err());
            assertThat(none).doesNotExist();
        }
    }

    @Test
    void writesAPdfBesides() throws IOException {
        Path pdf = folder.resolve("out.pdf");
        assertThat(run("trace", drawing, "-o", folder.resolve("o.svg"), "--pdf", pdf).code())
                .isZero();
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
    }

    @Test
    void ofManyInputsABadOneDoesNotStopTheOthers() throws IOException {
        Path bad = folder.resolve("bad.png");
        Files.writeString(bad, "no picture");
        Path second = folder.resolve("second.png");
        Files.copy(drawing, second);
        Path made = folder.resolve("made/deep");
        Outcome outcome = run("trace", drawing, bad, second, "--out-dir", made);
        assertThat(outcome.code()).isEqualTo(3);
        assertOneLine(outcome.err());
        assertThat(outcome.err()).contains("bad.png");
        assertThat(made.resolve("rings.svg")).exists();
        assertThat(made.resolve("second.svg")).exists();
        assertThat(made.resolve("bad.svg")).doesNotExist();
    }

    @Test
    void twoInputsOfOneNameDoNotOverwriteEachOther() throws IOException {
        Path other = Files.createDirectories(folder.resolve("other")).resolve("rings.png");
        Files.write(other, rings(0xFFFFFFFF, 0xFFFFFFFF, 600));
        Path made = folder.resolve("made");
        Outcome outcome = run("trace", drawing, other, "--out-dir", made);
        assertThat(outcome.code()).isEqualTo(4);
        assertThat(Files.readString(made.resolve("rings.svg"))).contains("21.5053mm");
    }

    @Test
    void badUsageIsTwoWithOneLineThatHelps() {
        for (List<Object> wrong :
                List.<List<Object>>of(
                        List.of("trace"),
                        List.of("trace", drawing),
                        List.of("trace", drawing, "-o", "a.svg", "--out-dir", "b"),
                        List.of("trace", drawing, drawing, "-o", "a.svg"),
                        List.of("trace", drawing, "-o", "a.svg", "--ppi", "many"),
                        List.of("trace", drawing, "-o", "a.svg", "--ppi", "1"),
                        List.of("trace", drawing, "-o", "a.svg", "--pdf", "a.svg"),
                        List.of("flat", drawing),
                        List.of("flat", drawing, "--rough", drawing),
                        List.of("info"),
                        List.of("polish", drawing),
                        List.of())) {
            Outcome outcome = run(wrong.toArray());
            assertThat(outcome.code()).as("%s", wrong).isEqualTo(2);
            assertOneLine(outcome.err());
            assertThat(outcome.err()).contains("neat-trace help");
        }
    }

    @Test
    void anInputIsNeverWrittenTo() throws IOException {
        byte[] before = Files.readAllBytes(drawing);
        Outcome outcome = run("trace", drawing, "-o", folder.resolve("./rings.png"));
        assertThat(outcome.code()).isEqualTo(2);
        assertThat(outcome.err()).contains("never written to");
        assertThat(Files.readAllBytes(drawing)).isEqualTo(before);
    }

    @Test
    void anUnreadableInputIsThree() {
        Outcome outcome = run("trace", folder.resolve("no.png"), "-o", folder.resolve("a.svg"));
        assertThat(outcome.code()).isEqualTo(3);
        assertOneLine(outcome.err());
        assertThat(folder.resolve("a.svg")).doesNotExist();
    }

    @Test
    void aFailedWriteIsFour() {
        Outcome outcome = run("trace", drawing, "-o", folder.resolve("no/where/a.svg"));
        assertThat(outcome.code()).isEqualTo(4);
        assertOneLine(outcome.err());
        assertThat(outcome.err()).contains("does not exist");
    }

    /** /proc refuses new files even to root. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void withoutTheRightToWriteItIsFourAsWell() {
        Outcome outcome = run("trace", drawing, "-o", "/proc/a.svg");
        assertThat(outcome.code()).isEqualTo(4);
        assertOneLine(outcome.err());
    }

    /**
     * The operating system itself refuses the write half way: a process of its own whose files may
     * not grow beyond 512 bytes, as on a disk with no room left.
     */
    @Test
    @EnabledOnOs(OS.LINUX)
    void withoutRoomTheOldFileStaysAndThatIsSaid() throws Exception {
        Path svg = Files.writeString(folder.resolve("old.svg"), "old");
        Process process =
                new ProcessBuilder(
                                "sh",
                                "-c",
                                "ulimit -f 1; exec \"$0\" -XX:-UsePerfData -cp \"$1\" \"$2\" trace"
                                        + " \"$3\" -o \"$4\"",
                                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                                System.getProperty("java.class.path"),
                                NeatTrace.class.getName(),
                                drawing.toString(),
                                svg.toString())
                        .start();
        String err = new String(process.getErrorStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).isEqualTo(4);
        assertOneLine(err);
        assertThat(err).contains("Could not write").contains("old.svg");
        assertThat(svg).hasContent("old");
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).hasSize(2);
        }
    }

    /** One rule for all commands: nothing is made of nothing, and a script hears of it. */
    @ParameterizedTest
    @ValueSource(ints = {0xFFFFFF, 0})
    void nothingIsMadeOfABlankOrABlackSheet(int rgb) throws IOException {
        Path blank = folder.resolve("blank.png");
        BufferedImage image = new BufferedImage(150, 140, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(rgb));
        g.fillRect(0, 0, 150, 140);
        g.dispose();
        ImageIO.write(image, "png", blank.toFile());
        Path out = folder.resolve("out");
        for (List<Object> command :
                List.of(
                        List.<Object>of("trace", blank, "-o", folder.resolve("b.svg")),
                        List.<Object>of(
                                "flat", blank, "--rough", drawing, "-o", folder.resolve("f.svg")),
                        List.<Object>of("sheet", blank, "-o", folder.resolve("b.tif")),
                        List.<Object>of("press", blank, "--out-dir", out),
                        List.<Object>of("make", "sticker", blank, "-o", folder.resolve("s.svg")),
                        List.<Object>of("make", "sheet", blank, "-o", folder.resolve("t.svg")),
                        List.<Object>of("make", "page", blank, "-o", folder.resolve("g.pdf")),
                        List.<Object>of(
                                "make",
                                "stencil",
                                blank,
                                "--kind",
                                "cut",
                                "-o",
                                folder.resolve("c.svg")),
                        List.<Object>of("make", "shirt", blank, "--out-dir", out),
                        List.<Object>of("make", "mug", blank, "-o", folder.resolve("m.pdf")),
                        List.<Object>of(
                                "propose", blank, "--for", "sticker:50mm", "--out-dir", out),
                        List.<Object>of("check", blank))) {
            Outcome outcome = run(command.toArray());
            assertThat(outcome.code()).as(command.toString()).isEqualTo(5);
            assertThat(outcome.out() + outcome.err())
                    .containsAnyOf("no ink", "whole sheet is dark", "nothing to make");
        }
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).containsExactlyInAnyOrder(blank, drawing);
        }
    }

    @Test
    void verboseSaysTheStepsAndTheCause() {
        Outcome traced = run("trace", "--verbose", drawing, "-o", folder.resolve("a.svg"));
        assertThat(traced.err()).contains("Drawing curves");
        Outcome failed = run("--verbose", "trace", drawing, "-o", folder.resolve("no/where/a.svg"));
        assertThat(failed.err()).contains("NoSuchFileException");
    }

    @Test
    void coloursAreasFromARough() throws IOException {
        Path rough = folder.resolve("rough.png");
        Files.write(rough, rings(0xE06030, 0x3070B0, 300));
        Path svg = folder.resolve("flat.svg");
        Path pdf = folder.resolve("flat.pdf");
        Path png = folder.resolve("flat.png");
        Outcome outcome =
                run("flat", drawing, "--rough", rough, "-o", svg, "--pdf", pdf, "--png", png);
        assertThat(outcome.code()).isZero();
        assertThat(outcome.out()).contains("2 areas coloured");
        assertThat(outcome.out().lines()).filteredOn(l -> l.contains("#")).hasSize(2);
        assertThat(paths(svg)).isEqualTo(4);
        BufferedImage image = ImageIO.read(png.toFile());
        assertThat(image.getWidth()).isEqualTo(254);
        Color left = new Color(image.getRGB(63, 63));
        Color right = new Color(image.getRGB(190, 63));
        assertThat(left.getRed()).isGreaterThan(left.getBlue() + 60);
        assertThat(right.getBlue()).isGreaterThan(right.getRed() + 60);
        assertThat(image.getRGB(127, 3) >>> 24).as("ground").isZero();
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getDocumentCatalog().getOCProperties().getGroupNames()).hasSize(4);
        }
    }

    @Test
    void paintersGetLayersAndAPaletteRules() throws IOException {
        Path rough = folder.resolve("rough.png");
        Files.write(rough, rings(0xE06030, 0x3070B0, 300));
        Path palette = folder.resolve("two.txt");
        Files.writeString(palette, "#F0C040 Gorse\n#204070 Navy\n");
        Path ora = folder.resolve("flat.ora");
        Path svg = folder.resolve("flat.svg");
        Outcome outcome =
                run(
                        "flat",
                        drawing,
                        "--rough",
                        rough,
                        "--ora",
                        ora,
                        "-o",
                        svg,
                        "--palette",
                        palette,
                        "--spread",
                        "0",
                        "--pieces",
                        "BY_AREA");
        assertThat(outcome.code()).isZero();
        assertThat(outcome.out()).contains("Gorse", "Navy");
        try (java.util.zip.ZipFile zip = new java.util.zip.ZipFile(ora.toFile())) {
            assertThat(zip.getEntry("stack.xml")).isNotNull();
        }
        Files.writeString(palette, "no colours");
        Outcome broken = run("flat", drawing, "--rough", rough, "-o", svg, "--palette", palette);
        assertThat(broken.code()).isEqualTo(3);
        assertThat(broken.err()).contains("no colour in two.txt");
    }

    /** Printers' files have the same flats as all others. */
    @Test
    void whatIsOneShapeIsSoInPdfsToo() throws IOException {
        Path rough = folder.resolve("rough.png");
        Files.write(rough, rings(0xE06030, 0xE06030, 300));
        List<byte[]> pages = new ArrayList<>();
        for (List<String> said : List.of(List.<String>of(), List.of("--pieces", "BY_AREA"))) {
            Path pdf = folder.resolve("flat" + pages.size() + ".pdf");
            List<Object> command = new ArrayList<>();
            command.addAll(List.of("flat", drawing, "--rough", rough, "--pdf", pdf));
            command.addAll(said);
            assertThat(run(command.toArray()).code()).isZero();
            try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
                pages.add(document.getPage(0).getContents().readAllBytes());
            }
        }
        assertThat(pages.get(0)).isNotEqualTo(pages.get(1));
    }

    @Test
    void whiteAreasOfTheRoughStayEmpty() throws IOException {
        Path rough = folder.resolve("rough.png");
        Files.write(rough, rings(0xE06030, 0xFFFFFF, 300));
        Outcome outcome = run("flat", drawing, "--rough", rough, "-o", folder.resolve("f.svg"));
        assertThat(outcome.out()).contains("1 area coloured").contains("1 left as paper");
    }

    @Test
    void aRoughOfAnotherProportionIsRefused() throws IOException {
        Path rough = folder.resolve("rough.png");
        ImageIO.write(new BufferedImage(80, 80, BufferedImage.TYPE_INT_RGB), "png", rough.toFile());
        Outcome outcome = run("flat", drawing, "--rough", rough, "-o", folder.resolve("f.svg"));
        assertThat(outcome.code()).isEqualTo(3);
        assertThat(outcome.err()).contains("80 x 80").contains("254 x 127");
    }

    @Test
    void infoTellsSizeResolutionAndWhatIsWrong() throws IOException {
        assertThat(run("info", drawing).out())
                .contains("254 x 127 px", "21.5 x 10.8 mm", "300 ppi")
                .doesNotContain("assumed");
        Files.write(drawing, rings(0, 0, 150));
        assertThat(run("info", drawing).out()).contains("good for 22 x 11 mm");
        Files.write(drawing, rings(0, 0, 0));
        assertThat(run("info", drawing).out()).contains("(assumed)", "does not say");
        Files.write(drawing, new byte[0]);
        assertThat(run("info", drawing).code()).isEqualTo(3);
    }

    @Test
    void checkTellsWhatNeedsADecisionAndWhetherItStopsTheJob() throws IOException {
        Outcome plain = run("check", drawing);
        assertThat(plain.code()).isZero();
        assertThat(plain.out()).contains("info  flats      2 areas to colour", "at 5.4, 5.4 mm");
        Outcome thin = run("check", drawing, "--for", "sticker:11mm", "--json");
        JsonNode found = new ObjectMapper().readTree(thin.out());
        JsonNode line =
                StreamSupport.stream(found.spliterator(), false)
                        .filter(one -> one.get("kind").asText().equals("line-too-thin"))
                        .findFirst()
                        .orElseThrow();
        assertThat(line.get("station").asText()).isEqualTo("line");
        assertThat(line.get("severity").asText()).isEqualTo("look");
        assertThat(line.get("goods")).hasSize(1);
        assertThat(line.get("goods").get(0).asText()).isEqualTo("sticker");
        assertThat(line.get("at")).hasSize(2);
        assertThat(line.get("extent")).hasSize(2);
        // A pen of 6 px; the drawing is 232 px wide and 6 mm within its border of twice 2.5 mm.
        assertThat(line.get("measure").get("value").asDouble())
                .isCloseTo(6 * 6 / 232.0, within(0.02));
        assertThat(line.get("measure").get("unit").asText()).isEqualTo("mm");
        assertThat(line.get("limit").asDouble()).isEqualTo(0.25);
        assertThat(line.get("words").asText())
                .matches("A line is only 0.1\\d mm wide on the 11 mm sticker");
        assertThat(thin.code()).as("bare areas stop a sticker").isEqualTo(5);
        Outcome page = run("check", drawing, "--for", "colouring-page");
        assertThat(page.code()).isZero();
        assertThat(page.out()).doesNotContain("to colour", "bare");
        for (String wrong : List.of("boat", "sticker:0mm", "sticker:wide")) {
            assertThat(run("check", drawing, "--for", wrong).code()).isEqualTo(2);
        }
        assertThat(line.get("answers").get(0).get("words").asText()).isEqualTo("Thicken it");
        Files.write(drawing, rings(0, 0, 0));
        assertThat(run("check", drawing).out()).contains("look  sheet").contains("resolution");
        ByteArrayOutputStream blank = new ByteArrayOutputStream();
        PngFile.write(new BufferedImage(60, 60, BufferedImage.TYPE_BYTE_GRAY), 300, blank);
        Files.write(drawing, blank.toByteArray());
        assertThat(run("check", drawing, "--set", "negative=true").code()).isEqualTo(5);
        assertThat(run("check", folder.resolve("nowhere.png")).code()).isEqualTo(3);
    }

    @Test
    void aProposalIsWrittenForEachOfTheGoods() throws IOException {
        Path out = folder.resolve("proposal");
        Outcome done =
                run(
                        "propose",
                        drawing,
                        "--for",
                        "sticker:30mm",
                        "--for",
                        "colouring-page:A5",
                        "--out-dir",
                        out);
        assertThat(done.code()).isZero();
        assertThat(done.out()).contains("decisions taken").doesNotContain("null");
        Picture sticker = PictureReader.read(out.resolve("rings, 30 mm sticker.png"));
        assertThat(sticker.width()).isEqualTo(354);
        assertThat(out.resolve("rings, A5 colouring page.pdf")).isRegularFile();
        Job job = JobFile.open(out.resolve("rings.ntjob"));
        assertThat(job.goods().wanted()).hasSize(2);
        JsonNode decisions =
                new ObjectMapper()
                        .readTree(Files.readAllBytes(out.resolve("rings decisions.json")));
        assertThat(decisions.get(0).get("doubt").asDouble()).isEqualTo(1);
        assertThat(run("propose", drawing, "--out-dir", out).code()).isEqualTo(2);
    }

    @Test
    void decisionsThatAreNotUpAreNotLeftOut() {
        Path out = folder.resolve("proposal");
        Outcome wrong =
                run(
                        "propose",
                        drawing,
                        "--for",
                        "sticker:30mm",
                        "--without",
                        "nonsense",
                        "--out-dir",
                        out);
        assertThat(wrong.code()).isEqualTo(2);
        assertOneLine(wrong.err());
        assertThat(wrong.err()).contains("nonsense");
        assertThat(out).doesNotExist();
    }

    /** What a job decides counts, and its page is chosen already. */
    @Test
    void jobsAreTracedAndColouredLikePictures() throws IOException {
        Path file = folder.resolve("rings.ntjob");
        Job job = Job.of(new Source("rings.png", Files.readAllBytes(drawing)));
        JobFile.save(file, job.withPpi(600), new byte[0]);
        Path svg = folder.resolve("of-job.svg");
        assertThat(run("trace", file, "-o", svg).code()).isZero();
        assertThat(Files.readString(svg)).contains("width=\"10.7527mm\"");
        Path rough = Files.write(folder.resolve("rough.png"), rings(0xFFFF0000, 0xFF0000FF, 300));
        Path flat = folder.resolve("flat.svg");
        assertThat(run("flat", file, "--rough", rough, "-o", flat).code()).isZero();
        assertThat(Files.readString(flat)).contains("width=\"10.7527mm\"");
        for (String command : List.of("trace", "flat")) {
            Outcome page =
                    command.equals("trace")
                            ? run(command, file, "-o", svg, "--page", 2)
                            : run(command, file, "--rough", rough, "-o", flat, "--page", 2);
            assertThat(page.code()).isEqualTo(2);
            assertOneLine(page.err());
        }
        assertThat(run("check", drawing, "--page", 2).code()).isEqualTo(3);
    }

    @Test
    void whatCannotBeReadIsThreeWhateverItIs() throws IOException {
        Path goods = Files.writeString(folder.resolve("own.ntgoods"), "{");
        Path sheet = Files.writeString(folder.resolve("own.ntsheet"), "{");
        Path out = folder.resolve("out");
        Outcome press = run("press", drawing, "--goods", goods, "--out-dir", out);
        assertThat(press.code()).isEqualTo(3);
        assertOneLine(press.err());
        Outcome made = run("make", "sheet", sheet, "-o", folder.resolve("s.svg"));
        assertThat(made.code()).isEqualTo(3);
        assertOneLine(made.err());
    }

    /** A terminal obeys escape codes, wherever they come from. */
    @Test
    void namesOfFilesAndTheirTextsCannotSteerTheTerminal() throws IOException {
        Path css = folder.resolve("p.json");
        Files.writeString(css, "[\"\\u001b[2J" + "red".repeat(3000) + "\"]");
        Outcome told =
                run(
                        "flat",
                        drawing,
                        "--rough",
                        drawing,
                        "--palette",
                        css,
                        "-o",
                        folder.resolve("o.svg"));
        assertThat(told.code()).isEqualTo(3);
        assertThat(told.err()).doesNotContain("\u001b").hasSizeLessThan(800);
        Path odd = folder.resolve("a\u001b[31mb.png");
        Outcome missing = run("trace", odd, "-o", folder.resolve("o.svg"));
        assertThat(missing.err()).doesNotContain("\u001b");
    }

    private static List<String> uids(Path ics) throws IOException {
        return Files.readAllLines(ics).stream().filter(line -> line.startsWith("UID:")).toList();
    }

    @Test
    void aPlanIsToldAndWrittenForCalendars() throws IOException {
        Path job = folder.resolve("gull.ntjob");
        Job gull = Job.of(new Source("gull.png", Files.readAllBytes(drawing)));
        gull = gull.withGoods(gull.goods().with(GoodsWish.parse("sticker", List.of())));
        JobFile.save(job, gull, new byte[0]);
        assertThat(run("plan", job).code()).as("promised for no day").isEqualTo(2);
        gull = gull.withBrief(gull.brief().withDue(Optional.of(LocalDate.of(2027, 3, 12))));
        JobFile.save(job, gull, new byte[0]);
        Path ics = folder.resolve("plan.ics");
        Outcome told = run("plan", job, "--from", "2027-03-01", "--off", "sunday", "--ics", ics);
        assertThat(told.code()).isZero();
        assertThat(told.out()).contains("gull, promised for 12 March 2027", "Make", "2027-03-11");
        assertThat(Files.readString(ics)).contains("BEGIN:VEVENT", "gull: promised");
        JsonNode json =
                new ObjectMapper()
                        .readTree(run("plan", job, "--from", "2027-03-01", "--json").out());
        assertThat(json.get("jobs").get(0).get("inTime").asBoolean()).isTrue();
        assertThat(json.get("days")).isNotEmpty();
        // Another scan of the same title keeps its own days, in whatever order they are planned.
        Path other = folder.resolve("gull 2.ntjob");
        Files.write(folder.resolve("other.png"), rings(0xFF000000, 0xFFFFFFFF, 300));
        byte[] scan = Files.readAllBytes(folder.resolve("other.png"));
        JobFile.save(other, gull.withSource(new Source("gull.png", scan)), new byte[0]);
        Path there = folder.resolve("there.ics");
        Path back = folder.resolve("back.ics");
        run("plan", job, other, "--from", "2027-02-01", "--ics", there);
        run("plan", other, job, "--from", "2027-02-01", "--ics", back);
        assertThat(uids(there)).doesNotHaveDuplicates().hasSizeGreaterThan(4);
        assertThat(uids(back)).containsExactlyInAnyOrderElementsOf(uids(there));
        Outcome late = run("plan", job, "--from", "2027-04-01");
        assertThat(late.out()).contains("late:", "what would help");
        assertThat(run("plan", job, "--hours-a-day", "25").code()).isEqualTo(2);
        assertThat(run("plan", job, "--off", "someday").code()).isEqualTo(2);
        assertThat(run("plan", job, "--from", "+999999999-01-01").code()).isEqualTo(2);
    }

    @Test
    void anySettingCanBeGivenAndAWrongOneIsSaid() {
        assertThat(run("settings").out()).contains("gap-width", "0 to 4 mm, or auto");
        Path svg = folder.resolve("set.svg");
        assertThat(run("trace", drawing, "-o", svg, "--set", "weight-all=0.2").code()).isZero();
        assertThat(svg).isRegularFile();
        for (String wrong : List.of("weight-all=99", "weight-al=1", "weight-all")) {
            Outcome outcome = run("trace", drawing, "-o", svg, "--set", wrong);
            assertThat(outcome.code()).isEqualTo(2);
            assertOneLine(outcome.err());
        }
    }

    @Test
    void helpListsTheCommands() {
        assertThat(run("help").out()).contains("trace", "flat", "info", "neat-trace demo");
        assertThat(run("help", "flat").out()).contains("--rough");
        assertThat(run("flat", "--help").out()).contains("--rough");
        assertThat(run("--help").code()).isZero();
    }

    @Test
    void theSameInputGivesTheSameFile() throws IOException {
        run("trace", drawing, "-o", folder.resolve("a.svg"));
        run("trace", drawing, "-o", folder.resolve("b.svg"));
        assertThat(Files.readString(folder.resolve("a.svg"), StandardCharsets.UTF_8))
                .isEqualTo(Files.readString(folder.resolve("b.svg"), StandardCharsets.UTF_8));
    }

    @Test
    void strokesComeOutAsPathsWithoutFill() throws IOException {
        Path svg = folder.resolve("strokes.svg");
        assertThat(run("trace", drawing, "--strokes", "-o", svg).code()).isZero();
        String text = Files.readString(svg);
        assertThat(text).contains("<g id=\"strokes\" fill=\"none\"");
        // Two rings of a pen 6 px wide at 300 ppi.
        assertThat(Pattern.compile("stroke-width=\"0\\.5[01]").matcher(text).results().count())
                .isEqualTo(2);
        Path even = folder.resolve("even.svg");
        assertThat(run("trace", drawing, "--strokes", "--even-weight", "0.8", "-o", even).code())
                .isZero();
        assertThat(Files.readString(even)).contains("stroke-width=\"0.8\"");
    }

    @Test
    void weightsChangeTheOutlines() throws IOException {
        Path plain = folder.resolve("plain.svg");
        Path bold = folder.resolve("bold.svg");
        assertThat(run("trace", drawing, "-o", plain).code()).isZero();
        assertThat(run("trace", drawing, "--bold-outside", "0.5", "-o", bold).code()).isZero();
        assertThat(Files.readString(bold)).isNotEqualTo(Files.readString(plain));
        Outcome refused = run("trace", drawing, "--bold-outside", "-1", "-o", bold);
        assertThat(refused.code()).isEqualTo(2);
        assertOneLine(refused.err());
    }

    @Test
    void cuttersGetDxf() throws IOException {
        Path dxf = folder.resolve("cut.dxf");
        assertThat(run("trace", drawing, "-o", dxf).code()).isZero();
        String text = Files.readString(dxf);
        assertThat(text).contains("AC1009").endsWith("EOF\r\n");
        assertThat(text.split("POLYLINE", -1)).hasSize(5);
    }

    @Test
    void aWordThatIsNothingIsAnsweredWithTheNearestCommand() {
        Outcome outcome = run("trce", drawing);
        assertThat(outcome.code()).isEqualTo(2);
        assertOneLine(outcome.err());
        assertThat(outcome.err())
                .contains("There is no command or file 'trce'")
                .contains("Did you mean trace?");
        assertThat(run("xylophone").err()).contains("'xylophone'").doesNotContain("Did you mean");
    }

    @Test
    void verboseMayStandBeforeTheCommand() {
        Outcome outcome = run("--verbose", "trace", drawing, "-o", folder.resolve("v.svg"));
        assertThat(outcome.code()).isZero();
        assertThat(outcome.err()).contains("Reading the picture");
    }

    @Test
    void anEndingThatIsNoneIsRefusedWithThoseThereAre() {
        for (List<Object> wrong :
                List.<List<Object>>of(
                        List.of("trace", drawing, "-o", folder.resolve("out.txt")),
                        List.of("flat", drawing, "--rough", drawing, "-o", folder.resolve("a.png")),
                        List.of("sheet", drawing, "-o", folder.resolve("a.jpg")))) {
            Outcome outcome = run(wrong.toArray());
            assertThat(outcome.code()).as("%s", wrong).isEqualTo(2);
            assertOneLine(outcome.err());
        }
        assertThat(run("trace", drawing, "-o", folder.resolve("out.txt")).err())
                .contains(".svg or .dxf");
    }

    /** Through a link in the way, through a link to the file, through a second name of it. */
    @Test
    void anInputIsNotWrittenToByAnotherWay() throws IOException {
        byte[] before = Files.readAllBytes(drawing);
        Path way = Files.createSymbolicLink(folder.resolve("way"), folder);
        Path link = Files.createSymbolicLink(folder.resolve("link.png"), drawing);
        Path hard = Files.createLink(folder.resolve("hard.png"), drawing);
        for (Path output : List.of(way.resolve(drawing.getFileName()), link, hard)) {
            Outcome outcome = run("sheet", drawing, "-o", output);
            assertThat(outcome.code()).as("%s", output).isEqualTo(2);
            assertThat(outcome.err()).contains("never written to");
        }
        assertThat(Files.readAllBytes(drawing)).isEqualTo(before);
    }

    @Test
    void whatIsNoFileIsThreeWithOneLine() throws Exception {
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        for (Object input : List.of("/", folder, pipe, folder.resolve("\u00f6rtchen.png"))) {
            for (String command : List.of("trace", "sheet", "info")) {
                List<Object> arguments = new ArrayList<>(List.of(command, input));
                if (!command.equals("info")) {
                    arguments.addAll(
                            List.of(
                                    "-o",
                                    folder.resolve(
                                            "o" + (command.equals("trace") ? ".svg" : ".png"))));
                }
                if (command.equals("sheet") && !input.equals(pipe)) {
                    continue;
                }
                Outcome outcome = run(arguments.toArray());
                assertThat(outcome.code()).as("%s", arguments).isEqualTo(3);
                assertOneLine(outcome.err());
            }
        }
    }

    @Test
    void memoryThatRunsOutInAnotherThreadIsToldPlainly() {
        StringWriter err = new StringWriter();
        Reporter reporter =
                new Reporter(new PrintWriter(err), new PrintWriter(err, true), () -> false);
        int code = reporter.failed(new RuntimeException(new OutOfMemoryError("Java heap space")));
        assertThat(code).isEqualTo(3);
        assertThat(err.toString()).contains("not enough memory");
    }

    @Test
    void aPageThatIsNotThereIsSaid() {
        Outcome outcome = run("trace", drawing, "--page", "3", "-o", folder.resolve("page.svg"));
        assertThat(outcome.code()).isEqualTo(3);
        assertThat(outcome.err()).contains("no page 3");
        assertThat(run("trace", drawing, "--page", "0", "-o", "a.svg").code()).isEqualTo(2);
    }
}
