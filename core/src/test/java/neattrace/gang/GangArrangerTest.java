package neattrace.gang;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.flat.Swatch;
import neattrace.goods.nest.NestWish;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.StickerSheet;
import neattrace.inspection.GangInspection;
import neattrace.job.Job;
import neattrace.job.file.JobFile;
import neattrace.job.log.Tools;
import neattrace.press.Lab;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.DistanceOp;

/**
 * Sheets of drawings that lie in files: loading, arranging, making room, and what is found.
 * Distances are those of the JTS Topology Suite.
 */
@Tag("thorough")
class GangArrangerTest {

    /** Few rounds, so that it comes out the same however busy the machine is. */
    private static final NestWish SHORT = new NestWish(24, false, 1, 600, 2);

    @TempDir static Path folder;

    private static Path target;
    private static Path picture;
    private static final GangLoader LOADER = new GangLoader();

    @BeforeAll
    static void draw() throws IOException {
        target = folder.resolve("target.ntjob");
        JobFile.save(target, Jobs.coloured(), new byte[0]);
        picture = Files.write(folder.resolve("rings.png"), Pictures.png(Jobs.target(), 300));
    }

    /** Four targets and two pictures on 120 x 120 mm. */
    private static GangSheet sheet() {
        GangSheet sheet =
                GangSheet.EMPTY
                        .withLayout(SheetLayout.USUAL.withSize(120, 120).withGapMm(4))
                        .withTurns(4)
                        .with(target)
                        .with(picture);
        return sheet.with(sheet.drawings().get(0).withCopies(4).withWidthMm(24))
                .with(sheet.drawings().get(1).withCopies(2).withWidthMm(20));
    }

    private static List<GangSticker> load(GangSheet sheet) {
        return LOADER.load(sheet, Progress.SILENT);
    }

    private static GangSheet arranged(GangSheet sheet) {
        return GangArranger.arrange(sheet, load(sheet), SHORT, found -> {}, Progress.SILENT);
    }

    private static double nearest(GangSheet sheet) {
        StickerSheet laid = GangArranger.laid(sheet, load(sheet));
        List<Polygon> shapes = laid.nest().laid().stream().map(laid.nest()::shape).toList();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < shapes.size(); i++) {
            for (int j = 0; j < i; j++) {
                least = Math.min(least, DistanceOp.distance(shapes.get(i), shapes.get(j)));
            }
        }
        return least;
    }

    private static List<String> kinds(GangSheet sheet) {
        return GangInspection.of(sheet, load(sheet)).groups().stream()
                .map(group -> group.kind().key())
                .toList();
    }

    @Test
    void widthsAreThoseOfTheFinishedStickers() {
        List<GangSticker> made = load(sheet());
        assertThat(made.get(0).title()).isEqualTo("Target <A&B>");
        assertThat(made.get(0).sticker().orElseThrow().area().getEnvelopeInternal().getWidth())
                .isCloseTo(24, within(0.15));
        assertThat(made.get(1).sticker().orElseThrow().area().getEnvelopeInternal().getWidth())
                .isCloseTo(20, within(0.15));
    }

    @Test
    void allThatIsAskedForLiesApartAndInOrder() {
        GangSheet done = arranged(sheet());
        assertThat(done.places()).extracting(GangPlace::drawing).containsOnly(1, 2).hasSize(6);
        assertThat(nearest(done)).isGreaterThan(3.98);
        assertThat(kinds(done)).isEmpty();
        assertThat(done).isEqualTo(arranged(sheet()));
    }

    @Test
    void fillingAddsCopiesRoundWhatIsPinned() {
        GangSheet start = arranged(sheet());
        GangPlace pinned = start.places().get(2).moved(60, 60);
        GangSheet full = arranged(start.with(2, pinned).withAim(GangAim.FILL).withTurns(1));
        assertThat(full.places()).contains(pinned);
        assertThat(full.places().size()).isGreaterThan(8);
        assertThat(nearest(full)).isGreaterThan(3.98);
    }

    @Test
    void onlyThoseInTheWayMakeRoomAndTheOrderStays() {
        GangSheet start = arranged(sheet());
        GangPlace onto = start.places().get(0);
        GangSheet moved = start.with(5, start.places().get(5).moved(onto.xMm(), onto.yMm()));
        assertThat(kinds(moved)).contains("sheet-cuts-near");
        GangSheet done = GangArranger.makeRoom(moved, load(moved), SHORT, Progress.SILENT);
        assertThat(done.places().get(5)).isEqualTo(moved.places().get(5));
        assertThat(done.places().get(0)).isNotEqualTo(start.places().get(0));
        assertThat(done.places().subList(1, 5)).isEqualTo(start.places().subList(1, 5));
        assertThat(done.places()).extracting(GangPlace::drawing).containsExactly(1, 1, 1, 1, 2, 2);
        assertThat(done.pinned()).isEqualTo(1);
        assertThat(nearest(done)).isGreaterThan(3.98);
        assertThat(GangArranger.makeRoom(done, load(done), SHORT, Progress.SILENT)).isEqualTo(done);
    }

    @Test
    void twoPinnedOnEachOtherStopTheSheetAndTheAnswerMakesRoom() {
        GangSheet start = arranged(sheet());
        GangPlace onto = start.places().get(0).withPinned(true);
        GangSheet moved =
                start.with(0, onto)
                        .with(1, start.places().get(1).moved(onto.xMm() + 5, onto.yMm()));
        GangSheet same = GangArranger.makeRoom(moved, load(moved), SHORT, Progress.SILENT);
        assertThat(same.places().subList(0, 2)).isEqualTo(moved.places().subList(0, 2));
        assertThat(kinds(same)).contains("sheet-cuts-near");
    }

    @Test
    void whatReachesIntoTheRimIsToldOf() {
        GangSheet start = arranged(sheet());
        GangSheet moved = start.with(0, start.places().get(0).moved(9, 60));
        assertThat(kinds(moved)).contains("sheet-cut-outside");
    }

    @Test
    void tooManyAreToldAndTheRestLies() {
        GangSheet many = sheet();
        many = many.with(many.drawings().get(0).withCopies(40));
        GangSheet done = arranged(many);
        assertThat(done.places().size()).isBetween(9, 30);
        assertThat(kinds(done)).contains("sheet-left-over");
    }

    @Test
    void aChangedDrawingIsToldOfAndAGoneOneKeepsItsPlaces() throws IOException {
        Path own = folder.resolve("own.ntjob");
        JobFile.save(own, Jobs.coloured(), new byte[0]);
        GangSheet sheet =
                arranged(
                        GangSheet.EMPTY
                                .withLayout(SheetLayout.USUAL.withSize(120, 120))
                                .with(own)
                                .with(picture));
        assertThat(kinds(sheet)).isEmpty();

        // Saved again with nothing but time logged it is the same drawing.
        Job worked = Jobs.coloured();
        Tools tools = new Tools("flatbed", "paper", "pen");
        JobFile.save(
                own,
                worked.withLog(worked.log().withWork(work -> work.withTools(tools))),
                new byte[0]);
        assertThat(kinds(sheet)).isEmpty();

        JobFile.save(own, Jobs.plain(), new byte[0]);
        assertThat(kinds(sheet)).containsExactly("sheet-drawing-changed");

        Files.delete(own);
        assertThat(kinds(sheet)).containsExactly("sheet-drawing-missing");
        GangSheet again = arranged(sheet);
        assertThat(again.places()).extracting(GangPlace::drawing).contains(1);

        Files.writeString(own, "no job");
        assertThat(kinds(sheet)).containsExactly("sheet-drawing-unreadable");
    }

    @Test
    void aDrawingWithoutInkIsToldOfAndTheOthersLie() throws IOException {
        Path bare = folder.resolve("bare.png");
        Files.write(
                bare,
                Pictures.png(
                        Pictures.plain(200, 200, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF), 300));
        GangSheet sheet = arranged(sheet().with(bare));
        assertThat(kinds(sheet)).containsExactly("sheet-drawing-unreadable");
        assertThat(sheet.places()).hasSize(6);
    }

    @Test
    void aStickerLargerThanTheSheetIsLeftOver() {
        GangSheet large = sheet();
        large = large.with(large.drawings().get(0).withCopies(1).withWidthMm(200));
        GangSheet done = arranged(large);
        assertThat(done.places()).extracting(GangPlace::drawing).containsOnly(2);
        assertThat(kinds(done)).contains("sheet-left-over");
    }

    @Test
    void wordsThatStandNowhereAreToldUntilThereIsRoomOrTheyAreLeft() {
        GangSheet sheet = arranged(sheet()).withTitle("Gulls and boats");
        assertThat(kinds(sheet)).containsExactly("sheet-words-nowhere");
        Finding found = GangInspection.of(sheet, load(sheet)).groups().get(0).findings().get(0);
        for (Answer answer : found.answers()) {
            GangSheet answered = ((Answer.OnSheet) answer).changing().apply(sheet);
            assertThat(kinds(answered)).as(answer.label()).doesNotContain("sheet-words-nowhere");
        }
        GangSheet shop = sheet().withLayout(sheet().layout().withShop("Skerry Mail"));
        assertThat(kinds(shop)).contains("sheet-words-nowhere");
    }

    /** A sheet that was filled may have more than anybody asks for; it is laid as it lies. */
    @Test
    void moreThanAThousandOfOneLieWhereTheyWereLaid() {
        List<GangPlace> places = new ArrayList<>();
        for (int i = 0; i < 1200; i++) {
            places.add(new GangPlace(1, 30 * (i % 40), 30 * (i / 40), 0, false));
        }
        places.add(new GangPlace(2, 20, 1000, 0, false));
        GangSheet many =
                sheet().withLayout(SheetLayout.USUAL.withSize(1200, 1100)).withPlaces(places);
        StickerSheet laid = GangArranger.laid(many, load(many));
        assertThat(laid.nest().laid()).hasSize(1201);
        assertThat(laid.item(laid.nest().laid().get(1200)).name()).isEqualTo("rings");
    }

    @Test
    void aThousandCopiesThatFindNoRoomAreToldAtOnce() {
        GangSheet many = sheet();
        many = many.with(many.drawings().get(0).withCopies(1000));
        long asked = 1002;
        GangSheet done = arranged(many);
        assertThat(done.places()).hasSizeBetween(4, 40);
        assertThat(GangArranger.laid(done, load(done)).nest().left().size() + done.places().size())
                .isEqualTo((int) asked);
    }

    /** Presses know inks by their names alone. */
    @Test
    void inksOfOneNameThatWereMeasuredOtherwiseAreTold() throws IOException {
        List<Path> files = new ArrayList<>();
        for (double light : new double[] {30, 60}) {
            Job job = Jobs.coloured();
            List<Swatch> swatches = new ArrayList<>(job.swatches());
            swatches.set(0, swatches.get(0).withSpot(Optional.of(new Lab(light, -20, -20))));
            Path file = folder.resolve("ink" + light + ".ntjob");
            JobFile.save(file, job.withSwatches(swatches), new byte[0]);
            files.add(file);
        }
        GangSheet two = GangSheet.EMPTY.with(files.get(0)).with(files.get(1));
        assertThat(kinds(two)).contains("sheet-inks-differ");
        GangSheet same = GangSheet.EMPTY.with(files.get(0)).with(files.get(0));
        assertThat(kinds(same)).doesNotContain("sheet-inks-differ");
    }

    @Test
    void betterOnesAreToldWhileItGoesOn() {
        List<Integer> counts = new ArrayList<>();
        GangSheet sheet = sheet().withAim(GangAim.FILL);
        GangArranger.arrange(
                sheet,
                load(sheet),
                SHORT,
                found -> counts.add(found.places().size()),
                Progress.SILENT);
        assertThat(counts).isNotEmpty().isSorted();
    }
}
