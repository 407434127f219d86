package neattrace.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import neattrace.files.FileStamp;
import neattrace.job.Job;
import neattrace.job.Source;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What may be lost by closing, and what is never written to. */
class OpenFileTest {

    private static final Job JOB = Job.of(new Source("a.png", new byte[] {1}));
    private static final Job CHANGED = JOB.withTitle("Changed");

    @TempDir private Path folder;
    private final OpenFile file = new OpenFile();

    private Path jobFile(String name) throws IOException {
        return Files.writeString(folder.resolve(name), "first");
    }

    private void save(Path jobFile, Job held) {
        file.savedTo(jobFile, held, FileStamp.of(jobFile));
    }

    @Test
    void aJobIsUnsavedFromItsFirstChangeUntilItIsSaved() throws IOException {
        Path kept = jobFile("a.ntjob");
        file.changed(JOB);
        file.isIn(kept, JOB, FileStamp.of(kept));
        assertThat(file.unsavedProperty().get()).isFalse();
        file.changed(CHANGED);
        assertThat(file.unsavedProperty().get()).isTrue();
        assertThat(file.hasSomethingToLose(true)).isTrue();
        save(kept, CHANGED);
        assertThat(file.unsavedProperty().get()).isFalse();
        assertThat(file.hasSomethingToLose(true)).isFalse();
        file.changed(JOB);
        assertThat(file.unsavedProperty().get()).isTrue();
    }

    /** A change that comes while the job is being written is not in the file. */
    @Test
    void whatWasChangedWhileItWasSavedIsStillUnsaved() throws IOException {
        file.changed(CHANGED);
        save(jobFile("a.ntjob"), JOB);
        assertThat(file.unsavedProperty().get()).isTrue();
    }

    @Test
    void aJobBroughtBackIsWorthAskingForThoughNothingCanBeUndone() throws IOException {
        file.changed(JOB);
        file.isBroughtBack();
        assertThat(file.hasSomethingToLose(false)).isTrue();
        save(jobFile("a.ntjob"), JOB);
        assertThat(file.hasSomethingToLose(false)).isFalse();
        file.isOf(folder.resolve("b.png"));
        assertThat(file.hasSomethingToLose(false)).as("a picture just opened").isFalse();
    }

    @Test
    void anotherProgramsSaveIsNoticed() throws IOException {
        Path kept = jobFile("a.ntjob");
        file.changed(JOB);
        file.isIn(kept, JOB, FileStamp.of(kept));
        assertThat(file.wasChangedOnDisk()).isFalse();
        Files.writeString(kept, "another's work");
        assertThat(file.wasChangedOnDisk()).isTrue();
        save(kept, JOB);
        assertThat(file.wasChangedOnDisk()).isFalse();
    }

    @Test
    void theOpenPictureIsKnownUnderEveryNameUntilAnotherIsOpened() throws IOException {
        Path picture = Files.write(folder.resolve("a.png"), new byte[] {1});
        Path link = Files.createSymbolicLink(folder.resolve("link.png"), picture);
        file.changed(JOB);
        file.isOf(picture);
        assertThat(file.isScan(link)).isTrue();
        save(jobFile("a.ntjob"), JOB);
        assertThat(file.isScan(picture)).as("after saving").isTrue();
        file.isNowhere();
        assertThat(file.isScan(picture)).isFalse();
        assertThat(file.fileProperty().get()).isNull();
    }
}
