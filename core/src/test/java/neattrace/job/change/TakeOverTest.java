package neattrace.job.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import neattrace.job.Job;
import neattrace.job.log.Snapshot;
import neattrace.job.log.Tools;
import neattrace.raster.reading.PictureException;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import neattrace.testing.Recipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TakeOverTest {

    @TempDir private Path folder;

    private static Job drawn(String title, String paper, String pen) {
        Job job = Jobs.plain().withTitle(title);
        return job.withLog(job.log().withWork(work -> work.withTools(new Tools("", paper, pen))));
    }

    @Test
    void jobsOnTheSamePaperWithTheSamePenComeFirst() {
        Job paper = drawn("paper", "Card", "Fine liner");
        Job other = drawn("other", "Rough", "Chalk");
        Job both = drawn("both", "card", "Brush pen");
        assertThat(TakeOver.alike(new Tools("", "Card", "Brush pen"), List.of(paper, other, both)))
                .extracting(Job::title)
                .containsExactly("both", "paper");
        assertThat(TakeOver.alike(Tools.UNKNOWN, List.of(paper, other, both))).isEmpty();
    }

    @Test
    void whatPaperAndPenDecideIsTakenOverAndNothingElse() {
        Job from = Jobs.coloured().withRecipe(Recipes.full());
        from =
                from.withLine(from.line().withMaxErrorPx(0.7))
                        .withClose(from.close().withGapMm(1.5));
        Job job = Jobs.coloured().withTitle("Mine");
        Job next = TakeOver.settings(job, from);
        assertThat(next.recipe().light()).isEqualTo(Recipes.full().light());
        assertThat(next.recipe().specks()).isEqualTo(Recipes.full().specks());
        assertThat(next.recipe().frame().crop()).isEqualTo(job.recipe().frame().crop());
        assertThat(next.recipe().masks()).as("they belong to one sheet").isEmpty();
        assertThat(next.line().maxErrorPx()).isEqualTo(0.7);
        assertThat(next.line().edits()).isEmpty();
        assertThat(next.close().gapMm()).isEqualTo(1.5);
        assertThat(next.fills()).isEqualTo(job.fills());
        assertThat(next.title()).isEqualTo("Mine");
    }

    private Path photo(int width, int height, boolean noisy) throws IOException {
        BufferedImage image = Pictures.plain(width, height, BufferedImage.TYPE_INT_RGB, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(200, 40, 30));
        g.fillRect(width / 4, height / 4, width / 2, height / 2);
        g.dispose();
        Random random = new Random(3);
        for (int i = 0; noisy && i < width * height; i++) {
            image.setRGB(i % width, i / width, random.nextInt(0x1000000));
        }
        Path file = folder.resolve("photo.png");
        Files.write(file, Pictures.png(image, 300));
        return file;
    }

    /** Read back by the JDK. */
    @Test
    void aPhotoIsKeptSmallInItsColours() throws IOException {
        Snapshot small = SnapshotTaker.take(photo(2400, 1200, false));
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(small.jpeg()));
        assertThat(read.getWidth()).isEqualTo(900);
        assertThat(read.getHeight()).isEqualTo(450);
        Color middle = new Color(read.getRGB(450, 225));
        assertThat(middle.getRed()).isBetween(190, 210);
        assertThat(middle.getGreen()).isBetween(30, 50);
        Snapshot tiny = SnapshotTaker.take(photo(40, 3, false));
        assertThat(ImageIO.read(new ByteArrayInputStream(tiny.jpeg())).getWidth()).isEqualTo(40);
    }

    @Test
    void aPhotoThatHardlyShrinksIsMadeSmallerUntilItDoes() throws IOException {
        Snapshot noise = SnapshotTaker.take(photo(2000, 2000, true));
        assertThat(noise.jpeg().length).isBetween(1000, Snapshot.MOST_BYTES);
    }

    @Test
    void whatIsNoPictureIsRefused() throws IOException {
        Path file = folder.resolve("a.png");
        Files.writeString(file, "no picture");
        assertThatThrownBy(() -> SnapshotTaker.take(file)).isInstanceOf(PictureException.class);
    }
}
