package neattrace.app.station.make;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import neattrace.app.station.Bench;
import neattrace.app.work.Shown;
import neattrace.export.GoodsFormat;
import neattrace.files.FileNames;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.stage.Progress;

/** Writes finished goods to files that are asked for. */
final class GoodsWriting {

    /** Writes goods as they are shown. */
    @FunctionalInterface
    interface Writer {

        /** Writes them; what comes back are the files that were written. */
        List<Path> write(GoodsFormat as, Shown shown, WantedGoods wanted, Progress progress)
                throws IOException;
    }

    private final Bench bench;

    GoodsWriting(Bench bench) {
        this.bench = bench;
    }

    /**
     * Asks for a file.
     *
     * @param noun what it is, such as "sticker"
     * @param label the same as a title
     * @param ending the format that is chosen
     */
    void choose(String noun, String label, String ending, Consumer<Path> then) {
        if (bench.drawing() == null) {
            return;
        }
        bench.chooseTarget(
                "Write the " + noun,
                FileNames.proposed(bench.drawing().job().title() + " " + noun),
                label,
                ending,
                path -> GoodsFormat.of(path).isPresent(),
                then);
    }

    /** Writes once the job is settled, as the file's name says, or else in a format. */
    void write(
            Path target,
            GoodsFormat otherwise,
            Function<Job, Optional<WantedGoods>> wanted,
            Writer writer) {
        GoodsFormat as = GoodsFormat.of(target).orElse(otherwise);
        bench.workspace()
                .whenSettled(
                        String.valueOf(target.getFileName()),
                        shown ->
                                wanted.apply(shown.drawing().job())
                                        .ifPresentOrElse(
                                                one -> write(target, as, shown, one, writer),
                                                () -> gone(target)));
    }

    private void gone(Path target) {
        bench.workspace()
                .tellTrouble(
                        new IOException(
                                target.getFileName()
                                        + " was not written: the brief has no such goods any"
                                        + " more."));
    }

    private void write(
            Path target, GoodsFormat as, Shown shown, WantedGoods wanted, Writer writer) {
        List<Path> written = new ArrayList<>();
        bench.workspace()
                .write(
                        () -> told(written),
                        target,
                        progress -> written.addAll(writer.write(as, shown, wanted, progress)),
                        bench::refresh);
    }

    /** Files are told by the names that they have, not by the one that was typed. */
    static String told(List<Path> written) {
        String first = String.valueOf(written.get(0).getFileName());
        if (written.size() == 1) {
            return "Wrote " + first + ".";
        }
        return written.size() == 2
                ? "Wrote " + first + " and " + written.get(1).getFileName() + "."
                : "Wrote "
                        + first
                        + " to "
                        + written.get(written.size() - 1).getFileName()
                        + ", "
                        + written.size()
                        + " files.";
    }
}
