package neattrace.goods;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import neattrace.files.Shelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GoodsFileTest {

    @TempDir private Path folder;

    private Path file() {
        return folder.resolve("one" + GoodsFile.ENDING);
    }

    @ParameterizedTest
    @EnumSource(GoodsKind.class)
    void goodsComeBackAsTheyWere(GoodsKind kind) throws IOException {
        Goods goods =
                UsualGoods.of(kind)
                        .withName("Tuesday market")
                        .withDetail(new Detail(0.3, 0.4, 1.25, 2.5, 1.5, 555));
        GoodsFile.save(file(), goods);
        assertThat(GoodsFile.open(file())).isEqualTo(goods);
    }

    @Test
    void theUndecidedComeBackAsWell() throws IOException {
        GoodsFile.save(file(), UsualGoods.UNDECIDED);
        assertThat(GoodsFile.open(file())).isEqualTo(UsualGoods.UNDECIDED);
    }

    @ParameterizedTest
    @CsvSource({
        "'\"version\" : 1', '\"version\" : 2', version 2",
        "'\"version\" : 1', '\"version\" : 0', version 0",
        "'\"lineMm\" : 0.25,', '', lineMm",
        "'\"lineMm\" : 0.25', '\"lineMm\" : \"NaN\"', no number",
        "'\"lineMm\" : 0.25', '\"lineMm\" : NaN', damaged",
        "'\"lineMm\" : 0.25', '\"lineMm\" : -1', 0 to 50 mm",
        "'\"widthMm\" : 60.0', '\"widthMm\" : 0', 1 to 20000 mm",
        "'\"widthMm\" : 60.0', '\"widthMm\" : 1e7', out of reach",
        "'\"kind\" : \"sticker\"', '\"kind\" : \"boat\"', boat",
        "'\"fit\" : \"width\"', '\"fit\" : \"round\"', not known",
        "'\"colour\" : \"#FFFFFF\"', '\"colour\" : \"white\"', no colour",
        "'neat-trace-goods', 'other', no goods",
        "'{', '[', damaged"
    })
    void aFileThatCannotBeUsedSaysWhy(String part, String instead, String message)
            throws IOException {
        GoodsFile.save(file(), UsualGoods.of(GoodsKind.STICKER));
        String json = Files.readString(file());
        assertThat(json).contains(part);
        Files.writeString(file(), json.replace(part, instead));
        assertThatThrownBy(() -> GoodsFile.open(file()))
                .isInstanceOf(GoodsException.class)
                .hasMessageContaining(message)
                .hasMessageEndingWith(".");
    }

    @Test
    void aFileThatIsNotThereSaysSo() {
        assertThatThrownBy(() -> GoodsFile.open(folder.resolve("nowhere.ntgoods")))
                .isInstanceOf(GoodsException.class);
    }

    @Test
    void goodsAreKeptUnderTheirNames() throws IOException {
        Shelf<Goods> shelf = GoodsFile.shelf(folder.resolve("shelf"));
        assertThat(shelf.all()).isEmpty();
        Goods vinyl = UsualGoods.of(GoodsKind.STICKER).withName("My printer's vinyl");
        Goods tote = UsualGoods.of(GoodsKind.SHIRT).withName("Tuesday market tote");
        Path kept = shelf.keep(tote);
        shelf.keep(vinyl);
        assertThat(shelf.all()).containsExactly(vinyl, tote);
        assertThat(shelf.find("MY PRINTER'S VINYL")).contains(vinyl);
        Files.writeString(kept, "{");
        assertThat(shelf.all()).as("a damaged one is passed over").containsExactly(vinyl);
        shelf.discard("My printer's vinyl");
        assertThat(shelf.all()).isEmpty();
    }
}
