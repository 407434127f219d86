/**
 * Colour arithmetic: sRGB (IEC 61966-2-1:1999), CIE L*a*b* 1976 (ISO/CIE 11664-4) under D65 and the
 * CIEDE2000 colour difference (ISO/CIE 11664-6; Sharma, Wu and Dalal, Color Research and
 * Application 30(1), 2005).
 */
package neattrace.press.colour;
