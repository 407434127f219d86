package neattrace.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import neattrace.files.AtomicFile;
import neattrace.goods.FileUse;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.change.Owed;
import neattrace.job.file.Autosave;
import neattrace.job.file.JobFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** Whatever is asked of a job is that job's, whichever is open by the time it is done. */
@ExtendWith(ApplicationExtension.class)
@Tag("thorough")
class AskedOfAJobTest {

    /** As many as fit in a run; more are walked with {@code -Dsteps=10000}. */
    private static final int STEPS = Integer.getInteger("steps", 300);

    private static final long SEED = Long.getLong("seed", 33);
    private static final LocalDateTime THEN = LocalDateTime.of(2027, 5, 4, 3, 2);

    @TempDir private Path folder;
    private Workspace workspace;

    @BeforeEach
    void open() {
        workspace =
                new Workspace(Folders.below(folder.resolve("own")), List.of(), Duration.INDEFINITE);
    }

    @AfterEach
    void close() {
        onFx(() -> workspace.close());
    }

    private static void onFx(Runnable what) {
        WaitForAsyncUtils.waitForAsyncFx(60_000, what);
    }

    private static void until(java.util.concurrent.Callable<Boolean> there) throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, there);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static byte[] box() throws IOException {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 40, 30);
        g.setColor(Color.BLACK);
        g.drawRect(8, 6, 22, 16);
        g.dispose();
        java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private Path picture(String name) throws IOException {
        return Files.write(folder.resolve(name + ".png"), box());
    }

    private void opened(String name) throws Exception {
        Path file = picture(name);
        onFx(() -> workspace.open(file));
        until(
                () ->
                        workspace.job() != null
                                && workspace.job().source().name().equals(name + ".png"));
        settled();
    }

    private void settled() throws Exception {
        until(() -> workspace.progressProperty().get() < 0);
    }

    private void title(String title) {
        onFx(() -> workspace.change("Title", job -> job.withTitle(title)));
    }

    /** Whatever is written after this waits until the latch is counted down. */
    private CountDownLatch slowWriter() {
        CountDownLatch go = new CountDownLatch(1);
        onFx(() -> workspace.keep("slow", "slow", progress -> await(go), () -> {}));
        return go;
    }

    private static void await(CountDownLatch go) {
        try {
            go.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void written() throws Exception {
        until(() -> workspace.writing().isIdle());
    }

    @Test
    void aSaveThatEndsLateIsNotedOnItsOwnJobAlone() throws Exception {
        opened("a");
        title("Mine");
        settled();
        Path file = folder.resolve("a.ntjob");
        CountDownLatch go = slowWriter();
        boolean[] then = {false};
        onFx(() -> workspace.save(file, () -> then[0] = true));
        opened("b");
        go.countDown();
        written();
        assertThat(JobFile.open(file).title()).isEqualTo("Mine");
        assertThat(workspace.fileProperty().get()).as("b is in no file").isNull();
        assertThat(workspace.unsavedProperty().get()).isTrue();
        assertThat(then[0]).as("what was to follow the save of a").isFalse();
    }

    @Test
    void aJobThatIsSavedLaterIsTheOneThatWasMeant() throws Exception {
        opened("a");
        Asked asked = workspace.asked().orElseThrow();
        opened("b");
        Path file = folder.resolve("late.ntjob");
        onFx(() -> workspace.save(asked, file, () -> {}));
        written();
        assertThat(JobFile.open(file).source().name()).isEqualTo("a.png");
        assertThat(workspace.fileProperty().get()).isNull();
    }

    @Test
    void whatIsSavedOfAJobThatIsOpenIsHowItStands() throws Exception {
        opened("a");
        Asked asked = workspace.asked().orElseThrow();
        title("Newer");
        settled();
        Path file = folder.resolve("a.ntjob");
        onFx(() -> workspace.save(asked, file, () -> {}));
        written();
        assertThat(JobFile.open(file).title()).isEqualTo("Newer");
        assertThat(workspace.unsavedProperty().get()).isFalse();
    }

    @Test
    void aFileThatWaitsForItsDrawingIsWrittenBeforeAnotherOpens() throws Exception {
        opened("a");
        Path next = picture("b");
        List<String> got = new ArrayList<>();
        onFx(
                () -> {
                    workspace.change("Title", job -> job.withTitle("Changed"));
                    workspace.whenSettled("x.svg", shown -> got.add(shown.drawing().job().title()));
                    workspace.open(next);
                });
        until(() -> workspace.job().source().name().equals("b.png"));
        assertThat(got).containsExactly("Changed");
    }

    @Test
    void aFileThatCannotWaitAnyLongerIsToldOf() throws Exception {
        opened("a");
        List<String> got = new ArrayList<>();
        onFx(
                () -> {
                    workspace.change("Title", job -> job.withTitle("Changed"));
                    workspace.whenSettled("x.svg", shown -> got.add("written"));
                    workspace.cancel();
                });
        assertThat(workspace.messageProperty().get()).contains("Not written: x.svg");
        settled();
        assertThat(got).isEmpty();
    }

    @Test
    void aNoteStopsNothingThatRuns() throws Exception {
        opened("a");
        CountDownLatch go = new CountDownLatch(1);
        onFx(
                () -> {
                    workspace.derive(
                            "Slow",
                            progress -> {
                                await(go);
                                progress.report("still wanted", 0.5);
                                return job -> job.withTitle("Derived");
                            });
                    workspace.noteWritten(
                            workspace.opening(),
                            Owed.written(workspace.job(), FileUse.SVG, 0, "x.svg", THEN));
                });
        go.countDown();
        until(() -> workspace.job().title().equals("Derived"));
        settled();
        assertThat(workspace.job().log().written()).hasSize(1);
        assertThat(workspace.shownProperty().get().drawing().job()).isEqualTo(workspace.job());
    }

    @Test
    void whatIsMadeOfAJobKeepsWhatWasNotedMeanwhile() throws Exception {
        opened("a");
        CountDownLatch go = new CountDownLatch(1);
        onFx(
                () -> {
                    Job job = workspace.job();
                    workspace.remake(
                            "J",
                            progress -> {
                                await(go);
                                return new Remaking.Made(job.withTitle("Made"), () -> {});
                            });
                    workspace.noteWritten(
                            workspace.opening(), Owed.written(job, FileUse.SVG, 0, "x.svg", THEN));
                });
        go.countDown();
        until(() -> workspace.job().title().equals("Made"));
        settled();
        assertThat(workspace.job().log().written()).hasSize(1);
        onFx(() -> workspace.undo());
        assertThat(workspace.job().title()).isEqualTo("a");
        assertThat(workspace.job().log().written()).hasSize(1);
    }

    @Test
    void aNoteOfAJobThatIsGoneIsNotMadeInTheNext() throws Exception {
        opened("a");
        Sitting of = workspace.opening();
        Job a = workspace.job();
        opened("b");
        onFx(() -> workspace.noteWritten(of, Owed.written(a, FileUse.SVG, 0, "x.svg", THEN)));
        assertThat(workspace.job().log().written()).isEmpty();
        assertThat(workspace.messageProperty().get()).contains("x.svg");
    }

    @Test
    void whatIsUndoneAfterItWasSavedIsAskedAbout() throws Exception {
        opened("a");
        title("Mine");
        settled();
        onFx(() -> workspace.save(folder.resolve("a.ntjob"), () -> {}));
        written();
        assertThat(workspace.hasSomethingToLose()).isFalse();
        onFx(() -> workspace.undo());
        settled();
        assertThat(workspace.hasSomethingToLose()).isTrue();
    }

    @Test
    void aJobThatWasChangedWhileAnotherOpenedStays() throws Exception {
        opened("a");
        onFx(() -> workspace.save(folder.resolve("a.ntjob"), () -> {}));
        written();
        CountDownLatch go = new CountDownLatch(1);
        onFx(
                () -> {
                    workspace.make(
                            "Opening b",
                            () -> {
                                await(go);
                                return Job.of(new Source("b.png", box()));
                            });
                    workspace.noteWritten(
                            workspace.opening(),
                            Owed.written(workspace.job(), FileUse.SVG, 0, "x.svg", THEN));
                });
        go.countDown();
        until(() -> workspace.troubleProperty().get().contains("was left"));
        assertThat(workspace.job().source().name()).isEqualTo("a.png");
        assertThat(workspace.job().log().written()).hasSize(1);
    }

    @Test
    void aStoppedFileIsAsItWasAndTheNextIsWritten() throws Exception {
        opened("a");
        Path first = Files.writeString(folder.resolve("first.txt"), "before");
        Path second = folder.resolve("second.txt");
        CountDownLatch begun = new CountDownLatch(1);
        onFx(
                () -> {
                    workspace.write(
                            "Wrote first.",
                            first,
                            progress ->
                                    AtomicFile.write(
                                            first,
                                            out -> {
                                                out.write(new byte[100_000]);
                                                begun.countDown();
                                                await(new CountDownLatch(1));
                                            }),
                            () -> {});
                    workspace.write(
                            "Wrote second.",
                            second,
                            progress -> Files.writeString(second, "there"),
                            () -> {});
                });
        begun.await();
        onFx(() -> workspace.writing().stop());
        written();
        assertThat(first).hasContent("before");
        assertThat(second).hasContent("there");
        try (var files = Files.list(folder)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .noneMatch(name -> name.endsWith(".part"));
        }
    }

    /**
     * Jobs named j1, j2 and so on are opened, changed, saved, written, derived, made anew and
     * brought back in any order, with a writer that is slow at times. What a file holds is of the
     * job it was asked of, and a job that gives way was in a file as it stood, or the person would
     * have been asked.
     */
    @Test
    void inWhateverOrderNothingLandsInAnotherJobsFile() throws Exception {
        SplittableRandom chance = new SplittableRandom(SEED);
        Map<Path, String> meant = new LinkedHashMap<>();
        Map<String, Job> saved = new LinkedHashMap<>();
        CountDownLatch[] slow = {null};
        opened("j0");
        for (int step = 1; step <= STEPS; step++) {
            String what = "step " + step + " of seed " + SEED;
            String name = "j" + step;
            switch (chance.nextInt(12)) {
                case 0, 1 -> {
                    Path file = picture(name);
                    onFx(
                            () -> {
                                boolean asks = workspace.hasSomethingToLose();
                                if (!asks) {
                                    mayGiveWay(what, saved);
                                }
                                workspace.open(file);
                            });
                }
                case 2, 3, 4 -> title(name + " retitled");
                case 5 -> onFx(() -> workspace.undo());
                case 6 -> {
                    Path file = folder.resolve(name + ".ntjob");
                    onFx(
                            () ->
                                    workspace
                                            .asked()
                                            .ifPresent(
                                                    asked -> {
                                                        meant.put(
                                                                file, asked.job().source().name());
                                                        workspace.save(
                                                                asked,
                                                                file,
                                                                () ->
                                                                        saved.put(
                                                                                asked.job()
                                                                                        .source()
                                                                                        .name(),
                                                                                asked.job()));
                                                    }));
                }
                case 7 -> {
                    Path file = folder.resolve(name + ".txt");
                    onFx(
                            () -> {
                                String of = workspace.job().source().name();
                                meant.put(file, of);
                                workspace.whenSettled(name + ".txt", shown -> text(shown, file));
                            });
                }
                case 8 ->
                        onFx(
                                () -> {
                                    String of = workspace.job().source().name();
                                    workspace.derive(
                                            "Derived",
                                            progress ->
                                                    job -> {
                                                        assertThat(job.source().name())
                                                                .as(what)
                                                                .isEqualTo(of);
                                                        return job.withTitle("derived of " + of);
                                                    });
                                });
                case 9 -> {
                    Path kept = kept(name);
                    onFx(() -> workspace.recover(kept));
                }
                case 10 -> {
                    if (slow[0] == null) {
                        slow[0] = slowWriter();
                    } else {
                        slow[0].countDown();
                        slow[0] = null;
                    }
                }
                default -> {
                    if (chance.nextInt(3) == 0) {
                        settled();
                    } else {
                        onFx(() -> workspace.noteWork(0));
                    }
                }
            }
        }
        if (slow[0] != null) {
            slow[0].countDown();
        }
        settled();
        written();
        int there = 0;
        for (Map.Entry<Path, String> one : meant.entrySet()) {
            if (!Files.exists(one.getKey())) {
                continue;
            }
            there++;
            String holds =
                    one.getKey().toString().endsWith(".txt")
                            ? Files.readString(one.getKey())
                            : JobFile.open(one.getKey()).source().name();
            assertThat(holds).as(one.getKey().getFileName().toString()).isEqualTo(one.getValue());
        }
        assertThat(there).isGreaterThan(STEPS / 20);
        assertThat(workspace.shownProperty().get().drawing().job().source())
                .isSameAs(workspace.job().source());
    }

    /**
     * Without a question a job gives way only if nobody has decided anything that is in no file.
     */
    private void mayGiveWay(String what, Map<String, Job> saved) {
        Job now = workspace.job();
        boolean touched = workspace.historyProperty().get().undoable().isPresent();
        if (touched) {
            assertThat(saved).as(what).containsKey(now.source().name());
            assertThat(now.title()).as(what).isEqualTo(saved.get(now.source().name()).title());
        }
    }

    private void text(Shown shown, Path file) {
        workspace.write(
                "Wrote it.",
                file,
                progress -> Files.writeString(file, shown.drawing().job().source().name()),
                () ->
                        workspace.noteWritten(
                                shown.of(),
                                Owed.written(
                                        shown.drawing().job(), FileUse.SVG, 0, "x.svg", THEN)));
    }

    private Path kept(String name) throws IOException {
        Path own = folder.resolve("crashed-" + name);
        try (Autosave crashed = Autosave.start(own)) {
            crashed.keep(Job.of(new Source(name + ".png", box())));
        }
        return Autosave.leftBehind(own).get(0);
    }
}
