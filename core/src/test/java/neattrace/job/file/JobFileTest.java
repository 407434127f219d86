package neattrace.job.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import neattrace.flat.AreaGroup;
import neattrace.flat.Colourway;
import neattrace.flat.Fill;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.Costs;
import neattrace.goods.FileUse;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.Pull;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.Makings;
import neattrace.goods.making.Motif;
import neattrace.goods.making.PageMend;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.goods.making.TransferRecipe;
import neattrace.goods.making.WrapRecipe;
import neattrace.job.BriefSection;
import neattrace.job.ColourSection;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.KeptFields;
import neattrace.job.Lettering;
import neattrace.job.LogSection;
import neattrace.job.PressSection;
import neattrace.job.Reference;
import neattrace.job.Settled;
import neattrace.job.SheetSection;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.WrittenFile;
import neattrace.job.log.Drivers;
import neattrace.job.log.Estimate;
import neattrace.job.log.Proof;
import neattrace.job.log.Snapshot;
import neattrace.job.log.Tools;
import neattrace.job.log.WorkLog;
import neattrace.job.log.WorkStage;
import neattrace.job.log.WorkedTime;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackSchool;
import neattrace.press.separate.OneColourRecipe;
import neattrace.press.separate.Tone;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.Mend;
import neattrace.region.OpenLine;
import neattrace.testing.Profiles;
import neattrace.testing.Recipes;
import org.assertj.core.api.recursive.comparison.RecursiveComparisonConfiguration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class JobFileTest {

    private static final byte[] SOURCE = new byte[5000];

    static {
        for (int i = 0; i < SOURCE.length; i++) {
            SOURCE[i] = (byte) (i * 31 >> 3);
        }
    }

    private static final Job JOB =
            new Job(
                    "Möwe & Co. «3»",
                    new Source("Möwe 3.png", SOURCE),
                    new BriefSection(
                            "Krämerei “Zur Möwe”",
                            Optional.of(LocalDate.of(2028, 2, 29)),
                            3,
                            List.of(
                                    new Reference("own photo", "", Reference.Use.OWN),
                                    new Reference(
                                            "postcard",
                                            "a museum",
                                            Reference.Use.UNKNOWN,
                                            new Snapshot(new byte[] {-1, -40, 0, 7}))),
                            List.of(Lettering.between(new Point(9, 8), new Point(5, 6.5)))),
                    new SheetSection(412.5, Recipes.full().withInkPercent(41.25)),
                    Recipes.lines(),
                    new CloseSettings(
                            0.8,
                            List.of(new Point(1.25, 2)),
                            List.of(new Point(30, 4.125)),
                            List.of(new OpenLine(List.of(new Point(7, 8), new Point(9, 8)), 0.5)),
                            List.of(
                                    Join.over(
                                            new Point(1, 2),
                                            new Point(1.5, 2.5),
                                            new Point(2, 3.25))),
                            List.of(
                                    new Join(
                                            List.of(
                                                    new Point(3, 3),
                                                    new Point(4, 4.5),
                                                    new Point(5, 5),
                                                    new Point(6.25, 5)))),
                            2.5,
                            Mend.RUN_PAST),
                    new ColourSection(
                            new Palette(
                                    List.of(
                                            new Swatch(4, "Gorse", new Cmyk(0, 22, 84, 0))
                                                    .withGroup("Heath")
                                                    .withLocked(true),
                                            new Swatch(9, "Slate", new Cmyk(58, 34.5, 22, 8))
                                                    .withTone(new Swatch.Tone(4, false))
                                                    .withSpot(Optional.of(new Lab(52.5, -4, -11)))),
                                    List.of(
                                            new Colourway(
                                                    "Night",
                                                    Map.of(
                                                            4,
                                                            Colourway.Ink.of(
                                                                    new Cmyk(40, 30, 20, 10))))),
                                    0,
                                    12),
                            List.of(
                                    new Fill(new Point(10.123456789, 20), 4),
                                    new Fill(new Point(5, 5), Fill.PAPER)),
                            List.of(
                                    new AreaGroup(
                                            "Petals", List.of(new Point(1, 1.5), new Point(2, 9)))),
                            Recipes.flats()),
                    new PressSection(
                            BlackSchool.AS_DRAWN,
                            new Cmyk(50, 30, 20, 0),
                            0.9,
                            List.of(
                                    new BlackChoice(new Point(7, 8), true),
                                    new BlackChoice(new Point(9, 8), false)),
                            true,
                            0.15,
                            false,
                            0.25,
                            280,
                            List.of(new Point(3, 4)),
                            Profiles.other(),
                            Map.of(2, 1),
                            Set.of(3),
                            List.of("Cyan", "Night / 2", "Black"),
                            new OneColourRecipe(
                                    true,
                                    OneColourRecipe.Style.HATCHING,
                                    List.of(
                                            new OneColourRecipe.Toned(
                                                    new Point(5, 6), Tone.DARK)))),
                    GoodsSection.UNDECIDED
                            .with(UsualGoods.of(GoodsKind.STICKER))
                            .with(UsualGoods.of(GoodsKind.SHIRT).withName("Tuesday market"))
                            .without(1)
                            .with(
                                    new WantedGoods(
                                            2,
                                            UsualGoods.of(GoodsKind.SHIRT).withName("Totes"),
                                            false,
                                            40,
                                            "Harbour Press",
                                            true,
                                            new Costs(
                                                    12, 8.5, 320, 450, 3, 1.2, 2, 0.5, 30, 4.9, 60),
                                            new Makings(
                                                    StickerRecipe.USUAL
                                                            .withCut(
                                                                    CutRecipe.USUAL
                                                                            .withRadiusMm(1.5)
                                                                            .withJoinMm(4)
                                                                            .withHoles(true)
                                                                            .withLoose(
                                                                                    Loose.BRIDGE))
                                                            .withEnclosed(false)
                                                            .withBorder(new Cmyk(1, 2, 3, 4))
                                                            .withCarried(true)
                                                            .withBackingMm(5)
                                                            .withPulls(
                                                                    List.of(
                                                                            new Pull(
                                                                                    new Point(1, 2),
                                                                                    new Point(
                                                                                            3,
                                                                                            4)))),
                                                    new PageRecipe(
                                                            14,
                                                            true,
                                                            PageRecipe.Tint.UMBER,
                                                            45,
                                                            true,
                                                            false,
                                                            true,
                                                            PageRecipe.Pencil.BRUSH,
                                                            List.of(
                                                                    new PageMend(
                                                                            new Point(3, 4.5),
                                                                            PageMend.How.OPEN))),
                                                    new TransferRecipe(
                                                            0.7,
                                                            1.2,
                                                            List.of(new Point(1, 1)),
                                                            List.of(new Point(2, 2.25)),
                                                            true,
                                                            TransferRecipe.Colour.BLUE,
                                                            148,
                                                            210,
                                                            8,
                                                            true),
                                                    new StencilRecipe(
                                                            StencilRecipe.Away.SWATCHES,
                                                            3,
                                                            List.of(
                                                                    new TieChoice(
                                                                            new Point(7, 8), true),
                                                                    new TieChoice(
                                                                            new Point(9, 8),
                                                                            false)),
                                                            2.5,
                                                            true),
                                                    new ClothRecipe(
                                                            ClothRecipe.Place.LEFT_CHEST,
                                                            ClothRecipe.Size.XXL,
                                                            185,
                                                            "S. Kerry",
                                                            Optional.of(new Point(5, 6)),
                                                            3.5,
                                                            true),
                                                    new WrapRecipe(
                                                            List.of(
                                                                    new Motif(
                                                                            0, 60, 45, 70, 12,
                                                                            true)),
                                                            90,
                                                            true)),
                                            List.of(FileUse.ORA, FileUse.PDF))),
                    new LogSection(
                            List.of(
                                    Settled.whole("sheet", "tilt"),
                                    new Settled("press", "speck", new Point(12, 30.5))),
                            List.of(
                                    new WrittenFile(
                                            FileUse.SVG,
                                            2,
                                            "a.svg",
                                            LocalDateTime.of(2027, 3, 1, 14, 2),
                                            "00")),
                            new WorkLog(
                                    new Tools("Flatbed", "Card 250 g", "Brush pen"),
                                    List.of(
                                            new WorkedTime(
                                                    "line", LocalDate.of(2027, 2, 27), 4210)),
                                    Map.of(WorkStage.INKS, 5.5),
                                    Optional.of(new Drivers(8210.5, 84, 2, 3, 4)),
                                    List.of(new Estimate(WorkStage.LINES, 0.25, 0.5, 1.25))),
                            List.of(
                                    new Proof(
                                            LocalDate.of(2027, 3, 4),
                                            2,
                                            Set.of(Proof.Fault.HALO, Proof.Fault.BLACK_WEAK),
                                            "Grey on “green”",
                                            "rich black",
                                            new Snapshot(new byte[] {1, 2, 3})))),
                    KeptFields.NONE);

    /** One of everything that can be decided about lines. */
    @TempDir private Path folder;

    private Path file;

    /** A profile is its bytes; what the platform makes of them has no equals. */
    private static final RecursiveComparisonConfiguration BY_FIELDS =
            RecursiveComparisonConfiguration.builder()
                    .withEqualsForType(PressProfile::equals, PressProfile.class)
                    .build();

    @BeforeEach
    void save() throws IOException {
        file = folder.resolve("job" + JobFile.ENDING);
        JobFile.save(file, JOB, new byte[] {(byte) 0x89, 'P', 'N', 'G'});
    }

    @Test
    void everythingComesBackToTheLastBit() throws IOException {
        Job opened = JobFile.open(file);
        assertThat(opened.source().bytes()).isEqualTo(SOURCE);
        assertThat(opened).usingRecursiveComparison(BY_FIELDS).isEqualTo(JOB);
    }

    @Test
    void isAZipWithWhatTheFormatSays() throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            assertThat(zip.stream().map(ZipEntry::getName))
                    .containsExactly("job.json", "source/Möwe 3.png", "preview.png");
            String json =
                    new String(
                            zip.getInputStream(zip.getEntry("job.json")).readAllBytes(),
                            StandardCharsets.UTF_8);
            assertThat(json).contains("\"format\" : \"neat-trace-job\"", "\"version\" : 12");
        }
    }

    @Test
    void savingAgainReplaces() throws IOException {
        JobFile.save(file, JOB.withTitle("Second"), new byte[0]);
        assertThat(JobFile.open(file).title()).isEqualTo("Second");
    }

    @Test
    void aSaveThatFailsLeavesTheOldJob() {
        assertThatThrownBy(() -> JobFile.save(folder.resolve("no/job.ntjob"), JOB, new byte[0]))
                .isInstanceOf(IOException.class);
        assertThat(file).exists();
    }

    @Test
    void cutShortAtAnyPlaceItIsRefused() throws IOException {
        byte[] whole = Files.readAllBytes(file);
        for (int length = 0; length < whole.length; length += whole.length / 40) {
            Path cut = folder.resolve("cut.ntjob");
            Files.write(cut, Arrays.copyOf(whole, length));
            assertThatThrownBy(() -> JobFile.open(cut))
                    .as("%d of %d bytes", length, whole.length)
                    .isInstanceOf(JobFileException.class)
                    .hasMessageContaining("cut.ntjob");
        }
    }

    @Test
    void aFlippedBitIsEitherHarmlessOrRefused() throws IOException {
        byte[] whole = Files.readAllBytes(file);
        for (int at = 0; at < whole.length; at += 101) {
            byte[] damaged = whole.clone();
            damaged[at] ^= 0x10;
            Path bad = folder.resolve("bad.ntjob");
            Files.write(bad, damaged);
            try {
                assertThat(JobFile.open(bad).source().bytes()).hasSize(SOURCE.length);
            } catch (JobFileException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    /** A job file with some entries taken away, changed or added. */
    private Path altered(Map<String, byte[]> changes) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipFile zip = new ZipFile(file.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                entries.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
            }
        }
        changes.forEach(
                (name, bytes) -> {
                    if (bytes == null) {
                        entries.remove(name);
                    } else {
                        entries.put(name, bytes);
                    }
                });
        Path path = folder.resolve("altered.ntjob");
        try (OutputStream out = Files.newOutputStream(path);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        }
        return path;
    }

    private static Map<String, byte[]> change(String name, byte[] bytes) {
        Map<String, byte[]> change = new LinkedHashMap<>();
        change.put(name, bytes);
        return change;
    }

    private Path withJson(String from, String to) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            String json =
                    new String(
                            zip.getInputStream(zip.getEntry("job.json")).readAllBytes(),
                            StandardCharsets.UTF_8);
            assertThat(json).contains(from);
            return altered(
                    change("job.json", json.replace(from, to).getBytes(StandardCharsets.UTF_8)));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"job.json", "source/Möwe 3.png"})
    void aMissingEntryIsNamed(String name) throws IOException {
        Path path = altered(change(name, null));
        assertThatThrownBy(() -> JobFile.open(path))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining(name)
                .hasMessageContaining("missing");
    }

    @Test
    void aMissingPreviewIsNoHarm() throws IOException {
        assertThat(JobFile.open(altered(change("preview.png", null))).title())
                .isEqualTo(JOB.title());
    }

    @Test
    void anUnknownVersionIsNamedWithTheKnownOne() throws IOException {
        Path path = withJson("\"version\" : 12", "\"version\" : 13");
        assertThatThrownBy(() -> JobFile.open(path))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("version 13")
                .hasMessageContaining("up to 12");
    }

    /** Written by a program that knows more: kept through changes and written back. */
    @Test
    void unknownFieldsOfTheSameVersionAreKept() throws IOException {
        Path path =
                withJson(
                        "\"press\" : {",
                        "\"moon\" : { \"phase\" : [ 1, 2 ] }, \"press\" : { \"varnish\" : \"matt\",");
        Job opened = JobFile.open(path);
        assertThat(opened.withKept(KeptFields.NONE))
                .usingRecursiveComparison(BY_FIELDS)
                .isEqualTo(JOB);
        JobFile.save(path, opened.withTitle("Changed"), new byte[0]);
        String json = json(path);
        assertThat(json).contains("\"varnish\" : \"matt\"", "\"phase\" : [ 1, 2 ]", "Changed");
        ObjectMapper mapper = new ObjectMapper();
        assertThat(mapper.readTree(JobFile.open(path).kept().json()))
                .isEqualTo(mapper.readTree(opened.kept().json()));
    }

    private static String json(Path path) throws IOException {
        try (ZipFile zip = new ZipFile(path.toFile())) {
            return new String(
                    zip.getInputStream(zip.getEntry("job.json")).readAllBytes(),
                    StandardCharsets.UTF_8);
        }
    }

    @Test
    void damagedValuesAreRefusedWithTheirName() throws IOException {
        assertRefused(withJson("\"inkPercent\" : 41.25", "\"inkPercent\" : \"much\""));
        assertRefused(withJson("\"inkPercent\" : 41.25", "\"inkPercent\" : 300"));
        assertRefused(withJson("\"reachMm\" : 0.5", "\"reachMm\" : -1"));
        assertRefused(withJson("\"inkPercent\" : 41.25", "\"inkPercent\" : 1e999"));
        assertRefused(withJson("\"method\" : \"ADAPTIVE\"", "\"method\" : \"GUESS\""));
        assertRefused(withJson("\"enlarge\" : 2", "\"enlarge\" : 77"));
        assertRefused(withJson("\"settled\" : [", "\"settled\" : [ 7, "));
        assertRefused(withJson("\"black\" : \"RICH\"", "\"black\" : \"BROWN\""));
        assertRefused(withJson("\"trapMm\" : 0.25", "\"trapMm\" : 6"));
        assertRefused(withJson("\"inkLimit\" : 280", "\"inkLimit\" : 0"));
        assertRefused(withJson("\"profile\" : \"", "\"profile\" : \"!"));
        assertRefused(withJson("\"gapMm\" : 0.8,", ""));
        assertRefused(withJson("\"fills\" : [", "\"fills\" : [ 7, "));
        assertRefused(withJson("neat-trace-job", "another-format"));
        assertRefused(altered(change("job.json", "{".getBytes(StandardCharsets.UTF_8))));
        assertRefused(altered(change("job.json", new byte[0])));
        assertRefused(altered(change("job.json", "[1,2]".getBytes(StandardCharsets.UTF_8))));
    }

    private static void assertRefused(Path path) {
        assertThatThrownBy(() -> JobFile.open(path))
                .isInstanceOf(JobFileException.class)
                .hasMessageMatching("(?s).{10,}");
    }

    @ParameterizedTest
    @ValueSource(strings = {"../evil.sh", "/etc/evil", "source/../../evil", "C:\\evil", "a\\..\\b"})
    void aPathThatClimbsOutIsRefused(String name) throws IOException {
        Path path = altered(change(name, new byte[] {1}));
        assertThatThrownBy(() -> JobFile.open(path))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("unsafe");
    }

    @Test
    void aSourceNamedWithFoldersIsRefused() throws IOException {
        assertRefused(withJson("\"source\" : \"Möwe 3.png\"", "\"source\" : \"../Möwe 3.png\""));
    }

    @Test
    void aBombIsRefusedBeforeItUnpacks() throws IOException {
        // 400 MB of nothing deflate to 400 kB.
        Path path = folder.resolve("bomb.ntjob");
        try (OutputStream out = Files.newOutputStream(path);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("job.json"));
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < 400; i++) {
                zip.write(zeros);
            }
            zip.closeEntry();
        }
        assertThatThrownBy(() -> JobFile.open(path))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("unsafe");
    }

    @Test
    void toManyEntriesAreRefused() throws IOException {
        Map<String, byte[]> many = new LinkedHashMap<>();
        for (int i = 0; i < 200; i++) {
            many.put("extra" + i, new byte[0]);
        }
        Path path = altered(many);
        assertThatThrownBy(() -> JobFile.open(path))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("more entries");
    }

    @Test
    void aMissingFileAndAnotherKindOfFileAreNamed() throws IOException {
        assertThatThrownBy(() -> JobFile.open(folder.resolve("no.ntjob")))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("does not exist");
        Path text = folder.resolve("text.ntjob");
        Files.writeString(text, "not a zip");
        assertRefused(text);
        ByteArrayOutputStream empty = new ByteArrayOutputStream();
        new ZipOutputStream(empty).close();
        Path emptyZip = folder.resolve("empty.ntjob");
        Files.write(emptyZip, empty.toByteArray());
        assertRefused(emptyZip);
    }

    @Test
    void twoSwatchesOfOneNumberAreRefused() throws IOException {
        Path bad = withJson("\"id\" : 9", "\"id\" : 4");
        assertThatThrownBy(() -> JobFile.open(bad))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("two swatches have the number 4");
    }

    @Test
    void placesOutOfReachAreRefused() throws IOException {
        Path bad = withJson("4.125", "4e17");
        assertThatThrownBy(() -> JobFile.open(bad))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("out of reach");
    }

    @Test
    void jsonNestedWithoutEndIsDamagedAndNoCrash() throws IOException {
        byte[] deep = ("{\"a\":".repeat(60_000)).getBytes(StandardCharsets.UTF_8);
        Path bad = altered(change("job.json", deep));
        assertThatThrownBy(() -> JobFile.open(bad)).isInstanceOf(JobFileException.class);
    }

    @Test
    void aFileOutsideIsNeverAskedFor() throws IOException {
        Path bad =
                altered(change("source-beside", "../secret.png".getBytes(StandardCharsets.UTF_8)));
        assertThatThrownBy(() -> JobFile.open(bad))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("unsafe");
    }

    @Test
    void aFolderIsNoJob() {
        assertThatThrownBy(() -> JobFile.open(folder))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("no job file");
    }
}
