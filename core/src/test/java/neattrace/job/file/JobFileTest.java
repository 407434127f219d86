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
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import neattrace.job.Job;
import neattrace.job.KeptFields;
import neattrace.press.PressProfile;
import neattrace.testing.Everything;
import org.assertj.core.api.recursive.comparison.RecursiveComparisonConfiguration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("thorough")
class JobFileTest {

    private static final byte[] SOURCE = Everything.JOB.source().bytes();

    private static final Job JOB = Everything.JOB;

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
