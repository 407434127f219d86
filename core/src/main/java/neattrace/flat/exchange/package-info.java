/**
 * Palettes in open formats: lists of hex codes, CSS custom properties (W3C CSS Custom Properties
 * for Cascading Variables 1, CSS Color 4), CSV (RFC 4180, by Commons CSV), JSON (RFC 8259, by
 * Jackson) and CxF (ISO 17972-1; its element names are from memory).
 *
 * <p>Plain names for colours from lightness, chroma and hue of L*a*b* (where hues begin and end is
 * common practice, no source).
 */
package neattrace.flat.exchange;
