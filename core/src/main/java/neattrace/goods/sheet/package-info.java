/**
 * Sheets of stickers: a layout that a whole range shares, drawings and their copies arranged on it,
 * and all of it as one plan.
 */
package neattrace.goods.sheet;
