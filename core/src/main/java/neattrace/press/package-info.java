/**
 * Ink values: builds in CMYK, the black rule, and colour arithmetic.
 *
 * <p>From ink to screen and back. Forward through an ICC profile (ICC.1) with the JDK's Little CMS;
 * back by a search, because the bundled profile only goes one way.
 *
 * <p>Colour arithmetic: sRGB (IEC 61966-2-1:1999), CIE L*a*b* 1976 (ISO/CIE 11664-4) under D65 and
 * the CIEDE2000 colour difference (ISO/CIE 11664-6; Sharma, Wu and Dalal, Color Research and
 * Application 30(1), 2005).
 */
package neattrace.press;
