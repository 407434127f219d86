package neattrace.job.json;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDateTime;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.FileUse;
import neattrace.job.LogSection;
import neattrace.job.Settled;
import neattrace.job.WrittenFile;
import neattrace.job.log.WorkLog;
import neattrace.json.DamagedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LogJsonTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    @Test
    void aFindingOfAnyStationStaysWithIt() throws DamagedException {
        LogSection log =
                new LogSection(
                        List.of(
                                new Settled("make", "small", new Point(3.5, 40)),
                                Settled.whole("brief", "rights")),
                        List.of(
                                new WrittenFile(
                                        FileUse.PDF,
                                        3,
                                        "Möwe.pdf",
                                        LocalDateTime.of(2028, 2, 29, 23, 59, 7),
                                        "5f2c9a0be1d47e63")),
                        WorkLog.EMPTY,
                        List.of());
        ObjectNode node = MAPPER.createObjectNode();
        LogJson.write(log, node);
        LogSection read = LogJson.read(node);
        assertThat(read).isEqualTo(log);
        assertThat(read.hasSettled("make")).isTrue();
        assertThat(read.hasSettled("brief")).isTrue();
        assertThat(read.hasSettled("flats")).isFalse();
        assertThat(read.hasSettled("sheet")).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "tilt,sheet",
        "line-thin,line",
        "all-line-thin,line",
        "alike 1 2,flats",
        "cut,flats",
        "speck,sheet"
    })
    void earlierFilesDidNotTellOfTheStation(String what, String station) throws Exception {
        String json =
                "{\"settled\": [{\"what\": \""
                        + what
                        + "\", \"x\": 0, \"y\": 0}], \"written\": []}";
        ObjectNode log = MAPPER.createObjectNode();
        LogJson.write(LogSection.EMPTY, log);
        log.setAll((ObjectNode) MAPPER.readTree(json));
        LogSection read = LogJson.read(log);
        assertThat(read.settled()).containsExactly(Settled.whole(station, what));
    }
}
