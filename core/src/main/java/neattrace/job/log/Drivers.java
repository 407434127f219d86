package neattrace.job.log;

/**
 * What drives the hours of a drawing.
 *
 * @param lineMm length of all lines, mm on paper
 * @param areas enclosed areas
 * @param colouredGoods kinds of goods that want colours
 * @param goods kinds of goods it is for
 * @param inks inks that cost a screen each; 0 where colours cost nothing
 */
public record Drivers(double lineMm, int areas, int colouredGoods, int goods, int inks) {

    public Drivers {
        if (!(lineMm >= 0) || areas < 0 || colouredGoods < 0 || goods < 0 || inks < 0) {
            throw new IllegalArgumentException("what drives the hours is counted from 0");
        }
    }
}
