/**
 * A stand-in for a flatbed scanner: renders a drawing of known truth and spoils it as paper, light
 * and glass do. The same seed gives the same scan to the last bit.
 */
package neattrace.standin.scanner;
