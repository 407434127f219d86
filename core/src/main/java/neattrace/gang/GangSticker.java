package neattrace.gang;

import java.util.Optional;
import neattrace.goods.sticker.Sticker;

/**
 * What became of a drawing of a sheet.
 *
 * @param drawing what the sheet points at
 * @param title what it shows, for people
 * @param state a short name for all that is decided of it, another one whenever it would look
 *     otherwise; empty if it could not be read
 * @param sticker what is made of it; empty if nothing can be
 * @param trouble why nothing can be made of it, in a plain sentence; empty if it can
 * @param missing whether its file is gone
 */
public record GangSticker(
        GangDrawing drawing,
        String title,
        String state,
        Optional<Sticker> sticker,
        String trouble,
        boolean missing) {

    /** Whether the file is another than when it was laid last. */
    public boolean isChanged() {
        return !drawing.seen().isEmpty() && !state.isEmpty() && !drawing.seen().equals(state);
    }
}
