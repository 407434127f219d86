package neattrace.raster.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadProgressListener;
import javax.imageio.event.IIOReadWarningListener;
import neattrace.stage.Progress;

/** Collects what a reader complains of, and passes on how far it is. */
final class ReaderListener implements IIOReadWarningListener, IIOReadProgressListener {

    private static final int MOST = 5;

    private final Progress progress;
    private double share;
    private final List<String> warnings = new ArrayList<>();

    ReaderListener(Progress progress) {
        this.progress = progress;
    }

    /** Only what costs pixels: readers also warn of odd metadata. */
    List<String> damage() {
        return warnings.stream().filter(ReaderListener::isDamage).distinct().limit(MOST).toList();
    }

    private static boolean isDamage(String warning) {
        String w = warning.toLowerCase(Locale.ROOT);
        return w.contains("premature")
                || w.contains("truncat")
                || w.contains("corrupt")
                || w.contains("unexpected end")
                || w.contains("eof")
                || w.contains("missing");
    }

    @Override
    public void warningOccurred(ImageReader source, String warning) {
        warnings.add(warning);
    }

    @Override
    public void imageProgress(ImageReader source, float percent) {
        share = percent / 100;
        stillReading();
    }

    /** Passes on how far it was; whoever waits may call it off. */
    void stillReading() {
        progress.report("Reading the picture", share);
    }

    @Override
    public void sequenceStarted(ImageReader source, int least) {}

    @Override
    public void sequenceComplete(ImageReader source) {}

    @Override
    public void imageStarted(ImageReader source, int index) {}

    @Override
    public void imageComplete(ImageReader source) {}

    @Override
    public void thumbnailStarted(ImageReader source, int index, int thumbnail) {}

    @Override
    public void thumbnailProgress(ImageReader source, float percent) {}

    @Override
    public void thumbnailComplete(ImageReader source) {}

    @Override
    public void readAborted(ImageReader source) {}
}
