package neattrace.app.station.sheet;

import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.sheet.SheetStep;

/** One step from scan to clean sheet. */
interface RecipeStep extends Step {

    /** The part of the recipe that can be switched off; null if it cannot. */
    SheetStep part();

    @Override
    default boolean isOn(Shown shown) {
        return part() == null || shown.drawing().job().recipe().isOn(part());
    }
}
