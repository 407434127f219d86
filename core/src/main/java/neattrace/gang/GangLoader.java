package neattrace.gang;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.zip.CRC32;
import neattrace.files.FileStamp;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.goods.sticker.Sticker;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.json.JobState;
import neattrace.job.pipeline.Pipeline;
import neattrace.stage.Progress;

/**
 * Makes stickers of the drawings a sheet points at. What was made is kept until a file changes, so
 * that asking again costs a look at each file. Belongs to one thread at a time.
 */
public final class GangLoader {

    /** What was made of a file as it was. */
    private record Made(Path file, FileStamp stamp, double widthMm) {}

    private static final int MOST_KEPT = GangSheet.MOST_DRAWINGS;

    private final Map<Made, GangSticker> kept =
            new LinkedHashMap<>(16, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Made, GangSticker> eldest) {
                    return size() > MOST_KEPT;
                }
            };

    /** A loader that has read nothing yet. */
    public GangLoader() {}

    /**
     * All drawings of a sheet, in its order. A drawing that cannot be read is told of, not thrown.
     *
     * @throws CancellationException if {@code progress} says so
     */
    public List<GangSticker> load(GangSheet sheet, Progress progress) {
        List<GangSticker> all = new ArrayList<>();
        int n = sheet.drawings().size();
        for (int i = 0; i < n; i++) {
            GangDrawing drawing = sheet.drawings().get(i);
            progress.report("Reading " + drawing.name(), (double) i / n);
            all.add(load(drawing, progress.part((double) i / n, (double) (i + 1) / n)));
        }
        return all;
    }

    private GangSticker load(GangDrawing drawing, Progress progress) {
        if (!Files.isRegularFile(drawing.file())) {
            return none(drawing, drawing.file() + " is not there any more.", true);
        }
        Made key = new Made(drawing.file(), FileStamp.of(drawing.file()), drawing.widthMm());
        GangSticker known = kept.get(key);
        if (known == null) {
            try {
                known = made(drawing, progress);
                // What failed may go the next time: its folder may be there again.
                if (known.sticker().isPresent()) {
                    kept.put(key, known);
                }
            } catch (OutOfMemoryError e) {
                // There may be room for it the next time.
                return none(drawing, "There is not enough memory for it now.", false);
            }
        }
        return new GangSticker(
                drawing,
                known.title(),
                known.state(),
                known.sticker(),
                known.trouble(),
                known.missing());
    }

    private GangSticker made(GangDrawing drawing, Progress progress) {
        try {
            Job job = JobFile.ofAny(drawing.file());
            WantedGoods asked = GoodsSticker.wanted(job, GoodsKind.STICKER_SHEET);
            // One of its own: what it keeps of a scan goes with it.
            Pipeline pipeline = new Pipeline();
            Sticker sticker =
                    GoodsSticker.of(
                            pipeline,
                            pipeline.run(job, progress),
                            sized(asked, drawing),
                            job.press().profile(),
                            progress);
            return sticker.cuts().isEmpty()
                    ? none(drawing, "There is nothing on it to make a sticker of.", false)
                    : new GangSticker(
                            drawing,
                            job.title(),
                            state(job, asked),
                            Optional.of(sticker),
                            "",
                            false);
        } catch (CancellationException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            String why = e.getMessage();
            return none(drawing, why == null ? "It cannot be read: " + e : why, false);
        }
    }

    private static GangSticker none(GangDrawing drawing, String trouble, boolean missing) {
        return new GangSticker(drawing, drawing.name(), "", Optional.empty(), trouble, missing);
    }

    private static WantedGoods sized(WantedGoods wanted, GangDrawing drawing) {
        Goods goods = wanted.goods();
        if (drawing.widthMm() == 0) {
            return wanted;
        }
        double mm = drawing.widthMm();
        return wanted.withGoods(
                goods.withSizing(new Sizing(Sizing.Fit.WIDTH, mm, mm, goods.sizing().ppi())));
    }

    /** A short name for all that decides how it looks. */
    private static String state(Job job, WantedGoods wanted) {
        CRC32 source = new CRC32();
        source.update(job.source().bytes());
        return JobState.of(job, wanted.id()) + "-" + Long.toHexString(source.getValue());
    }
}
