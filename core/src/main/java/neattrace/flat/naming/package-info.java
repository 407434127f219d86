/**
 * Plain names for colours from lightness, chroma and hue of L*a*b* (where hues begin and end is
 * common practice, no source).
 */
package neattrace.flat.naming;
