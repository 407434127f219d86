package neattrace.job.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import neattrace.flat.AreaGroup;
import neattrace.flat.Colourway;
import neattrace.flat.Fill;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Settled;
import neattrace.job.Source;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.colour.Lab;
import neattrace.raster.reading.Opening;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.OpenLine;
import neattrace.sheet.SheetRecipe;
import neattrace.testing.Recipes;
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
                    412.5,
                    Recipes.full().withInkPercent(41.25),
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
                            2.5),
                    new Palette(
                            List.of(
                                    new Swatch(4, "Gorse", new Cmyk(0, 22, 84, 0))
                                            .withGroup("Heath")
                                            .withLocked(true),
                                    new Swatch(9, "Slate", new Cmyk(58, 34.5, 22, 8))
                                            .withTone(new Swatch.Tone(4, false))
                                            .withSpot(Optional.of(new Lab(52.5, -4, -11)))),
                            List.of(new Colourway("Night", Map.of(4, new Cmyk(40, 30, 20, 10)))),
                            0,
                            12),
                    List.of(
                            new Fill(new Point(10.123456789, 20), 4),
                            new Fill(new Point(5, 5), Fill.PAPER)),
                    List.of(new AreaGroup("Petals", List.of(new Point(1, 1.5), new Point(2, 9)))),
                    Recipes.flats(),
                    BlackRule.K_ONLY,
                    List.of(Settled.whole("tilt"), new Settled("speck", new Point(12, 30.5))));

    /** One of everything that can be decided about lines. */
    @TempDir private Path folder;

    private Path file;

    @BeforeEach
    void save() throws IOException {
        file = folder.resolve("job" + JobFile.ENDING);
        JobFile.save(file, JOB, new byte[] {(byte) 0x89, 'P', 'N', 'G'});
    }

    @Test
    void everythingComesBackToTheLastBit() throws IOException {
        Job opened = JobFile.open(file);
        assertThat(opened.source().bytes()).isEqualTo(SOURCE);
        assertThat(opened).usingRecursiveComparison().isEqualTo(JOB);
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
            assertThat(json).contains("\"format\" : \"neat-trace-job\"", "\"version\" : 5");
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
        for (int at = 0; at < whole.length; at += 37) {
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
        Path path = withJson("\"version\" : 5", "\"version\" : 7");
        assertThatThrownBy(() -> JobFile.open(path))
                .isInstanceOf(JobFileException.class)
                .hasMessageContaining("version 7")
                .hasMessageContaining("up to 5");
    }

    /** As the first version wrote it: the sheet had three settings, and no finding was settled. */
    @Test
    void aJobOfTheFirstVersionIsStillRead() throws IOException {
        String first =
                """
                {"format": "neat-trace-job", "version": 1, "title": "Old", "source": "Möwe 3.png",
                 "ppi": 0, "sheet": {"evenLight": false, "inkPercent": 44.5, "speckMm": 0.25},
                 "line": {"maxErrorPx": 0.3},
                 "close": {"gapMm": 1.0, "opened": [], "closed": [], "joins": []},
                 "swatches": [], "fills": [], "black": "RICH"}
                """;
        Path path = altered(change("job.json", first.getBytes(StandardCharsets.UTF_8)));
        Job old = JobFile.open(path);
        assertThat(old.recipe()).isEqualTo(SheetRecipe.plain(false, 44.5, 0.25));
        assertThat(old.settled()).isEmpty();
        assertThat(old.source().bytes()).isEqualTo(SOURCE);
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
        assertRefused(withJson("\"black\" : \"K_ONLY\"", "\"black\" : \"BROWN\""));
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

    /** Before ids were remembered the files told only which were in use. */
    @Test
    void anOlderFilesIdsAreTakenFromAllThatMentionsThem() throws IOException {
        Job opened = JobFile.open(withJson(",\n  \"lastSwatch\" : 12", ""));
        int used =
                Math.max(
                        opened.fills().stream().mapToInt(Fill::swatch).max().orElse(0),
                        opened.flat().forms().stream()
                                .flatMap(form -> form.needs().stream())
                                .max(Integer::compare)
                                .orElse(0));
        assertThat(opened.freeSwatchId()).isGreaterThan(Math.max(9, used)).isLessThan(1000);
    }

    /** Pictures were taken as they are stored before their way up was obeyed: places stay right. */
    @Test
    void anOlderFilesPictureStaysAsItWas() throws IOException {
        String opening =
                ",\n  \"opening\" : {\n    \"page\" : 0,\n    \"upright\" : true,\n    \"ppi\" : 0.0\n  }";
        Job opened = JobFile.open(withJson(opening, ""));
        assertThat(opened.source().opening()).isEqualTo(Opening.AS_STORED);
        assertThat(JobFile.open(file).source().opening()).isEqualTo(Opening.USUAL);
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
