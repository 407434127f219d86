/**
 * From ink to screen and back. Forward through an ICC profile (ICC.1) with the JDK's Little CMS;
 * back by a search, because the bundled profile only goes one way.
 */
package neattrace.press.profile;
