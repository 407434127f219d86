package neattrace.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.pipeline.Pipeline;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMotif;
import org.junit.jupiter.api.Test;

/** What is decided by itself mends slips and takes nothing that was drawn. */
class KeptDrawingTest {

    /** The seal's eyes: blacks that touch the rings round them, with light in them. */
    @Test
    void blacksThatTouchALineAreNoBlots() throws IOException {
        ScanSettings scan = SkerryMotif.SEAL.everydayScan();
        byte[] png =
                StandInScanner.png(StandInScanner.scan(SkerryMotif.SEAL.draw(), scan), scan.ppi());
        Job plain = Job.of(new Source("seal.png", png));
        Job job = plain.withGoods(plain.goods().with(UsualGoods.of(GoodsKind.STICKER)));
        Pipeline pipeline = new Pipeline();
        InkMap before = pipeline.run(job, Progress.SILENT).traced().ink();
        InkMap after =
                Proposer.propose(pipeline, job, Optional.empty(), Set.of(), Progress.SILENT)
                        .drawing()
                        .traced()
                        .ink();
        int ink = 0;
        int gone = 0;
        for (int i = 0; i < before.coverage().length; i++) {
            ink += before.isInk(i) ? 1 : 0;
            gone += before.isInk(i) && !after.isInk(i) ? 1 : 0;
        }
        assertThat((double) gone / ink).isLessThan(0.001);
    }
}
