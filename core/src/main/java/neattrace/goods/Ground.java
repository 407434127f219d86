package neattrace.goods;

import neattrace.press.Rgb;

/**
 * What it is printed on or cut from.
 *
 * @param material what it is
 * @param colour its colour, on the screen
 */
public record Ground(Material material, Rgb colour) {

    /** What it can be. */
    public enum Material {
        PAPER,
        CLOTH,
        VINYL,
        CERAMIC,
        FILM,
        TRANSPARENT
    }
}
