package neattrace.standin.skerry;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.gang.GangFile;
import neattrace.gang.GangSheet;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.Strip;
import neattrace.job.file.JobFile;
import neattrace.press.Cmyk;
import neattrace.stage.Progress;

/** The demo's sheet of stickers, with the jobs of its drawings beside it. */
public final class SkerrySheet {

    private static final Cmyk HARBOUR = new Cmyk(92, 68, 18, 8);
    private static final Cmyk FOAM = new Cmyk(20, 0, 8, 0);
    private static final Cmyk PAPER = new Cmyk(0, 0, 0, 0);

    /** Of the range: A5, a header, a footer, a coloured ground with its buffer. */
    private static final SheetLayout LAYOUT =
            SheetLayout.USUAL
                    .withName("Harbour range")
                    .withSize(148, 210)
                    .withGapMm(5)
                    .withGround(FOAM)
                    .withHeader(new Strip(16, HARBOUR, PAPER))
                    .withFooter(new Strip(9, HARBOUR, PAPER))
                    .withShop("The Skerry Mail, stickers by post");

    private SkerrySheet() {}

    /**
     * Draws, scans and colours what is not there yet, and writes the sheet if there is none; a
     * sheet that is there stays as somebody left it.
     *
     * @param folder where jobs and sheet are written
     * @return the sheet's file
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Path write(Path folder, Progress progress) throws IOException {
        Files.createDirectories(folder);
        List<SkerryDrawing> drawings = new ArrayList<>(List.of(SkerryMotif.values()));
        drawings.add(SkerryMail.PUFFIN);
        drawings.add(SkerryMail.MAIL_BOAT);
        GangSheet sheet = GangSheet.EMPTY.withLayout(LAYOUT);
        for (int i = 0; i < drawings.size(); i++) {
            SkerryDrawing one = drawings.get(i);
            progress.report("Drawing " + one.title(), (double) i / drawings.size());
            String name = one.title().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-");
            Path file = folder.resolve(name + JobFile.ENDING);
            if (!Files.exists(file)) {
                JobFile.save(file, SkerryJobs.job(one), new byte[0]);
            }
            sheet = sheet.with(file);
            sheet = sheet.with(sheet.drawing(sheet.lastId()).orElseThrow().withWidthMm(width(one)));
        }
        Path file = folder.resolve("harbour-post" + GangFile.ENDING);
        if (!Files.exists(file)) {
            GangFile.save(file, sheet.withTitle("Harbour post").withNumber("SK-014"));
        }
        return file;
    }

    /** How wide each is on it, mm. */
    private static double width(SkerryDrawing drawing) {
        return drawing == SkerryMail.MAIL_BOAT ? 46 : drawing == SkerryMail.PUFFIN ? 40 : 36;
    }
}
