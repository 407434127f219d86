package neattrace.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Random;
import neattrace.goods.Costs;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/** Sums done by hand beside the checks. */
class PriceListTest {

    /** A screen print: 20 to set up, 15 for each of 3 inks, shirts at 4, 6 minutes each at 30. */
    private static final Costs SHIRTS = new Costs(20, 15, 0, 0, 3, 4, 2, 6, 30, 5, 50);

    /** Vinyl of 320 x 450 mm at 2.40 a sheet, 3 mm between the pieces. */
    private static final Costs VINYL = new Costs(0, 0, 320, 450, 3, 2.4, 0, 0, 0, 0, 0);

    private static PriceList.Row of(PriceList list, int pieces) {
        return list.rows().stream().filter(row -> row.pieces() == pieces).findFirst().orElseThrow();
    }

    @Test
    void costsAreWhatTheyAddUpTo() {
        PriceList.Row row = of(PriceList.of(SHIRTS, 3, 280, 300, 40), 40);
        // 20 + 3 x 15 = 65; 40 x 4 = 160; (2 h + 40 x 0.1 h) x 30 = 180; 5: 410; 10.25 each; 15.375
        assertThat(row.setUp()).isEqualTo(65);
        assertThat(row.material()).isEqualTo(160);
        assertThat(row.work()).isCloseTo(180, within(1e-9));
        assertThat(row.cost()).isCloseTo(410, within(1e-9));
        assertThat(row.costEach()).isCloseTo(10.25, within(1e-9));
        assertThat(row.priceEach()).as("rounded up").isEqualTo(15.38);
    }

    @Test
    void aPriceThatIsOneAlreadyIsNotRoundedUp() {
        Costs costs = new Costs(0, 0, 0, 0, 0, 0.1, 0, 0, 0, 0, 200);
        assertThat(of(PriceList.of(costs, 0, 10, 10, 0), 1).priceEach()).isEqualTo(0.3);
    }

    /**
     * (320 + 3) / 63 = 5.1 and (450 + 3) / 53 = 8.5: 40; turned (323 / 53 = 6.1) x (453 / 63): 42.
     */
    @Test
    void piecesLieInRowsTheWayMoreOfThemFit() {
        PriceList list = PriceList.of(VINYL, 0, 60, 50, 85);
        assertThat(list.onSheet()).isEqualTo(42);
        assertThat(of(list, 85).sheets()).isEqualTo(3);
        assertThat(of(list, 85).material()).isCloseTo(7.2, within(1e-9));
    }

    @Test
    void aPieceAsLargeAsTheSheetFitsAndALargerOneDoesNot() {
        assertThat(VINYL.onSheet(320, 450)).isEqualTo(1);
        assertThat(VINYL.onSheet(450, 320)).isEqualTo(1);
        PriceList list = PriceList.of(VINYL, 0, 330, 460, 10);
        assertThat(list.onSheet()).isZero();
        assertThat(list.rows()).isEmpty();
    }

    /** Rows laid out one by one never overlap the sheet, and one more would. */
    @Test
    void asManyFitAsCanBeLaidDown() {
        Random random = new Random(4);
        for (int n = 0; n < 500; n++) {
            double w = 5 + random.nextInt(200);
            double h = 5 + random.nextInt(200);
            Costs sheet =
                    new Costs(
                            0,
                            0,
                            50 + random.nextInt(600),
                            50 + random.nextInt(600),
                            random.nextInt(10),
                            1,
                            0,
                            0,
                            0,
                            0,
                            0);
            int most = Math.max(laid(sheet, w, h), laid(sheet, h, w));
            assertThat(sheet.onSheet(w, h)).isEqualTo(most);
        }
    }

    private static int laid(Costs sheet, double w, double h) {
        int count = 0;
        for (double y = 0; y + h <= sheet.sheetHeightMm(); y += h + sheet.spacingMm()) {
            for (double x = 0; x + w <= sheet.sheetWidthMm(); x += w + sheet.spacingMm()) {
                count++;
            }
        }
        return count;
    }

    @Test
    void tablesAreReadByAnotherProgram() throws IOException {
        StringBuilder csv = new StringBuilder();
        PriceList list = PriceList.of(SHIRTS, 3, 280, 300, 40);
        list.write(csv);
        assertThat(csv.toString()).as("RFC 4180, 2.1").contains("\r\n");
        List<CSVRecord> records =
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get()
                        .parse(new StringReader(csv.toString()))
                        .getRecords();
        assertThat(records).hasSameSizeAs(list.rows());
        CSVRecord forty =
                records.stream()
                        .filter(one -> one.get("pieces").equals("40"))
                        .findFirst()
                        .orElseThrow();
        assertThat(forty.get("cost")).isEqualTo("410.00");
        assertThat(forty.get("price each")).isEqualTo("15.38");
    }

    @Test
    void figuresOutOfRangeAreRefused() {
        assertThatThrownBy(() -> new Costs(-1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0))
                .hasMessageContaining("set-up");
        assertThatThrownBy(() -> new Costs(0, 0, 0, 0, 0, Double.NaN, 0, 0, 0, 0, 0))
                .hasMessageContaining("material");
    }
}
