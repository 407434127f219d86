package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.made.MadeGoods;
import neattrace.job.Job;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Which files goods go into, and that each holds what it should. */
@Tag("thorough")
class GoodsFormatTest {

    @TempDir private Path folder;

    private static List<PrintPlan> pages(GoodsKind kind) throws IOException {
        Pipeline pipeline = new Pipeline();
        Job job = Jobs.plain().withGoods(Jobs.plain().goods().with(UsualGoods.of(kind)));
        return MadeGoods.of(
                        pipeline,
                        pipeline.run(job, Progress.SILENT),
                        job.goods().wanted().get(0),
                        PressProfile.bundled(),
                        Progress.SILENT)
                .pages();
    }

    @ParameterizedTest
    @CsvSource({"crab.svg, SVG", "CRAB.PDF, PDF", "a.b.png, PNG", "cut.dxf, DXF", "pen.plt, HPGL"})
    void aFilesNameSaysItsFormat(Path file, GoodsFormat format) {
        assertThat(GoodsFormat.of(file)).contains(format);
        assertThat(file.toString().toLowerCase(Locale.ROOT)).endsWith(format.ending());
    }

    @ParameterizedTest
    @CsvSource({"crab.gif", "crab", "svg", "crab.svgz"})
    void otherNamesSayNone(Path file) {
        assertThat(GoodsFormat.of(file)).isEmpty();
    }

    @Test
    void onlyWhatHasPagesHoldsSeveral() {
        Path target = Path.of("pages", "moth.pdf");
        assertThat(GoodsFormat.PDF.files(target, 12)).containsExactly(target);
        Path svg = Path.of("pages", "moth.svg");
        assertThat(GoodsFormat.SVG.files(svg, 1)).containsExactly(svg);
        assertThat(GoodsFormat.SVG.files(svg, 3))
                .hasSize(3)
                .doesNotHaveDuplicates()
                .allMatch(file -> file.getParent().equals(svg.getParent()))
                .allMatch(file -> GoodsFormat.of(file).equals(Optional.of(GoodsFormat.SVG)));
    }

    @ParameterizedTest
    @EnumSource(GoodsFormat.class)
    void aCutStencilIsWrittenInEveryFormat(GoodsFormat format) throws IOException {
        List<PrintPlan> pages = pages(GoodsKind.CUT_STENCIL);
        Path file = folder.resolve("target" + format.ending());
        format.write(pages, 100, file);
        byte[] bytes = Files.readAllBytes(file);
        assertThat(bytes.length).isGreaterThan(200);
        String head = new String(bytes, 0, 60, StandardCharsets.ISO_8859_1);
        String sign =
                switch (format) {
                    case SVG -> "<?xml";
                    case PDF -> "%PDF-";
                    case PNG -> "PNG";
                    case DXF -> "999";
                    case HPGL -> "IN";
                };
        assertThat(head).contains(sign);
    }

    @Test
    void manyPagesAreOnePdf() throws IOException {
        PrintPlan page = pages(GoodsKind.COLOURING_PAGE).get(0);
        Path file = folder.resolve("book.pdf");
        GoodsFormat.PDF.write(List.of(page, page, page), 300, file);
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
        }
        GoodsFormat.PNG.write(List.of(page, page), 30, folder.resolve("book.png"));
        assertThat(GoodsFormat.PNG.files(folder.resolve("book.png"), 2)).allMatch(Files::exists);
        assertThat(folder.resolve("book.png")).doesNotExist();
    }

    @Test
    void aPenRunsAlongAStencilsStrokesAndAKnifeAlongItsCuts() throws IOException {
        Path cut = folder.resolve("cut.dxf");
        GoodsFormat.DXF.write(pages(GoodsKind.CUT_STENCIL), 100, cut);
        assertThat(Files.readString(cut)).contains("POLYLINE").doesNotContain("ties");
        assertThat(GoodsFormat.values()).allMatch(one -> !one.label().isBlank());
    }
}
