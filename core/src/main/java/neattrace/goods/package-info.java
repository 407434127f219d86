/**
 * What drawings are made into: what each kind of goods holds and asks for, how large a drawing
 * comes out on it. All lengths are on the finished thing.
 *
 * <p>Usual figures are common practice, no source, unless named; each can be changed and kept under
 * a name in a file of its own (docs/goods-format.md). Paper sizes: ISO 216:2007 and ANSI/ASME
 * Y14.1. An inch is 25.4 mm (international yard and pound agreement, 1959), a point 1/72 inch.
 */
package neattrace.goods;
