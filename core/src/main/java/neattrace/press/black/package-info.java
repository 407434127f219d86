/**
 * Black: what lies beneath it.
 *
 * <p>Solid black prints weak and grey, so solids and bold lines get colours beneath it, which are
 * kept back from its edge by as much as plates may lie off (common practice, no source). What is
 * bold is an opening of the black's shape and what is kept back an erosion of it (Serra, Image
 * Analysis and Mathematical Morphology, 1982), both as buffers.
 */
package neattrace.press.black;
