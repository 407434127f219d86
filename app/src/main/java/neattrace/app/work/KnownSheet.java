package neattrace.app.work;

import java.util.List;
import neattrace.finding.Findings;
import neattrace.gang.GangArranger;
import neattrace.gang.GangSheet;
import neattrace.gang.GangSticker;
import neattrace.goods.sheet.SheetFacts;
import neattrace.goods.sheet.StickerSheet;
import neattrace.inspection.GangInspection;

/**
 * A sheet with all that is known of it.
 *
 * @param sheet as it was when this was found out
 * @param stickers what became of its drawings
 * @param laid the stickers where they lie
 * @param places the numbers of their places on the sheet, in the same order
 * @param facts what was measured
 * @param findings what stands against it; nothing while it is still being arranged
 * @param arranged whether all is arranged that was to be
 */
public record KnownSheet(
        GangSheet sheet,
        List<GangSticker> stickers,
        StickerSheet laid,
        List<Integer> places,
        SheetFacts facts,
        Findings findings,
        boolean arranged) {

    static KnownSheet of(GangSheet sheet, List<GangSticker> stickers, boolean arranged) {
        StickerSheet laid = GangArranger.laid(sheet, stickers);
        return new KnownSheet(
                sheet,
                List.copyOf(stickers),
                laid,
                GangArranger.places(sheet, stickers),
                SheetFacts.of(laid),
                arranged ? GangInspection.of(sheet, stickers, laid) : Findings.NONE,
                arranged);
    }
}
