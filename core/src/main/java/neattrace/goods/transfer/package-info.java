/**
 * Transfer stencils: lines of one weight along the middles of what was drawn, bolder where they
 * border on what lies outside the drawing (flooded paper beside the line), at true size on one
 * sheet or several that overlap.
 */
package neattrace.goods.transfer;
