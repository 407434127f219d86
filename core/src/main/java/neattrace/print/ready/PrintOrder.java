package neattrace.print.ready;

import java.util.List;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.plate.PlateMaker;
import neattrace.press.separate.InkOrder;
import neattrace.print.PlateWork;
import neattrace.print.PrintPlan;

/** In which order the inks of a plan are printed. */
public final class PrintOrder {

    private PrintOrder() {}

    /**
     * Its inks.
     *
     * @param wished names of inks in an order of their own, see {@link InkOrder}
     */
    public static List<Colorant> of(PrintPlan plan, List<String> wished) {
        return InkOrder.of(PlateMaker.inks(PlateWork.of(plan)), new InkLook(plan.press()), wished);
    }
}
