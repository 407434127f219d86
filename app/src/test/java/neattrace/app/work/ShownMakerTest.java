package neattrace.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.raster.PngFile;
import neattrace.region.Join;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Test;

class ShownMakerTest {

    private final Pipeline pipeline = new Pipeline();
    private final ShownMaker maker = new ShownMaker(pipeline, (job, art) -> {});

    /** A box of 20 mm at 100 ppi. */
    private static Job box() throws Exception {
        BufferedImage image = new BufferedImage(120, 120, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 120, 120);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(4));
        g.drawRect(20, 20, 80, 80);
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        PngFile.write(image, 100, png);
        return Job.of(new Source("box.png", png.toByteArray()));
    }

    private final Sitting of = new Sitting();

    private static Job parted(Job job) {
        Join wall = new Join(List.of(new Point(15.24, 4), new Point(15.24, 26)));
        return job.withClose(job.close().withJoins(List.of(wall)));
    }

    @Test
    void whatHasBeenWorkedOutIsNotComputedAgain() throws Exception {
        Shown base = maker.make(of, box(), null, Progress.SILENT);
        Job parted = parted(base.drawing().job());
        Pipeline apart = pipeline.apart();
        Drawing known = apart.run(parted, Progress.SILENT);
        pipeline.takeOver(apart);
        List<String> steps = new ArrayList<>();
        Shown next = maker.make(of, parted, base, (step, share) -> steps.add(step));
        assertThat(next.drawing().tree()).isSameAs(known.tree());
        assertThat(next.drawing().areas().enclosed()).hasSize(2);
        assertThat(steps).doesNotContain("Measuring the free paper");
    }

    @Test
    void whatWasTriedApartIsOfNoMatter() throws Exception {
        Shown base = maker.make(of, box(), null, Progress.SILENT);
        pipeline.apart().run(parted(base.drawing().job()), Progress.SILENT);
        Shown next = maker.make(of, base.drawing().job().withTitle("Other"), base, Progress.SILENT);
        assertThat(next.drawing().tree()).isSameAs(base.drawing().tree());
        assertThat(next.drawing().areas().enclosed()).hasSize(1);
    }
}
