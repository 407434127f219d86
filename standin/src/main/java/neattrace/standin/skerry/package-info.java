/**
 * The drawings of the demo, our own: the Skerry Mail, a small island mail boat, and its gift shop.
 * Each is drawn in millimetres from back to front, and misses a few joints on purpose.
 */
package neattrace.standin.skerry;
