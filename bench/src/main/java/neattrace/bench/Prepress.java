package neattrace.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.export.DxfWriter;
import neattrace.export.PdfStandard;
import neattrace.export.PdfWriter;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerPlan;
import neattrace.goods.transfer.TransferPlan;
import neattrace.goods.transfer.TransferStencil;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.PressSheet;
import neattrace.stage.Progress;
import neattrace.standin.skerry.SkerryJobs;
import neattrace.standin.skerry.SkerryMotif;
import org.locationtech.jts.geom.Envelope;

/**
 * Files of the demo's motifs as printers and cutters get them, and what must stand in them, for
 * engines other than ours to read: {@code bench/prepress.py} holds boxes, versions, inks, traps,
 * doubled paths and units against it.
 */
public final class Prepress {

    private static final PressProfile PRESS = PressProfile.bundled();

    private final Path folder;
    private final List<String> expected = new ArrayList<>();

    private Prepress(Path folder) {
        this.folder = folder;
    }

    /** The folder the files go into. */
    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createDirectories(Path.of(arguments[0]));
        Prepress files = new Prepress(folder);
        for (SkerryMotif motif : SkerryMotif.values()) {
            files.sticker(motif);
            files.spots(motif);
            files.stencil(motif);
        }
        Files.write(folder.resolve("expected.tsv"), files.expected);
    }

    private static Job wanting(SkerryMotif motif, GoodsKind kind) throws IOException {
        return SkerryJobs.job(motif).withGoods(GoodsSection.UNDECIDED.with(UsualGoods.of(kind)));
    }

    private static WantedGoods wanted(Job job) {
        return job.goods().wanted().get(0);
    }

    /** Trim is the cut, bleed so much round it (ISO 32000-1, 14.11.2); the cut is an ink. */
    private void sticker(SkerryMotif motif) throws IOException {
        Job job = wanting(motif, GoodsKind.STICKER);
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        Sticker sticker = GoodsSticker.of(pipeline, drawing, wanted(job), PRESS, Progress.SILENT);
        PrintPlan page = StickerPlan.readyPage(sticker, Progress.SILENT);
        Envelope cut = sticker.area().getEnvelopeInternal();
        for (PdfStandard standard : PdfStandard.values()) {
            if (standard.name().startsWith("X")) {
                String name = motif.name() + "-" + standard.name() + ".pdf";
                write(name, page, standard);
                expect(
                        "boxes",
                        name,
                        number(cut.getWidth()),
                        number(cut.getHeight()),
                        number(sticker.recipe().bleedMm()),
                        number(page.widthMm()),
                        number(page.heightMm()));
                // Flat files are for the press alone: what a cutter follows is none of its inks.
                boolean layered = standard == PdfStandard.X4;
                expect("inks", name, layered ? "Cut" : "", layered ? "Cut through" : "");
            }
        }
        dxf(motif.name() + "-cut.dxf", page.technical());
    }

    /** Every colour an ink of its own, with the traps as they are by default. */
    private void spots(SkerryMotif motif) throws IOException {
        Job job = wanting(motif, GoodsKind.STICKER);
        Job inks = job.withSwatches(PressPalette.spots(job.swatches(), PRESS));
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(inks, Progress.SILENT);
        PressSheet sheet =
                PressSheet.of(
                        drawing,
                        Optional.of(GoodsDrawing.fit(drawing, wanted(inks))),
                        Progress.SILENT);
        String name = motif.name() + "-spots.pdf";
        write(name, sheet.plan(), PdfStandard.X4);
        expect("traps", name, number(0.2), "0.02");
    }

    private void stencil(SkerryMotif motif) throws IOException {
        Job job = wanting(motif, GoodsKind.TRANSFER_STENCIL);
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        TransferStencil stencil =
                TransferStencil.of(pipeline, drawing, wanted(job), Progress.SILENT);
        dxf(motif.name() + "-transfer.dxf", TransferPlan.forMachines(stencil, PRESS));
    }

    private void write(String name, PrintPlan plan, PdfStandard standard) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(List.of(plan), standard, out);
        Files.write(folder.resolve(name), out.toByteArray());
    }

    private void dxf(String name, PrintPlan plan) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DxfWriter.write(plan, out);
        Files.write(folder.resolve(name), out.toByteArray());
        expect("dxf", name, number(plan.widthMm()), number(plan.heightMm()));
    }

    private void expect(String... fields) {
        expected.add(String.join("\t", fields));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }
}
