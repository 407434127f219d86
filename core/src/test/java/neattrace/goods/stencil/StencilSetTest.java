package neattrace.goods.stencil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.geom.Transforms;
import neattrace.goods.Costs;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.PrintLayer;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Stencils of a job: what is made again and what is not, and what a sheet for each colour has. */
@Tag("thorough")
class StencilSetTest {

    private static final Job PLAIN = Jobs.plain();

    private final Pipeline pipeline = new Pipeline();

    private static Job wanting(Job job, UnaryOperator<StencilRecipe> change) {
        Job with = job.withGoods(job.goods().with(UsualGoods.of(GoodsKind.CUT_STENCIL)));
        return with.changed(
                1,
                one ->
                        one.withMaking(
                                one.making().withStencil(change.apply(one.making().stencil()))));
    }

    private StencilSet set(Job job) throws IOException {
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        return StencilSet.of(pipeline, drawing, wanted(job), Progress.SILENT);
    }

    private static WantedGoods wanted(Job job) {
        return job.goods().of(1).orElseThrow();
    }

    @Test
    void whatItCostsChangesNoStencil() throws IOException {
        Job job = wanting(PLAIN, one -> one);
        StencilSet before = set(job);
        Job dearer = job.changed(1, one -> one.withCosts(Costs.UNKNOWN.withMaterial(7)));
        assertThat(set(dearer)).isSameAs(before);
    }

    @Test
    void otherTiesLeaveTheSheetAsItIs() throws IOException {
        StencilSet before = set(wanting(PLAIN, one -> one));
        StencilSet after = set(wanting(PLAIN, one -> one.withTieMm(4)));
        assertThat(after).isNotSameAs(before);
        assertThat(after.sheets().get(0).untied()).isSameAs(before.sheets().get(0).untied());
        assertThat(after.sheets().get(0).stencil().ties()).allMatch(tie -> tie.widthMm() == 4);
    }

    @Test
    void otherIslandsThatFallOutAreLookedForAnew() throws IOException {
        StencilSet before = set(wanting(PLAIN, one -> one));
        StencilSet after = set(wanting(PLAIN, one -> one.withDropMm2(10_000)));
        assertThat(after.sheets().get(0).untied()).isNotSameAs(before.sheets().get(0).untied());
        assertThat(after.sheets().get(0).stencil().islands())
                .hasSizeLessThan(before.sheets().get(0).stencil().islands().size());
        assertThat(after.sheets().get(0).stencil().dropped()).isNotEmpty();
    }

    /** Made by hand from the start it is the same as what was taken over in part. */
    @Test
    void whatIsTakenOverIsWhatIsMadeAnew() throws IOException {
        Job thin = wanting(PLAIN, one -> one.withTieMm(1.5).withThickened(true));
        set(wanting(PLAIN, one -> one));
        StencilSet quick = set(thin);
        StencilSet fresh =
                StencilSet.of(
                        new Pipeline().run(thin, Progress.SILENT), wanted(thin), Progress.SILENT);
        CutStencil one = quick.sheets().get(0).stencil();
        CutStencil other = fresh.sheets().get(0).stencil();
        assertThat(one.cut().symDifference(other.cut()).getArea()).isLessThan(1e-6);
        assertThat(one.ties()).hasSameSizeAs(other.ties());
        assertThat(one.webs()).isEqualTo(other.webs());
    }

    @Test
    void eachColourHasASheetWithCornersByWhichTheyLieOverOneAnother() throws IOException {
        Job job = wanting(Jobs.coloured(), one -> one.withAway(StencilRecipe.Away.SWATCHES));
        StencilSet set = set(job);
        assertThat(set.hasRegister()).isTrue();
        assertThat(set.sheets())
                .extracting(StencilSet.Named::name)
                .containsExactlyInAnyOrder(Jobs.INNER.name(), Jobs.OUTER.name());
        List<PrintPlan> plans = StencilPlan.of(set, "Target", PressProfile.bundled());
        assertThat(plans).hasSize(2);
        for (PrintPlan plan : plans) {
            PrintLayer cut = plan.of(PrintLayer.Kind.TECHNICAL).get(0);
            // Four corners beside what is cut for the colour.
            assertThat(cut.objects().size()).isGreaterThanOrEqualTo(5);
        }
    }

    @Test
    void withoutColoursThereIsNoSheetForAny() throws IOException {
        StencilSet set = set(wanting(PLAIN, one -> one.withAway(StencilRecipe.Away.SWATCHES)));
        assertThat(set.sheets()).isEmpty();
        assertThat(StencilFacts.of(set).findings())
                .extracting(one -> one.kind())
                .containsExactly("no-colours");
        assertThat(StencilPlan.of(set, "Target", PressProfile.bundled())).isEmpty();
    }

    @Test
    void placesLieOnTheSheetAndBack() throws IOException {
        StencilSet set = set(wanting(PLAIN, one -> one));
        Point at = new Point(7, 12);
        Point there = Transforms.apply(set.onSheet(), at);
        assertThat(set.onDrawing(there).distance(at)).isCloseTo(0, within(1e-9));
        assertThat(there.distance(at)).isGreaterThan(1);
    }

    @Test
    void tiesByHandThatRunNowhereAreKnown() throws IOException {
        TieChoice off = new TieChoice(new Point(500, 500), true);
        TieChoice refused = new TieChoice(new Point(500, 400), false);
        StencilSet set = set(wanting(PLAIN, one -> one.withTies(List.of(off, refused))));
        assertThat(set.adrift()).containsExactly(off);
        assertThat(StencilFacts.of(set).lines()).anyMatch(line -> line.contains("run nowhere"));
    }
}
