package neattrace.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import neattrace.goods.GoodsFile;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.sheet.LayoutFile;
import neattrace.goods.sheet.SheetLayout;
import neattrace.plan.WorkHabits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Damaged files that a person keeps are not passed over in silence. */
class SetAsideTest {

    @TempDir private Path folder;

    @Test
    void damagedGoodsAndLayoutsAreSetAsideAndWholeOnesStay() throws IOException {
        var goods = GoodsFile.shelf(folder);
        goods.keep(UsualGoods.of(GoodsKind.STICKER).withName("Mine"));
        Path damaged = Files.writeString(folder.resolve("x" + GoodsFile.ENDING), "{");
        Path newer =
                Files.writeString(
                        folder.resolve("y" + GoodsFile.ENDING),
                        Files.readString(goods.keep(UsualGoods.of(GoodsKind.MUG).withName("Cup")))
                                .replaceFirst("(\"version\" : )\\d+", "$1999"));
        assertThat(goods.setDamagedAside())
                .containsExactly(damaged.resolveSibling(damaged.getFileName() + ".damaged"));
        assertThat(damaged).doesNotExist();
        assertThat(newer).exists();
        assertThat(goods.all()).hasSize(2);
        var layouts = LayoutFile.shelf(folder);
        layouts.keep(SheetLayout.USUAL);
        Files.writeString(folder.resolve("z" + LayoutFile.ENDING), "[1");
        assertThat(layouts.setDamagedAside()).hasSize(1);
        assertThat(layouts.all()).hasSize(1);
    }

    @Test
    void damagedHabitsAreSetAside() throws IOException {
        Path file = folder.resolve("habits.json");
        assertThat(WorkHabits.setDamagedAside(file)).isEmpty();
        WorkHabits.USUAL.withHoursADay(7).write(file);
        assertThat(WorkHabits.setDamagedAside(file)).isEmpty();
        Files.writeString(file, "nonsense");
        assertThat(WorkHabits.read(file)).isEqualTo(WorkHabits.USUAL);
        assertThat(WorkHabits.setDamagedAside(file)).isPresent();
        assertThat(file).doesNotExist();
    }
}
